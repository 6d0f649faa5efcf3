import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { rings, stock } from '../db/schema';
import { createResources } from '../services/resources';
import { logEvents, startRing } from '../services/rings';
import { DEMO_DIE_CHARTS } from './die-charts';
import { DEMO_KIT } from './kit';
import { demoEvents, DEMO_RINGS } from './rings';
import { DEMO_STOCK } from './stock';

/**
 * Fills an empty workshop with a made-up one, through the same services that the app uses, all or nothing.
 * @returns false when there is stock already: a maker's own data is never mixed with invented pieces
 */
export async function loadDemo(db: Database): Promise<boolean> {
  const [anything] = await db.select({ id: stock.id }).from(stock).limit(1);
  if (anything) return false;
  await db.transaction(async (tx) => {
    const resources = createResources(tx);
    for (const piece of DEMO_STOCK) await resources.stock.create(piece);
    for (const tool of DEMO_KIT) await resources.kit.create(tool);
    for (const chart of DEMO_DIE_CHARTS) await resources.dieCharts.create(chart);
    for (const entry of DEMO_RINGS) {
      await resources.plans.create(entry.plan);
      const bench = await startRing(tx, { id: entry.ringId, planId: entry.plan.id, name: entry.ring.name });
      await tx.update(rings).set({ createdAt: entry.ring.startedAt }).where(eq(rings.id, entry.ringId));
      await logEvents(tx, entry.ringId, demoEvents(entry, bench));
    }
  });
  return true;
}
