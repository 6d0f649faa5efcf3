import type { Reasoned } from '../forming';
import type { StripPiece } from './kinds';
import { stripReasons, type StripWish } from './plan-strip';
import type { WorkBench } from './plan-shape';
import { cutStrip } from './strip-cut';

/** What a piece of the drawer makes of a band that is asked for. */
export interface StripOffer<P extends StripPiece = StripPiece> {
  readonly piece: P;
  /** Why it cannot be; undefined where it can. */
  readonly refusal: Reasoned | undefined;
  /** To cut off it, mm. */
  readonly usesMm: number;
  readonly passes: number;
  readonly anneals: number;
  readonly thicknessMm: number;
  /** As the rolls leave it, and as the band is, mm. */
  readonly rolledWidthMm: number;
  readonly widthMm: number;
}

function offerOf<P extends StripPiece>(
  piece: P,
  wish: Omit<StripWish, 'piece'>,
  bench: WorkBench,
): StripOffer<P> {
  const asked = { ...wish, piece };
  const cut = cutStrip(asked, bench.traits);
  const { usesMm, passes, thicknessMm, rolledWidthMm, widthMm } = cut;
  return {
    piece,
    refusal: stripReasons(asked, cut, bench).find(({ level }) => level === 'refuse'),
    usesMm,
    passes: passes.length,
    anneals: passes.filter(({ annealBefore }) => annealBefore).length,
    thicknessMm,
    rolledWidthMm,
    widthMm,
  };
}

/** The less is to be done and filed away, the sooner. */
function byEffort(a: StripOffer, b: StripOffer): number {
  const refused = Number(a.refusal !== undefined) - Number(b.refusal !== undefined);
  const filedMm = (one: StripOffer) => one.rolledWidthMm - one.widthMm;
  return refused || a.passes - b.passes || filedMm(a) - filedMm(b) || a.usesMm - b.usesMm;
}

/**
 * Width, thickness and size are asked for: which stock gives it, how long a piece to cut off first, with how many passes
 * and anneals (craft §13). The easiest first; what cannot be comes last, with the reason.
 */
export function stripOffers<P extends StripPiece>(
  wish: Omit<StripWish, 'piece'>,
  pieces: readonly P[],
  bench: WorkBench,
): readonly StripOffer<P>[] {
  return pieces.map((piece) => offerOf(piece, wish, bench)).sort(byEffort);
}
