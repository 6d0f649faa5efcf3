import { STEADY_BENCH, type BenchTruth } from '../practice';
import { DEFAULT_TRAITS, type BenchTraits } from '../steps';
import { findingsOf } from './findings';
import { learn, madeRings } from './test-rings';

const wall = (widthLog: number, cutEdgeLog: number, rimEdgeLog: number): Partial<BenchTraits> => ({
  wallShift: { widthLog, cutEdgeLog, rimEdgeLog },
});
const foundAt = (
  traits: Partial<BenchTraits>,
  truth: Partial<BenchTruth> = {},
  kept: readonly string[] = [],
) =>
  findingsOf(
    learn(
      [...madeRings(24, 2, () => ({ ...STEADY_BENCH, ...truth, traits: { ...DEFAULT_TRAITS, ...traits } }))],
      kept,
    ).values,
  );

describe('what stands out of what was learnt', () => {
  it('is nothing at a bench that is as the defaults say, or whose rings are only wide, or thin at one edge', () => {
    expect(foundAt({})).toEqual([]);
    expect(foundAt(wall(0.05, 0, 0))).toEqual([]);
    expect(foundAt(wall(0, 0, -0.046))).toEqual([]);
  });

  it.each([-0.083, 0.06])('is metal that is not as thick as its label says (%s)', (log) => {
    const [found, ...others] = foundAt(wall(0, log, log));
    expect(others).toEqual([]);
    if (found?.code !== 'metal-thickness') throw new Error(`found ${found?.code}`);
    expect(Math.abs(found.thickerLog - log)).toBeLessThan(0.02);
    expect(found.rings).toBe(24);
  });

  it('is a mandrel that reads otherwise than the tools', () => {
    expect(foundAt({}, { gaugeMm: -0.2 })).toEqual([
      { code: 'mandrel-offset', moreMm: expect.closeTo(-0.2, 1), rings: expect.any(Number) },
    ]);
    expect(foundAt({}, { gaugeMm: -0.2 }, ['gauge']).map(({ code }) => code)).not.toContain('mandrel-offset');
  });

  it('is rings that end larger than they were wanted', () => {
    expect(foundAt({}, { endsMm: 0.15 })).toEqual([
      { code: 'ends-off', moreMm: expect.closeTo(0.15, 1), rings: 24 },
    ]);
  });
});
