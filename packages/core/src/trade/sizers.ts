/** A plastic sizer that went out by post. */
export interface Sizer {
  /** What it and its post cost the workshop. */
  readonly cost: number;
  /** What the customer paid; nothing when it was given away. */
  readonly paid: number;
  /** What the coupon in it takes off the ring. */
  readonly coupon: number;
  /** The ring it leads to is resized for nothing, should it not fit. */
  readonly guarantee: boolean;
  /** It led to an order. */
  readonly ordered: boolean;
  /** The coupon was used on it. */
  readonly couponUsed: boolean;
}

export interface SizerSums {
  readonly sent: number;
  readonly orders: number;
  /** Orders for each sizer sent, and between what that may truly lie (95 of 100, Wilson 1927). */
  readonly conversion: number;
  readonly low: number;
  readonly high: number;
  readonly cost: number;
  readonly income: number;
  readonly couponsUsed: number;
  /** What resizing for nothing is expected to cost, of the orders that it was promised for. */
  readonly resizes: number;
  /** What a sizer brings in the end: margin of the orders it led to, and what was paid, less cost, coupons and promised resizes. */
  readonly netEach: number;
}

export interface SizerSchools {
  readonly free: SizerSums;
  readonly paid: SizerSums;
  /** Share of free sizers that has to lead to an order for them to cost nothing. */
  readonly breakEvenFree: number;
  /** Share of paid sizers that has to lead to an order to bring as much as the free ones do; undefined without any free. */
  readonly breakEvenPaid: number | undefined;
  readonly better: 'free' | 'paid' | 'too-few';
}

/** Rings with a promised resize that come back for one (ours: no figures of it are kept yet). */
export const RESIZED_SHARE = 0.1;

const NORMAL_95 = 1.96;
/** Fewer than this of a school say nothing yet. */
const FEW = 5;

function wilson(hits: number, of: number): { readonly low: number; readonly high: number } {
  if (of === 0) return { low: 0, high: 1 };
  const z2 = NORMAL_95 ** 2;
  const share = hits / of;
  const middle = (share + z2 / (2 * of)) / (1 + z2 / of);
  const half = (NORMAL_95 / (1 + z2 / of)) * Math.sqrt((share * (1 - share)) / of + z2 / (4 * of ** 2));
  return { low: Math.max(0, middle - half), high: Math.min(1, middle + half) };
}

function sumsOf(sizers: readonly Sizer[], marginPerOrder: number, resizeCost: number): SizerSums {
  const sum = (of: (sizer: Sizer) => number) => sizers.reduce((total, one) => total + of(one), 0);
  const sent = sizers.length;
  const orders = sizers.filter(({ ordered }) => ordered).length;
  const cost = sum((one) => one.cost);
  const income = sum((one) => one.paid);
  const resizes = sum(({ guarantee, ordered }) => (guarantee && ordered ? RESIZED_SHARE * resizeCost : 0));
  const couponsUsed = sum(({ couponUsed, coupon }) => (couponUsed ? coupon : 0));
  return {
    sent,
    orders,
    conversion: sent === 0 ? 0 : orders / sent,
    ...wilson(orders, sent),
    cost,
    income,
    couponsUsed,
    resizes,
    netEach: sent === 0 ? 0 : (orders * marginPerOrder + income - cost - couponsUsed - resizes) / sent,
  };
}

const mean = (values: readonly number[]) =>
  values.length === 0 ? 0 : values.reduce((sum, value) => sum + value, 0) / values.length;

/**
 * Both schools of sizers by post beside each other, by the maker's own figures: given away, or paid with a coupon worth
 * more than they cost (craft §1).
 * @param marginPerOrder what an order leaves over on average, before coupons
 * @param resizeCost what resizing a ring for nothing costs the workshop
 */
export function compareSizers(
  sizers: readonly Sizer[],
  marginPerOrder: number,
  resizeCost: number,
): SizerSchools {
  const given = sizers.filter(({ paid }) => paid === 0);
  const sold = sizers.filter(({ paid }) => paid > 0);
  const free = sumsOf(given, marginPerOrder, resizeCost);
  const paid = sumsOf(sold, marginPerOrder, resizeCost);
  const perOrder = Math.max(1e-9, marginPerOrder);
  const soldCost = mean(sold.map((one) => one.cost - one.paid));
  const soldPerOrder = Math.max(1e-9, marginPerOrder - mean(sold.map(({ coupon }) => coupon)));
  const few = free.sent < FEW || paid.sent < FEW;
  return {
    free,
    paid,
    breakEvenFree: mean(given.map(({ cost }) => cost)) / perOrder,
    breakEvenPaid: free.sent === 0 ? undefined : Math.max(0, (free.netEach + soldCost) / soldPerOrder),
    better: few ? 'too-few' : free.netEach > paid.netEach ? 'free' : 'paid',
  };
}
