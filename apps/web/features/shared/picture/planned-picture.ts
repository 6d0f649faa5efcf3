import type { CoinStock } from '@round-mint/contract/stock';
import { faceOutside } from '@round-mint/core/faces';
import type { CoinRingInput } from '@round-mint/core/forming';
import type { Kit } from '@round-mint/core/kit';
import { outlineOf, planCoinRing } from '@round-mint/core/route';
import type { BenchTraits, Finish } from '@round-mint/core/steps';
import { faceIdOf } from './face-choice';
import { shownRing } from './shown-ring';
import type { PicturedCoinRing } from './pictured-ring';

export interface PictureBench {
  readonly kit: Kit;
  readonly traits: BenchTraits;
  readonly finish: Finish;
}

/** The ring that a piece would come to; nothing where it cannot be made. */
export function plannedPicture(
  piece: CoinStock,
  wish: Omit<CoinRingInput, 'coin'>,
  { kit, traits, finish }: PictureBench,
): PicturedCoinRing | undefined {
  const { meridian, route } = planCoinRing({ ...wish, coin: piece }, { kit, traits, finish });
  return route && { kind: 'coin', ring: shownRing(piece, outlineOf(meridian), route.steps, traits), finish };
}

/** Names a picture of a ring that would come out: the same for the same ring of the same faces. */
export function pictureName(
  piece: CoinStock,
  { holeMm, targetInsideDiameterMm, wall, school }: Omit<CoinRingInput, 'coin'>,
  finish: Finish,
): string {
  const face = faceIdOf(piece, faceOutside(piece));
  return JSON.stringify([piece.id, face, piece.metal, holeMm, targetInsideDiameterMm, wall, school, finish]);
}

/** Whether the face that comes outside has a picture: without one a small ring shows nothing. */
export function hasOutsidePicture(piece: CoinStock): boolean {
  return faceIdOf(piece, faceOutside(piece)) !== undefined;
}
