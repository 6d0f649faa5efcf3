import type { MarkedPiece } from '../faces';
import { USUAL_WIDTHS_MM, type SchoolWish, type WallWish } from '../forming';
import type { MetalId } from '../metal';
import type { BenchTraits } from '../steps';
import type { Coin } from '../stock';

/** A piece of the drawer as far as a search is concerned. */
export interface SearchPiece extends Coin, MarkedPiece {
  readonly id: string;
  /** Pieces of other names are not alike, whatever they measure. */
  readonly name?: string | undefined;
  readonly year?: number | null | undefined;
  /** What it cost; undefined or null when nobody knows. */
  readonly price?: number | null | undefined;
  readonly quantity?: number | undefined;
}

/** What a ring should be; what is left out is open. */
export interface RingWish {
  readonly targetInsideDiameterMm: number;
  readonly wall: WallWish;
  readonly widthMm: {
    readonly min?: number | undefined;
    readonly max?: number | undefined;
    readonly ideal?: number | undefined;
  };
  readonly year?: number | undefined;
  readonly metal?: MetalId | undefined;
  /** Face that is to show outside; a piece that may show either always fits. */
  readonly face?: 'obverse' | 'reverse' | undefined;
  readonly priceMax?: number | undefined;
  /** Takes holes, too, that cut what must stay on a piece. */
  readonly mayCut?: boolean | undefined;
  readonly school?: SchoolWish | undefined;
  /** How the bench that makes it behaves; left out, by default. */
  readonly traits?: BenchTraits | undefined;
}

/** Whether a piece is worth a look at all: what was asked of year, metal, face and price, and that one is left. */
export function pieceFitsWish(
  piece: Pick<SearchPiece, 'quantity' | 'year' | 'metal' | 'outsideFace' | 'price'>,
  wish: RingWish,
): boolean {
  const { year, metal, face, priceMax } = wish;
  if (piece.quantity === 0) return false;
  if (year !== undefined && piece.year !== year) return false;
  if (metal !== undefined && piece.metal !== metal) return false;
  if (face !== undefined && piece.outsideFace !== face && piece.outsideFace !== 'either') return false;
  return priceMax === undefined || (piece.price ?? 0) <= priceMax;
}

/** The width that is aimed at: the ideal, or the middle of what was allowed; of the usual ones where nothing was. */
export function idealWidthMm({ min, max, ideal }: RingWish['widthMm']): number {
  if (ideal !== undefined) return ideal;
  if (min !== undefined && max !== undefined) return (min + max) / 2;
  return min ?? max ?? (USUAL_WIDTHS_MM.min + USUAL_WIDTHS_MM.max) / 2;
}

/** How far a width lies outside what was allowed, mm; 0 within. */
export function outsideWishMm(widthMm: number, { min, max }: RingWish['widthMm']): number {
  return Math.max(0, (min ?? 0) - widthMm, widthMm - (max ?? Infinity));
}

/** Widths this far outside the wish are no answer to it, mm. */
export const WIDTH_TOLERANCE_MM = 0.3;
