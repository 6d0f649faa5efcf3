import type { Kit } from '../kit';
import { coinReach, type Reach } from './reach';
import type { WishCoin } from './wish';

export interface YearQuestion {
  /** Years from and to, both included; left out, any. */
  readonly from?: number | undefined;
  readonly to?: number | undefined;
  readonly issuer?: string | undefined;
  readonly face?: 'obverse' | 'reverse' | undefined;
}

type YearCoin = WishCoin & { readonly issuer: string };

export interface YearFound<P> {
  readonly piece: P;
  /** Undefined where it makes no ring. */
  readonly reach: Reach | undefined;
}

/** Coins that carry a year, an issuer and a face, with the sizes they can become; earliest first. */
export function findYears<P extends YearCoin>(
  pieces: readonly P[],
  kit: Kit,
  { from = -Infinity, to = Infinity, issuer, face }: YearQuestion,
): readonly YearFound<P>[] {
  const asksYear = Number.isFinite(from) || Number.isFinite(to);
  return pieces
    .filter(({ year }) => (year === null || year === undefined ? !asksYear : year >= from && year <= to))
    .filter((piece) => issuer === undefined || piece.issuer === issuer)
    .filter(({ outsideFace }) => face === undefined || outsideFace === face || outsideFace === 'either')
    .map((piece) => ({ piece, reach: piece.may?.fold === 'no' ? undefined : coinReach(piece, kit) }))
    .sort(
      (a, b) =>
        (a.piece.year ?? Infinity) - (b.piece.year ?? Infinity) || a.piece.name.localeCompare(b.piece.name),
    );
}
