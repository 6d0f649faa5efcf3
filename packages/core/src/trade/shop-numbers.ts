import type { GivenDiscount } from './discount';
import type { SaleWay } from './shelf-state';

/** A ring that is over: finished, or spoilt. */
export interface PastRing {
  /** ISO time. */
  readonly overAt: string;
  readonly workedMin: number;
  /** Symptom that spoilt it; undefined when it was finished. */
  readonly spoiltBy?: string | undefined;
  /** Actual less target, US sizes; undefined where nothing was read. */
  readonly sizeErrorUs?: number | undefined;
}

/** An order that is through. */
export interface PastSale {
  readonly closedAt: string;
  readonly price: number;
  readonly margin: number;
  /** By which way it was sold; what was ordered and not sold by one is an order. */
  readonly way: SaleWay | 'order';
  readonly fees: number;
  /** Hands at the bench. */
  readonly hours: number;
  /** What was taken off it on a code, or on the coupon of a sizer. */
  readonly discount?: Pick<GivenDiscount, 'by' | 'code' | 'off'> | undefined;
}

/** How often a discount was given, and what it took off in all. */
export interface DiscountNumbers {
  readonly code: string;
  readonly by: GivenDiscount['by'];
  readonly sales: number;
  readonly off: number;
}

/** What a way of selling brought. */
export interface WayNumbers {
  readonly way: PastSale['way'];
  readonly sales: number;
  readonly income: number;
  readonly fees: number;
  readonly margin: number;
  /** For each hour at the bench; undefined where none was logged. */
  readonly marginPerHour: number | undefined;
}

export interface MonthNumbers {
  /** "2026-11". */
  readonly month: string;
  readonly finished: number;
  readonly spoilt: number;
  /** Hands for each finished ring, spoilt ones borne by the others; undefined without any. */
  readonly hoursEach: number | undefined;
  readonly income: number;
  readonly margin: number;
  /** Root of the mean square of the size errors; undefined where nothing was read. */
  readonly sizeErrorUs: number | undefined;
}

export interface ShopNumbers {
  readonly months: readonly MonthNumbers[];
  /** Share of the rings that were begun and given up. */
  readonly spoiltShare: number;
  readonly spoiltBy: readonly { readonly cause: string; readonly count: number }[];
  readonly marginShare: number | undefined;
  /** Of the same months, the one that brought most first. */
  readonly byWay: readonly WayNumbers[];
  /** Of the same months, the one that took off most first; the coupons of all sizers are one. */
  readonly byDiscount: readonly DiscountNumbers[];
}

const monthOf = (iso: string) => iso.slice(0, 7);

/** The last months, the present one last. */
function lastMonths(now: string, count: number): readonly string[] {
  const [year = 0, month = 1] = now.split('-').map(Number);
  return Array.from({ length: count }, (_, i) => {
    const at = year * 12 + (month - 1) - (count - 1 - i);
    return `${Math.floor(at / 12)}-${String((at % 12) + 1).padStart(2, '0')}`;
  });
}

function sum(values: readonly number[]): number {
  return values.reduce((total, value) => total + value, 0);
}

function monthNumbers(month: string, rings: readonly PastRing[], sales: readonly PastSale[]): MonthNumbers {
  const mine = rings.filter(({ overAt }) => monthOf(overAt) === month);
  const sold = sales.filter(({ closedAt }) => monthOf(closedAt) === month);
  const finished = mine.filter(({ spoiltBy }) => spoiltBy === undefined);
  const errors = finished.flatMap(({ sizeErrorUs }) => (sizeErrorUs === undefined ? [] : [sizeErrorUs]));
  return {
    month,
    finished: finished.length,
    spoilt: mine.length - finished.length,
    hoursEach:
      finished.length === 0 ? undefined : sum(mine.map(({ workedMin }) => workedMin)) / 60 / finished.length,
    income: sum(sold.map(({ price }) => price)),
    margin: sum(sold.map(({ margin }) => margin)),
    sizeErrorUs:
      errors.length === 0 ? undefined : Math.sqrt(sum(errors.map((error) => error ** 2)) / errors.length),
  };
}

function wayNumbers(sales: readonly PastSale[]): readonly WayNumbers[] {
  const ways = [...new Set(sales.map(({ way }) => way))];
  return ways
    .map((way) => {
      const own = sales.filter((sale) => sale.way === way);
      const margin = sum(own.map((sale) => sale.margin));
      const hours = sum(own.map((sale) => sale.hours));
      return {
        way,
        sales: own.length,
        income: sum(own.map(({ price }) => price)),
        fees: sum(own.map(({ fees }) => fees)),
        margin,
        marginPerHour: hours > 0 ? margin / hours : undefined,
      };
    })
    .sort((a, b) => b.margin - a.margin);
}

/** The coupons of all sizers count as one, under no code. */
function codeOf({ by, code }: Pick<GivenDiscount, 'by' | 'code'>): string {
  return by === 'sizer' ? '' : code.toUpperCase();
}

function discountNumbers(sales: readonly PastSale[]): readonly DiscountNumbers[] {
  const given = sales.flatMap(({ discount }) => discount ?? []);
  return [...new Set(given.map(codeOf))]
    .map((code): DiscountNumbers => {
      const own = given.filter((one) => codeOf(one) === code);
      const by = code === '' ? 'sizer' : 'code';
      return { code, by, sales: own.length, off: sum(own.map(({ off }) => off)) };
    })
    .sort((a, b) => b.off - a.off);
}

/**
 * What a shop wants to know of itself, month by month.
 * @param now ISO time: the last month shown
 */
export function shopNumbers(
  rings: readonly PastRing[],
  sales: readonly PastSale[],
  now: string,
  months = 12,
): ShopNumbers {
  const causes = new Map<string, number>();
  for (const { spoiltBy } of rings) {
    if (spoiltBy !== undefined) causes.set(spoiltBy, (causes.get(spoiltBy) ?? 0) + 1);
  }
  const spoilt = sum([...causes.values()]);
  const income = sum(sales.map(({ price }) => price));
  const shown = lastMonths(now, months);
  const recent = sales.filter(({ closedAt }) => shown.includes(monthOf(closedAt)));
  return {
    byWay: wayNumbers(recent),
    byDiscount: discountNumbers(recent),
    months: shown.map((month) => monthNumbers(month, rings, sales)),
    spoiltShare: rings.length === 0 ? 0 : spoilt / rings.length,
    spoiltBy: [...causes].map(([cause, count]) => ({ cause, count })).sort((a, b) => b.count - a.count),
    marginShare: income === 0 ? undefined : sum(sales.map(({ margin }) => margin)) / income,
  };
}
