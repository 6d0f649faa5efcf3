import {
  archiveManifestSchema,
  readArchiveLine,
  type ArchiveManifest,
  type ArchivePart,
} from '@round-mint/contract/archive-zip';
import { Transform, type Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { finished } from 'node:stream/promises';
import { crc32 } from 'node:zlib';
import { openPromise, type Entry, type ZipFile } from 'yauzl';
import { ZodError } from 'zod';
import { HttpError } from '../http/errors';
import type { ArchiveSource } from './archive-source';
import type { ArchiveTable, Line } from './archive-table';
import { ARCHIVE_TABLES } from './archive-tables';
import { MANIFEST, sumOf } from './write-archive';

/** Longer lines and larger files are in no archive that was written here: a hostile one may not fill the memory. */
const MOST_LINE_CHARS = 8_000_000;
const MOST_FILE_BYTES = 32_000_000;

function refused(message: string): HttpError {
  return new HttpError('invalid', message, []);
}

/** Passes bytes on, and finds out at their end whether they are those that were written. */
function comparedWith({ crc32: wanted, fileName }: Entry): Transform {
  let sum = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      sum = crc32(chunk, sum);
      done(null, chunk);
    },
    flush(done) {
      done(sum === wanted ? null : refused(`The archive is damaged: ${fileName} is not what was written.`));
    },
  });
}

async function* textLines(stream: Readable): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let rest = '';
  for await (const chunk of stream) {
    const lines = (rest + decoder.decode(chunk as Buffer, { stream: true })).split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > MOST_LINE_CHARS) throw refused('The archive holds a line that is too long.');
    yield* lines;
  }
  if (rest !== '') yield rest;
}

/** A thing as it stands on a line. @throws HttpError 400 that names the line */
function readLine(part: ArchivePart, text: string, number: number): Line {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw refused(`Line ${number} of ${part} is no JSON.`);
  }
  try {
    return readArchiveLine(part, json);
  } catch (error) {
    const issue = error instanceof ZodError ? error.issues[0] : undefined;
    throw refused(`Line ${number} of ${part}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}.`);
  }
}

/** An archive of format 2 in a file: only what is asked for comes into memory. */
export interface ZipSource extends ArchiveSource {
  readonly manifest: ArchiveManifest;
  /** Reads all of it and counts. @throws HttpError 400 when something is damaged or missing */
  readonly verify: (onProgress?: (done: number, of: number) => void) => Promise<void>;
}

function sourceOf(zip: ZipFile, entries: ReadonlyMap<string, Entry>, manifest: ArchiveManifest): ZipSource {
  async function opened(entry: Entry): Promise<Readable> {
    const stream = await zip.openReadStreamPromise(entry);
    const checked = comparedWith(entry);
    stream.on('error', (error) => checked.destroy(error));
    return stream.pipe(checked);
  }

  async function* linesIn(name: string, part: ArchivePart): AsyncGenerator<Line> {
    const entry = entries.get(name);
    if (!entry) return;
    let number = 0;
    for await (const text of textLines(await opened(entry))) {
      number += 1;
      yield readLine(part, text, number);
    }
  }

  /** What was written to a thing while the archive was made counts in place of what had been read of it. */
  async function* lines(part: ArchivePart): AsyncGenerator<Line> {
    const changed = new Map<Line['item']['id'], Line>();
    for await (const line of linesIn(`changed/${part}.ndjson`, part)) changed.set(line.item.id, line);
    for await (const line of linesIn(`tables/${part}.ndjson`, part)) {
      if (!changed.has(line.item.id)) yield line;
    }
    yield* changed.values();
  }

  async function file({ part, file: kept }: ArchiveTable, id: string): Promise<Buffer> {
    const entry = kept && entries.get(`${kept.folder}/${id}.${kept.ending}`);
    if (!entry) throw refused(`The archive lacks the file of one of its ${part}.`);
    if (entry.uncompressedSize > MOST_FILE_BYTES) throw refused(`${entry.fileName} is too large.`);
    return buffer(await opened(entry));
  }

  async function verifyTable(spec: ArchiveTable, step: () => void): Promise<void> {
    const { part } = spec;
    const ids = new Set<Line['item']['id']>();
    for await (const { item } of lines(part)) {
      ids.add(item.id);
      step();
      const entry = spec.file && entries.get(`${spec.file.folder}/${item.id}.${spec.file.ending}`);
      if (spec.file && !entry) throw refused(`The archive lacks the file of one of its ${part}.`);
      if (entry) await finished((await opened(entry)).resume());
    }
    const wanted = manifest.counts[part] ?? 0;
    if (ids.size !== wanted) throw refused(`The archive holds ${ids.size} of ${wanted} ${part}.`);
  }

  return {
    manifest,
    exportedAt: manifest.exportedAt,
    counts: manifest.counts,
    lines,
    file,
    close: () => zip.close(),
    async verify(onProgress) {
      const total = sumOf(manifest.counts);
      let done = 0;
      const step = () => {
        done += 1;
        onProgress?.(done, total);
      };
      for (const spec of ARCHIVE_TABLES) await verifyTable(spec, step);
    },
  };
}

async function readManifest(zip: ZipFile, entry: Entry | undefined): Promise<ArchiveManifest> {
  if (!entry || entry.uncompressedSize > MOST_FILE_BYTES) throw refused('This is no Round Mint archive.');
  const text = (await buffer(await zip.openReadStreamPromise(entry))).toString();
  const manifest = archiveManifestSchema.safeParse(JSON.parse(text));
  if (!manifest.success) throw refused('This is no archive of format 2, the only one known beside format 1.');
  return manifest.data;
}

/**
 * Opens an archive of format 2.
 * @throws HttpError 400 when it is none, or was cut off
 */
export async function openZip(path: string): Promise<ZipSource> {
  let zip: ZipFile;
  try {
    zip = await openPromise(path, { autoClose: false });
  } catch {
    throw refused('This is no whole zip file: it may have been cut off on its way.');
  }
  try {
    const entries = new Map<string, Entry>();
    for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
    return sourceOf(zip, entries, await readManifest(zip, entries.get(MANIFEST)));
  } catch (error) {
    zip.close();
    throw error instanceof HttpError ? error : refused('This zip file is damaged.');
  }
}
