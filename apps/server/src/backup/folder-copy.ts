import { sql } from 'drizzle-orm';
import { createReadStream } from 'node:fs';
import { mkdir, readdir } from 'node:fs/promises';
import { dirname, join, relative } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { finished, pipeline } from 'node:stream/promises';
import type { Entry } from 'yauzl';
import { z } from 'zod';
import { addFile, openZipFile, writeZip, type OpenZip } from '../archive/zip-files';
import type { Database } from '../db/database';
import { privateStream } from '../files/private-files';
import { madeWhole, backupId } from './backup-files';

const MANIFEST = 'manifest.json';

const manifestSchema = z.object({
  format: z.literal('round-mint-folder'),
  /** Migrations that the database had. */
  schema: z.number(),
  program: z.string(),
  files: z.number(),
});
export type FolderManifest = z.infer<typeof manifestSchema>;

/** Every file and every empty folder below a folder. */
async function below(folder: string): Promise<{ files: readonly string[]; empty: readonly string[] }> {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const nameOf = (entry: (typeof entries)[number]) => relative(folder, join(entry.parentPath, entry.name));
  const full = new Set(entries.map((entry) => relative(folder, entry.parentPath)));
  return {
    files: entries.filter((entry) => entry.isFile()).map(nameOf),
    empty: entries.filter((entry) => entry.isDirectory() && !full.has(nameOf(entry))).map(nameOf),
  };
}

async function writeCopy(
  folder: string,
  path: string,
  told: Omit<FolderManifest, 'format' | 'files'>,
): Promise<void> {
  const { files, empty } = await below(folder);
  await writeZip(privateStream(path), async (zip) => {
    for (const name of empty) zip.addEmptyDirectory(name);
    for (const name of files) await addFile(zip, name, createReadStream(join(folder, name)));
    const manifest: FolderManifest = { format: 'round-mint-folder', ...told, files: files.length };
    zip.addBuffer(Buffer.from(JSON.stringify(manifest)), MANIFEST);
  });
}

interface Copy extends OpenZip {
  readonly manifest: FolderManifest;
}

/** Opens a copy of a database's files; undefined for any other zip. */
async function openCopy(path: string): Promise<Copy | undefined> {
  const zip = await openZipFile(path);
  const described = zip.entries.get(MANIFEST);
  const text = described && (await buffer(await zip.read(described))).toString();
  const manifest = manifestSchema.safeParse(text && JSON.parse(text));
  if (manifest.success) return { ...zip, manifest: manifest.data };
  zip.close();
  return undefined;
}

/** What was copied, files and empty folders: all but the copy's own word on it. */
function copied({ entries }: Copy): readonly Entry[] {
  return [...entries.values()].filter(({ fileName }) => fileName !== MANIFEST);
}

const isFolder = ({ fileName }: Entry) => fileName.endsWith('/');

/** Reads a copy back. @throws when a file of it is missing or damaged */
async function verifyCopy(path: string): Promise<void> {
  const copy = await openCopy(path);
  if (!copy) throw new Error('the copy cannot be read back');
  try {
    const files = copied(copy).filter((entry) => !isFolder(entry));
    if (files.length !== copy.manifest.files) throw new Error('the copy lacks files');
    for (const entry of files) await finished((await copy.read(entry)).resume());
  } finally {
    copy.close();
  }
}

interface Upgrade {
  /** The database's own files. */
  readonly databaseDir: string;
  readonly backupDir: string;
  /** Migrations that it has before. */
  readonly schema: number;
  readonly program: string;
}

/**
 * Copies a database's own files before they are taken over by a newer version: whatever that does to them, the older
 * program still reads the copy. Nothing else may be asked of the database meanwhile.
 * @returns the copy's id
 */
export async function copyBeforeUpgrade(db: Database, upgrade: Upgrade): Promise<string> {
  const { databaseDir, backupDir, schema, program } = upgrade;
  // What it holds in memory goes to its files first.
  await db.execute(sql`checkpoint`);
  const id = backupId(new Date(), 'before-upgrade');
  await madeWhole(backupDir, id, (path) => writeCopy(databaseDir, path, { schema, program }), verifyCopy);
  return id;
}

/**
 * Unpacks a copy of a database's files.
 * @returns whether the file is such a copy; nothing is written where it is none
 */
export async function unpackCopy(path: string, databaseDir: string): Promise<boolean> {
  const copy = await openCopy(path);
  if (!copy) return false;
  try {
    await mkdir(databaseDir, { recursive: true });
    for (const entry of copied(copy)) {
      const target = join(databaseDir, entry.fileName);
      await mkdir(isFolder(entry) ? target : dirname(target), { recursive: true });
      if (!isFolder(entry)) await pipeline(await copy.read(entry), privateStream(target));
    }
    return true;
  } finally {
    copy.close();
  }
}

/** Whether a file is a copy of a database's files; one that is no zip at all is none. */
export async function isFolderCopy(path: string): Promise<boolean> {
  const copy = await openCopy(path).catch(() => undefined);
  copy?.close();
  return copy !== undefined;
}
