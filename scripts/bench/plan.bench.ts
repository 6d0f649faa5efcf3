import { estimateCoinRing, shortcutWidthMm } from '../../packages/core/src/forming';
import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { coinRoute, buildRoute, planCoinRing } from '../../packages/core/src/route';
import { searchStock, sizeMap, type SearchPiece } from '../../packages/core/src/search';
import { ringChances, RINGS_DRAWN, runToEnd } from '../../packages/core/src/uncertainty';

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

/** The same with its edges pushed in half way. */
function pushedAt(i: number) {
  return { ...inputAt(i), wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } } } as const;
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
    ['route simulated, its moves known', milliseconds(400, (i) => simulated(i))],
    ['whole plan', milliseconds(400, (i) => planCoinRing(inputAt(i), { kit: REFERENCE_KIT }))],
    [
      'whole plan, edges pushed in to a depth',
      milliseconds(400, (i) => planCoinRing(pushedAt(i), { kit: REFERENCE_KIT })),
    ],
  ];
}

const ROUTE = coinRoute(inputAt(0), { kit: REFERENCE_KIT });

/** Only the simulation, blow by blow with 65 fibres; its moves are not searched for. */
function simulated(i: number): unknown {
  return buildRoute(inputAt(i), { kit: REFERENCE_KIT }, 'over-stretch', ROUTE?.moves ?? []);
}

/** Metals and diameters like a drawer's: no two pieces quite alike. */
function drawer(pieces: number): readonly SearchPiece[] {
  const metals = ['silver-900', 'silver-500', 'copper', 'bronze', 'cupronickel'] as const;
  return Array.from({ length: pieces }, (_, i) => ({
    id: `piece-${i}`,
    metal: metals[i % metals.length] ?? 'silver-900',
    diameterMm: 22 + ((i * 7) % 170) / 10,
    rimThicknessMm: 1.6 + ((i * 3) % 10) / 10,
  }));
}

const TWELVE_PUNCHES = [
  ...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'punch'),
  ...[9.5, 10.3, 11.1, 12, 12.7, 13.5, 14.3, 15, 15.9, 16.7, 17.5, 19].map((diameterMm) => ({
    id: `punch-${diameterMm}`,
    name: `${diameterMm} mm punch`,
    spec: { kind: 'punch', diameterMm, selfCentring: false } as const,
  })),
];

function once(work: () => unknown): number {
  const before = performance.now();
  kept = work();
  return performance.now() - before;
}

/** What runs in a worker. */
export function workerFigures(): readonly (readonly [name: string, ms: number])[] {
  const input = inputAt(0);
  const wish = {
    targetInsideDiameterMm: 19.8,
    wall: { kind: 'straight' },
    widthMm: { min: 7, max: 9.5 },
  } as const;
  const { school, moves } = ROUTE ?? { school: 'over-stretch', moves: [] };
  const search = (pieces: number) => once(() => runToEnd(searchStock(drawer(pieces), TWELVE_PUNCHES, wish)));
  search(100);
  return [
    [
      `${RINGS_DRAWN} rings of one plan`,
      once(() => runToEnd(ringChances({ input, kit: REFERENCE_KIT, school, moves }))),
    ],
    [
      'size map, 25 sizes × 12 punches',
      once(() => runToEnd(sizeMap({ coin: COIN, wall: { kind: 'straight' }, kit: TWELVE_PUNCHES }))),
    ],
    ...[100, 500, 2000].map(
      (pieces) => [`search, ${pieces} pieces × 12 punches × 3 schools`, search(pieces)] as const,
    ),
  ];
}
