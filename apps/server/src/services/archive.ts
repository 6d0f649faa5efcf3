import type { Archive, ImportResult } from '@round-mint/contract/archive';
import { asc, isNull } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';
import { dieCharts, kit, orders, photos, plans, recipes, ringEvents, rings, stock } from '../db/schema';
import { HttpError } from '../http/errors';
import { exportTrade, importTrade } from './archive-trade';
import { cleanJpeg } from './jpeg';
import { photoOf } from './photos';
import {
  planRow,
  stockItem,
  stockRow,
  storedDieChart,
  storedPlan,
  storedRecipe,
  storedTool,
} from './resources';
import { eventOf, ringOf } from './ring-store';
import { changeSettings, readSettings } from './settings';

/** Everything the workshop keeps; what was archived stays out. */
export async function exportArchive(db: Database): Promise<Archive> {
  const ringRows = await db
    .select()
    .from(rings)
    .where(isNull(rings.archivedAt))
    .orderBy(asc(rings.createdAt), asc(rings.id));
  const kept = new Set(ringRows.map(({ id }) => id));
  const eventRows = await db.select().from(ringEvents).orderBy(asc(ringEvents.seq));
  // Plans and stock that rings came from go along even when they were archived since: rings refer to them.
  const [stockRows, planRows, kitRows, chartRows, recipeRows, photoRows] = await Promise.all([
    db.select().from(stock).orderBy(asc(stock.createdAt), asc(stock.id)),
    db.select().from(plans).orderBy(asc(plans.createdAt), asc(plans.id)),
    db.select().from(kit).where(isNull(kit.archivedAt)).orderBy(asc(kit.createdAt), asc(kit.id)),
    db
      .select()
      .from(dieCharts)
      .where(isNull(dieCharts.archivedAt))
      .orderBy(asc(dieCharts.createdAt), asc(dieCharts.id)),
    db
      .select()
      .from(recipes)
      .where(isNull(recipes.archivedAt))
      .orderBy(asc(recipes.createdAt), asc(recipes.id)),
    db.select().from(photos).where(isNull(photos.archivedAt)).orderBy(asc(photos.at), asc(photos.id)),
  ]);
  const ordered = await db.select({ planId: orders.planId }).from(orders).where(isNull(orders.archivedAt));
  const neededPlans = new Set([...ringRows, ...ordered].map(({ planId }) => planId));
  const keptPlans = planRows.filter(({ id, archivedAt }) => archivedAt === null || neededPlans.has(id));
  const neededStock = new Set(
    keptPlans.flatMap((plan) => [
      plan.stockId,
      ...('otherStockId' in plan && plan.otherStockId ? [plan.otherStockId] : []),
    ]),
  );
  const keptStock = stockRows.filter(({ id, archivedAt }) => archivedAt === null || neededStock.has(id));
  const keptPhotos = photoRows.filter(({ ringId }) => kept.has(ringId));
  const idsOf = (rows: readonly { readonly id: string }[]) => new Set(rows.map(({ id }) => id));
  const exported = {
    ringIds: kept,
    planIds: idsOf(keptPlans),
    stockIds: idsOf(keptStock),
    photoIds: idsOf(keptPhotos),
  };
  return {
    ...(await exportTrade(db, exported)),
    format: 'round-mint-archive',
    version: 1,
    exportedAt: new Date().toISOString(),
    settings: await readSettings(db),
    stock: stockRows
      .filter(({ id, archivedAt }) => archivedAt === null || neededStock.has(id))
      .map(stockItem),
    kit: kitRows.map(storedTool),
    plans: keptPlans.map(storedPlan),
    dieCharts: chartRows.map(storedDieChart),
    recipes: recipeRows.map(storedRecipe),
    rings: ringRows.map(ringOf),
    events: eventRows
      .filter(({ ringId }) => kept.has(ringId))
      .map((row) => ({ ringId: row.ringId, ...eventOf(row) })),
    photos: keptPhotos.map((row) => ({
      ...photoOf(row),
      jpegBase64: Buffer.from(row.jpeg).toString('base64'),
    })),
  };
}

/** Thrown to leave the transaction of a dry run without a trace. */
class DryRun extends Error {}

async function insertNew(tx: Database, table: PgTable, values: readonly object[]): Promise<number> {
  let added = 0;
  for (const value of values) {
    const rows = await tx
      .insert(table)
      .values(value as never)
      .onConflictDoNothing()
      .returning();
    added += (rows as unknown[]).length;
  }
  return added;
}

/** Takes an archive back in one transaction: all or nothing. What is already there stays as it is. */
export async function importArchive(db: Database, archive: Archive, dryRun: boolean): Promise<ImportResult> {
  let added: ImportResult['added'] | undefined;
  try {
    await db.transaction(async (tx) => {
      added = {
        stock: await insertNew(
          tx,
          stock,
          archive.stock.map(({ createdAt, updatedAt, ...item }) => ({
            ...stockRow(item),
            createdAt,
            updatedAt,
          })),
        ),
        kit: await insertNew(tx, kit, archive.kit),
        plans: await insertNew(
          tx,
          plans,
          archive.plans.map(({ createdAt, updatedAt, ...plan }) => ({
            ...planRow(plan),
            createdAt,
            updatedAt,
          })),
        ),
        dieCharts: await insertNew(tx, dieCharts, archive.dieCharts),
        recipes: await insertNew(tx, recipes, archive.recipes),
        rings: await insertNew(
          tx,
          rings,
          archive.rings.map(
            ({ id, planId, stockId, name, status, createdAt, finishedAt, ...frozenPlan }) => ({
              id,
              planId,
              stockId,
              name,
              status,
              createdAt,
              finishedAt,
              frozenPlan,
            }),
          ),
        ),
        events: await insertNew(tx, ringEvents, archive.events),
        photos: await insertNew(
          tx,
          photos,
          archive.photos.map(({ jpegBase64, ...photo }) => ({ ...photo, ...cleanJpeg(jpegBase64) })),
        ),
        ...(await importTrade(tx, archive, insertNew)),
      };
      await changeSettings(tx, archive.settings);
      if (dryRun) throw new DryRun();
    });
  } catch (error) {
    if (!(error instanceof DryRun)) throw refusedImport(error);
  }
  if (!added) throw new Error('an import ended without a count');
  return { dryRun, added };
}

/** A reference to something that is not in the file is the maker's to mend; anything else is ours. */
function refusedImport(error: unknown): unknown {
  const cause = error instanceof Error && error.cause instanceof Error ? error.cause : error;
  const code = (cause as { code?: string }).code;
  return code === '23503'
    ? new HttpError(
        'invalid',
        'The file refers to a piece, plan or ring that it does not hold; nothing was taken in.',
        [],
      )
    : error;
}
