import type { Order, OrderCosts } from '@round-mint/contract/orders';
import type { Settings } from '@round-mint/contract/settings';
import { approvalHold, scheduleSteps } from '@round-mint/core/schedule';
import { workedMinutes } from '@round-mint/core/learn';
import {
  amountsCost,
  FILINGS_SHARE,
  usedBy,
  worthPerG,
  type Amounts,
  type PriceInput,
  type SpotPrices,
} from '@round-mint/core/trade';
import { and, eq, isNull } from 'drizzle-orm';
import type { MetalId } from '@round-mint/core/metal';
import type { Database } from '../db/database';
import { scrap, sizers, stock } from '../db/schema';
import { HttpError } from '../http/errors';
import { bandOf, readShelves, stepsDone } from './consumables';
import { freezePlan, readBench } from './freeze-plan';
import { storedSizer } from './resources';
import { getRing, metalOf, stateOf } from './ring-store';
import { readSettings } from './settings';
import { spotToday } from './spot';
import type { StoredShelf } from '@round-mint/contract/consumables';

/** What prices are made with today. */
interface PriceContext {
  readonly settings: Settings;
  readonly spot: SpotPrices;
  readonly shelves: readonly StoredShelf[];
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
  const [settings, spot, shelves] = await Promise.all([readSettings(db), spotToday(db), readShelves(db)]);
  return { settings, spot, shelves };
}

function priceInput(made: Made, { settings, spot, shelves, coupon }: PriceContext): PriceInput {
  const { hourlyRate, refinerShare, post, feeShare, feeFixed, marginShare, roundTo } = settings.trade;
  const perG = worthPerG(made.metal, spot);
  return {
    stockCost: made.stockCost,
    meltValue: made.pieceMassG * perG,
    consumablesCost: amountsCost(made.amounts, shelves),
    minutes: made.minutes,
    scrapValue: made.scrapMassG * perG,
    ...{ hourlyRate, refinerShare, post, feeShare, feeFixed, marginShare, roundTo, coupon },
  };
}

/** A customer's own piece costs the workshop nothing, nor does one that is given in exchange. */
function pieceCost({ stockFrom, exchange }: Order, price: number | null): number {
  return stockFrom === 'sent-in' || exchange ? 0 : (price ?? 0);
}

/** What its plan comes to; nothing where it has none that can be made. */
async function plannedCosts(
  db: Database,
  order: Order,
  context: PriceContext,
): Promise<Pick<OrderCosts, 'planned' | 'steps'>> {
  if (order.planId === null) return NO_PLAN;
  const bench = await readBench(db);
  try {
    const { piece, frozen } = await freezePlan(db, order.planId, bench, { order });
    const { slugMassG, ringMassG } = frozen.prediction;
    const { steps } = frozen;
    const planned = priceInput(
      {
        stockCost: pieceCost(order, piece.price),
        metal: metalOf(frozen),
        pieceMassG: slugMassG + ringMassG,
        scrapMassG: slugMassG + ringMassG * FILINGS_SHARE,
        amounts: usedBy(steps, bandOf(frozen)),
        minutes: frozen.totals.handsOnMin,
      },
      context,
    );
    return { planned, steps: [...scheduleSteps(steps, 0, approvalHold(order, steps))] };
  } catch (error) {
    // The piece may have gone since, or a test have ruled it out: then there is no price to tell.
    if (error instanceof HttpError) return NO_PLAN;
    throw error;
  }
}

async function actualInput(db: Database, order: Order, context: PriceContext): Promise<PriceInput | null> {
  // A ring that was archived took nothing that a price should tell.
  if (order.ringId === null || order.ringLost) return null;
  const ring = await getRing(db, order.ringId);
  const [piece] = await db.select({ price: stock.price }).from(stock).where(eq(stock.id, ring.stockId));
  const left = await db
    .select({ massG: scrap.massG })
    .from(scrap)
    .where(and(eq(scrap.ringId, ring.id), isNull(scrap.archivedAt)));
  const state = stateOf(ring, ring.events);
  return priceInput(
    {
      stockCost: pieceCost(order, piece?.price ?? null),
      metal: metalOf(ring),
      pieceMassG: ring.prediction.slugMassG + ring.prediction.ringMassG,
      scrapMassG: left.reduce((sum, { massG }) => sum + massG, 0),
      amounts: usedBy(stepsDone(ring), bandOf(ring)),
      minutes: workedMinutes(state.steps, ring.events),
    },
    context,
  );
}

async function couponOf(db: Database, { sizerId }: Order): Promise<number> {
  if (sizerId === null) return 0;
  const [row] = await db.select().from(sizers).where(eq(sizers.id, sizerId));
  return row ? storedSizer(row).coupon : 0;
}

/** What an order costs by its plan, and by what its ring has taken so far. */
export async function orderCosts(
  db: Database,
  order: Order,
  shared?: Omit<PriceContext, 'coupon'>,
): Promise<OrderCosts> {
  const context: PriceContext = {
    ...(shared ?? (await loadPriceContext(db))),
    coupon: await couponOf(db, order),
  };
  return {
    ...(await plannedCosts(db, order, context)),
    actual: await actualInput(db, order, context),
  };
}

/** Of an order that is through, only what its ring took. */
export async function actualCosts(db: Database, order: Order, shared: Omit<PriceContext, 'coupon'>) {
  return actualInput(db, order, { ...shared, coupon: await couponOf(db, order) });
}
