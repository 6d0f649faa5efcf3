import type { Backup, BackupList } from '@round-mint/contract/backups';
import { useState } from 'react';
import { View } from 'react-native';
import { useListBackupsQuery, useMakeBackupMutation } from '@/store/backups-api';
import { problemText } from '@/store/problem';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { Fetched } from '@/ui/Waiting';
import { newestGood, standing } from './backup-words';
import { BackupRow } from './BackupRow';
import { FoldersPart } from './FoldersPart';
import { RestoreSheet } from './RestoreSheet';
import { RUNNING_WORDS } from './running-words';
import { WholeFilePart } from './WholeFilePart';

/** While something runs, the list is asked for this often, ms. */
const POLL_MS = 1000;

/** Copies of the workshop: how they stand, a new one, and putting one back. */
export function BackupsScreen() {
  const [busy, setBusy] = useState(false);
  const list = useListBackupsQuery(undefined, {
    pollingInterval: busy ? POLL_MS : 0,
    refetchOnMountOrArgChange: true,
  });
  return (
    <Fetched from={list} what="the backups">
      {(backups) => <Backups backups={backups} onBusy={setBusy} />}
    </Fetched>
  );
}

function Standing({ backups, onRestore }: { backups: BackupList; onRestore: (backup: Backup) => void }) {
  const { level, title } = standing(backups.lastGoodAt, new Date());
  const newest = newestGood(backups.items);
  return (
    <View className="border-b border-line pb-3">
      {backups.damage === null ? null : (
        <Notice
          level="stop"
          title="The workshop’s data are damaged."
          live
          end={newest ? <TextButton label="restore" onPress={() => onRestore(newest)} /> : undefined}
        >
          {newest ? `${backups.damage} The newest good backup can be restored.` : backups.damage}
        </Notice>
      )}
      <Notice level={level} title={title} testID="last-backup" />
      {backups.problem === null ? null : <Notice level="warn" title={backups.problem} live />}
    </View>
  );
}

function Backups({ backups, onBusy }: { backups: BackupList; onBusy: (busy: boolean) => void }) {
  const [make, { isLoading }] = useMakeBackupMutation();
  const [asked, setAsked] = useState<{ abort: () => void }>();
  const [problem, setProblem] = useState<string>();
  const [restoring, setRestoring] = useState<Backup>();
  const { running } = backups;
  const now = async () => {
    setProblem(undefined);
    const work = make();
    setAsked(work);
    onBusy(true);
    try {
      await work.unwrap();
    } catch (error) {
      setProblem(problemText(error));
    } finally {
      onBusy(false);
    }
  };
  const open = (backup: Backup | undefined) => {
    setRestoring(backup);
    onBusy(backup !== undefined);
  };
  return (
    <Screen
      maxWidth={640}
      testID="backups-screen"
      header={
        <>
          <Type as="title">Backups</Type>
          <Type as="small">Copies of the whole workshop, made each day and read back</Type>
        </>
      }
      footer={
        isLoading ? (
          <Progress
            what={RUNNING_WORDS[running?.what ?? 'backup']}
            share={running && running.of > 0 ? running.done / running.of : 0}
            onStop={() => asked?.abort()}
          />
        ) : (
          <Button
            look="main"
            label="Back up now"
            disabled={backups.folder === null}
            onPress={() => void now()}
          />
        )
      }
    >
      <Standing backups={backups} onRestore={open} />
      {problem ? <Notice level="stop" title={problem} live /> : null}
      {backups.items.length === 0 ? null : (
        <View role="list" aria-label="Backups">
          {backups.items.map((backup) => (
            <BackupRow key={backup.id} backup={backup} onRestore={() => open(backup)} />
          ))}
        </View>
      )}
      {backups.folder === null ? (
        <Notice
          level="warn"
          title="This workshop lies on a database server: set DATA_DIR, and backups are kept there."
        />
      ) : (
        <FoldersPart folder={backups.folder} secondFolder={backups.secondFolder} />
      )}
      <WholeFilePart />
      {restoring ? (
        <RestoreSheet backup={restoring} running={running} onClose={() => open(undefined)} />
      ) : null}
    </Screen>
  );
}
