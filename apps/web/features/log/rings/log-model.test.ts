import type { LogEntry } from '@round-mint/contract/log';
import { defaultWriters } from '@/testing/writers';
import { comparisons, sizeErrorWords, summaryWords } from './log-model';

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

describe('summaryWords', () => {
  const write = defaultWriters();
  const summary = { rings: 3, meanSizeErrorUs: 0.3, meanWidthError: 0.0152, sizeErrors: [] };

  it('says how near the plans came, as far as it was measured', () => {
    expect(summaryWords(summary, write)).toMatch(
      /^3 finished rings\. Off by .+ on average, 1\.5% in width\.$/,
    );
    expect(summaryWords({ ...summary, rings: 1, meanWidthError: null }, write)).toMatch(
      /^1 finished ring\. Off by .+ on average\.$/,
    );
    const unread = { ...summary, meanSizeErrorUs: null, meanWidthError: null };
    expect(summaryWords(unread, write)).toBe('3 finished rings.');
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
