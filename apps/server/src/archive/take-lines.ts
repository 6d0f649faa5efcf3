import { inArray } from 'drizzle-orm';
import { isDeepStrictEqual } from 'node:util';
import type { Database } from '../db/database';
import { HttpError } from '../http/errors';
import { refersToNothing } from '../http/refused-by-others';
import { inPages, type ArchiveSource } from './archive-source';
import { lineOf, type ArchiveTable, type Line, type Row } from './archive-table';

/** A file is read and checked on its way in: few are in memory at once. */
const FILES_A_PAGE = 4;

/** The lines of a table as they are taken in, with their files. */
export function pagesToTake(source: ArchiveSource, spec: ArchiveTable): AsyncIterable<readonly Line[]> {
  return inPages(source.lines(spec.part), spec.file ? FILES_A_PAGE : spec.pageRows);
}

/** The rows that some lines become, with the files that belong to them. */
async function rowsOf(source: ArchiveSource, spec: ArchiveTable, lines: readonly Line[]): Promise<Row[]> {
  const rows: Row[] = [];
  for (const { archivedAt, item } of lines) {
    const bytes = spec.file && (await source.file(spec, String(item.id)));
    rows.push({
      ...spec.toRow(item as never),
      ...(bytes ? spec.file?.toRow(bytes) : {}),
      archivedAt,
    });
  }
  return rows;
}

/** Adds things that are not there. */
export async function insertLines(
  tx: Database,
  source: ArchiveSource,
  spec: ArchiveTable,
  lines: readonly Line[],
): Promise<void> {
  if (lines.length === 0) return;
  const rows = await rowsOf(source, spec, lines);
  const known = spec.hasArchive ? rows : rows.map(({ archivedAt: _never, ...row }) => row);
  // The row's fields are those of its table: the spec is what says so.
  await tx.insert(spec.table).values(known);
  for (const { item } of lines) await spec.onTaken?.(tx, item as never);
}

/** How some lines stand to what the workshop has under their ids. */
export interface Compared {
  readonly added: readonly Line[];
  readonly same: readonly Line[];
  readonly differing: readonly Line[];
}

export async function compareLines(
  db: Database,
  spec: ArchiveTable,
  lines: readonly Line[],
): Promise<Compared> {
  const ids = lines.map(({ item }) => item.id);
  const rows: Row[] = await db.select(spec.columns).from(spec.table).where(inArray(spec.table.id, ids));
  const there = new Map(rows.map((row) => [row['id'], lineOf(spec, row)]));
  const compared = { added: [] as Line[], same: [] as Line[], differing: [] as Line[] };
  for (const line of lines) {
    const known = there.get(line.item.id);
    if (!known) compared.added.push(line);
    else compared[isSame(known, line) ? 'same' : 'differing'].push(line);
  }
  return compared;
}

/** A line as it would be written, without what is of one workshop only. */
function textOf({ archivedAt, item: { version: _version, ...item } }: Line): string {
  return JSON.stringify({ ...item, archivedAt });
}

/** Mostly told by their texts; the order of their fields alone makes no difference. */
function isSame(a: Line, b: Line): boolean {
  const [first, second] = [textOf(a), textOf(b)];
  return first === second || isDeepStrictEqual(JSON.parse(first), JSON.parse(second));
}

/** A reference to something that is not in the file is the maker's to mend; anything else is ours. */
export function refusedImport(error: unknown): unknown {
  return refersToNothing(error)
    ? new HttpError(
        'invalid',
        'The file refers to a piece, plan or ring that it does not hold; nothing was taken in.',
        [],
      )
    : error;
}
