import { rounded, roundedLines } from '../testing';
import {
  estimateCoinRing,
  figuresAfter,
  flatWall,
  formBlows,
  heightVariationMm,
  judgeLand,
  sizeRange,
  leastOverStretchMm,
  suggestHoleMm,
  type CoinRingInput,
  type FormingBlow,
  type WallWish,
} from './index';

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' } as const;
const cone = (angleDeg: number) => ({ kind: 'cone', angleDeg }) as const;
const UPRIGHT: readonly FormingBlow[] = [
  { kind: 'fold', angleDeg: 17 },
  { kind: 'anneal' },
  { kind: 'stretch', insideDiameterMm: 21.5 },
];
const WAYS: readonly (readonly [string, readonly FormingBlow[]])[] = [
  ['folded in a narrow mouth', [{ kind: 'fold', angleDeg: 15, dieMouthMm: 27 }]],
  [
    'stretched and reduced',
    [...UPRIGHT, { kind: 'reduce', edge: 'both', dieAngleDeg: 17, insideDiameterMm: 19.5 }],
  ],
  ['cut edge reduced', [...UPRIGHT, { kind: 'reduce', edge: 'cut', dieAngleDeg: 25, insideDiameterMm: 20 }]],
  ['rim edge reduced', [...UPRIGHT, { kind: 'reduce', edge: 'rim', dieAngleDeg: 25, insideDiameterMm: 20 }]],
  [
    'in an open cone',
    [...UPRIGHT, { kind: 'reduce', edge: 'both', dieAngleDeg: 17, through: 'cone', insideDiameterMm: 20 }],
  ],
  ['first edge pushed', [...UPRIGHT, { kind: 'curl', edge: 'cut', tool: cone(17), depthMm: 2.2 }]],
  [
    'both edges, annealed between',
    [
      ...UPRIGHT,
      { kind: 'curl', edge: 'cut', tool: cone(17), depthMm: 2 },
      { kind: 'anneal' },
      { kind: 'curl', edge: 'rim', tool: cone(25), depthMm: 2.6 },
    ],
  ],
  [
    'in a hollow',
    [...UPRIGHT, { kind: 'curl', edge: 'both', tool: { kind: 'hollow', radiusMm: 15 }, depthMm: 2 }],
  ],
  [
    'between two cones at once',
    [...UPRIGHT, { kind: 'curl', edge: 'both', tool: cone(25), depthMm: 4.6, atOnce: true }],
  ],
];
const WALLS: readonly WallWish[] = [
  { kind: 'straight' },
  { kind: 'tapered' },
  { kind: 'rounded' },
  { kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'light' } },
  { kind: 'rounded', curl: { hollowRadiusMm: 15, depth: 'full' } },
];

/** What blows leave, pinned: figures after each, thicknesses and strains at both edges. */
describe('the record of blows', () => {
  it.each(WAYS)('%s', (_name, blows) => {
    expect(roundedLines(formBlows(flatWall(COIN, 12.7), blows).map(figuresAfter))).toMatchSnapshot();
  });
});

describe('the record of estimates', () => {
  it.each(WALLS)('%j', (wall) => {
    const input: CoinRingInput = {
      coin: COIN,
      holeMm: 12.7,
      targetInsideDiameterMm: 18.9,
      wall,
      school: 'over-stretch',
    };
    const { meridian: _meridian, ...told } = estimateCoinRing(input);
    expect(rounded(told)).toMatchSnapshot();
    expect(suggestHoleMm(input, [9.5, 11.1, 12.7, 14.3, 15.9])).toMatchSnapshot();
  });

  it.each([
    [24, 14, 2.6],
    [36, 9.5, 1.5],
    [30, 20, 2],
    [22, 19, 1.2],
  ])('sizes of %d with a hole of %d, %d thick', (diameterMm, holeMm, thicknessMm) => {
    const washer = { diameterMm, holeMm, thicknessMm };
    expect(
      rounded(WALLS.map((wall) => sizeRange(washer, wall, undefined, leastOverStretchMm('over-stretch')))),
    ).toMatchSnapshot();
  });

  it('land that is read off centre', () => {
    const readings = [0, 60, 130, 190, 250, 310].map((angleDeg) => ({
      angleDeg,
      mm: 8.6 + 0.3 * Math.cos(((angleDeg - 70) * Math.PI) / 180),
    }));
    expect(rounded(judgeLand(30, 12.7, readings, [12.7, 13.5, 14.3]))).toMatchSnapshot();
    expect(rounded(judgeLand(30, 12.8, readings, []))).toMatchSnapshot();
    expect(rounded(heightVariationMm(0.3, 10.4, 6.35, 0.5))).toMatchSnapshot();
  });
});
