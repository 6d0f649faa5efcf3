import type { Backup, BackupList, PartChanges } from '@round-mint/contract/backups';
import { useEffect, useState } from 'react';
import { View } from 'react-native';
import { useRestoreBackupMutation } from '@/store/backups-api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { backupMoment, changeLines } from './backup-words';
import { RUNNING_WORDS } from './running-words';

interface RestoreSheetProps {
  backup: Backup;
  running: BackupList['running'];
  onClose: () => void;
}

function WhatChanges({ changes }: { changes: PartChanges }) {
  const lines = changeLines(changes);
  if (lines.length === 0) {
    return <Notice level="good" title="Nothing changes: the workshop is as this backup has it." />;
  }
  return (
    <View role="list" aria-label="What changes" className="gap-1">
      {lines.map(({ part, text }) => (
        <View role="listitem" key={part} className="border-b border-line py-1.5">
          <Type as="strong">{text}</Type>
        </View>
      ))}
    </View>
  );
}

/** A look at what a backup would change, and the restore itself. */
export function RestoreSheet({ backup, running, onClose }: RestoreSheetProps) {
  const dispatch = useAppDispatch();
  const [restore, { isLoading }] = useRestoreBackupMutation();
  const [changes, setChanges] = useState<PartChanges>();
  const [problem, setProblem] = useState<string>();
  const [asked, setAsked] = useState<{ abort: () => void }>();
  useEffect(() => {
    const look = restore({ id: backup.id, dryRun: true });
    look
      .unwrap()
      .then((result) => setChanges(result.changes))
      .catch((error: unknown) => setProblem(problemText(error)));
    return () => look.abort();
  }, [restore, backup.id]);
  const put = async () => {
    setProblem(undefined);
    const work = restore({ id: backup.id, dryRun: false });
    setAsked(work);
    try {
      await work.unwrap();
      dispatch(noticeShown({ text: 'Restored. What was there before is kept as a backup, too.' }));
      onClose();
    } catch (error) {
      setProblem(problemText(error));
    } finally {
      setAsked(undefined);
    }
  };
  return (
    <Sheet
      title={`Restore ${backupMoment(backup.at)}`}
      open
      onClose={onClose}
      footer={
        asked && isLoading ? (
          <Progress
            what={RUNNING_WORDS[running?.what ?? 'restore']}
            share={running && running.of > 0 ? running.done / running.of : 0}
            onStop={() => asked.abort()}
          />
        ) : (
          <Button
            look="main"
            label="Restore this backup"
            disabled={!changes || changeLines(changes).length === 0}
            onPress={() => void put()}
            testID="restore-now"
          />
        )
      }
    >
      <Type>
        The workshop becomes what it was then, on every device. What is there now is kept as a backup first,
        so that this can be taken back.
      </Type>
      <Type as="heading">What changes</Type>
      {changes ? <WhatChanges changes={changes} /> : problem ? null : <Type as="small">Looking …</Type>}
      {problem ? <Notice level="stop" title={problem} live /> : null}
    </Sheet>
  );
}
