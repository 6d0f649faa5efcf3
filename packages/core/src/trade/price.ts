import { percentWords } from '../format';
import type { SaleWay } from './shelf-state';

/** What goes into the price of a ring, in the workshop's money. */
export interface PriceInput {
  /** What the piece cost; nothing when the customer brings it. */
  readonly stockCost: number;
  /** What the piece is worth as metal: it is destroyed, so the price never goes below. */
  readonly meltValue: number;
  readonly consumablesCost: number;
  /** Minutes of hands at the bench. */
  readonly minutes: number;
  readonly hourlyRate: number;
  /** Metal value of slug and filings. */
  readonly scrapValue: number;
  /** Share of it that a refiner pays out. */
  readonly refinerShare: number;
  readonly post: number;
  /** Of the price, and per sale. */
  readonly feeShare: number;
  readonly feeFixed: number;
  /** Of the price: what is to be left over. */
  readonly marginShare: number;
  /** Taken off for a coupon. */
  readonly coupon?: number | undefined;
  /** Prices are rounded up to a multiple of this. */
  readonly roundTo?: number | undefined;
}

export type PriceLineCode = 'stock' | 'consumables' | 'minutes' | 'scrap' | 'post' | 'fees' | 'margin';

export interface PriceLine {
  readonly code: PriceLineCode;
  readonly amount: number;
}

export interface Price {
  readonly lines: readonly PriceLine[];
  /** What making it costs, without fees and margin. */
  readonly cost: number;
  readonly price: number;
  readonly floor: number;
  /** Whether the metal's worth decided, not the margin. */
  readonly atFloor: boolean;
  readonly margin: number;
}

/** Fees and margin together cannot take the whole price. */
const MOST_SHARE = 0.95;

function roundedUp(amount: number, to: number): number {
  return to > 0 ? Math.ceil(amount / to - 1e-9) * to : amount;
}

/** What making it costs: piece, what is used up and minutes, less what slug and filings bring. */
export function costOf(input: PriceInput): number {
  const { stockCost, consumablesCost, minutes, hourlyRate, scrapValue, refinerShare } = input;
  return stockCost + consumablesCost + (minutes / 60) * hourlyRate - scrapValue * refinerShare;
}

/** What is paid in fees when a ring is sold at a price. */
export function feesAt({ feeShare, feeFixed }: Fees, price: number): number {
  return price * feeShare + feeFixed;
}

/** What is left over when a ring is sold at a price. */
export function marginAt(input: PriceInput, price: number): number {
  return price - costOf(input) - input.post - feesAt(input, price);
}

/**
 * The price of a ring (craft §11): cost and post and fees, marked up so that the margin is left of what is paid; never
 * below what the piece was worth as metal.
 * @throws RangeError when fees and margin would take the whole price
 */
export function priceRing(input: PriceInput): Price {
  const { stockCost, meltValue, consumablesCost, minutes, hourlyRate, scrapValue, refinerShare } = input;
  const { post, feeShare, feeFixed, marginShare, coupon = 0, roundTo = 0 } = input;
  if (feeShare + marginShare > MOST_SHARE) {
    throw new RangeError(`fees and margin together must stay under ${percentWords(MOST_SHARE)} of the price`);
  }
  const labour = (minutes / 60) * hourlyRate;
  const credit = scrapValue * refinerShare;
  const cost = costOf(input);
  const byMargin = (cost + post + feeFixed) / (1 - feeShare - marginShare);
  const price = Math.max(0, Math.max(roundedUp(Math.max(byMargin, meltValue), roundTo) - coupon, meltValue));
  const fees = feesAt(input, price);
  const margin = marginAt(input, price);
  const atFloor = price <= meltValue + 1e-9;
  const lines: PriceLine[] = [
    { code: 'stock', amount: stockCost },
    { code: 'consumables', amount: consumablesCost },
    { code: 'minutes', amount: labour },
    { code: 'scrap', amount: -credit },
    { code: 'post', amount: post },
    { code: 'fees', amount: fees },
    { code: 'margin', amount: margin },
  ];
  return { lines, cost, price, floor: meltValue, atFloor, margin };
}

/** As {@link priceRing}; undefined where fees and margin would take the whole price. */
export function possiblePrice(input: PriceInput): Price | undefined {
  return input.feeShare + input.marginShare > MOST_SHARE ? undefined : priceRing(input);
}

/** What a way of selling takes: of the price, and per sale. */
export interface Fees {
  readonly feeShare: number;
  readonly feeFixed: number;
}

/** The fees of a way of selling; where it has none of its own, those that hold in general. */
export function feesOf(
  { feeShare, feeFixed }: Fees,
  ways: Readonly<Partial<Record<SaleWay, Fees | undefined>>>,
  way: SaleWay | undefined,
): Fees {
  return (way && ways[way]) ?? { feeShare, feeFixed };
}
