import type { OrderInList } from '@round-mint/contract/orders';
import { costOf, feesAt, marginAt, type PastSale, type PriceInput } from '@round-mint/core/trade';
import type { Database } from '../db/database';
import { BOOK_COLUMNS } from './csv-columns';
import { csvOf } from './csv-table';
import { actualCosts, loadPriceContext } from './costs';
import { closedOrders } from './orders';

/** An order that is paid and gone, with all that its price was made of. */
interface BookedSale {
  readonly order: OrderInList;
  readonly closedAt: string;
  readonly price: number;
  /** What the ring really took, with post and fees as they were when the price was told. */
  readonly input: PriceInput;
}

/** Every order that is paid and gone. */
export async function booked(db: Database): Promise<readonly BookedSale[]> {
  const closed = await closedOrders(db);
  const costs = await actualCosts(
    db,
    closed.map(({ order }) => order),
    await loadPriceContext(db),
  );
  return closed.flatMap(({ order, closedAt }) => {
    const { quote } = order;
    if (!quote) return [];
    const { post, feeShare, feeFixed } = quote.input;
    const input = { ...(costs.get(order.id) ?? quote.input), post, feeShare, feeFixed };
    return [{ order, closedAt, price: quote.price, input }];
  });
}

/** What the numbers of the shop are made of. */
export function pastSale({ order, closedAt, price, input }: BookedSale): PastSale {
  return {
    ...{ closedAt, price, margin: marginAt(input, price) },
    way: order.way ?? 'order',
    fees: feesAt(input, price),
    hours: input.minutes / 60,
    discount: order.quote?.discount,
  };
}

/** Amounts of money, as they are paid. */
const paid = (amount: number) => Number(amount.toFixed(2));

/** What was taken off, and by which code: empty where nothing was. */
function discountOf({ quote }: OrderInList) {
  const given = quote?.discount;
  return given ? { discount: paid(given.off), discountCode: given.code } : { discount: 0, discountCode: '' };
}

/** A sale as a line of the books. */
function bookLine({ order, closedAt, price, input }: BookedSale): Readonly<Record<string, unknown>> {
  const { stockCost, consumablesCost, minutes, hourlyRate, scrapValue, refinerShare, post } = input;
  return {
    day: closedAt.slice(0, 10),
    ...{ orderId: order.id, ring: order.name, buyer: order.personName },
    way: order.way ?? 'order',
    price: paid(price),
    ...discountOf(order),
    fees: paid(feesAt(input, price)),
    post: paid(post),
    stock: paid(stockCost),
    supplies: paid(consumablesCost),
    minutes: Math.round(minutes),
    labour: paid((minutes / 60) * hourlyRate),
    scrap: paid(scrapValue * refinerShare),
    cost: paid(costOf(input)),
    margin: paid(marginAt(input, price)),
  };
}

/** Every sale of a year as a table, the first one first. */
export async function writeBooks(db: Database, year: number): Promise<string> {
  const sales = (await booked(db))
    .filter(({ closedAt }) => closedAt.startsWith(`${year}-`))
    .toSorted((a, b) => a.closedAt.localeCompare(b.closedAt));
  return csvOf({ columns: BOOK_COLUMNS, flat: bookLine }, sales);
}
