import { MM_PER_US_SIZE } from '../size';
import { doubtReading } from './reading-doubt';
import { routeFor } from '../route/test-route';

const COIN_MM = 30;
const { steps } = routeFor({
  coin: { diameterMm: COIN_MM, rimThicknessMm: 2, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
});
const reduce = steps.find(({ kind }) => kind === 'reduce')!;
const doubt = (rimUs: number, cutUs: number, step = reduce) =>
  doubtReading(
    step,
    step.before,
    {
      rimDownMm: step.after.rimInsideDiameterMm + rimUs * MM_PER_US_SIZE,
      cutDownMm: step.after.cutInsideDiameterMm + cutUs * MM_PER_US_SIZE,
    },
    COIN_MM,
  );

describe('doubtReading', () => {
  it('takes what each step of a route predicts', () => {
    for (const step of steps) {
      if (!step.reading) continue;
      expect(doubtReading(step, step.before, step.reading, COIN_MM)).toBeUndefined();
    }
  });

  it('asks when the rim has grown under a die', () => {
    const grown =
      (reduce.before.rimInsideDiameterMm - reduce.after.rimInsideDiameterMm) / MM_PER_US_SIZE + 0.75;
    expect(doubt(grown, 0)).toMatchObject({ code: 'rim-grew', edge: 'rim', byUs: expect.closeTo(0.75, 6) });
  });

  it('asks when the ring would be wider than the coin was', () => {
    expect(doubt(12, 0)?.code).toBe('rim-past-coin');
    // The rim's own thickness counts, twice: 30 − 2 · t inside is all that fits.
    const rimMm = reduce.outline.thicknessMm.at(-1)!;
    const most = (COIN_MM - 2 * rimMm - reduce.after.rimInsideDiameterMm) / MM_PER_US_SIZE;
    expect(doubt(most + 0.35, 0)).toMatchObject({
      code: 'rim-past-coin',
      byUs: expect.closeTo(0.35, 6),
    });
  });

  it('asks when a size has jumped, and not for a slip of a size', () => {
    expect(doubt(0, -3)).toMatchObject({ code: 'size-jumped', edge: 'cut' });
    expect(doubt(-1, -1)).toBeUndefined();
  });
});
