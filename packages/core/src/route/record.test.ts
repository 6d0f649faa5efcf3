import { rounded, roundedLines, stepRecord } from '../testing';
import type { CoinRingInput, SchoolWish, WallWish } from '../forming';
import { REFERENCE_KIT, type Kit } from '../kit';
import type { Coin } from '../stock';
import { planCoinRing } from './plan';

const BRENN: Coin = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' };
const PUSHERS: Kit = [21, 20, 19, 18, 17, 16, 15].map((diameterMm) => ({
  id: `pusher-${diameterMm}`,
  name: `${diameterMm} mm pusher`,
  spec: { kind: 'stepped-pusher', diameterMm },
}));

function input(
  coin: Coin,
  holeMm: number,
  targetInsideDiameterMm: number,
  wall: WallWish,
  school: SchoolWish = 'over-stretch',
): CoinRingInput {
  return { coin, holeMm, targetInsideDiameterMm, wall, school };
}

const PLANS: readonly (readonly [string, CoinRingInput])[] = [
  ['straight', input(BRENN, 12.7, 19.8, { kind: 'straight' })],
  ['rounded by an angle', input(BRENN, 12.7, 18.9, { kind: 'rounded', curlDeg: 25 }, 'straighten')],
  [
    'pushed to a depth',
    input(BRENN, 12.7, 18.9, { kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'full' } }, 'best'),
  ],
  ['tapered', input({ ...BRENN, metal: 'copper', massG: undefined }, 14.3, 19, { kind: 'tapered' })],
  [
    'stepped',
    input(
      { diameterMm: 37.7, rimThicknessMm: 2.4, metal: 'silver-835' },
      12.7,
      17.3,
      { kind: 'straight' },
      'leave',
    ),
  ],
  [
    'thin',
    input(
      { diameterMm: 30, rimThicknessMm: 1.35, metal: 'cupronickel' },
      12.7,
      18,
      { kind: 'straight' },
      'leave',
    ),
  ],
  ['refused', input(BRENN, 12.7, 27, { kind: 'straight' })],
];

/** Whole plans of coin rings, pinned: figures, reasons, every step. */
describe('the record of coin rings', () => {
  it.each(PLANS)('%s', (_name, asked) => {
    const {
      route,
      meridian: _meridian,
      ...figures
    } = planCoinRing(asked, {
      kit: [...REFERENCE_KIT, ...PUSHERS],
      finish: 'dark',
      annealSchool: 'before-and-after',
    });
    expect(rounded(figures)).toMatchSnapshot();
    if (!route) return;
    const { steps, finished: _finished, ...told } = route;
    expect(rounded(told)).toMatchSnapshot();
    expect(roundedLines(steps.map(stepRecord))).toMatchSnapshot();
  });
});
