import type { StartedFrom } from '@round-mint/core/half-made';
import { withSeen } from '@round-mint/core/kit';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { plans, stock } from '../db/schema';
import { notFound } from '../http/errors';
import { readDieCharts } from './die-charts';
import { readKit } from './kit';
import { readLearntTraits } from './learnt';
import { stockItem, storedPlan } from './stored-rows';
import { frozenPlan, type Bench } from './frozen-plan';
import type { FrozenPlan } from '@round-mint/contract/rings';
import { readSettings } from './settings';
import type { Order } from '@round-mint/contract/orders';
import type { Plan } from '@round-mint/contract/plans';
import type { StockItem } from '@round-mint/contract/stock';

/** A plan with its piece, and the figures and steps it has at this bench today. */
interface Frozen {
  readonly plan: Plan;
  readonly piece: StockItem;
  readonly frozen: FrozenPlan;
}

/** What plans at this bench are computed with today: read once, used for as many plans as there are. */
export async function readBench(db: Database): Promise<Bench> {
  const { traits, seenCharts } = await readLearntTraits(db);
  const dieCharts = withSeen(await readDieCharts(db), seenCharts);
  const kit = await readKit(db);
  const { annealSchool, primarySystem: system } = await readSettings(db);
  return { kit, traits, annealSchool, dieCharts, system };
}

/** @throws HttpError 404 */
async function pieceOf(tx: Database, stockId: string): Promise<StockItem> {
  const [row] = await tx.select().from(stock).where(eq(stock.id, stockId));
  if (!row) throw notFound('piece of stock');
  return stockItem(row);
}

/** What a ring is begun for, and from. */
interface Beginning {
  /** That it is made for: what it wishes is in the route. */
  readonly order?: Pick<Order, 'wish'> | undefined;
  /** Half-made, as it was measured. */
  readonly startedFrom?: StartedFrom | undefined;
}

/**
 * A stored plan with its figures and steps fixed as this bench makes them today.
 * @throws HttpError 404 without plan or piece, 409 when it cannot be made
 */
export async function freezePlan(
  tx: Database,
  planId: string,
  bench: Bench,
  { order, startedFrom }: Beginning = {},
): Promise<Frozen> {
  const [planRow] = await tx.select().from(plans).where(eq(plans.id, planId));
  if (!planRow) throw notFound('plan');
  const plan = storedPlan(planRow);
  const piece = await pieceOf(tx, plan.stockId);
  const otherId = 'otherStockId' in plan ? plan.otherStockId : undefined;
  const other = otherId === undefined ? undefined : await pieceOf(tx, otherId);
  return { plan, piece, frozen: frozenPlan(plan, piece, bench, { wish: order?.wish, startedFrom, other }) };
}
