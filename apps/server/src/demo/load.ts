import { eq, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { rings, stock } from '../db/schema';
import { FACE_PX } from '../services/face-picture';
import { readKit } from '../services/kit';
import { createResources } from '../services/resources';
import { logToolEvents } from '../services/tool-events';
import { logEvents, startRing } from '../services/rings';
import { changeSettings } from '../services/settings';
import { DEMO_DIE_CHARTS } from './die-charts';
import { loadFaces } from './faces';
import { loadHandlePictures } from './handle-pictures';
import { demoHistory, historyEvents } from './history';
import { DEMO_KIT, DEMO_TOOL_EVENTS } from './kit';
import { demoEvents, DEMO_RINGS } from './rings';
import { DEMO_COINS } from './stock';
import { loadShelf } from './shelf';
import { loadTrade } from './trade';
import { DEMO_WORK_STOCK } from './work-stock';

export interface DemoOptions {
  /** Whether the rings of the first year are made too; they take some seconds. */
  readonly history?: boolean;
  /** Side of the faces that are drawn of its coins, pixels. */
  readonly facePx?: number;
}

async function addPiece(tx: Database, stockId: string): Promise<void> {
  await tx
    .update(stock)
    .set({ quantity: sql`${stock.quantity} + 1` })
    .where(eq(stock.id, stockId));
}

/** The first year's rings; their pieces had been in the drawer besides those that are there now. */
async function loadHistory(tx: Database): Promise<void> {
  const kit = await readKit(tx);
  const resources = createResources(tx);
  for (const entry of demoHistory(kit)) {
    await resources.plans.create(entry.plan);
    await addPiece(tx, entry.stockId);
    const { ringId, plan, startedAt } = entry;
    const ring = await startRing(tx, { id: ringId, planId: plan.id, name: plan.name });
    await tx.update(rings).set({ createdAt: startedAt }).where(eq(rings.id, ringId));
    if (ring.kind === 'coin') await logEvents(tx, ringId, historyEvents(entry, ring, kit), { asTold: true });
  }
}

/**
 * Fills an empty workshop with a made-up one, through the same services that the app uses, all or nothing.
 * @returns false when there is stock already: a maker's own data is never mixed with invented pieces
 */
export async function loadDemo(
  db: Database,
  { history = true, facePx = FACE_PX }: DemoOptions = {},
): Promise<boolean> {
  const [anything] = await db.select({ id: stock.id }).from(stock).limit(1);
  if (anything) return false;
  await db.transaction(async (tx) => {
    const resources = createResources(tx);
    for (const piece of [...DEMO_COINS, ...DEMO_WORK_STOCK]) await resources.stock.create(piece);
    await loadFaces(tx, facePx);
    await loadHandlePictures(tx, facePx);
    for (const tool of DEMO_KIT) await resources.kit.create(tool);
    await logToolEvents(tx, DEMO_TOOL_EVENTS);
    for (const chart of DEMO_DIE_CHARTS) await resources.dieCharts.create(chart);
    // What the log teaches came after these rings: they were planned by the defaults.
    await changeSettings(tx, { useLearnt: false });
    if (history) await loadHistory(tx);
    for (const entry of DEMO_RINGS) {
      await resources.plans.create(entry.plan);
      // What was spoilt is long gone: the drawer shows what is there now.
      if (entry.ring.spoiltBy) await addPiece(tx, entry.plan.stockId);
      const bench = await startRing(tx, { id: entry.ringId, planId: entry.plan.id, name: entry.ring.name });
      await tx.update(rings).set({ createdAt: entry.ring.startedAt }).where(eq(rings.id, entry.ringId));
      await logEvents(tx, entry.ringId, demoEvents(entry, bench), { asTold: true });
    }
    await loadTrade(tx, history);
    if (history) await loadShelf(tx);
    await changeSettings(tx, { useLearnt: true });
  });
  return true;
}
