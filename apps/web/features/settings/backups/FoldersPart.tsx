import type { BackupList } from '@round-mint/contract/backups';
import { useState } from 'react';
import { View } from 'react-native';
import { useGetAccessQuery } from '@/store/access-api';
import { useChangeBackupsMutation } from '@/store/backups-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Field } from '@/ui/Field';
import { Type } from '@/ui/Type';

/** Where backups lie, and the second place that each is copied to: a disk that can be taken along. */
export function FoldersPart({ folder, secondFolder }: Pick<BackupList, 'folder' | 'secondFolder'>) {
  const dispatch = useAppDispatch();
  const onMachine = useGetAccessQuery().data?.as === 'machine';
  const [change, { isLoading }] = useChangeBackupsMutation();
  const [text, setText] = useState(secondFolder ?? '');
  const [problem, setProblem] = useState<string>();
  const keep = async () => {
    setProblem(undefined);
    try {
      const { secondFolder: kept } = await change({ secondFolder: text.trim() || null }).unwrap();
      const done =
        kept === null ? 'Backups are kept in one folder.' : 'Backups are copied to the second folder.';
      dispatch(noticeShown({ text: done }));
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <View className="gap-2 border-b border-line pb-4">
      <Type as="heading">Where they are kept</Type>
      <Type as="small">{`On the machine, in ${folder ?? 'no folder'}. Kept are the last of each day for a week, of each week for a month, of each month for a year.`}</Type>
      {onMachine ? (
        <>
          <Field
            label="A second folder, such as a stick or another disk"
            hint="Each backup is copied there and read back. Empty for none."
            value={text}
            error={problem}
            onChangeText={setText}
            testID="second-folder"
          />
          <Button label="Save folder" disabled={isLoading} onPress={() => void keep()} />
        </>
      ) : (
        <Type as="small">
          {secondFolder === null
            ? 'A second folder is chosen on the machine itself.'
            : `And in ${secondFolder}.`}
        </Type>
      )}
    </View>
  );
}
