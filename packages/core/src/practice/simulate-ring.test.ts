import type { CoinRingInput } from '../forming';
import { REFERENCE_KIT } from '../kit';
import { type RingEvent, ringState } from '../ring';
import { planCoinRing } from '../route';
import { DEFAULT_TRAITS } from '../steps';
import { DEFAULT_MANDREL } from '../size';
import { seededRandom } from '../uncertainty';
import { simulateRing, STEADY_BENCH, type BenchTruth } from './index';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.95,
  wall: { kind: 'rounded', curlDeg: 25 },
};
const { route, bandWidthMm } = planCoinRing(INPUT, { kit: REFERENCE_KIT });
const RING = {
  input: INPUT,
  school: route!.school,
  moves: route!.moves,
  steps: route!.steps,
  kit: REFERENCE_KIT,
};
/** A bench without any chance in it. */
const STILL: BenchTruth = {
  ...STEADY_BENCH,
  readingMm: 0,
  handMm: 0,
  widthShare: 0,
  edgeShare: 0,
  minutesLog: 0,
  crackLog: 0,
};

function made(truth: BenchTruth, seed = 5) {
  const events = simulateRing(RING, truth, seededRandom(seed));
  const logged: RingEvent[] = events.map(({ body }, i) => ({
    id: `e${i}`,
    at: '2026-03-01T10:00:00Z',
    body,
  }));
  const state = ringState(
    { steps: RING.steps, mandrel: DEFAULT_MANDREL, targetInsideDiameterMm: 18.95 },
    logged,
  );
  return { events, state };
}

describe('simulateRing', () => {
  it('goes the whole route in order, and finishes', () => {
    const { events, state } = made(STEADY_BENCH);
    expect(state.step).toBe(RING.steps.length);
    expect(state.finished).toBe(true);
    const minutes = events.map(({ minute }) => minute);
    expect([...minutes].sort((a, b) => a - b)).toEqual(minutes);
  });

  it('on a bench as planned comes out as planned', () => {
    const { state } = made(STILL);
    expect(state.measured?.bandWidthMm).toBeCloseTo(bandWidthMm, 1);
    expect(state.readings.at(-1)?.cutInsideDiameterMm).toBeCloseTo(18.95, 1);
    expect(state.troubles).toEqual([]);
  });

  it('a die that turns less leaves the ring larger, until the true-up', () => {
    const traits = { ...DEFAULT_TRAITS, curlGain: { 25: 0.85 } };
    const { state } = made({ ...STILL, traits });
    const curl = RING.steps.findLastIndex(({ kind }) => kind === 'curl');
    const after = state.readings.find(({ step }) => step === curl);
    expect(after?.cutInsideDiameterMm).toBeGreaterThan(18.95 + 0.2);
    expect(state.readings.at(-1)?.cutInsideDiameterMm).toBeCloseTo(18.95, 1);
  });

  it('metal that bears far less than the table cracks, once, and that is noted', () => {
    const traits = { ...DEFAULT_TRAITS, allowanceFactor: { 'silver-900': 0.4 } };
    const { state } = made({ ...STILL, traits });
    expect(state.troubles.map(({ symptom }) => symptom)).toEqual(['crack-at-cut-edge']);
  });

  it('is the same for the same seed', () => {
    expect(made(STEADY_BENCH, 9).events).toEqual(made(STEADY_BENCH, 9).events);
    expect(made(STEADY_BENCH, 9).events).not.toEqual(made(STEADY_BENCH, 10).events);
  });
});
