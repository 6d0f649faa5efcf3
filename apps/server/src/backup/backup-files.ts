import { backupIdSchema, backupSchema, type Backup, type BackupKind } from '@round-mint/contract/backups';
import { copyFile, open, readdir, rename, rm, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { withZip } from '../archive/zip-source';
import { makePrivateFolder } from '../files/private-files';

const ENDING = '.zip';
/** Of a file that is not whole yet. */
const PART = '.part';

/** A backup's id, which is its file's name: when it was made, and why. */
export function backupId(at: Date, kind: BackupKind): string {
  return `${at.toISOString().replace(/[-:.]/g, '')}-${kind}`;
}

/** When a backup was made and why, as its id tells. */
function told(id: string): Pick<Backup, 'id' | 'at' | 'kind'> {
  const [stamp = '', ...words] = id.split('-');
  const at = stamp.replace(/^(\d{4})(\d\d)(\d\d)T(\d\d)(\d\d)(\d\d)(\d{3})Z$/, '$1-$2-$3T$4:$5:$6.$7Z');
  return { id, at, kind: words.join('-') as BackupKind };
}

export function pathOf(folder: string, id: string): string {
  return join(folder, `${id}${ENDING}`);
}

/** Bytes of a backup's file; undefined where it was taken away a moment ago, to make room for later ones. */
async function bytesOf(folder: string, id: string): Promise<number | undefined> {
  try {
    return (await stat(pathOf(folder, id))).size;
  } catch {
    return undefined;
  }
}

/** A backup as its file tells; undefined where there is none. Its content was read back before it got its name. */
async function describe(folder: string, id: string): Promise<Backup | undefined> {
  const bytes = await bytesOf(folder, id);
  if (bytes === undefined) return undefined;
  const base = { ...told(id), bytes };
  // A copy of the database's own files is checked when it is made, and put back from the terminal.
  if (base.kind === 'before-upgrade') {
    return backupSchema.parse({
      ...base,
      counts: null,
      check: { ok: true, problem: null },
      restorable: false,
    });
  }
  try {
    const counts = await withZip(pathOf(folder, id), async ({ manifest }) => manifest.counts);
    return backupSchema.parse({ ...base, counts, check: { ok: true, problem: null }, restorable: true });
  } catch (error) {
    const problem = error instanceof Error ? error.message : String(error);
    return backupSchema.parse({ ...base, counts: null, check: { ok: false, problem }, restorable: false });
  }
}

async function namesIn(folder: string): Promise<readonly string[]> {
  try {
    return await readdir(folder);
  } catch {
    // There is none before the first backup.
    return [];
  }
}

/** Ids of the backups in a folder. */
export async function idsIn(folder: string): Promise<readonly Pick<Backup, 'id' | 'at' | 'kind'>[]> {
  return (await namesIn(folder))
    .filter((name) => name.endsWith(ENDING))
    .map((name) => name.slice(0, -ENDING.length))
    .filter((id) => backupIdSchema.safeParse(id).success)
    .map(told);
}

/** Every backup in a folder, latest first. */
export async function listFiles(folder: string): Promise<Backup[]> {
  const ids = await idsIn(folder);
  const backups = await Promise.all(ids.map(({ id }) => describe(folder, id)));
  return backups.flatMap((backup) => backup ?? []).toSorted((a, b) => b.at.localeCompare(a.at));
}

/** One backup by its id; undefined where there is none. */
export async function oneFile(folder: string, id: string): Promise<Backup | undefined> {
  const isThere = (await idsIn(folder)).some((known) => known.id === id);
  return isThere ? describe(folder, id) : undefined;
}

/** Takes away what a backup that was broken off left behind. */
export async function clearParts(folder: string): Promise<void> {
  const parts = (await namesIn(folder)).filter((name) => name.endsWith(PART));
  await Promise.all(parts.map((name) => rm(join(folder, name), { force: true })));
}

export async function removeFiles(folder: string, ids: readonly { readonly id: string }[]): Promise<void> {
  await Promise.all(ids.map(({ id }) => rm(pathOf(folder, id), { force: true })));
}

/** Writes down what the system still holds in memory: a name must not outlive its content. */
async function settle(path: string): Promise<void> {
  const handle = await open(path, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/**
 * Makes a file that has its name only once it is whole and was checked.
 * @param write puts the content into a file
 * @param check reads it back; what it throws leaves no file
 */
export async function madeWhole(
  folder: string,
  id: string,
  write: (path: string) => Promise<void>,
  check: (path: string) => Promise<void>,
): Promise<void> {
  await makePrivateFolder(folder);
  const part = `${pathOf(folder, id)}${PART}`;
  try {
    await write(part);
    await settle(part);
    await check(part);
    await rename(part, pathOf(folder, id));
  } catch (error) {
    await rm(part, { force: true });
    throw error;
  }
}

/** Copies a backup into another folder, and checks it there. */
export async function copyBackup(
  from: string,
  to: string,
  id: string,
  check: (path: string) => Promise<void>,
): Promise<void> {
  await madeWhole(to, id, (part) => copyFile(pathOf(from, id), part), check);
}
