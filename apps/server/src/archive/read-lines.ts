import { asc, gt } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { ARCHIVE_TABLES } from './archive-tables';
import { lineOf, type ArchiveTable, type Line, type Row } from './archive-table';

/** Raised when a stored row is not what its table holds: the data were damaged. */
export class DamagedRowError extends Error {
  constructor(table: string, id: unknown, cause: unknown) {
    super(`A row of the table “${table}” cannot be read (${String(id)}).`, { cause });
    this.name = 'DamagedRowError';
  }
}

/** How far a table has been read. */
export type Positions = Map<ArchiveTable, number>;

function checkedLine(spec: ArchiveTable, row: Row): Line {
  try {
    return lineOf(spec, row);
  } catch (error) {
    throw new DamagedRowError(spec.part, row['id'], error);
  }
}

/** Everything of a table that was written since it was read last, a page within a slice of the server's time. */
export async function* newLines(
  db: Database,
  spec: ArchiveTable,
  positions: Positions,
): AsyncGenerator<readonly Line[]> {
  for (;;) {
    const rows: Row[] = await db
      .select({ ...spec.columns, position: spec.position })
      .from(spec.table)
      .where(gt(spec.position, positions.get(spec) ?? 0))
      .orderBy(asc(spec.position))
      .limit(spec.pageRows);
    const last = rows.at(-1);
    if (!last) return;
    yield rows.map(({ position: _position, ...row }) => checkedLine(spec, row));
    positions.set(spec, Number(last['position']));
    await setImmediate();
  }
}

/** Reads every row of every table, and so finds what is damaged. @throws DamagedRowError */
export async function readEverything(db: Database): Promise<void> {
  const positions: Positions = new Map();
  for (const spec of ARCHIVE_TABLES) {
    for await (const _page of newLines(db, spec, positions)) continue;
  }
}
