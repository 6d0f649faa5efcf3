import { arcWidthMm, cutEdge, rimEdge } from '../forming';
import { REFERENCE_KIT } from '../kit';
import { STEADY_BENCH } from '../practice';
import { planCoinRing, simulateMoves } from '../route';
import { type BenchTraits, DEFAULT_TRAITS } from '../steps';
import { ridgeFit } from './ridge';
import { discounted, type Sighting } from './sighting';
import { learn, madeRings } from './test-rings';

/** What thirty rings of a bench teach that is as the defaults say, but for this. */
function learntAt(traits: Partial<BenchTraits>) {
  const bench = { ...STEADY_BENCH, traits: { ...DEFAULT_TRAITS, ...traits } };
  return learn([...madeRings(30, 4, () => bench)]);
}

describe('a bench whose walls differ', () => {
  it('in width is learnt to, and its plans are wider by that', () => {
    const { traits, widths } = learntAt({ wallShift: { widthLog: 0.05, cutEdgeLog: 0, rimEdgeLog: 0 } });
    expect(traits.wallShift.widthLog).toBeCloseTo(0.05, 2);
    expect(Math.abs(traits.wallShift.rimEdgeLog)).toBeLessThan(0.012);
    // What is left scatters about the plan as any ring does.
    expect(widths.modelShare).toBeLessThan(0.016);
  });

  it('in metal thinner than its label says is learnt to, at both edges', () => {
    const { traits } = learntAt({ wallShift: { widthLog: 0, cutEdgeLog: -0.083, rimEdgeLog: -0.083 } });
    expect(traits.wallShift.cutEdgeLog).toBeCloseTo(-0.083, 1);
    expect(traits.wallShift.rimEdgeLog).toBeCloseTo(-0.083, 1);
    expect(Math.abs(traits.wallShift.widthLog)).toBeLessThan(0.006);
  });

  it('in one group of metals is learnt to apart; who wants the default for all has it for each', () => {
    const bench = {
      ...STEADY_BENCH,
      traits: { ...DEFAULT_TRAITS, shareShift: 0.02, shareShiftOf: { copper: -0.06 } },
    };
    const rings = [...madeRings(40, 4, () => bench)];
    const { shareShiftOf } = learn(rings).traits;
    expect(shareShiftOf.copper).toBeLessThan(-0.02);
    expect(shareShiftOf.silver).toBeGreaterThan(0);
    const kept = learn(rings, ['share']);
    expect(kept.traits.shareShiftOf).toEqual({});
    expect(kept.traits.shareShift).toBe(0);
  });
});

describe('a plan by what walls taught', () => {
  const [ring] = [...madeRings(1, 3, DEFAULT_TRAITS)];
  const { input } = ring!.coin!;
  const plan = (traits: BenchTraits) => planCoinRing(input, { kit: REFERENCE_KIT, traits });
  const plain = plan(DEFAULT_TRAITS);

  it('is wider and thicker by just that, in its figures, its last step and every ring that is drawn of it', () => {
    const wallShift = { widthLog: 0.05, cutEdgeLog: -0.08, rimEdgeLog: 0.03 };
    const traits = { ...DEFAULT_TRAITS, wallShift };
    const shifted = plan(traits);
    expect(shifted.bandWidthMm / plain.bandWidthMm).toBeCloseTo(Math.exp(0.05), 9);
    expect(shifted.thicknessCutEdgeMm / plain.thicknessCutEdgeMm).toBeCloseTo(Math.exp(-0.08), 9);
    expect(shifted.thicknessRimEdgeMm / plain.thicknessRimEdgeMm).toBeCloseTo(Math.exp(0.03), 9);
    const lastWidthMm = shifted.route!.steps.at(-1)!.outline.arcMm.at(-1)!;
    expect(lastWidthMm).toBeCloseTo(shifted.bandWidthMm, 3);
    // Its size is what the mandrel reads, however thick it is.
    const sizeMm = ({ route }: typeof plain) => route!.steps.at(-1)!.after.cutInsideDiameterMm;
    expect(sizeMm(shifted)).toBeCloseTo(sizeMm(plain), 9);
    const { school, moves } = shifted.route!;
    const walk = (known: BenchTraits) =>
      simulateMoves(input, { kit: REFERENCE_KIT, school, moves, traits: known }).finished;
    expect(arcWidthMm(walk(traits)) / arcWidthMm(walk(DEFAULT_TRAITS))).toBeCloseTo(Math.exp(0.05), 9);
    const thicker = (of: typeof cutEdge) =>
      of(walk(traits)).thicknessMm / of(walk(DEFAULT_TRAITS)).thicknessMm;
    expect(thicker(cutEdge)).toBeCloseTo(Math.exp(-0.08), 9);
    expect(thicker(rimEdge)).toBeCloseTo(Math.exp(0.03), 9);
  });

  it('goes by the share of its own metal', () => {
    const edge = (shareShiftOf: BenchTraits['shareShiftOf']) =>
      plan({ ...DEFAULT_TRAITS, shareShiftOf }).thicknessCutEdgeMm;
    const own = input.coin.metal === 'copper' ? 'copper' : 'silver';
    expect(edge({ gold: 0.05 })).toBe(plain.thicknessCutEdgeMm);
    expect(edge({ [own]: 0.05 })).toBeGreaterThan(plain.thicknessCutEdgeMm);
  });
});

describe('what was seen long ago', () => {
  const series = (values: readonly number[]): readonly Sighting[] =>
    values.map((off, i) => ({ ringId: `r${i}`, off, slope: 1, sigma: 0.15 }));
  const worn = series([...Array<number>(40).fill(0), ...Array<number>(10).fill(0.4)]);

  it('counts less: a worn tool is followed within ten rings, a bench more slowly', () => {
    expect(ridgeFit(discounted(worn, 'tool'), 0.4).change).toBeGreaterThan(0.24);
    expect(ridgeFit(discounted(worn, 'bench'), 0.4).change).toBeLessThan(0.16);
    expect(ridgeFit(worn, 0.4).change).toBeLessThan(0.09);
  });

  it('counts less in how far off predictions were, too, so that a tool that changed is not held to its past', () => {
    const counted = ridgeFit(discounted(worn, 'tool'), 0.4);
    const all = ridgeFit(worn, 0.4);
    expect(counted.errorAfter / counted.errorBefore).toBeLessThan(all.errorAfter / all.errorBefore);
  });

  it('makes one and the same of sightings of one ring, the latest of which counts whole', () => {
    const pair: readonly Sighting[] = ['a', 'a', 'b'].map((ringId) => ({
      ringId,
      off: 0,
      slope: 1,
      sigma: 1,
    }));
    const weights = discounted(pair, 'tool').map(({ weight }) => weight);
    expect(weights[0]).toBe(weights[1]);
    expect(weights[0]).toBeCloseTo(Math.exp(-0.1), 12);
    expect(weights[2]).toBe(1);
  });
});
