import type { GivenDiscountRow } from '@round-mint/contract/discounts';
import type { OrderInput } from '@round-mint/contract/orders';
import { WALK_IN_ID } from '@round-mint/contract/shelf';
import {
  discountOff,
  discountRefusal,
  discountRefusalWords,
  type DiscountTakes,
} from '@round-mint/core/trade';
import { and, eq, isNull, ne } from 'drizzle-orm';
import type { Database } from '../db/database';
import { discounts, orders, people, sizers } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { couponUsers } from './coupons';
import { holds, ordersWhere } from './orders-held';
import { lockRow } from './row-lock';
import { storedDiscount, storedSizer } from './stored-rows';

/** The order that a discount is given with. */
type DiscountedOrder = Pick<OrderInput, 'id' | 'personId' | 'sizerId' | 'quote'>;

const HOUR_MS = 3_600_000;
/** How far the clocks of the world are apart from that of Greenwich. */
const WEST_H = 12;
const EAST_H = 14;

/** The days that it may be where the maker is: the server's own clock may stand elsewhere. */
function daysAt(at: string): readonly [string, string] {
  const day = (hours: number) => new Date(Date.parse(at) + hours * HOUR_MS).toISOString().slice(0, 10);
  return [day(-WEST_H), day(EAST_H)];
}

/** Whether somebody has another order that holds. */
async function hasOrdered(tx: Database, personId: string, orderId: string | undefined): Promise<boolean> {
  // One at a time: of two first orders at once, one is the second.
  await lockRow(tx, people, personId);
  const others = orderId === undefined ? undefined : ne(orders.id, orderId);
  const [other] = await ordersWhere(tx, and(eq(orders.personId, personId), others, holds)).limit(1);
  return other !== undefined;
}

/** What a discount takes. @throws HttpError 409 where it does not hold for an order */
async function byCode(
  tx: Database,
  given: GivenDiscountRow,
  { id, personId }: DiscountedOrder,
  at: string,
): Promise<DiscountTakes> {
  const [row] = await tx
    .select()
    .from(discounts)
    .where(and(eq(discounts.id, given.id), isNull(discounts.archivedAt)));
  if (!row) throw notFound('discount');
  const discount = storedDiscount(row);
  const isNamed = personId !== WALK_IN_ID;
  const buyer = {
    isNamed,
    hasOrdered: discount.firstOrder && isNamed && (await hasOrdered(tx, personId, id)),
  };
  const refusal = discountRefusal(discount, daysAt(at), buyer);
  if (refusal) {
    throw new HttpError(
      'discount-refused',
      discountRefusalWords(refusal, discount, (day) => day),
    );
  }
  return discount.takes;
}

/** What a sizer's coupon takes. @throws HttpError 409 where it is not the buyer's, or another order has it */
async function byCoupon(
  tx: Database,
  given: GivenDiscountRow,
  { id, personId, sizerId }: DiscountedOrder,
): Promise<DiscountTakes> {
  await lockRow(tx, sizers, given.id);
  const [row] = await tx
    .select()
    .from(sizers)
    .where(and(eq(sizers.id, given.id), isNull(sizers.archivedAt)));
  if (!row) throw notFound('sizer');
  const sizer = storedSizer(row);
  const refuse = (words: string) => new HttpError('discount-refused', words);
  if (sizer.personId !== personId) throw refuse('This coupon went to somebody else.');
  if (sizerId !== given.id) throw refuse('An order with a sizer’s coupon has to name that sizer.');
  const user = (await couponUsers(tx, [given.id])).get(given.id);
  if (user !== undefined && user !== id) throw refuse('Another order uses this coupon.');
  return { kind: 'sum', amount: sizer.coupon };
}

const HALF_A_CENT = 0.005;

/**
 * Whether what is taken off the price of an order may be. @param before what was taken off before: that was seen then
 * @throws HttpError 404 and 409
 */
export async function checkDiscount(
  tx: Database,
  order: DiscountedOrder,
  before?: OrderInput['quote'],
): Promise<void> {
  const { quote } = order;
  const given = quote?.discount;
  if (!quote || !given) return;
  if (before?.at === quote.at && before.price === quote.price && before.discount?.id === given.id) return;
  const takes =
    given.by === 'code' ? await byCode(tx, given, order, quote.at) : await byCoupon(tx, given, order);
  if (given.off > discountOff(takes, quote.price + given.off) + HALF_A_CENT) {
    throw new HttpError('discount-refused', 'This discount takes less off than that.');
  }
}
