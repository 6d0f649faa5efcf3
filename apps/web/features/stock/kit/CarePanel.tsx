import type { ShownTool } from '@round-mint/contract/kit';
import { countWords } from '@round-mint/core/format';
import { View } from 'react-native';
import { useSettings } from '@/features/shared/settings/use-settings';
import { dayAndYear } from '@/features/shared/words/dates';
import { useChangeSettingsMutation } from '@/store/api';
import { useLogToolEventsMutation } from '@/store/kit-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { toldNow, toOil } from './tool-wear';

/** Whether steel is to be oiled: after a damp week, or when it was long ago. */
export function CarePanel({ kit }: { kit: readonly ShownTool[] }) {
  const dispatch = useAppDispatch();
  const { dampAt } = useSettings();
  const [change] = useChangeSettingsMutation();
  const [tell, telling] = useLogToolEventsMutation();
  const now = new Date().toISOString();
  const due = toOil(kit, dampAt, now);
  const failed = (error: unknown) => dispatch(noticeShown({ text: problemText(error), problem: true }));
  const oil = () =>
    tell({ events: due.map(({ id }) => toldNow(id, { kind: 'oiled' })) })
      .unwrap()
      .then(() => dispatch(noticeShown({ text: `${countWords(due.length, 'tool')} oiled.` })))
      .catch(failed);
  const damp = () => change({ dampAt: now }).unwrap().catch(failed);
  const isDamp = dampAt !== null && due.length > 0;
  return (
    <View className="gap-2" testID="kit-care">
      {due.length > 0 ? (
        <Notice
          level="note"
          title={
            isDamp
              ? `It was damp on ${dayAndYear(dampAt)}: oil the steel, ${countWords(due.length, 'tool')}.`
              : `Oil the steel, ${countWords(due.length, 'tool')}: it was long ago.`
          }
        >
          Wipe each dry first. Never leave a punch in its die.
        </Notice>
      ) : null}
      <View className="flex-row items-center justify-between gap-3">
        {due.length > 0 ? (
          <Button label="All oiled" disabled={telling.isLoading} onPress={() => void oil()} />
        ) : (
          <Type as="small" className="flex-1">
            No steel is to be oiled now.
          </Type>
        )}
        <TextButton
          label="It was damp"
          describe="It was damp: steel is to be oiled"
          onPress={() => void damp()}
        />
      </View>
    </View>
  );
}
