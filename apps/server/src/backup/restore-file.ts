import { existsSync } from 'node:fs';
import { rename } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { restoreArchive } from '../archive/restore-archive';
import { sumOf } from '../archive/write-archive';
import { withZip } from '../archive/zip-source';
import { checkFolder } from '../db/folder-check';
import { lockFolder } from '../db/folder-lock';
import { DamagedDatabaseError, DATABASE_FOLDER, openDatabase, type DatabaseLocation } from '../db/database';
import { createBackups } from './backups';
import { isFolderCopy, unpackCopy } from './folder-copy';
import { pathOf } from './backup-files';

interface RestoreOptions {
  /** A path, or the id of a backup. */
  readonly file: string;
  readonly database: DatabaseLocation;
  readonly backupDir: string | undefined;
  readonly program: string;
  readonly say: (line: string) => void;
}

function found({ file, backupDir }: RestoreOptions): string {
  const places = [resolve(file), ...(backupDir ? [pathOf(backupDir, file), join(backupDir, file)] : [])];
  const path = places.find((place) => existsSync(place));
  if (path === undefined) throw new Error(`There is no backup ${file}; looked for ${places.join(', ')}.`);
  return path;
}

/** Puts a database that is of no use, or is to be replaced, beside: nothing is deleted. */
async function setAside(dataDir: string): Promise<string> {
  const aside = join(dataDir, `database-before-${new Date().toISOString().replace(/[-:.]/g, '')}`);
  await rename(join(dataDir, DATABASE_FOLDER), aside);
  return aside;
}

/** A copy of a database's own files takes the place of those that are there. */
async function restoreCopy(dataDir: string, path: string, say: RestoreOptions['say']): Promise<void> {
  await checkFolder(dataDir);
  const unlock = await lockFolder(dataDir);
  try {
    const next = join(dataDir, 'database-coming');
    await unpackCopy(path, next);
    if (existsSync(join(dataDir, DATABASE_FOLDER))) {
      say(`What was there is kept in ${await setAside(dataDir)}.`);
    }
    await rename(next, join(dataDir, DATABASE_FOLDER));
  } finally {
    await unlock();
  }
}

/** A database that can be worked in: the one that is there, or an empty one where that cannot be opened. */
async function openedOrNew(database: DatabaseLocation, say: RestoreOptions['say']) {
  try {
    return { opened: await openDatabase(database), isNew: false };
  } catch (error) {
    if (!(error instanceof DamagedDatabaseError) || !('dataDir' in database)) throw error;
    say(`The database cannot be opened; it is kept in ${await setAside(database.dataDir)}.`);
    return { opened: await openDatabase(database), isNew: true };
  }
}

/**
 * Puts a workshop back to a backup without a server: also one whose database cannot be opened any more.
 * @throws when the file is no backup or is damaged, or a server works in the folder
 */
export async function restoreFile(options: RestoreOptions): Promise<void> {
  const { database, backupDir, program, say } = options;
  const path = found(options);
  if ('dataDir' in database && (await isFolderCopy(path))) {
    await restoreCopy(database.dataDir, path, say);
    say(`Restored the database’s files from ${path}.`);
    return;
  }
  await withZip(path, async (source) => {
    say('Checking the backup …');
    await source.verify();
    const { opened, isNew } = await openedOrNew(database, say);
    try {
      if (!isNew && backupDir !== undefined) {
        say('Keeping what is there now …');
        const backups = createBackups({ database: opened, folder: backupDir, program });
        say(`Kept as ${(await backups.make('before-restore')).id}.`);
      }
      await restoreArchive(opened.db, source);
      say(
        `Restored ${sumOf(source.manifest.counts)} things from ${path}, as of ${source.manifest.exportedAt}.`,
      );
    } finally {
      await opened.close();
    }
  });
}
