import type { OrderInList, OrderCosts } from '@round-mint/contract/orders';
import type { FrozenPlan } from '@round-mint/contract/rings';
import type { Settings } from '@round-mint/contract/settings';
import { approvalHold, scheduleSteps } from '@round-mint/core/schedule';
import {
  amountsCost,
  FILINGS_SHARE,
  usedBy,
  worthPerG,
  type Amounts,
  type PriceInput,
  type SpotPrices,
} from '@round-mint/core/trade';
import { and, inArray, isNull, sum } from 'drizzle-orm';
import type { MetalId } from '@round-mint/core/metal';
import type { Database } from '../db/database';
import { scrap, sizers } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { readSupplies } from './consumables';
import { freezePlan, readBench } from './freeze-plan';
import { couponUsers } from './coupons';
import { storedSizer } from './stored-rows';
import { metalOf } from './ring-store';
import { summariesOf } from './ring-summaries';
import { readSettings } from './settings';
import { paidFor, partsTaken, readPaid, ringParts, type Paid, type TakenPart } from './stock-taken';
import { spotToday } from './spot';
import { bandOf } from './steps-done';
import type { StoredSupply } from '@round-mint/contract/consumables';

/** What prices are made with today. */
interface PriceContext {
  readonly settings: Settings;
  readonly spot: SpotPrices;
  readonly supplies: readonly StoredSupply[];
  readonly coupon: number;
}

interface Made {
  readonly stockCost: number;
  readonly metal: MetalId;
  /** Of the piece, before it was cut. */
  readonly pieceMassG: number;
  readonly scrapMassG: number;
  readonly amounts: Amounts;
  readonly minutes: number;
}

const NO_PLAN = { planned: null, steps: [] };

/** Prices of one maker: read once for as many orders as there are. */
export async function loadPriceContext(db: Database): Promise<Omit<PriceContext, 'coupon'>> {
  const [settings, spot, supplies] = await Promise.all([readSettings(db), spotToday(db), readSupplies(db)]);
  return { settings, spot, supplies };
}

/** All that a price is made of, by what was made and at the prices of today. */
export function priceInput(made: Made, { settings, spot, supplies, coupon }: PriceContext): PriceInput {
  const { hourlyRate, refinerShare, post, feeShare, feeFixed, marginShare, roundTo } = settings.trade;
  const perG = worthPerG(made.metal, spot);
  return {
    stockCost: made.stockCost,
    meltValue: made.pieceMassG * perG,
    consumablesCost: amountsCost(made.amounts, supplies),
    minutes: made.minutes,
    scrapValue: made.scrapMassG * perG,
    ...{ hourlyRate, refinerShare, post, feeShare, feeFixed, marginShare, roundTo, coupon },
  };
}

/** What the parts of a ring cost: the piece, and the strip of its other part. */
function partsCost(parts: readonly TakenPart[], paid: Paid): number {
  return parts.reduce((total, part) => total + paidFor(part, paid), 0);
}

/** A customer's own piece costs the workshop nothing, nor does one that is given in exchange; what is added to it does. */
function orderParts({ stockFrom, exchange }: OrderInList, parts: readonly TakenPart[]): readonly TakenPart[] {
  return stockFrom === 'sent-in' || exchange ? parts.slice(1) : parts;
}

/** What a ring is made of, by its plan. */
export function madeByPlan(
  metal: MetalId,
  { prediction, steps, totals }: Pick<FrozenPlan, 'prediction' | 'steps' | 'totals'>,
): Omit<Made, 'stockCost'> {
  const { slugMassG, ringMassG } = prediction;
  return {
    metal,
    pieceMassG: slugMassG + ringMassG,
    scrapMassG: slugMassG + ringMassG * FILINGS_SHARE,
    amounts: usedBy(steps, bandOf({ prediction })),
    minutes: totals.handsOnMin,
  };
}

/** What its plan comes to; nothing where it has none that can be made. */
async function plannedCosts(
  db: Database,
  order: OrderInList,
  context: PriceContext,
): Promise<Pick<OrderCosts, 'planned' | 'steps'>> {
  if (order.planId === null) return NO_PLAN;
  const bench = await readBench(db);
  try {
    const { piece, frozen } = await freezePlan(db, order.planId, bench, { order });
    const { steps } = frozen;
    const parts = orderParts(order, partsTaken(piece.id, frozen));
    const paid = await readPaid(
      db,
      parts.map(({ stockId }) => stockId),
    );
    const stockCost = partsCost(parts, paid);
    const planned = priceInput({ ...madeByPlan(metalOf(frozen), frozen), stockCost }, context);
    return { planned, steps: [...scheduleSteps(steps, 0, approvalHold(order, steps))] };
  } catch (error) {
    // The piece may have gone since, or a test have ruled it out: then there is no price to tell.
    if (error instanceof HttpError) return NO_PLAN;
    throw error;
  }
}

/** Scrap that rings left, g, by ring. */
async function scrapMasses(db: Database, ringIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  const rows = await db
    .select({ ringId: scrap.ringId, massG: sum(scrap.massG).mapWith(Number) })
    .from(scrap)
    .where(and(inArray(scrap.ringId, [...ringIds]), isNull(scrap.archivedAt)))
    .groupBy(scrap.ringId);
  return new Map(rows.flatMap(({ ringId, massG }) => (ringId === null ? [] : [[ringId, massG] as const])));
}

/** An archived ring, or none, took nothing that a price should tell. */
function ringOfPrice({ ringId, ringLost }: OrderInList): string | null {
  return ringLost ? null : ringId;
}

/** What sizers that were paid for take off the price of each order; nothing where another order uses the coupon. */
async function couponsOf(db: Database, orders: readonly OrderInList[]): Promise<ReadonlyMap<string, number>> {
  const ids = [...new Set(orders.flatMap(({ sizerId }) => sizerId ?? []))];
  if (ids.length === 0) return new Map();
  const rows = await db.select().from(sizers).where(inArray(sizers.id, ids));
  const coupons = new Map(rows.map((row) => [row.id, storedSizer(row).coupon]));
  const users = await couponUsers(db, ids);
  return new Map(
    orders.flatMap(({ id, sizerId }) => {
      if (sizerId === null || (users.get(sizerId) ?? id) !== id) return [];
      return [[id, coupons.get(sizerId) ?? 0] as const];
    }),
  );
}

/** What a ring took of stock, supplies and time. */
type Took = Omit<Made, 'stockCost'> & { readonly parts: readonly TakenPart[] };

/** What some rings took, by ring: read for all of them at once. */
async function ringsTook(db: Database, ringIds: readonly string[]): Promise<ReadonlyMap<string, Took>> {
  if (ringIds.length === 0) return new Map();
  const parts = await ringParts(db, ringIds);
  const scraps = await scrapMasses(db, ringIds);
  return new Map(
    (await summariesOf(db, ringIds)).map(({ log: { ringId }, metal, pieceMassG, used, workedMin }) => [
      ringId,
      {
        ...{ metal, pieceMassG, amounts: used.amounts, minutes: workedMin },
        parts: parts.get(ringId) ?? [],
        scrapMassG: scraps.get(ringId) ?? 0,
      },
    ]),
  );
}

/** What was paid for all that some rings are made of. */
function paidForAll(db: Database, taken: ReadonlyMap<string, Took>): Promise<Paid> {
  const stockIds = [...taken.values()].flatMap(({ parts }) => parts.map(({ stockId }) => stockId));
  return readPaid(db, [...new Set(stockIds)]);
}

/** What the rings of some orders took, by order. */
export async function actualCosts(
  db: Database,
  orders: readonly OrderInList[],
  shared: Omit<PriceContext, 'coupon'>,
): Promise<ReadonlyMap<string, PriceInput>> {
  const taken = await ringsTook(db, [...new Set(orders.flatMap((order) => ringOfPrice(order) ?? []))]);
  if (taken.size === 0) return new Map();
  const coupons = await couponsOf(db, orders);
  const paid = await paidForAll(db, taken);
  const costs = orders.flatMap((order) => {
    const took = taken.get(ringOfPrice(order) ?? '');
    if (!took) return [];
    const stockCost = partsCost(orderParts(order, took.parts), paid);
    const coupon = coupons.get(order.id) ?? 0;
    return [[order.id, priceInput({ ...took, stockCost }, { ...shared, coupon })] as const];
  });
  return new Map(costs);
}

/** What some rings took that nobody ordered: their pieces were the workshop's own. */
export async function ringsCosts(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, PriceInput>> {
  const context = { ...(await loadPriceContext(db)), coupon: 0 };
  const taken = await ringsTook(db, ringIds);
  const paid = await paidForAll(db, taken);
  return new Map(
    [...taken].map(([id, took]) => [
      id,
      priceInput({ ...took, stockCost: partsCost(took.parts, paid) }, context),
    ]),
  );
}

/** The same of one. @throws HttpError 404 */
export async function ringCosts(db: Database, ringId: string): Promise<PriceInput> {
  const input = (await ringsCosts(db, [ringId])).get(ringId);
  if (!input) throw notFound('ring');
  return input;
}

/** What an order costs by its plan, and by what its ring has taken so far. */
export async function orderCosts(db: Database, order: OrderInList): Promise<OrderCosts> {
  const shared = await loadPriceContext(db);
  const coupon = (await couponsOf(db, [order])).get(order.id) ?? 0;
  return {
    ...(await plannedCosts(db, order, { ...shared, coupon })),
    actual: (await actualCosts(db, [order], shared)).get(order.id) ?? null,
  };
}
