import { middleLengthMm } from './strip-blank';

export interface CoinBandWish {
  readonly coin: { readonly diameterMm: number; readonly thicknessMm: number };
  readonly stripWidthMm: number;
  readonly stripThicknessMm: number;
  readonly insideDiameterMm: number;
  /** Punches to cope the ends with, mm. */
  readonly punchesMm?: readonly number[] | undefined;
  /** The knuckle that the open ring is to pass, as an inside diameter, mm. */
  readonly knuckleMm?: number | undefined;
}

export interface CoinBand {
  readonly developedLengthMm: number;
  /** Of each side piece on its centre line, from the coin's edge to the free end. */
  readonly sideCentreLengthMm: number;
  /** Of each side piece at its edges: what is cut before the end is coped. */
  readonly sideCutLengthMm: number;
  readonly sagittaMm: number;
  /** Nearest to the coin; null without any. */
  readonly punchMm: number | null;
  /** Between coin and copes when that punch is used, mm: positive where the cope is the larger circle. */
  readonly punchOffMm: number | null;
  /** Coin thicker than strip: positive, mm. */
  readonly stepMm: number;
  /** How far the free ends have to part to pass the knuckle, mm; 0 where none was told. */
  readonly openingMm: number;
}

/**
 * The parts of an open ring with a coin in its middle (craft §6): each side is (L − D)/2 on the centre line, longer at
 * its edges by the sagitta D/2 − √(D²/4 − w²/4) of the coped end.
 * @throws RangeError for a strip wider than the coin
 */
export function coinBand({
  coin,
  stripWidthMm,
  stripThicknessMm,
  insideDiameterMm,
  punchesMm = [],
  knuckleMm,
}: CoinBandWish): CoinBand {
  const radius = coin.diameterMm / 2;
  const halfWidth = stripWidthMm / 2;
  if (halfWidth > radius) {
    throw new RangeError(
      `the strip is wider than the coin (${coin.diameterMm} mm): it cannot be coped to it`,
    );
  }
  const developedLengthMm = middleLengthMm(insideDiameterMm, stripThicknessMm);
  const sideCentreLengthMm = (developedLengthMm - coin.diameterMm) / 2;
  const sagittaMm = radius - Math.sqrt(radius ** 2 - halfWidth ** 2);
  const off = (punchMm: number) => Math.abs(punchMm - coin.diameterMm);
  const punchMm = punchesMm.reduce<number | null>(
    (near, one) => (near === null || off(one) < off(near) ? one : near),
    null,
  );
  return {
    developedLengthMm,
    sideCentreLengthMm,
    sideCutLengthMm: sideCentreLengthMm + sagittaMm,
    sagittaMm,
    punchMm,
    punchOffMm: punchMm === null ? null : punchMm - coin.diameterMm,
    stepMm: coin.thicknessMm - stripThicknessMm,
    openingMm: knuckleMm === undefined ? 0 : Math.max(0, Math.PI * (knuckleMm - insideDiameterMm)),
  };
}
