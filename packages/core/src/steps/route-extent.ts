import { degToRad } from '../numeric';
import { axialHeightMm, type WallOutline } from './step';

/** How much room a piece takes all the way through a route: its widest radius and its greatest height, mm. */
export function routeExtent(steps: readonly { readonly outline: WallOutline }[]): {
  readonly radiusMm: number;
  readonly heightMm: number;
} {
  let [radiusMm, heightMm] = [0, 0];
  for (const { outline } of steps) {
    const { arcMm, meanRadiusMm, thicknessMm, leanDeg } = outline;
    arcMm.forEach((_, i) => {
      radiusMm = Math.max(
        radiusMm,
        (meanRadiusMm[i] ?? 0) + ((thicknessMm[i] ?? 0) / 2) * Math.cos(degToRad(leanDeg[i] ?? 0)),
      );
    });
    heightMm = Math.max(heightMm, axialHeightMm(outline));
  }
  return { radiusMm, heightMm };
}
