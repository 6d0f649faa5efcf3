import type { Archive } from '@round-mint/contract/archive';
import { asc, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import {
  dieCharts,
  faces,
  kit,
  orders,
  photos,
  plans,
  recipes,
  ringEvents,
  rings,
  stock,
} from '../db/schema';
import { HttpError } from '../http/errors';
import { exactTime } from '../services/event-clock';
import { faceOf } from '../services/faces';
import { photoOf } from '../services/photos';
import { stockItem, storedDieChart, storedPlan, storedRecipe, storedTool } from '../services/stored-rows';
import { eventOf, ringOf } from '../services/ring-store';
import { readSettings } from '../services/settings';
import { exportTrade } from './export-json-trade';
import { living } from '../services/living';
import { unversioned } from './unversioned';

/** A JSON text is made in memory, all at once: so much of a workshop goes into one. */
const MOST_RINGS = 500;
const MOST_EVENTS = 25_000;
/** Of rings and of faces together. */
const MOST_PHOTOS = 200;

/** @throws HttpError 409 for a workshop that is too large for one JSON text */
async function refuseTooMuch(db: Database): Promise<void> {
  const ringCount = await db.$count(rings);
  const eventCount = await db.$count(ringEvents);
  const photoCount = (await db.$count(photos)) + (await db.$count(faces));
  if (ringCount > MOST_RINGS || eventCount > MOST_EVENTS || photoCount > MOST_PHOTOS) {
    throw new HttpError('too-much-for-json');
  }
}

/** Everything the workshop keeps, as an archive of format 1; what was archived stays out. */
export async function exportArchive(db: Database): Promise<Archive> {
  await refuseTooMuch(db);
  const ringRows = await db
    .select()
    .from(rings)
    .where(isNull(rings.archivedAt))
    .orderBy(asc(rings.createdAt), asc(rings.id));
  const kept = new Set(ringRows.map(({ id }) => id));
  const eventRows = await db.select().from(ringEvents).orderBy(asc(ringEvents.at), asc(ringEvents.id));
  // Plans and stock that rings came from go along even when they were archived since: rings refer to them.
  const [stockRows, planRows, kitRows, chartRows, recipeRows, photoRows] = await Promise.all([
    db.select().from(stock).orderBy(asc(stock.createdAt), asc(stock.id)),
    db.select().from(plans).orderBy(asc(plans.createdAt), asc(plans.id)),
    living(db, kit),
    living(db, dieCharts),
    living(db, recipes),
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
  const shownFaces = keptStock.flatMap(({ obverseFaceId, reverseFaceId, topFaceId }) => [
    ...[obverseFaceId, reverseFaceId, topFaceId],
  ]);
  const faceRows = await db
    .select()
    .from(faces)
    .where(inArray(faces.id, [...new Set(shownFaces.filter((id) => id !== null))]))
    .orderBy(asc(faces.at), asc(faces.id));
  return {
    ...(await exportTrade(db, exported)),
    format: 'round-mint-archive',
    version: 1,
    exportedAt: new Date().toISOString(),
    settings: await readSettings(db),
    stock: keptStock.map(stockItem).map(unversioned),
    kit: kitRows.map(storedTool).map(unversioned),
    plans: keptPlans.map(storedPlan).map(unversioned),
    dieCharts: chartRows.map(storedDieChart).map(unversioned),
    recipes: recipeRows.map(storedRecipe).map(unversioned),
    rings: ringRows.map(ringOf).map(unversioned),
    events: eventRows
      .filter(({ ringId }) => kept.has(ringId))
      .map((row) => ({ ringId: row.ringId, ...eventOf(row), at: exactTime(row.at) })),
    photos: keptPhotos.map((row) => ({
      ...photoOf(row),
      jpegBase64: Buffer.from(row.jpeg).toString('base64'),
    })),
    faces: faceRows.map((row) => ({
      ...faceOf(row),
      jpegBase64: Buffer.from(row.jpeg).toString('base64'),
    })),
  };
}
