import type { FinishingSchool, WallWish } from '../forming';
import type { MetalId } from '../metal';
import type { Kit } from '../kit';
import type { SizeSystemId } from '../size';
import type { BenchTraits, Finish } from '../steps';
import type { InDrawer, WayCoin, WayPiece } from '../ways';
import type { BandPiece, Work } from '../work';
import type { WISH_KINDS } from './codes';

export type WishKind = (typeof WISH_KINDS)[number];

/** A customer's wish; what is left out is open. */
export interface CustomerWish {
  readonly kind: WishKind;
  readonly targetInsideDiameterMm: number;
  readonly wall: WallWish;
  readonly finish: Finish;
  readonly widthMm: { readonly min?: number | undefined; readonly max?: number | undefined };
  readonly year?: number | undefined;
  readonly metal?: MetalId | undefined;
  readonly face?: 'obverse' | 'reverse' | undefined;
  /** Takes holes, too, that cut what must stay on a piece: to be offered instead. */
  readonly mayCut?: boolean | undefined;
  /** This very piece: the customer's own, or one that was shown. */
  readonly stockId?: string | undefined;
}

export type WishCoin = WayCoin;
/** A piece that a wish may be met with: what rings are made of, and a ring that is to be another size. */
export type WishPiece = WayPiece | (InDrawer & BandPiece);

export interface WishBench {
  readonly stock: readonly WishPiece[];
  readonly kit: Kit;
  readonly traits: BenchTraits;
  /** Sizes that amounts are told in; left out, US. */
  readonly system?: SizeSystemId | undefined;
}

/** How a wish would be made: enough to plan by. */
export type WishPlan =
  | {
      readonly kind: 'coin';
      readonly holeMm: number;
      readonly wall: WallWish;
      readonly school: FinishingSchool;
    }
  | Work;

/** A way to make a ring. */
export interface WishOption {
  readonly stockId: string;
  readonly name: string;
  readonly plan: WishPlan;
  readonly bandWidthMm: number;
  readonly annealCount: number;
  readonly handsOnMin: number;
  /** What the piece cost; undefined when nobody knows. */
  readonly price: number | undefined;
  readonly why: string;
  /** In what it is not as wished; empty when it is. */
  readonly changes: readonly string[];
}

export interface WishRefusal {
  readonly stockId: string;
  readonly name: string;
  readonly why: string;
}

export interface WishAnswer {
  /** As wished, best first. */
  readonly options: readonly WishOption[];
  /** Near the wish: what each changes is said. */
  readonly alternatives: readonly WishOption[];
  /** Pieces that were meant, and why they do not do. */
  readonly whyNot: readonly WishRefusal[];
}
