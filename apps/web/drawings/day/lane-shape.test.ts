import type { Block } from '@round-mint/core/schedule';
import { runsOf, toolLanes } from './lane-shape';

function block(jobId: string, startMin: number, change: Partial<Block> = {}): Block {
  return {
    jobId,
    step: 0,
    kind: 'anneal',
    lane: 'flame',
    setUp: 'the torch',
    startMin,
    workMin: startMin,
    handsEndMin: startMin + 5,
    endMin: startMin + 7,
    ...change,
  };
}

describe('runsOf', () => {
  it('gathers what is done in one go', () => {
    const runs = runsOf([block('b', 9), block('a', 0, { workMin: 4, handsEndMin: 9 }), block('c', 14)]);
    expect(runs).toHaveLength(1);
    expect(runs[0]).toMatchObject({ fromMin: 0, workMin: 4, toMin: 19 });
    expect(runs[0]?.blocks.map(({ jobId }) => jobId)).toEqual(['a', 'b', 'c']);
  });

  it('parts what is set up anew, what lies apart, and other rings at the vice', () => {
    const bench = { lane: 'bench', setUp: 'stretcher' } as const;
    expect(runsOf([block('a', 0), block('b', 5, { workMin: 9 })])).toHaveLength(2);
    expect(runsOf([block('a', 0), block('b', 40)])).toHaveLength(2);
    expect(runsOf([block('a', 0, bench), block('b', 5, bench)])).toHaveLength(2);
    expect(runsOf([block('a', 0, bench), block('a', 5, { ...bench, step: 1 })])).toHaveLength(1);
  });
});

describe('runsOf two pairs of hands', () => {
  it('gathers each pair’s own, however they lie in time', () => {
    const runs = runsOf([block('a', 0), block('c', 3, { byHelper: true }), block('b', 5)]);
    expect(runs.map(({ byHelper, blocks }) => [byHelper, blocks.map(({ jobId }) => jobId)])).toEqual([
      [false, ['a', 'b']],
      [true, ['c']],
    ]);
  });
});

describe('toolLanes', () => {
  it('shows each tool and bath once, a bath with all its rings', () => {
    const bath = { lane: 'bath', setUp: 'pickle', batch: 1 } as const;
    const lanes = toolLanes([
      block('a', 20, { ...bath, handsEndMin: 22, endMin: 34 }),
      block('b', 22, { ...bath, handsEndMin: 24, endMin: 34 }),
      block('a', 0),
      block('a', 50, { lane: 'bench', setUp: 'wheel' }),
    ]);
    expect(lanes.map(({ name }) => name)).toEqual(['flame', 'pickle']);
    expect(lanes[1]?.taken).toEqual([{ key: 'batch 1', fromMin: 20, toMin: 34, handsOffMin: 24, count: 2 }]);
  });
});
