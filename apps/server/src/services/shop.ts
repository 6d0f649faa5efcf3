import type { RingWithEvents } from '@round-mint/contract/rings';
import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import { ringOutcome } from '@round-mint/core/ring';
import { workedMinutes } from '@round-mint/core/learn';
import { marginAt, shopNumbers, type PastRing, type PastSale } from '@round-mint/core/trade';
import type { Database } from '../db/database';
import { actualCosts, loadPriceContext } from './costs';
import { allOrders } from './orders';
import { finishedRings, ringsIn, stateOf } from './ring-store';

function pastRing(ring: RingWithEvents): PastRing {
  const state = stateOf(ring, ring.events);
  const targetMm = state.targetInsideDiameterMm ?? ring.prediction.targetInsideDiameterMm;
  return {
    overAt: ring.finishedAt ?? ring.createdAt,
    workedMin: workedMinutes(state.steps, ring.events),
    ...(state.spoilt ? { spoiltBy: state.spoilt.cause } : {}),
    sizeErrorUs: ringOutcome(state, targetMm).sizeErrorUs,
  };
}

/** Orders that are paid and gone, with what each left over. */
async function pastSales(db: Database): Promise<readonly PastSale[]> {
  const priceContext = await loadPriceContext(db);
  const sales: PastSale[] = [];
  for (const order of await allOrders(db)) {
    const { quote, state, events } = order;
    if (state !== 'closed' || !quote) continue;
    const input = (await actualCosts(db, order, priceContext)) ?? quote.input;
    const closedAt = events.at(-1)?.at ?? order.updatedAt;
    sales.push({ closedAt, price: quote.price, margin: marginAt(input, quote.price) });
  }
  return sales;
}

/** What the shop wants to know of itself, for the last twelve months. */
export async function readShopNumbers(db: Database): Promise<ShopNumbersAnswer> {
  const rings = [...(await finishedRings(db)), ...(await ringsIn(db, 'spoilt'))].map(pastRing);
  const sales = await pastSales(db);
  const { months, spoiltBy, ...numbers } = shopNumbers(rings, sales, new Date().toISOString());
  const margins = sales.reduce((sum, { margin }) => sum + margin, 0);
  return {
    ...numbers,
    months: months.map((month) => ({
      ...month,
      hoursEach: month.hoursEach ?? null,
      sizeErrorUs: month.sizeErrorUs ?? null,
    })),
    spoiltBy: [...spoiltBy],
    marginShare: numbers.marginShare ?? null,
    marginPerOrder: sales.length === 0 ? null : margins / sales.length,
  };
}
