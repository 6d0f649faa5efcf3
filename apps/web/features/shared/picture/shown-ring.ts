import type { CoinStock } from '@round-mint/contract/stock';
import { trimmedLipMm, faceOutside } from '@round-mint/core/faces';
import type { BenchTraits, RouteStep, WallOutline } from '@round-mint/core/steps';
import type { ShownRing } from './ring-scene';

/** A ring of a piece as it is once its steps are done, or as far as they are. */
export function shownRing(
  piece: CoinStock,
  outline: WallOutline,
  steps: readonly Pick<RouteStep, 'kind'>[],
  traits: BenchTraits,
): ShownRing {
  return { piece, outline, lipMm: trimmedLipMm(steps, traits), outside: faceOutside(piece) };
}
