import type { ShownTool } from '@round-mint/contract/kit';
import { capital } from '@round-mint/core/format';
import {
  CARE_WORDS,
  canRust,
  FAULT_NAMES,
  faultEffect,
  faultsFor,
  faultWords,
  spareFor,
  type Kit,
  type ToolEventBody,
  type ToolFault,
} from '@round-mint/core/kit';
import { View } from 'react-native';
import { TextLink } from '@/features/shared/screen/TextLink';
import { useLogToolEventsMutation } from '@/store/kit-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { passesWords, toldNow, wearHistory } from './tool-wear';

interface WearSheetProps {
  tool: ShownTool;
  kit: Kit;
  passes: number | undefined;
  onClose: () => void;
}

/** A fault that the tool has, what it does, and its end. */
function Fault({
  tool,
  fault,
  onMended,
}: Pick<WearSheetProps, 'tool'> & { fault: ToolFault; onMended: () => void }) {
  const { remedy, isAvoided } = faultEffect(tool.spec.kind, fault);
  return (
    <Notice
      level={isAvoided ? 'warn' : 'note'}
      title={`${faultWords(tool.spec.kind, fault)}.`}
      end={<TextButton label="Mended" describe={`Mended: ${FAULT_NAMES[fault]}`} onPress={onMended} />}
    >
      {remedy}
    </Notice>
  );
}

/** What is wrong with a tool, how often it was used, how it is looked after, and all that happened to it. */
export function WearSheet({ tool, kit, passes, onClose }: WearSheetProps) {
  const dispatch = useAppDispatch();
  const [tell, { isLoading }] = useLogToolEventsMutation();
  const { spec, faults } = tool;
  const say = (body: ToolEventBody) =>
    tell({ events: [toldNow(tool.id, body)] })
      .unwrap()
      .catch((error: unknown) => dispatch(noticeShown({ text: problemText(error), problem: true })));
  const spare = faults.length > 0 ? spareFor(kit, tool) : undefined;
  const history = wearHistory(tool);
  const last = history[0];
  return (
    <Sheet title={tool.name} open onClose={onClose}>
      <Type as="small">{passesWords(tool, passes)}</Type>
      {faults.map((fault) => (
        <Fault key={fault} tool={tool} fault={fault} onMended={() => void say({ kind: 'mended', fault })} />
      ))}
      {spare ? <Type as="label">{`Does as well: ${spare.name}`}</Type> : null}
      <Type as="heading">Mark it</Type>
      <View className="flex-row flex-wrap gap-2">
        {faultsFor(spec.kind)
          .filter((fault) => !faults.includes(fault))
          .map((fault) => (
            <Button
              key={fault}
              label={capital(FAULT_NAMES[fault])}
              disabled={isLoading}
              onPress={() => void say({ kind: 'fault', fault })}
            />
          ))}
      </View>
      <Type as="heading">Care</Type>
      <Type>{CARE_WORDS[spec.kind]}</Type>
      <View className="flex-row flex-wrap gap-2">
        {canRust(spec) ? (
          <Button label="Oiled" disabled={isLoading} onPress={() => void say({ kind: 'oiled' })} />
        ) : null}
        <Button
          label="Replaced"
          describe="Replaced by a new one of the same measures"
          disabled={isLoading}
          onPress={() => void say({ kind: 'replaced' })}
        />
      </View>
      <Type as="small">
        Replaced by one of the same measures, it keeps its history here; passes and what is learnt of it begin
        again.
      </Type>
      <Type as="heading">What happened to it</Type>
      {history.length === 0 ? <Type as="small">Nothing was marked yet.</Type> : null}
      <View role="list" aria-label="What happened to it">
        {history.map(({ id, words, day, ringId }) => (
          <View key={id} role="listitem" className="border-b border-line py-2">
            <View className="flex-row justify-between gap-3">
              <Type>{capital(words)}</Type>
              <Type as="small">{day}</Type>
            </View>
            {ringId ? (
              <TextLink
                href={{ pathname: '/log/[id]', params: { id: ringId } }}
                label="The ring it was found at"
              />
            ) : null}
          </View>
        ))}
      </View>
      {last ? (
        <View className="items-start">
          <TextButton
            label="Take the last one back"
            onPress={() => void say({ kind: 'undone', eventId: last.id })}
          />
        </View>
      ) : null}
    </Sheet>
  );
}
