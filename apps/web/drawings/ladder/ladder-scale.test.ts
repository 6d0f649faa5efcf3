import { ladderDomain, ladderScale, ladderTicks, spreadLabels } from './ladder-scale';

describe('the ladder', () => {
  it('reaches beyond all it shows and is never too short', () => {
    expect(ladderDomain([17, 22])).toEqual([16, 23]);
    const [low, high] = ladderDomain([19]);
    expect(high - low).toBe(5);
    expect((low + high) / 2).toBe(19);
  });

  it('writes whole sizes and leaves the marks between bare', () => {
    const ticks = ladderTicks([17.3, 19], 'us');
    expect(ticks.map(({ label }) => label)).toEqual([
      '7',
      undefined,
      undefined,
      undefined,
      '8',
      undefined,
      undefined,
      undefined,
      '9',
    ]);
  });

  it('writes fewer where they would crowd', () => {
    const labels = ladderTicks([15, 22], 'eu').flatMap(({ label }) => label ?? []);
    expect(labels).toEqual(['48', '50', '52', '54', '56', '58', '60', '62', '64', '66', '68']);
  });

  it('has small sizes above: a growing ring falls', () => {
    const y = ladderScale([16, 23], 10, 300);
    expect(y(17)).toBeLessThan(y(22));
    expect(y(16)).toBe(10);
  });

  it('pushes overlapping labels apart in order', () => {
    expect(spreadLabels([100, 95, 160], 14)).toEqual([109, 95, 160]);
  });
});
