import { rounded } from '../testing';
import { runToEnd } from '../uncertainty';
import { approvalHold, makeSchedule, promiseDate } from './index';
import { jobOf, MONDAY_MIN, RING, shopOf } from './test-shop';

const JOBS = [
  jobOf('a', RING, { dueMin: MONDAY_MIN + 1440 }),
  jobOf('b', ['anneal', 'fold', 'anneal', 'reduce', 'pickle', 'polish'], {
    arrivedMin: 5,
    dueMin: MONDAY_MIN + 300,
  }),
  jobOf('c', ['stretch', 'patina', 'polish'], { arrivedMin: 9 }),
  jobOf('d', ['anneal', 'fold', 'pickle'], { readyMin: MONDAY_MIN + 120 }),
];

/** Minutes from Monday, nine o'clock. */
function fromMonday(
  blocks: readonly {
    readonly startMin: number;
    readonly workMin: number;
    readonly endMin: number;
    readonly jobId: string;
    readonly step: number;
  }[],
) {
  return blocks.map(({ jobId, step, startMin, workMin, endMin }) =>
    [jobId, step, ...[startMin, workMin, endMin].map((min) => Math.round((min - MONDAY_MIN) * 10) / 10)].join(
      ' ',
    ),
  );
}

/** Whole days, pinned: the search is seeded, so that the same shop gets the same plan. */
describe('the record of day plans', () => {
  it.each([
    ['as they come', []],
    ['round a pin', [{ jobId: 'c', step: 0, startMin: MONDAY_MIN + 60 }]],
  ])('%s', (_name, pins) => {
    const { blocks, score, simple, order, tooLong } = runToEnd(
      makeSchedule(shopOf(JOBS, { pins }), { tries: 300 }),
    );
    expect(fromMonday(blocks)).toMatchSnapshot();
    expect({ order, tooLong, score: rounded(score), simple: rounded(simple.score) }).toMatchSnapshot();
    expect(fromMonday(simple.blocks)).toMatchSnapshot();
  });

  it('a promise behind them', () => {
    const shop = shopOf(JOBS);
    const { order } = runToEnd(makeSchedule(shop, { tries: 60 }));
    const { evenMin, likelyMin, safeMin, readyMin } = runToEnd(
      promiseDate({ shop, order, job: jobOf('new', RING), draws: 60 }),
    );
    const after = (min: number) => Math.round(min - MONDAY_MIN);
    expect([evenMin, likelyMin, safeMin, ...readyMin.slice(0, 5)].map(after)).toMatchSnapshot();
  });

  it('a step that no stretch of work holds, and where a customer is waited for', () => {
    const long = {
      ...jobOf('long', ['stretch']),
      steps: [{ ...jobOf('x', ['stretch']).steps[0]!, handsMin: 210 }],
    };
    const fits = { ...long, id: 'fits', steps: [{ ...long.steps[0]!, handsMin: 200 }] };
    expect(runToEnd(makeSchedule(shopOf([long, fits]), { tries: 5 })).tooLong).toMatchSnapshot();
    expect(typeof approvalHold).toBe('function');
  });
});
