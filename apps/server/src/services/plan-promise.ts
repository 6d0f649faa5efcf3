import { withSeen } from '@round-mint/core/kit';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { plans, stock } from '../db/schema';
import { notFound } from '../http/errors';
import { readDieCharts } from './die-charts';
import { readKit } from './kit';
import { readBenchLore } from './learnt';
import { stockItem, storedPlan } from './resources';
import { ringPromise } from './ring-promise';
import type { RingPromise } from './ring-store';
import { readSettings } from './settings';
import type { Plan } from '@round-mint/contract/plans';
import type { StockItem } from '@round-mint/contract/stock';

interface Promised {
  readonly plan: Plan;
  readonly piece: StockItem;
  readonly promise: RingPromise;
}

/** How plans are reckoned at this bench today: read once, used for as many plans as there are. */
export async function planPromiser(
  db: Database,
): Promise<(tx: Database, planId: string) => Promise<Promised>> {
  const { traits, seenCharts } = await readBenchLore(db);
  const dieCharts = withSeen(await readDieCharts(db), seenCharts);
  const kit = await readKit(db);
  const { annealSchool } = await readSettings(db);
  return async (tx, planId) => {
    const [planRow] = await tx.select().from(plans).where(eq(plans.id, planId));
    if (!planRow) throw notFound('plan');
    const plan = storedPlan(planRow);
    const [stockRow] = await tx.select().from(stock).where(eq(stock.id, plan.stockId));
    if (!stockRow) throw notFound('piece of stock');
    const piece = stockItem(stockRow);
    return { plan, piece, promise: ringPromise(plan, piece, { kit, traits, annealSchool, dieCharts }) };
  };
}
