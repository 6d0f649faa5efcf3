import type { ImportResult } from '@round-mint/contract/archive';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { useState } from 'react';
import { View } from 'react-native';
import { useTakeFileInMutation } from '@/store/backups-api';
import { addressOf } from '@/store/call';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { download } from '@/ui/download';
import { Notice } from '@/ui/Notice';
import { pickFile } from '@/ui/pick-file';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { countsWords, partWords } from './backup-words';

interface Look {
  readonly file: File;
  readonly result: ImportResult;
}

function Collisions({ collided }: Pick<ImportResult, 'collided'>) {
  if (collided.count === 0) return null;
  return (
    <View className="gap-1">
      <Notice
        level="warn"
        title={`${collided.count} of them stand here in another way, and stay as they are here.`}
      />
      {collided.items.map(({ part, id, name }) => (
        <Type as="small" key={`${part}/${id}`}>{`${partWords(part, 1)}: ${name || id}`}</Type>
      ))}
    </View>
  );
}

/** The whole workshop out as one file, and a file in: for another machine, or to keep elsewhere. */
export function WholeFilePart() {
  const dispatch = useAppDispatch();
  const [take, { isLoading }] = useTakeFileInMutation();
  const [look, setLook] = useState<Look>();
  const [problem, setProblem] = useState<string>();
  const choose = async () => {
    setProblem(undefined);
    const file = await pickFile({ accept: '.zip,.json' });
    if (!file) return;
    try {
      setLook({ file, result: await take({ file, dryRun: true }).unwrap() });
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  const takeIn = async () => {
    if (!look) return;
    try {
      await take({ file: look.file, dryRun: false }).unwrap();
      dispatch(noticeShown({ text: 'The file is imported.' }));
    } catch (error) {
      setProblem(problemText(error));
    }
    setLook(undefined);
  };
  return (
    <View className="gap-2 border-b border-line pb-4">
      <Type as="heading">The whole workshop as a file</Type>
      <Type as="small">
        For another machine, or to keep elsewhere: everything, with its photos, as one zip.
      </Type>
      <View className="flex-row flex-wrap gap-2">
        <Button
          className="flex-1"
          label="Save everything"
          onPress={() => download(addressOf(workshop.exportZip, {}))}
        />
        <Button
          className="flex-1"
          label={isLoading ? 'Reading …' : 'Import a file'}
          disabled={isLoading}
          onPress={() => void choose()}
        />
      </View>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {look ? (
        <Sheet
          title="Import this file?"
          open
          onClose={() => setLook(undefined)}
          footer={
            <Button look="main" label="Take it in" disabled={isLoading} onPress={() => void takeIn()} />
          }
        >
          <Type>{`It adds ${countsWords(look.result.added)}. ${look.result.same} things are here already, just so.`}</Type>
          <Type>Nothing that is here is changed, but the settings: those are the file’s.</Type>
          <Collisions collided={look.result.collided} />
        </Sheet>
      ) : null}
    </View>
  );
}
