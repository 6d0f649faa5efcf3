import { rounded } from '../testing';
import { REFERENCE_KIT } from '../kit';
import { routeFor } from '../route/test-route';
import { narrowMost, ringChances, runToEnd, spreadFor } from './index';

const INPUT = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
  school: 'over-stretch',
} as const;

/** Chances of one ring, pinned: the draws are seeded. */
describe('the record of chances', () => {
  it.each([
    ['rim measured, by eye', INPUT.coin, 'by-eye'],
    ['weighed, self-centring', { ...INPUT.coin, massG: 15.13 }, 'self-centring'],
  ] as const)('%s', (_name, coin, centring) => {
    const { school, moves } = routeFor({ ...INPUT, coin });
    const spread = spreadFor(coin, { centring });
    const chances = runToEnd(
      ringChances({ input: { ...INPUT, coin }, kit: REFERENCE_KIT, school, moves, spread, rings: 60 }),
    );
    expect(rounded(spread)).toMatchSnapshot();
    expect(rounded(chances)).toMatchSnapshot();
    expect(rounded(narrowMost(chances, coin))).toMatchSnapshot();
  });
});
