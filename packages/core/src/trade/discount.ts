/** What a discount takes off: a share of the price, or a sum. */
export type DiscountTakes =
  { readonly kind: 'share'; readonly share: number } | { readonly kind: 'sum'; readonly amount: number };

/** Price reduction that a customer asks for by its code. */
export interface Discount {
  readonly code: string;
  readonly takes: DiscountTakes;
  /** First and last day on which it is given, such as "2026-12-04"; null where there is none. */
  readonly from: string | null;
  readonly until: string | null;
  /** Only for whoever has ordered nothing before. */
  readonly firstOrder: boolean;
}

/** A discount as it was given: on a discount's code, or with the coupon of a posted sizer. */
export interface GivenDiscount {
  readonly by: 'code' | 'sizer';
  /** Of the discount or the sizer. */
  readonly id: string;
  readonly code: string;
  /** What it took off the price. */
  readonly off: number;
}

/** Why a discount is not given. */
export type DiscountRefusal = 'not-yet' | 'over' | 'not-first' | 'nobody';

/** Whom a discount is asked for by. */
export interface DiscountBuyer {
  /** Whether it is known who buys. */
  readonly isNamed: boolean;
  /** Whether they have ordered before. */
  readonly hasOrdered: boolean;
}

/**
 * Why a discount is not given; undefined where it is.
 * @param days the first and the last day that it may be where the buyer is: the same twice where that is known
 */
export function discountRefusal(
  { from, until, firstOrder }: Discount,
  [firstDay, lastDay]: readonly [string, string],
  { isNamed, hasOrdered }: DiscountBuyer,
): DiscountRefusal | undefined {
  if (from !== null && lastDay < from) return 'not-yet';
  if (until !== null && firstDay > until) return 'over';
  if (firstOrder && !isNamed) return 'nobody';
  return firstOrder && hasOrdered ? 'not-first' : undefined;
}

const inCents = (amount: number) => Math.round(amount * 100) / 100;

/** What is taken off a price, to the cent; never more than the price itself. */
export function discountOff(takes: DiscountTakes, price: number): number {
  return inCents(Math.min(price, takes.kind === 'share' ? price * takes.share : takes.amount));
}

/** A price with a discount taken off. */
export interface Discounted {
  readonly price: number;
  readonly off: number;
  /** What the floor kept from being taken off. */
  readonly heldBack: number;
}

/**
 * Takes a discount off a price. It stops where the piece is worth as much as metal, unless it is to be given in full; a
 * price that lies below that already is left alone.
 * @param floor worth of the piece as metal
 */
export function lessDiscount(price: number, takes: DiscountTakes, floor: number, inFull = false): Discounted {
  const whole = discountOff(takes, price);
  // Rounded up, a floor between two cents is not gone below.
  const least = Math.ceil(floor * 100 - 1e-6) / 100;
  const off = inFull ? whole : Math.min(whole, Math.max(0, inCents(price - least)));
  return { price: inCents(price - off), off, heldBack: inCents(whole - off) };
}

/** Whether two codes are the same one: case and blanks around them do not count. */
export function isSameCode(a: string, b: string): boolean {
  return a.trim().toUpperCase() === b.trim().toUpperCase();
}
