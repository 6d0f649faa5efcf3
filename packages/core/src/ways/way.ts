import type { Candidate, RingWish, SearchOption, SearchPiece } from '../search';
import type { Finish } from '../steps';
import type { HandlePiece, OtherPart, Permits, ResizeWork, StripPiece, Work } from '../work';

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

/** A work that a piece may become, and what its other part comes from. */
export interface Attempt {
  readonly work: WayWork;
  readonly other: (OtherPart & { readonly piece: WayStrip }) | undefined;
}

/** What every way is judged by and shown with. */
type Shown = Omit<SearchOption, keyof Candidate> &
  Pick<SearchOption, 'alike' | 'bandWidthMm' | 'missingTools'>;

/** Another work among them: judged by the same things. Its price is that of both its pieces. */
export interface WorkWay extends Shown, Attempt {
  readonly kind: WayWork['kind'];
  readonly piece: WayPiece;
}

export type Way = CoinWay | WorkWay;
