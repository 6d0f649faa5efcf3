import type { ListQuery } from '@round-mint/contract/common';
import type { LogEntry } from '@round-mint/contract/log';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { ringOutcome } from '@round-mint/core/ring';
import Papa from 'papaparse';
import type { Database } from '../db/database';
import { finishedRings, listRings, metalOf, stateOf } from './ring-store';

const LATEST_FIRST = '-finishedAt';

function entryOf(ring: RingWithEvents): LogEntry {
  const { prediction } = ring;
  const state = stateOf(ring, ring.events);
  // A size that was changed at the bench is what the ring is judged by.
  const targetMm = state.targetInsideDiameterMm ?? prediction.targetInsideDiameterMm;
  const outcome = ringOutcome(state, targetMm);
  return {
    ringId: ring.id,
    name: ring.name,
    stockName: ring.stockName,
    kind: ring.kind,
    metal: metalOf(ring),
    wall: ring.kind === 'coin' ? ring.wall : null,
    holeMm: ring.kind === 'coin' ? ring.holeMm : null,
    finishedAt: ring.finishedAt ?? ring.createdAt,
    predictedInsideDiameterMm: targetMm,
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
    leftOut: state.leftOut,
  };
}

/** Finished rings, latest first unless asked otherwise. */
export async function listLog(db: Database, query: ListQuery) {
  const { items, nextCursor } = await listRings(
    db,
    { ...query, sort: query.sort ?? LATEST_FIRST },
    { status: 'finished' },
  );
  return { items: items.map(entryOf), nextCursor };
}

/** The whole log as CSV, figures rounded to what can be measured. */
export async function logCsv(db: Database): Promise<string> {
  const rows = (await finishedRings(db, LATEST_FIRST)).map(entryOf);
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
