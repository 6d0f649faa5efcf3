import {
  archiveManifestSchema,
  readArchiveLine,
  type ArchiveManifest,
  type ArchivePart,
} from '@round-mint/contract/archive-zip';
import type { Readable } from 'node:stream';
import { buffer } from 'node:stream/consumers';
import { finished } from 'node:stream/promises';
import type { Entry } from 'yauzl';
import { ZodError } from 'zod';
import { HttpError } from '../http/errors';
import { inPages, type ArchiveSource } from './archive-source';
import type { ArchiveTable, Line } from './archive-table';
import { ARCHIVE_TABLES } from './archive-tables';
import { MANIFEST } from './write-archive';
import { openZipFile, refusedZip, type OpenZip } from './zip-files';

/** Longer lines and larger files are in no archive that was written here: a hostile one may not fill the memory. */
const MOST_LINE_CHARS = 8_000_000;
const MOST_FILE_BYTES = 32_000_000;

async function* textLines(stream: Readable): AsyncGenerator<string> {
  const decoder = new TextDecoder('utf-8', { fatal: true });
  let rest = '';
  for await (const chunk of stream) {
    const lines = (rest + decoder.decode(chunk as Buffer, { stream: true })).split('\n');
    rest = lines.pop() ?? '';
    if (rest.length > MOST_LINE_CHARS) throw refusedZip('The archive holds a line that is too long.');
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
    throw refusedZip(`Line ${number} of ${part} is no JSON.`);
  }
  try {
    return readArchiveLine(part, json);
  } catch (error) {
    const issue = error instanceof ZodError ? error.issues[0] : undefined;
    throw refusedZip(`Line ${number} of ${part}: ${issue?.path.join('.') ?? ''} ${issue?.message ?? ''}.`);
  }
}

/** An archive of format 2 in a file: only what is asked for comes into memory. */
export interface ZipSource extends ArchiveSource {
  readonly manifest: ArchiveManifest;
  /** Reads all of it and counts. @throws HttpError 400 when something is damaged or missing */
  readonly verify: () => Promise<void>;
}

function sourceOf({ entries, read, close }: OpenZip, manifest: ArchiveManifest): ZipSource {
  function entryOf({ part, file }: ArchiveTable, id: Line['item']['id']): Entry {
    const entry = file && entries.get(`${file.folder}/${id}.${file.ending}`);
    if (!entry) throw refusedZip(`The archive lacks the file of one of its ${part}.`);
    return entry;
  }

  async function* linesIn(name: string, part: ArchivePart): AsyncGenerator<Line> {
    const entry = entries.get(name);
    if (!entry) return;
    let number = 0;
    for await (const text of textLines(await read(entry))) {
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

  async function file(spec: ArchiveTable, id: string): Promise<Buffer> {
    const entry = entryOf(spec, id);
    if (entry.uncompressedSize > MOST_FILE_BYTES) throw refusedZip(`${entry.fileName} is too large.`);
    return buffer(await read(entry));
  }

  async function verifyTable(spec: ArchiveTable): Promise<void> {
    const { part } = spec;
    const ids = new Set<Line['item']['id']>();
    for await (const page of inPages(lines(part), spec.pageRows)) {
      for (const { item } of page) {
        ids.add(item.id);
        if (spec.file) await finished((await read(entryOf(spec, item.id))).resume());
      }
    }
    const wanted = manifest.counts[part] ?? 0;
    if (ids.size !== wanted) throw refusedZip(`The archive holds ${ids.size} of ${wanted} ${part}.`);
  }

  return {
    manifest,
    counts: manifest.counts,
    lines,
    file,
    close,
    async verify() {
      for (const spec of ARCHIVE_TABLES) await verifyTable(spec);
    },
  };
}

async function readManifest({ entries, read }: OpenZip): Promise<ArchiveManifest> {
  const entry = entries.get(MANIFEST);
  if (!entry || entry.uncompressedSize > MOST_FILE_BYTES) throw refusedZip('This is no Round Mint archive.');
  const manifest = archiveManifestSchema.safeParse(JSON.parse((await buffer(await read(entry))).toString()));
  if (!manifest.success)
    throw refusedZip('This is no archive of format 2, the only one known beside format 1.');
  return manifest.data;
}

/**
 * Opens an archive of format 2.
 * @throws HttpError 400 when it is none, or was cut off
 */
export async function openZip(path: string): Promise<ZipSource> {
  const zip = await openZipFile(path);
  try {
    return sourceOf(zip, await readManifest(zip));
  } catch (error) {
    zip.close();
    throw error instanceof HttpError ? error : refusedZip('This zip file is damaged.');
  }
}

/** Opens an archive of format 2 for as long as something is done with it. @throws as {@link openZip} */
export async function withZip<T>(path: string, work: (source: ZipSource) => Promise<T>): Promise<T> {
  const source = await openZip(path);
  try {
    return await work(source);
  } finally {
    source.close();
  }
}
