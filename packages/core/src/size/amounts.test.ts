import { markMm, writeAmount, writeMeanAmount, writeOff } from './index';

/** A US size, mm. */
const US_MM = 0.8128;

describe('amounts of size', () => {
  it.each([
    [0.5 * US_MM, 'us', '½ size'],
    [-1.5 * US_MM, 'us', '1½ sizes'],
    // UK letters stand 1.25 mm of circumference apart: 0.398 mm of diameter, half a US size.
    [US_MM, 'uk', '2 UK sizes'],
    [0.2, 'uk', '½ UK size'],
    // EU sizes are the circumference in mm: 1 mm of diameter is π of them.
    [2 / Math.PI, 'eu', '2 EU sizes'],
  ] as const)('%p mm in %p is %p', (mm, system, words) => {
    expect(writeAmount(mm, system)).toBe(words);
  });

  it.each([
    [0.45, 'us', 'on size'],
    [0.55, 'us', 'a mark too large'],
    [-0.55, 'uk', 'a mark too small'],
    [-0.45, 'uk', 'on size'],
  ] as const)('%p marks off in %p is %p', (marks, system, words) => {
    const amount = system === 'us' ? '¼ size' : '½ UK size';
    expect(writeOff(marks * markMm(system), system)).toBe(words.replace('a mark', amount));
  });

  it('a mean is finer than a mark', () => {
    expect(writeMeanAmount(0.3 * US_MM, 'us')).toBe('0.30 size');
    expect(writeMeanAmount(-0.3 * US_MM, 'us')).toBe('0.30 size');
    // 0.3 · 0.8128 mm = 0.24384 mm; over 1.25 / π mm a letter = 0.613.
    expect(writeMeanAmount(0.3 * US_MM, 'uk')).toBe('0.61 UK size');
  });
});
