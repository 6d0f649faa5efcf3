import { createWedge } from './use-wedge';

function typeAll(text: string, gapMs: number): number[] {
  const taken: number[] = [];
  const wedge = createWedge((value) => taken.push(value));
  [...text].forEach((key, i) => wedge.key(key === '⏎' ? 'Enter' : key, 1000 + i * gapMs));
  return taken;
}

describe('a calliper that types', () => {
  it('is understood: digits, point or comma, Enter', () => {
    expect(typeAll('18.93⏎', 5)).toEqual([18.93]);
    expect(typeAll('9,05⏎', 5)).toEqual([9.05]);
  });

  it('is told from fingers by its speed', () => {
    expect(typeAll('18.93⏎', 200)).toEqual([]);
  });

  it('is no number with letters in it', () => {
    expect(typeAll('1a8⏎', 5)).toEqual([8]);
    expect(typeAll('1.8.2⏎', 5)).toEqual([]);
  });
});
