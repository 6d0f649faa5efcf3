import * as fc from 'fast-check';
import type { CoinRingInput } from '../forming';
import { MM_PER_US_SIZE } from '../size';
import { fullest, type RouteStep } from '../steps';
import { isOnMark, type RingEvent, type RingEventBody, ringState } from './';
import { routeFor } from '../route/test-route';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
  school: 'over-stretch',
};
const { steps, allowanceStrainLog } = routeFor(INPUT);
const PLAN = { steps };

function events(...bodies: readonly RingEventBody[]): readonly RingEvent[] {
  return bodies.map((body, i) => ({
    id: `event-${i}`,
    at: `2026-03-01T10:${String(i).padStart(2, '0')}:00Z`,
    body,
  }));
}

/** The events of a maker who does every step as planned and reads nothing, up to a step. */
function workedTo(end: number): readonly RingEventBody[] {
  return steps
    .slice(0, end)
    .map((step, i) =>
      step.kind === 'anneal' ? { kind: 'anneal-done', step: i } : { kind: 'step-done', step: i },
    );
}

function indexOf(kind: string): number {
  return steps.findIndex((step) => step.kind === kind);
}

describe('ringState', () => {
  it('starts soft, flat and at the first step', () => {
    expect(ringState(PLAN, [])).toMatchObject({
      step: 0,
      spent: { cut: 0, rim: 0 },
      edges: { cutInsideDiameterMm: 12.7, rimInsideDiameterMm: 30 },
      finished: false,
      lastEventId: undefined,
    });
  });

  it('ends what is waited for with its step, and takes it up again when that is undone', () => {
    const step = indexOf('pickle');
    const bodies: readonly RingEventBody[] = [
      ...workedTo(step),
      { kind: 'wait-started', waitId: 'bath', what: 'Pickle', shortSec: 300 },
      { kind: 'step-added', after: step - 1, stepKind: 'sand' },
      { kind: 'step-done', step },
    ];
    const waitOf = (more: readonly RingEventBody[]) =>
      ringState(PLAN, events(...bodies, ...more)).waits.map(({ endedAt }) => endedAt !== undefined);
    // The step that was put in before it is done: the bath goes on.
    expect(waitOf([])).toEqual([false]);
    expect(waitOf([{ kind: 'step-done', step: step + 1 }])).toEqual([true]);
    expect(waitOf([{ kind: 'step-skipped', step: step + 1 }])).toEqual([true]);
    const undone: RingEventBody = { kind: 'undone', eventId: `event-${bodies.length}` };
    expect(waitOf([{ kind: 'step-done', step: step + 1 }, undone])).toEqual([false]);
  });

  it('follows the plan to its end and never overfills the gauge', () => {
    for (let end = 0; end <= steps.length; end++) {
      const state = ringState(PLAN, events(...workedTo(end)));
      expect(state.step).toBe(end);
      expect(fullest(state.spent)).toBeLessThanOrEqual(allowanceStrainLog);
    }
    const done = ringState(PLAN, events(...workedTo(steps.length)));
    expect(done.edges.cutInsideDiameterMm).toBeCloseTo(18.9, 2);
    expect(done.anneals).toBe(steps.filter(({ kind }) => kind === 'anneal').length);
  });

  it('is fed by what was read, not by what was planned', () => {
    const stretch = indexOf('stretch');
    const before = workedTo(stretch);
    const planned = ringState(PLAN, events(...before, { kind: 'step-done', step: stretch }));
    const after = steps[stretch]?.after;
    if (!after) throw new Error('the route has no stretch');
    const short = {
      kind: 'reading',
      rimDownMm: after.cutInsideDiameterMm - 0.5,
      cutDownMm: after.cutInsideDiameterMm - 1,
      mark: 'leading',
    } as const;
    const read = ringState(PLAN, events(...before, short, { kind: 'step-done', step: stretch }));
    expect(read.edgesSource).toBe('read');
    expect(read.edges.cutInsideDiameterMm).toBeCloseTo(after.cutInsideDiameterMm - 1, 9);
    expect(read.spent.cut).toBeLessThan(planned.spent.cut);
    expect(read.readings[0]).toMatchObject({ step: stretch, cutDownMm: after.cutInsideDiameterMm - 1 });
  });

  it('takes the plan’s word for an edge that the other one hid from the mandrel', () => {
    const stretch = indexOf('stretch');
    const after = steps[stretch]?.after;
    if (!after) throw new Error('the route has no stretch');
    const funnel = {
      rimDownMm: after.cutInsideDiameterMm + 0.5,
      cutDownMm: after.cutInsideDiameterMm,
      mark: 'leading',
    };
    const state = ringState(
      PLAN,
      events(...workedTo(stretch), { kind: 'reading', ...funnel } as RingEventBody),
    );
    expect(after.rimInsideDiameterMm - after.cutInsideDiameterMm).toBeGreaterThan(1);
    expect(state.edges.rimInsideDiameterMm).toBe(after.rimInsideDiameterMm);
    expect(state.edges.cutInsideDiameterMm).toBe(after.cutInsideDiameterMm);
  });

  it('empties the gauge at an anneal, also one the route did not ask for', () => {
    const stretch = indexOf('stretch');
    const state = ringState(PLAN, events(...workedTo(stretch + 1), { kind: 'anneal-done' }));
    expect(state.spent).toEqual({ cut: 0, rim: 0 });
    expect(state.step).toBe(stretch + 1);
  });

  it('takes back what was undone, as if it had never been', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: steps.length }), (end) => {
        const log = events(...workedTo(end));
        const last = log.at(-1);
        const undone = [
          ...log,
          { id: 'undo', at: '', body: { kind: 'undone', eventId: last?.id ?? '' } as const },
        ];
        expect(ringState(PLAN, undone)).toEqual(ringState(PLAN, log.slice(0, -1)));
      }),
    );
  });

  it('is not moved by an event for another step', () => {
    const state = ringState(PLAN, events({ kind: 'step-done', step: 3 }, { kind: 'anneal-done', step: 7 }));
    expect(state.step).toBe(0);
  });

  it('keeps notes, the last measurement and the end', () => {
    const state = ringState(
      PLAN,
      events(
        { kind: 'note', text: 'hole 24, face B' },
        { kind: 'measured', bandWidthMm: 8.9, thicknessCutEdgeMm: 1.3 },
        { kind: 'measured', bandWidthMm: 8.95 },
        { kind: 'finished' },
      ),
    );
    expect(state).toMatchObject({
      notes: [{ text: 'hole 24, face B' }],
      measured: { bandWidthMm: 8.95 },
      finished: true,
      finishedAt: '2026-03-01T10:03:00Z',
    });
  });
});

describe('isOnMark', () => {
  const reduce = steps[indexOf('reduce')];
  if (!reduce) throw new Error('the route lacks a step');
  const readingOf = ({ reading }: RouteStep) => reading ?? { rimDownMm: 0, cutDownMm: 0 };

  it('compares with the route’s reading, in which a smaller edge may hide the larger one', () => {
    const tapered = routeFor({ ...INPUT, wall: { kind: 'tapered' } })
      .steps.filter(({ kind }) => kind === 'reduce')
      .at(-1)!;
    expect(readingOf(tapered).rimDownMm).toBeLessThan(tapered.after.rimInsideDiameterMm);
    expect(isOnMark(tapered, readingOf(tapered))).toBe(true);
  });

  it('takes the edges’ own sizes for routes that tell no reading', () => {
    const { reading: _reading, ...older } = reduce;
    const { rimInsideDiameterMm: rimDownMm, cutInsideDiameterMm: cutDownMm } = older.after;
    expect(isOnMark(older, { rimDownMm, cutDownMm })).toBe(true);
  });

  it('is, within a quarter size', () => {
    const { rimDownMm, cutDownMm } = readingOf(reduce);
    expect(isOnMark(reduce, { rimDownMm: rimDownMm + 0.2 * MM_PER_US_SIZE, cutDownMm })).toBe(true);
  });

  it.each(['rimDownMm', 'cutDownMm'] as const)('a mark off either way is off: %s', (side) => {
    const expected = readingOf(reduce);
    for (const offMm of [MM_PER_US_SIZE / 4, -MM_PER_US_SIZE / 4]) {
      expect(isOnMark(reduce, { ...expected, [side]: expected[side] + offMm })).toBe(false);
    }
  });
});
