import {
  backupIdSchema,
  backupListSchema,
  backupSchema,
  backupsPatchSchema,
  restoreResultSchema,
} from './backups';
import { dryRunQuerySchema } from './common';
import { endpoint, type Endpoint } from './endpoint';

const BACKUP = 'backup';
const params = { id: backupIdSchema };

/** Copies of the workshop that are made by themselves, and when asked for. */
export const backups = {
  list: endpoint({
    method: 'get',
    path: '/backups',
    summary: 'Backups with their size, what they hold and the result of their check, latest first',
    response: backupListSchema,
  }),
  make: endpoint({
    method: 'post',
    path: '/backups',
    summary: 'Make a backup now; it is given up when the caller goes away',
    response: backupSchema,
    creates: true,
    heavy: true,
    errors: ['backup-failed', 'backup-running', 'no-backups'],
  }),
  change: endpoint({
    method: 'patch',
    path: '/backups',
    summary: 'Choose a second folder on the machine that every backup is copied to',
    request: backupsPatchSchema,
    response: backupListSchema,
    errors: ['machine-only', 'no-backups'],
  }),
  file: endpoint({
    method: 'get',
    path: '/backups/{id}/file.zip',
    summary: 'A backup as a file',
    thing: BACKUP,
    params,
    media: 'application/zip',
    errors: ['not-found'],
  }),
  restore: endpoint({
    method: 'post',
    path: '/backups/{id}/restore',
    summary:
      'Put the workshop back to a backup, after one of what is there now; a dry run only tells what changes',
    thing: BACKUP,
    params,
    query: dryRunQuerySchema,
    response: restoreResultSchema,
    heavy: true,
    errors: ['not-found', 'backup-failed', 'backup-running', 'no-backups'],
  }),
} satisfies Readonly<Record<string, Endpoint>>;
