import type { ListQuery } from '@round-mint/contract/common';
import type { LogEntry } from '@round-mint/contract/log';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { ringOutcome } from '@round-mint/core/route';
import Papa from 'papaparse';
import type { Database } from '../db/database';
import { listRings, stateOf } from './rings';

function entryOf(ring: RingWithEvents): LogEntry {
  const { prediction } = ring;
  const outcome = ringOutcome(stateOf(ring, ring.events), prediction.targetInsideDiameterMm);
  return {
    ringId: ring.id,
    name: ring.name,
    stockName: ring.stockName,
    metal: ring.coin.metal,
    wall: ring.wall,
    holeMm: ring.holeMm,
    finishedAt: ring.finishedAt ?? ring.createdAt,
    predictedInsideDiameterMm: prediction.targetInsideDiameterMm,
    actualInsideDiameterMm: outcome.insideDiameterMm ?? null,
    predictedWidthMm: prediction.bandWidthMm,
    actualWidthMm: outcome.bandWidthMm ?? null,
    predictedCutEdgeMm: prediction.thicknessCutEdgeMm,
    actualCutEdgeMm: outcome.thicknessCutEdgeMm ?? null,
    predictedRimEdgeMm: prediction.thicknessRimEdgeMm,
    actualRimEdgeMm: outcome.thicknessRimEdgeMm ?? null,
    sizeErrorUs: outcome.sizeErrorUs ?? null,
    predictedAnneals: prediction.annealCount,
    actualAnneals: outcome.anneals,
  };
}

/** Finished rings, latest first unless asked otherwise. */
export async function listLog(db: Database, query: ListQuery) {
  const { items, nextCursor } = await listRings(
    db,
    { ...query, sort: query.sort ?? '-finishedAt' },
    'finished',
  );
  return { items: items.map(entryOf), nextCursor };
}

/** The whole log as CSV, figures rounded to what can be measured. */
export async function logCsv(db: Database): Promise<string> {
  const rows: LogEntry[] = [];
  let cursor: string | undefined;
  do {
    const next = await listLog(db, { limit: 200, ...(cursor ? { cursor } : {}) });
    rows.push(...next.items);
    cursor = next.nextCursor ?? undefined;
  } while (cursor);
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
