import type { LogEntry } from '@round-mint/contract/log';
import { defaultWriters } from '@/testing/writers';
import { comparisons, logSummary, sizeErrorWords } from './log-model';

const entry = (sizeErrorUs: number | null, actualWidthMm: number | null): LogEntry =>
  ({
    sizeErrorUs,
    predictedWidthMm: 10,
    actualWidthMm,
    predictedInsideDiameterMm: 19,
    actualInsideDiameterMm: sizeErrorUs === null ? null : 19 + sizeErrorUs,
    kind: 'coin',
    predictedCutEdgeMm: 1.5,
    actualCutEdgeMm: null,
    predictedRimEdgeMm: 2.2,
    actualRimEdgeMm: 2.3,
  }) as LogEntry;

describe('sizeErrorWords', () => {
  it.each([
    [null, 'not read'],
    [0.1, 'on size'],
    [0.3, '¼ size too large'],
    [-0.5, '½ size too small'],
  ])('%p is %p', (error, words) => {
    expect(sizeErrorWords(error, defaultWriters())).toBe(words);
  });
});

describe('logSummary', () => {
  it('averages distances, leaving out what was not measured', () => {
    const summary = logSummary([entry(0.2, 10.2), entry(-0.4, null), entry(null, 9.9)]);
    expect(summary.rings).toBe(3);
    // A US size is 0.8128 mm.
    expect(summary.meanErrorMm).toBeCloseTo(0.3 * 0.8128, 9);
    expect(summary.meanWidthPercent).toBeCloseTo(1.5, 9);
  });

  it('has no mean of nothing', () => {
    expect(logSummary([])).toEqual({ rings: 0, meanErrorMm: undefined, meanWidthPercent: undefined });
  });
});

describe('comparisons', () => {
  it('lists size, width and both edges, unmeasured ones too', () => {
    expect(comparisons(entry(0.2, 10.2)).map(({ name, actualMm }) => [name, actualMm])).toEqual([
      ['Inside diameter', 19.2],
      ['Width', 10.2],
      ['Cut edge', null],
      ['Rim edge', 2.3],
    ]);
  });
});
