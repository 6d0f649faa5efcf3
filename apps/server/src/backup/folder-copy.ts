import { sql } from 'drizzle-orm';
import { createReadStream, createWriteStream } from 'node:fs';
import { mkdir, readdir } from 'node:fs/promises';
import { dirname, join, relative } from 'node:path';
import { buffer } from 'node:stream/consumers';
import { finished, pipeline } from 'node:stream/promises';
import { openPromise, type Entry, type ZipFile as ReadZip } from 'yauzl';
import { ZipFile } from 'yazl';
import { z } from 'zod';
import type { Database } from '../db/database';
import { madeWhole, backupId } from './backup-files';

const MANIFEST = 'manifest.json';
const PRIVATE_FILE = 0o600;

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

async function writeZip(
  folder: string,
  path: string,
  told: Omit<FolderManifest, 'format' | 'files'>,
): Promise<void> {
  const { files, empty } = await below(folder);
  const zip = new ZipFile();
  const written = pipeline(zip.outputStream, createWriteStream(path, { mode: PRIVATE_FILE }));
  for (const name of empty) zip.addEmptyDirectory(name);
  for (const name of files) {
    const stream = createReadStream(join(folder, name));
    zip.addReadStreamLazy(name, {}, (pass) => pass(null, stream));
    await finished(stream);
  }
  const manifest: FolderManifest = { format: 'round-mint-folder', ...told, files: files.length };
  zip.addBuffer(Buffer.from(JSON.stringify(manifest)), MANIFEST);
  zip.end();
  await written;
}

interface Opened {
  readonly zip: ReadZip;
  readonly entries: readonly Entry[];
  readonly manifest: FolderManifest;
}

/** Opens a copy of a database's files; undefined for any other zip. */
async function openCopy(path: string): Promise<Opened | undefined> {
  const zip = await openPromise(path, { autoClose: false });
  const entries: Entry[] = [];
  for await (const entry of zip.eachEntry()) entries.push(entry);
  const described = entries.find(({ fileName }) => fileName === MANIFEST);
  const text = described && (await buffer(await zip.openReadStreamPromise(described))).toString();
  const manifest = manifestSchema.safeParse(text && JSON.parse(text));
  if (!manifest.success) {
    zip.close();
    return undefined;
  }
  return { zip, entries: entries.filter((entry) => entry !== described), manifest: manifest.data };
}

/** Reads a copy back. @throws when a file of it is missing or damaged */
async function verifyCopy(path: string): Promise<void> {
  const copy = await openCopy(path);
  if (!copy) throw new Error('the copy cannot be read back');
  try {
    const files = copy.entries.filter(({ fileName }) => !fileName.endsWith('/'));
    if (files.length !== copy.manifest.files) throw new Error('the copy lacks files');
    // Read to its end, a damaged one does not come to its size, or cannot be unpacked.
    for (const entry of files) await finished((await copy.zip.openReadStreamPromise(entry)).resume());
  } finally {
    copy.zip.close();
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
  await madeWhole(backupDir, id, (path) => writeZip(databaseDir, path, { schema, program }), verifyCopy);
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
    for (const entry of copy.entries) {
      const target = join(databaseDir, entry.fileName);
      if (entry.fileName.endsWith('/')) {
        await mkdir(target, { recursive: true });
        continue;
      }
      await mkdir(dirname(target), { recursive: true });
      await pipeline(
        await copy.zip.openReadStreamPromise(entry),
        createWriteStream(target, { mode: PRIVATE_FILE }),
      );
    }
    return true;
  } finally {
    copy.zip.close();
  }
}

/** Whether a file is a copy of a database's files; one that is no zip at all is none. */
export async function isFolderCopy(path: string): Promise<boolean> {
  const copy = await openCopy(path).catch(() => undefined);
  copy?.zip.close();
  return copy !== undefined;
}
