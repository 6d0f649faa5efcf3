import type { LogEntry } from '@round-mint/contract/log';
import { defaultWriters } from '@/testing/writers';
import { comparisons, sizeErrorWords, summaryWords } from './log-model';
import { logRows } from './log-rows';

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

describe('logRows', () => {
  it('puts rings under their months, and says where each begins', () => {
    const at = (ringId: string, finishedAt: string) => ({ ...entry(0, 10), ringId, finishedAt });
    const { rows, months } = logRows([
      at('c', '2026-11-20T10:00:00.000Z'),
      at('b', '2026-11-02T10:00:00.000Z'),
      at('a', '2025-11-30T10:00:00.000Z'),
    ]);
    expect(rows.map(({ kind, key }) => (kind === 'ring' ? key : kind))).toEqual([
      'month',
      'c',
      'b',
      'month',
      'a',
    ]);
    expect(months.map(({ rings, index }) => [rings, index])).toEqual([
      [2, 0],
      [1, 3],
    ]);
    // The same month of another year is another one.
    expect(months[0]?.text).not.toBe(months[1]?.text);
  });
});
