import type { ListQuery } from '@round-mint/contract/common';
import type { LogEntry, LogSummary } from '@round-mint/contract/log';
import { and, count, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import Papa from 'papaparse';
import type { Database } from '../db/database';
import { ringOutcomes, rings } from '../db/schema';
import { notFound } from '../http/errors';
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

/** One finished ring of the log. @throws HttpError 404 where it is not finished, or archived */
export async function logEntry(db: Database, id: string): Promise<LogEntry> {
  const [row] = await db
    .select({ id: rings.id })
    .from(rings)
    .where(and(eq(rings.id, id), eq(rings.status, 'finished'), isNull(rings.archivedAt)));
  const [summary] = row ? await summariesOf(db, [row.id]) : [];
  if (!summary) throw notFound('finished ring');
  return summary.log;
}

/** Size errors are told to this part of a US size: finer than any is read. */
const PARTS_OF_A_SIZE = 20;

/** The whole log in a few figures, from what is known of each ring already. */
export async function logSummary(db: Database): Promise<LogSummary> {
  const finished = and(eq(rings.status, 'finished'), isNull(rings.archivedAt));
  const [means] = await db
    .select({
      rings: count(),
      meanSizeErrorUs: sql<number | null>`avg(abs(${ringOutcomes.sizeErrorUs}))`,
      meanWidthError: sql<number | null>`avg(abs(${ringOutcomes.widthError}))`,
    })
    .from(rings)
    .leftJoin(ringOutcomes, eq(ringOutcomes.ringId, rings.id))
    .where(finished);
  const part = sql<number>`round(${ringOutcomes.sizeErrorUs} * ${sql.raw(String(PARTS_OF_A_SIZE))})`;
  const parts = await db
    .select({ part: part.mapWith(Number), rings: count() })
    .from(rings)
    .innerJoin(ringOutcomes, eq(ringOutcomes.ringId, rings.id))
    .where(and(finished, isNotNull(ringOutcomes.sizeErrorUs)))
    .groupBy(part)
    .orderBy(part);
  return {
    rings: means?.rings ?? 0,
    meanSizeErrorUs: means?.meanSizeErrorUs ?? null,
    meanWidthError: means?.meanWidthError ?? null,
    sizeErrors: parts.map((row) => ({ sizeErrorUs: row.part / PARTS_OF_A_SIZE, rings: row.rings })),
  };
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
