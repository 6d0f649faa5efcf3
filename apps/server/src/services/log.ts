import type { ListQuery } from '@round-mint/contract/common';
import Papa from 'papaparse';
import type { Database } from '../db/database';
import { everyPage } from './list';
import { listRingIds } from './ring-store';
import { summariesOf } from './ring-summaries';

const LATEST_FIRST = '-finishedAt';

/** Finished rings, latest first unless asked otherwise. */
export async function listLog(db: Database, query: ListQuery) {
  const { items, nextCursor } = await listRingIds(
    db,
    { ...query, sort: query.sort ?? LATEST_FIRST },
    { status: 'finished' },
  );
  return { items: (await summariesOf(db, items)).map(({ log }) => log), nextCursor };
}

/** The whole log as CSV, figures rounded to what can be measured. */
export async function logCsv(db: Database): Promise<string> {
  const rows = await everyPage((query) => listLog(db, query));
  const rounded = rows.map((row) =>
    Object.fromEntries(
      Object.entries(row).map(([key, value]) => [
        key,
        typeof value === 'number' ? Math.round(value * 1000) / 1000 : value,
      ]),
    ),
  );
  // Cells that begin like a formula are quoted, so that a spreadsheet shows them as text.
  return Papa.unparse(rounded, { newline: '\r\n', escapeFormulae: true });
}
