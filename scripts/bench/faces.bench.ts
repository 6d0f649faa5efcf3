import { faceMap, wallLineOf } from '../../packages/core/src/faces';
import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { findRim, squareFace } from '../../packages/core/src/photo';
import { planCoinRing } from '../../packages/core/src/route';
import { offShare, takePhotograph } from '../../packages/core/src/testing/test-photograph';

const PLAN = planCoinRing(
  {
    coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.95,
    wall: { kind: 'rounded', curlDeg: 17 },
  },
  { kit: REFERENCE_KIT },
);
const MAP = faceMap(wallLineOf(PLAN.meridian), { side: 'outside' });
const POINTS = 100_000;

/** Results are kept, so that no work can be optimised away. */
export let kept: unknown;

function milliseconds(work: () => unknown): number {
  kept = work();
  const before = performance.now();
  kept = work();
  return performance.now() - before;
}

function mapPoints(): number {
  let sum = 0;
  for (let i = 0; i < POINTS; i++) {
    sum += MAP.toBand({ radiusMm: 6.4 + (9 * i) / POINTS, angleDeg: i % 360 })?.heightMm ?? 0;
  }
  return sum;
}

/** What the faces of a piece take. */
export function faceFigures(): readonly (readonly [name: string, ms: number])[] {
  // As large as a phone takes them.
  const { image, rim } = takePhotograph({ seed: 5, widthPx: 4000, heightPx: 3000, shakePx: 5 });
  return [
    ['100 000 points of a face mapped', milliseconds(mapPoints)],
    ['the rim found in 12 million pixels', milliseconds(() => findRim(image))],
    ['a square face of 1 024 pixels out of them', milliseconds(() => squareFace(image, rim, 0, 1024))],
  ];
}

/** Of a hundred generated photographs: in how many the rim is found within half a hundredth, surely, and wrongly for sure. */
export function rimsFound(): { readonly within: number; readonly sure: number; readonly wrongSure: number } {
  const results = Array.from({ length: 100 }, (_, n) => {
    const { image, rim } = takePhotograph({ seed: n + 1 });
    const found = findRim(image);
    return { sure: found?.sure ?? false, within: found !== null && offShare(found.ellipse, rim) <= 0.005 };
  });
  return {
    within: results.filter(({ within }) => within).length,
    sure: results.filter(({ sure }) => sure).length,
    wrongSure: results.filter(({ sure, within }) => sure && !within).length,
  };
}
