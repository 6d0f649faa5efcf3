import { z } from 'zod';
import { archivePartSchema, partCountsSchema } from './archive-zip';
import { timeSchema } from './common';

/** Why a backup was made. */
export const BACKUP_KINDS = ['daily', 'asked', 'before-restore', 'before-upgrade'] as const;
export type BackupKind = (typeof BACKUP_KINDS)[number];

/** A backup is known by its time and its kind, which are its file's name, too. */
export const backupIdSchema = z
  .string()
  .regex(/^\d{8}T\d{9}Z-(daily|asked|before-restore|before-upgrade)$/, 'must be the id of a backup');

const checkSchema = z.object({
  ok: z.boolean(),
  /** What is wrong with it, in words. */
  problem: z.string().nullable(),
});

export const backupSchema = z.object({
  id: backupIdSchema,
  at: timeSchema,
  kind: z.enum(BACKUP_KINDS),
  bytes: z.number().int(),
  /** How many things it holds; null where it is a copy of the database's own files. */
  counts: partCountsSchema.nullable(),
  check: checkSchema,
  /** Whether it can be restored here; a copy of the database's files is, from the terminal. */
  restorable: z.boolean(),
});

export const backupListSchema = z.object({
  items: z.array(backupSchema),
  /** Where they lie on the machine; null where the workshop keeps none. */
  folder: z.string().nullable(),
  /** Where each is copied to besides, such as a disk that is taken along. */
  secondFolder: z.string().nullable(),
  lastGoodAt: timeSchema.nullable(),
  /** What went wrong last, in words. */
  problem: z.string().nullable(),
  /** What of the workshop's data is damaged, in words. */
  damage: z.string().nullable(),
  /** What is being done now. */
  running: z
    .object({
      what: z.enum(['backup', 'check', 'look', 'restore']),
      done: z.number().int(),
      of: z.number().int(),
    })
    .nullable(),
});

export const backupsPatchSchema = z.strictObject({
  secondFolder: z.string().trim().max(500, 'must be at most 500 characters').nullable(),
});

const changesOfPart = z.object({
  added: z.number().int(),
  changed: z.number().int(),
  removed: z.number().int(),
});
/** What a restore changes, table by table. */
export const partChangesSchema = z.partialRecord(archivePartSchema, changesOfPart);
export const restoreResultSchema = z.object({
  dryRun: z.boolean(),
  changes: partChangesSchema,
  /** The backup that was made of what was there before; null for a dry run. */
  before: backupIdSchema.nullable(),
});

export type Backup = z.infer<typeof backupSchema>;
export type BackupList = z.infer<typeof backupListSchema>;
export type PartChanges = z.infer<typeof partChangesSchema>;
export type RestoreResult = z.infer<typeof restoreResultSchema>;
