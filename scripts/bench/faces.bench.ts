import { faceMap, wallLineOf } from '../../packages/core/src/faces';
import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { centreByPicture, findRim, squareFace, type RgbaImage } from '../../packages/core/src/photo';
import {
  bandPicture,
  drawRing,
  metalColour,
  reliefOf,
  ringMesh,
  ringProfile,
  surfaceTexture,
} from '../../packages/core/src/ring-picture';
import { outlineOf, planCoinRing } from '../../packages/core/src/route';
import { offShare, takePhotograph } from '../../packages/core/src/testing/test-photograph';
import { offByMm, takePunched } from '../../packages/core/src/testing/test-punched';
import { runToEnd } from '../../packages/core/src/uncertainty';

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

const LOOK = { metal: metalColour('silver-900'), surface: 'dark', goldInside: false } as const;

/** What the picture of a planned ring takes: its face is as fine as it is kept. */
function pictureFigures(face: RgbaImage): readonly (readonly [name: string, ms: number])[] {
  const outline = outlineOf(PLAN.meridian);
  const faces = { faceRadiusMm: 15.45, turn: 'medal' } as const;
  const relief = reliefOf(face);
  const profile = ringProfile(outline);
  const scene = {
    profile,
    ...faces,
    outside: relief,
    inside: relief,
    rim: 'reeded',
    look: LOOK,
    depth: 1,
  } as const;
  const view = { widthPx: 585, heightPx: 450, turnDeg: 0, tiltDeg: 33, light: 'day', fine: 1 } as const;
  const band = { outline, side: 'outside', relief, ...faces, look: LOOK, lipMm: 0 } as const;
  return [
    ['the relief of a face of 1 024 pixels', milliseconds(() => reliefOf(face))],
    [
      'texture and mesh of a plan',
      milliseconds(() => [
        ringMesh(ringProfile(outline), faces),
        runToEnd(surfaceTexture(relief, LOOK, 'outside')),
      ]),
    ],
    ['a ring of 585 by 450 pixels, drawn', milliseconds(() => runToEnd(drawRing(scene, view)))],
    ['its band laid flat', milliseconds(() => runToEnd(bandPicture(band, 16.5)))],
  ];
}

/** What the faces of a piece take. */
export function faceFigures(): readonly (readonly [name: string, ms: number])[] {
  // As large as a phone takes them.
  const { image, rim } = takePhotograph({ seed: 5, widthPx: 4000, heightPx: 3000, shakePx: 5 });
  return [
    ['100 000 points of a face mapped', milliseconds(mapPoints)],
    ['the rim found in 12 million pixels', milliseconds(() => findRim(image))],
    [
      'a square face of 1 024 pixels out of them',
      milliseconds(() => runToEnd(squareFace(image, rim, 0, 1024))),
    ],
    ...pictureFigures(runToEnd(squareFace(image, rim, 0, 1024))),
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

const PUNCHED = { diameterMm: 24, widthPx: 1300, heightPx: 1000, mostTiltDeg: 5 } as const;

/** Of a hundred generated photographs of punched pieces: how many tell where the hole is, and of those how many within 0.08 mm. */
export function holesMeasured(): { readonly told: number; readonly within: number; readonly asSaid: number } {
  const { diameterMm, ...options } = PUNCHED;
  const told = Array.from({ length: 100 }, (_, n) => {
    const punched = takePunched(diameterMm, { ...options, seed: n + 1 });
    const { centre } = centreByPicture(punched.image, diameterMm, punched.holeMm);
    return centre ? [{ off: offByMm(centre, punched), said: centre.plusMinusMm }] : [];
  }).flat();
  return {
    told: told.length,
    within: told.filter(({ off }) => off <= 0.08).length,
    asSaid: told.filter(({ off, said }) => off <= said).length,
  };
}
