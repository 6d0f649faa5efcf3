import type { LogEntry } from '@round-mint/contract/log';
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
    expect(sizeErrorWords(error)).toBe(words);
  });
});

describe('logSummary', () => {
  it('averages distances, leaving out what was not measured', () => {
    const summary = logSummary([entry(0.2, 10.2), entry(-0.4, null), entry(null, 9.9)]);
    expect(summary.rings).toBe(3);
    expect(summary.meanErrorUs).toBeCloseTo(0.3, 9);
    expect(summary.meanWidthPercent).toBeCloseTo(1.5, 9);
  });

  it('has no mean of nothing', () => {
    expect(logSummary([])).toEqual({ rings: 0, meanErrorUs: undefined, meanWidthPercent: undefined });
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
