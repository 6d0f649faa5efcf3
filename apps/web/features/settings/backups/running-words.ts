import type { BackupList } from '@round-mint/contract/backups';

/** What is being done, beside how far it is. */
export const RUNNING_WORDS: Readonly<Record<NonNullable<BackupList['running']>['what'], string>> = {
  backup: 'Making a backup',
  check: 'Reading everything once',
  look: 'Looking at what changes',
  restore: 'Restoring',
};
