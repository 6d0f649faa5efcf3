import type { EndShape, HandleStyle, SpiralFit, Station, Stretch } from '../handle';
import type { MetalId } from '../metal';
import type { FinishedBand } from '../resize';
import type { Coin } from '../stock';
import type { StripSection } from '../strip';
import type { WORK_KINDS, STOCK_KINDS } from './codes';

export type WorkKind = (typeof WORK_KINDS)[number];

export type StockKind = (typeof STOCK_KINDS)[number];

export interface HandlePiece {
  readonly kind: 'handle';
  readonly metal: MetalId;
  /** From the tip of the pattern on, mm. */
  readonly stations: readonly Station[];
  readonly enamel: readonly Stretch[];
}

/** Strip, or wire when it is round. */
export interface StripPiece {
  readonly kind: 'strip';
  readonly metal: MetalId;
  readonly section: StripSection;
  /** Of a wire its diameter, like the width. */
  readonly thicknessMm: number;
  readonly widthMm: number;
  /** What is left of it, mm. */
  readonly lengthMm: number;
}

/** A finished ring that is to be another size. */
export interface BandPiece extends FinishedBand {
  readonly kind: 'band';
  readonly insideDiameterMm: number;
}

export interface CoinPiece extends Coin {
  readonly kind: 'coin';
}

export type WorkPiece = CoinPiece | HandlePiece | StripPiece | BandPiece;

export interface HandleWork {
  readonly kind: 'handle';
  readonly style: HandleStyle;
  readonly overlapMm?: number | undefined;
  readonly turns?: number | undefined;
  readonly pitchMm?: number | undefined;
  /** The end that stays whole and shows. */
  readonly keptEnd: 'tip' | 'neck';
  /** Where the ring begins, from the kept end, mm. */
  readonly startMm: number;
  /** Shape of the end that is kept, and of the other where that is told. */
  readonly ends: EndShape;
  readonly otherEnd?: EndShape | undefined;
  /** Of a spiral: what is solved for, so that it uses the whole handle; left out, as told. */
  readonly fit?: SpiralFit | undefined;
}

export interface StripWork {
  readonly kind: 'strip';
  readonly seamMm?: number | undefined;
  readonly textured: boolean;
  /** Thickness of the band, mm: thicker strip is rolled to it first; left out, as it is. */
  readonly rolledToMm?: number | undefined;
  /** Width of the band, mm: wider strip is narrowed to it; left out, as it comes. */
  readonly widthMm?: number | undefined;
}

/** What is the same for rings that are put together of several parts. */
interface PartsWork {
  /** Bent soft, or as hard as it is: hard springs more, and keeps its shape better. Left out, soft. */
  readonly temper?: 'annealed' | 'hard' | undefined;
  /** Borders stamped along both edges, and marks struck inside, while it is flat. */
  readonly borders?: boolean | undefined;
  readonly hallmark?: boolean | undefined;
  /** The strip in stock that the other part is cut from; left out, one that is told beside it. */
  readonly otherStockId?: string | undefined;
}

/** The inner band of a spinner comes from the strip at hand; the outer is its other part. */
export interface SpinnerWork extends PartsWork {
  readonly kind: 'spinner';
  readonly outerThicknessMm: number;
  readonly outerWidthMm: number;
  readonly outerMetal?: MetalId | undefined;
  readonly clearanceMm?: number | undefined;
}

/** The coin is the piece at hand; the strip is the other part. */
export interface CoinBandWork extends PartsWork {
  readonly kind: 'coin-band';
  readonly stripWidthMm: number;
  readonly stripThicknessMm: number;
  readonly stripMetal: MetalId;
  readonly knuckleMm?: number | undefined;
}

export interface ResizeWork {
  readonly kind: 'resize';
  /** What lies between band and die. */
  readonly cover: 'cloth' | 'leather' | 'none';
}

export type Work = HandleWork | StripWork | SpinnerWork | CoinBandWork | ResizeWork;

/** The kind of stock that a kind of work begins with. */
export const STOCK_FOR: Readonly<Record<WorkKind, StockKind>> = {
  handle: 'handle',
  strip: 'strip',
  spinner: 'strip',
  'coin-band': 'coin',
  resize: 'band',
};
