import { partCountsSchema, type ArchiveManifest, type PartCounts } from '@round-mint/contract/archive-zip';
import { count, eq } from 'drizzle-orm';
import { Readable, type Writable } from 'node:stream';
import type { ZipFile } from 'yazl';
import { z } from 'zod';
import type { Database, OpenDatabase } from '../db/database';
import type { ArchiveTable, Line } from './archive-table';
import { ARCHIVE_TABLES } from './archive-tables';
import { newLines, type Positions } from './read-lines';
import { addFile, writeZip } from './zip-files';

/** What is asked of a writer beside the archive itself. */
export interface Writing {
  /** Version of the program. */
  readonly program: string;
  readonly signal?: AbortSignal | undefined;
  /** Told of how many things were written, and of how many there are about. */
  readonly onProgress?: (done: number, of: number) => void;
}

/** The last file of an archive. */
export const MANIFEST = 'manifest.json';

const bytesSchema = z.instanceof(Uint8Array);

/** A line of text for each thing. */
function textOf(lines: readonly Line[]): string {
  return lines.map(({ archivedAt, item }) => `${JSON.stringify({ ...item, archivedAt })}\n`).join('');
}

async function* fileOf(db: Database, spec: ArchiveTable, id: string): AsyncGenerator<Uint8Array> {
  if (!spec.file) return;
  const [row] = await db.select({ bytes: spec.file.column }).from(spec.table).where(eq(spec.table.id, id));
  yield bytesSchema.parse(row?.bytes);
}

/** How many rows each table holds. */
export async function countParts(db: Database): Promise<PartCounts> {
  const counts: Record<string, number> = {};
  for (const { part, table } of ARCHIVE_TABLES) {
    const [row] = await db.select({ n: count() }).from(table);
    counts[part] = row?.n ?? 0;
  }
  return partCountsSchema.parse(counts);
}

export function sumOf(counts: PartCounts): number {
  return Object.values(counts).reduce((sum, n) => sum + n, 0);
}

/** Writes the tables of a workshop into a zip, a page at a time. @returns the last file of it, which tells what it holds */
async function fillArchive(
  zip: ZipFile,
  db: Database,
  { program, signal, onProgress }: Writing,
): Promise<ArchiveManifest> {
  const positions: Positions = new Map();
  const changed = new Map<ArchiveTable, Line[]>();
  const withFile = new Set<string>();
  let done = 0;
  let total = 0;

  const step = (rows: number) => {
    signal?.throwIfAborted();
    done += rows;
    onProgress?.(done, total);
  };

  async function writeFiles(spec: ArchiveTable, ids: readonly string[]): Promise<void> {
    if (!spec.file) return;
    const { folder, ending, compress } = spec.file;
    for (const id of ids.filter((each) => !withFile.has(each))) {
      step(0);
      withFile.add(id);
      await addFile(zip, `${folder}/${id}.${ending}`, fileOf(db, spec, id), compress);
    }
  }

  /** A table's rows, then the files that belong to them. */
  async function writeTable(spec: ArchiveTable): Promise<void> {
    const ids: string[] = [];
    async function* pages() {
      for await (const lines of newLines(db, spec, positions)) {
        step(lines.length);
        if (spec.file) ids.push(...lines.map(({ item }) => String(item.id)));
        yield textOf(lines);
      }
    }
    await addFile(zip, `tables/${spec.part}.ndjson`, pages());
    await writeFiles(spec, ids);
  }

  /** What was written to the workshop meanwhile. */
  async function readChanged(from: Database): Promise<void> {
    for (const spec of ARCHIVE_TABLES) {
      for await (const lines of newLines(from, spec, positions)) {
        changed.set(spec, [...(changed.get(spec) ?? []), ...lines]);
      }
    }
  }

  async function writeChanged(): Promise<void> {
    for (const [spec, lines] of changed) {
      await addFile(zip, `changed/${spec.part}.ndjson`, Readable.from([textOf(lines)]));
      await writeFiles(
        spec,
        lines.map(({ item }) => String(item.id)),
      );
    }
  }

  total = sumOf(await countParts(db));
  // What refers comes before what it refers to: whatever a row names is there when its table is read.
  for (const spec of ARCHIVE_TABLES.toReversed()) await writeTable(spec);
  await readChanged(db);
  // The last of it under the database's own lock: all that was written is of this moment.
  const moment = await db.transaction(async (tx) => {
    await readChanged(tx);
    return { counts: await countParts(tx), exportedAt: new Date().toISOString() };
  });
  await writeChanged();
  const manifest: ArchiveManifest = { format: 'round-mint-archive', version: 2, program, ...moment };
  zip.addBuffer(Buffer.from(`${JSON.stringify(manifest, null, 2)}\n`), MANIFEST);
  return manifest;
}

/**
 * Writes everything a workshop keeps as an archive of format 2, in memory that does not grow with it. It is of one moment,
 * its end: on the embedded database, where a long transaction would keep everyone waiting, what changes while the tables
 * are read is written once more; a PostgreSQL server keeps the moment itself.
 * @throws DamagedRowError for a row that is not what its table holds; what `signal` was aborted with
 */
export async function writeArchive(
  { db, kind }: Pick<OpenDatabase, 'db' | 'kind'>,
  out: Writable,
  writing: Writing,
): Promise<ArchiveManifest> {
  const writeFrom = (from: Database) => writeZip(out, (zip) => fillArchive(zip, from, writing));
  if (kind === 'pglite') return writeFrom(db);
  return db.transaction(writeFrom, { isolationLevel: 'repeatable read', accessMode: 'read only' });
}
