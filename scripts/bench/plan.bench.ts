import { estimateCoinRing, shortcutWidthMm } from '../../packages/core/src/forming';
import { coinRoute, planCoinRing, REFERENCE_KIT } from '../../packages/core/src/route';

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' } as const;

/** A new size each time, so that nothing could be kept from the last one. */
function inputAt(i: number) {
  return {
    coin: COIN,
    holeMm: 12.7,
    targetInsideDiameterMm: 17 + (i % 500) / 125,
    wall: { kind: 'rounded', curlDeg: 25 },
  } as const;
}

/** Results are kept, so that no work can be optimised away. */
export let kept: unknown;

function milliseconds(times: number, work: (i: number) => unknown): number {
  for (let i = 0; i < times / 4; i++) kept = work(i);
  const before = performance.now();
  for (let i = 0; i < times; i++) kept = work(i);
  return (performance.now() - before) / times;
}

/** What the page computes at every change, against the bare formula. */
export function planFigures(): readonly (readonly [name: string, ms: number])[] {
  return [
    ['shortcut formula', milliseconds(200_000, (i) => shortcutWidthMm(10 + (i % 100) / 100, 15, 6.35))],
    ['estimate with verdict and size range', milliseconds(400, (i) => estimateCoinRing(inputAt(i)))],
    ['route, 64 intervals', milliseconds(400, (i) => coinRoute(inputAt(i), { kit: REFERENCE_KIT }))],
    [
      'route, 16 intervals',
      milliseconds(400, (i) => coinRoute(inputAt(i), { kit: REFERENCE_KIT, intervals: 16 })),
    ],
    ['whole plan', milliseconds(400, (i) => planCoinRing(inputAt(i), { kit: REFERENCE_KIT }))],
  ];
}
