import { nextJobs, type NextStep } from '../ring';
import { routeFor } from '../route/test-route';
import { runningWaits, waitClock } from './waits';

const START = '2026-03-01T10:00:00.000Z';
const at = (seconds: number) => Date.parse(START) + seconds * 1000;
const wait = (change: object = {}) => ({
  waitId: 'w',
  what: 'Pickle',
  startedAt: START,
  endedAt: undefined,
  step: 0,
  shortSec: 300,
  longSec: 900,
  ...change,
});

describe('waitClock', () => {
  it('runs, is due, and is late', () => {
    expect(waitClock(wait(), at(60))).toEqual({ phase: 'running', elapsedSec: 60, leftSec: 240 });
    expect(waitClock(wait(), at(300))).toEqual({ phase: 'due', elapsedSec: 300, leftSec: 600 });
    expect(waitClock(wait(), at(930))).toEqual({ phase: 'late', elapsedSec: 930, leftSec: 30 });
  });

  it('without a latest time is due and never late', () => {
    // Due since 5000 − 120 s, or since its one time.
    const due = waitClock(wait({ shortSec: 120, longSec: undefined }), at(5000));
    expect(due).toEqual({ phase: 'due', elapsedSec: 5000, leftSec: 4880 });
  });

  it('without any time counts up: dips are stopped by eye', () => {
    const dip = wait({ shortSec: undefined, longSec: undefined });
    expect(waitClock(dip, at(3))).toEqual({ phase: 'since', elapsedSec: 3, leftSec: undefined });
  });

  it('a clock that is behind never counts below nothing', () => {
    expect(waitClock(wait(), at(-50)).elapsedSec).toBe(0);
  });
});

describe('runningWaits', () => {
  const ring = (id: string, waits: ReturnType<typeof wait>[], over: object = {}) => ({
    id,
    name: `Ring ${id}`,
    state: { waits, finished: false, spoilt: undefined, ...over },
  });

  it('puts rings of one bath together, from when the first went in', () => {
    const later = '2026-03-01T10:02:00.000Z';
    const [bath, ...others] = runningWaits([ring('b', [wait({ startedAt: later })]), ring('a', [wait()])]);
    expect(others).toEqual([]);
    expect(bath).toMatchObject({ startedAt: START, what: 'Pickle' });
    expect(bath?.rings.map(({ id }) => id)).toEqual(['b', 'a']);
  });

  it('leaves out what has ended and rings that are finished or spoilt; oldest first', () => {
    const rings = [
      ring('a', [wait({ waitId: 'done', endedAt: START })]),
      ring('b', [wait({ waitId: 'late', startedAt: '2026-03-01T11:00:00.000Z' })]),
      ring('c', [wait({ waitId: 'early' })]),
      ring('d', [wait({ waitId: 'gone' })], { finished: true }),
      ring('e', [wait({ waitId: 'lost' })], { spoilt: {} }),
    ];
    expect(runningWaits(rings).map(({ waitId }) => waitId)).toEqual(['early', 'late']);
  });
});

describe('nextJobs', () => {
  const { steps } = routeFor({
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
  });
  const next = (ringId: string, kind: string, change: object = {}): NextStep => {
    const stepIndex = steps.findIndex((step) => step.kind === kind);
    const step = steps[stepIndex];
    if (!step) throw new Error(`no ${kind}`);
    return { ringId, ringName: ringId, stepIndex, step: { ...step, ...change } };
  };

  it('batches by flame, by bath and by set-up of the press', () => {
    const jobs = nextJobs([
      next('a', 'fold'),
      next('b', 'anneal'),
      next('c', 'pickle'),
      next('d', 'fold'),
      next('e', 'anneal'),
      next('f', 'fold', { tool: 'another die' }),
      next('g', 'pickle'),
    ]);
    expect(jobs.map(({ by, rings }) => [by, rings.map(({ ringId }) => ringId).join('')])).toEqual([
      ['bath', 'cg'],
      ['flame', 'be'],
      ['press', 'ad'],
      ['press', 'f'],
    ]);
    expect(jobs[1]?.handsOnMin).toBe(6);
  });

  it('every ring is in one job', () => {
    const rings = steps.map((step, i) => ({ ringId: `${i}`, ringName: '', stepIndex: i, step }));
    const named = nextJobs(rings).flatMap((job) => job.rings.map(({ ringId }) => ringId));
    expect(named.sort()).toEqual(rings.map(({ ringId }) => ringId).sort());
  });
});
