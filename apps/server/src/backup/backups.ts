import type { Backup, BackupKind, BackupList, RestoreResult } from '@round-mint/contract/backups';
import { readFile } from 'node:fs/promises';
import { isAbsolute, join } from 'node:path';
import { z } from 'zod';
import { readEverything } from '../archive/read-lines';
import { compareWithArchive, restoreArchive } from '../archive/restore-archive';
import { countParts, writeArchive } from '../archive/write-archive';
import { withZip } from '../archive/zip-source';
import type { OpenDatabase } from '../db/database';
import { makePrivateFolder, privateStream, writeWhole } from '../files/private-files';
import { HttpError, notFound } from '../http/errors';
import {
  backupId,
  clearParts,
  copyBackup,
  idsIn,
  listFiles,
  madeWhole,
  oneFile,
  pathOf,
  removeFiles,
} from './backup-files';
import { isDue, outlived } from './backup-keeping';
import { missingSince } from './lost-rows';

/** What is asked of a workshop's backups. */
export interface BackupOptions {
  readonly database: Pick<OpenDatabase, 'db' | 'kind'>;
  /** Where they lie; undefined where the workshop has no folder. */
  readonly folder: string | undefined;
  /** Version of the program. */
  readonly program: string;
}

type Running = NonNullable<BackupList['running']>;

/** Where the second folder is written down: beside the backups, so that it outlives the database. */
const KEEPING_FILE = 'keeping.json';
const keepingSchema = z.object({ secondFolder: z.string().nullable() });
/** Without a backup for longer than this, the maker is told. */
const WARN_AFTER_DAYS = 3;
const DAY_MS = 86_400_000;

const verified = (path: string) => withZip(path, (source) => source.verify());

function wordsOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}

export type Backups = ReturnType<typeof createBackups>;

/** A workshop's backups: made, checked, kept, and put back. One thing is done at a time. */
export function createBackups({ database, folder: chosen, program }: BackupOptions) {
  let running: Running | null = null;
  let problem: string | null = null;
  let damage: string | null = null;

  function folder(): string {
    if (chosen === undefined) throw new HttpError('no-backups');
    return chosen;
  }

  async function secondFolder(): Promise<string | null> {
    if (chosen === undefined) return null;
    try {
      const text = await readFile(join(chosen, KEEPING_FILE), 'utf8');
      return keepingSchema.parse(JSON.parse(text)).secondFolder;
    } catch {
      return null;
    }
  }

  async function alone<T>(
    what: Running['what'],
    work: (progress: (done: number, of: number) => void) => Promise<T>,
  ): Promise<T> {
    if (running) throw new HttpError('backup-running');
    running = { what, done: 0, of: 0 };
    try {
      return await work((done, of) => {
        running = { what, done, of };
      });
    } finally {
      running = null;
    }
  }

  async function list(): Promise<BackupList> {
    const items = chosen === undefined ? [] : await listFiles(chosen);
    return {
      items,
      folder: chosen ?? null,
      secondFolder: await secondFolder(),
      lastGoodAt: items.find(({ check }) => check.ok)?.at ?? null,
      problem,
      damage,
      running,
    };
  }

  /** A backup that failed is told until one is good. */
  async function write(
    kind: BackupKind,
    signal: AbortSignal | undefined,
    onProgress: (done: number, of: number) => void,
  ): Promise<string> {
    const id = backupId(new Date(), kind);
    try {
      await madeWhole(
        folder(),
        id,
        async (path) => {
          await writeArchive(database, privateStream(path), { program, signal, onProgress });
        },
        verified,
      );
      const second = await secondFolder();
      if (second !== null) {
        await copyBackup(folder(), second, id, verified);
        await removeFiles(second, outlived(await idsIn(second)));
      }
      problem = null;
    } catch (error) {
      if (signal?.aborted) throw error;
      problem = `The last backup failed: ${wordsOf(error)}`;
      throw new HttpError('backup-failed', problem);
    }
    await removeFiles(folder(), outlived(await idsIn(folder())));
    return id;
  }

  async function found(id: string): Promise<Backup> {
    const backup = await oneFile(folder(), id);
    if (!backup) throw notFound('backup');
    return backup;
  }

  return {
    list,

    /** Makes a backup now. @throws HttpError 409 when it fails or another is under way */
    make: async (kind: BackupKind, signal?: AbortSignal): Promise<Backup> =>
      found(await alone('backup', (onProgress) => write(kind, signal, onProgress))),

    /** The file of a backup. @throws HttpError 404 */
    file: async (id: string): Promise<string> => pathOf(folder(), (await found(id)).id),

    /** Chooses where each backup is copied to besides; what is here already is copied, too. */
    async keepAlsoIn(second: string | null): Promise<BackupList> {
      const here = folder();
      const wanted = second === '' ? null : second;
      if (wanted !== null && !isAbsolute(wanted)) {
        const message = 'must be a whole path on the machine, such as /media/stick/backups';
        throw new HttpError('invalid', `secondFolder ${message}`, [{ path: 'secondFolder', message }]);
      }
      await makePrivateFolder(here);
      if (wanted !== null) {
        try {
          const [latest] = (await listFiles(here)).filter(({ restorable }) => restorable);
          await makePrivateFolder(wanted);
          if (latest) await copyBackup(here, wanted, latest.id, verified);
        } catch (error) {
          const message = `cannot be written to: ${wordsOf(error)}`;
          throw new HttpError('invalid', `secondFolder ${message}`, [{ path: 'secondFolder', message }]);
        }
      }
      await writeWhole(join(here, KEEPING_FILE), JSON.stringify({ secondFolder: wanted }));
      return list();
    },

    /** Puts the workshop back to a backup, after one of what is there now; a dry run only looks. */
    async restore(id: string, dryRun: boolean, signal?: AbortSignal): Promise<RestoreResult> {
      const { restorable, check } = await found(id);
      if (!restorable)
        throw new HttpError('backup-failed', check.problem ?? 'This one is put back from the terminal.');
      return withZip(pathOf(folder(), id), (source) =>
        alone(dryRun ? 'look' : 'restore', async (onProgress) => {
          const asked = { signal, onProgress };
          const changes = await compareWithArchive(database.db, source, asked);
          if (dryRun) return { dryRun, changes, before: null };
          const before = await write('before-restore', signal, onProgress);
          await restoreArchive(database.db, source, asked);
          damage = null;
          return { dryRun, changes, before };
        }),
      );
    },

    /** Reads everything there is, and says what is damaged or missing. */
    async check(): Promise<void> {
      await alone('check', async () => {
        try {
          await readEverything(database.db);
          const items = chosen === undefined ? [] : await listFiles(chosen);
          damage = missingSince(items, await countParts(database.db));
        } catch (error) {
          damage = wordsOf(error);
        }
      });
    },

    /** Makes the day's backup if there is none yet. */
    async makeIfDue(now = new Date()): Promise<void> {
      if (chosen === undefined || running) return;
      if (isDue(await idsIn(chosen), now))
        await alone('backup', (onProgress) => write('daily', undefined, onProgress));
    },

    /** What the maker should know of before they look here: damage, or no backup for days. */
    async warning(now = new Date()): Promise<string | null> {
      if (damage !== null) return damage;
      if (chosen === undefined) return null;
      const [latest] = (await idsIn(chosen)).toSorted((a, b) => b.at.localeCompare(a.at));
      const lateDays = latest ? (now.getTime() - Date.parse(latest.at)) / DAY_MS : 0;
      if (lateDays <= WARN_AFTER_DAYS) return problem;
      return `The last backup is ${Math.floor(lateDays)} days old.`;
    },

    clearParts: async () => (chosen === undefined ? undefined : clearParts(chosen)),
    damage: () => damage,
  };
}
