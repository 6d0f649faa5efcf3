import { arcWidthMm, curlDropMm, cutEdge, type CoinRingInput } from '../forming';
import { goalOf, ringAllowance } from './goal';
import { REFERENCE_KIT } from '../kit';
import { type BenchTraits, DEFAULT_TRAITS, formedWish, turnedDeg } from '../steps';
import { routeFor } from './test-route';

const ROUNDED: CoinRingInput = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.95,
  wall: { kind: 'rounded', curlDeg: 25 },
};
const withTraits = (change: Partial<BenchTraits>, input = ROUNDED) =>
  routeFor(input, { traits: { ...DEFAULT_TRAITS, ...change } });
const plain = routeFor(ROUNDED);

describe('how a bench behaves', () => {
  it('changes nothing while it behaves by default', () => {
    expect(withTraits({})).toEqual(plain);
  });

  it('a larger share takes more of the stretch from the width and leaves the cut edge thicker', () => {
    const shifted = withTraits({ shareShift: 0.05 }).finished;
    expect(cutEdge(shifted).thicknessMm).toBeGreaterThan(cutEdge(plain.finished).thicknessMm);
  });

  it('a die that turns more wants a larger straight band, by what it takes more', () => {
    const straightOf = (route: typeof plain) =>
      route.steps.find(({ kind }) => kind === 'curl')?.before.cutInsideDiameterMm ?? 0;
    const gained = withTraits({ curlGain: { 25: 1.1 } });
    const width = arcWidthMm(plain.finished);
    const more = curlDropMm(width, 27.5) - curlDropMm(width, 25);
    expect(straightOf(gained) - straightOf(plain)).toBeCloseTo(more, 1);
    expect(gained.steps.at(-1)?.after.cutInsideDiameterMm).toBeCloseTo(18.95, 2);
  });

  it('a die that leaves larger funnels does so by what was learnt of it, and says how far they scatter', () => {
    const funnelOf = (route: typeof plain) =>
      route.steps.find(({ pieceState }) => pieceState?.stage === 'funnel')!;
    const large = funnelOf(withTraits({ funnels: { '17-14': { growthMm: 0.4, scatterMm: 0.15 } } }));
    const usual = funnelOf(plain);
    const middle = ({ after }: typeof usual) => (after.rimInsideDiameterMm + after.cutInsideDiameterMm) / 2;
    expect(middle(large) - middle(usual)).toBeCloseTo(0.4, 1);
    expect(large.funnel).toEqual({ growthMm: 0.4, scatterMm: 0.15 });
    // Nothing known: half a US size of 0.8128 mm either way.
    expect(usual.funnel).toEqual({ growthMm: 0, scatterMm: 0.4064 });
    expect(funnelOf(withTraits({ funnels: { '25-14': { growthMm: 1, scatterMm: 1 } } })).funnel).toEqual(
      usual.funnel,
    );
  });

  it('a metal that bears less is annealed more often, and its gauge is full sooner', () => {
    const hard = withTraits({ allowanceFactor: { 'silver-900': 0.6 } });
    expect(hard.totals.anneals).toBeGreaterThan(plain.totals.anneals);
    expect(hard.allowanceStrainLog).toBeCloseTo(0.6 * plain.allowanceStrainLog, 9);
    expect(ringAllowance(ROUNDED.coin)).toBeCloseTo(plain.allowanceStrainLog, 9);
  });

  it('timed minutes are what a route adds up', () => {
    const slow = withTraits({ handsOnMin: { fold: 9 } });
    slow.steps.filter(({ kind }) => kind === 'fold').forEach(({ handsOnMin }) => expect(handsOnMin).toBe(9));
    expect(slow.totals.handsOnMin).toBeGreaterThan(plain.totals.handsOnMin);
  });

  it('springback tells how far past the mark a tool is taken, kind by kind', () => {
    const springy = withTraits({ springbackFactor: { stretch: 2 } });
    springy.steps.forEach(({ kind, springbackMm }, i) => {
      const usual = plain.steps[i]?.springbackMm;
      if (usual === undefined) return;
      expect(springbackMm).toBeCloseTo(kind === 'stretch' ? 2 * usual : usual, 9);
    });
  });

  it('a lip’s gain is what trimming gives back', () => {
    const trimmed = withTraits({ trimGainMm: 0.5 }).steps.find(({ kind }) => kind === 'trim');
    const rise = (trimmed?.after.rimInsideDiameterMm ?? 0) - (trimmed?.before.rimInsideDiameterMm ?? 0);
    expect(rise).toBeCloseTo(0.5, 9);
  });

  it('turns only rounded walls, and only by dies that are known', () => {
    const traits = { ...DEFAULT_TRAITS, curlGain: { 25: 1.2 } };
    expect(turnedDeg(traits, 25)).toBe(30);
    expect(turnedDeg(traits, 17)).toBe(17);
    expect(formedWish(traits, { kind: 'rounded', curlDeg: 25 })).toEqual({ kind: 'rounded', curlDeg: 30 });
    expect(formedWish(traits, { kind: 'straight' })).toEqual({ kind: 'straight' });
    expect(goalOf(ROUNDED, 'leave', { kit: REFERENCE_KIT }).traits).toBe(DEFAULT_TRAITS);
  });
});
