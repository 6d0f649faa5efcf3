import type { RingWish, SearchOption, SearchPiece } from '../search';
import type { Finish } from '../steps';
import type { Interval } from '../uncertainty';
import type { HandlePiece, Permits, ResizeWork, StripPiece, Work } from '../work';

/** What a piece of the drawer has beside its measures, of whatever kind it is. */
export interface InDrawer {
  readonly id: string;
  readonly name: string;
  readonly year?: number | null | undefined;
  readonly price?: number | null | undefined;
  readonly quantity: number;
  /** What a test found that it may bear. */
  readonly may?: Permits | undefined;
}

export type WayCoin = SearchPiece & InDrawer & { readonly kind: 'coin' };
export type WayHandle = HandlePiece & InDrawer;
export type WayStrip = StripPiece & InDrawer;
/** A piece that a ring may be made of; a ring that is to be another size is none. */
export type WayPiece = WayCoin | WayHandle | WayStrip;

/** Work that makes a ring of a piece, and is no coin ring. */
export type WayWork = Exclude<Work, ResizeWork>;

export interface WayWish extends RingWish {
  readonly finish: Finish;
}

/** A coin ring among the ways to make what is wished for. */
export interface CoinWay extends SearchOption {
  readonly kind: 'coin';
}

/** Another work among them: judged by the same things. */
export interface WorkWay {
  readonly kind: WayWork['kind'];
  readonly stockId: string;
  /** How many pieces in stock are as this one. */
  readonly alike: number;
  readonly work: WayWork;
  /** The strip in stock that its other part is cut from. */
  readonly otherStockId: string | undefined;
  readonly bandWidthMm: number;
  readonly widthErrorMm: number;
  readonly widthMm: Interval;
  readonly sizeMm: Interval;
  readonly annealCount: number;
  readonly minutes: number;
  /** Chance that the ring is lost, 0 to 1. */
  readonly lost: number;
  /** Chance that its size needs another pass, 0 to 1. */
  readonly anotherPass: number;
  /** Of its pieces; undefined when nobody knows. */
  readonly price: number | undefined;
  /** What the kit lacks for it: nothing, as such work is not tried. */
  readonly missingTools: readonly { readonly words: string }[];
  /** No other way is as good in everything and better in something. */
  readonly onFront: boolean;
  /** 0 to 100, higher is better. */
  readonly score: number;
  readonly why: string;
}

export type Way = CoinWay | WorkWay;
