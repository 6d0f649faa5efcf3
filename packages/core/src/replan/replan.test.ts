import type { CoinRingInput } from '../forming';
import { DEFAULT_MANDREL, MM_PER_US_SIZE, predictReading } from '../size';
import { workingThickness } from '../stock';
import { REFERENCE_KIT } from '../kit';
import { type RingEvent, type RingEventBody, ringState, type RingState } from '../ring';
import type { RouteStep } from '../steps';
import type { RingInWork } from './attempt';
import { replan, type NewRoute } from './replan';
import { filedBack, foundAt } from './resume';
import { routeFor } from '../route/test-route';

const QUARTER_MM = MM_PER_US_SIZE / 4;
const INPUT: CoinRingInput = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 12.5, metal: 'silver-900' },
  holeMm: 11.1,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'rounded' },
  school: 'over-stretch',
};
const { steps, school } = routeFor(INPUT);

function eventsOf(bodies: readonly RingEventBody[]): readonly RingEvent[] {
  return bodies.map((body, i) => ({ id: `e${i}`, at: '2026-03-01T10:00:00Z', body }));
}

const doneUpTo = (end: number, all: readonly RouteStep[] = steps): RingEventBody[] =>
  all
    .slice(0, end)
    .map(({ kind }, step) =>
      kind === 'anneal' ? { kind: 'anneal-done', step } : { kind: 'step-done', step },
    );

function stateAfter(bodies: readonly RingEventBody[], input = INPUT, all = steps): RingState {
  const { targetInsideDiameterMm, holeMm } = input;
  return ringState({ steps: all, targetInsideDiameterMm, holeMm }, eventsOf(bodies));
}

function inWork(state: RingState, change: Partial<RingInWork> = {}): RingInWork {
  const { coin, wall } = INPUT;
  return { coin, wall, school, mandrel: DEFAULT_MANDREL, state, kit: REFERENCE_KIT, ...change };
}

/** A reading during a step whose edges are off the step's end by so much, mm. */
function readingOff(step: RouteStep, rimOff: number, cutOff = rimOff): RingEventBody {
  const edges = {
    rimInsideDiameterMm: step.after.rimInsideDiameterMm + rimOff,
    cutInsideDiameterMm: step.after.cutInsideDiameterMm + cutOff,
  };
  const reading = predictReading(edges, step.outline.arcMm.at(-1) ?? 0, 'leading', DEFAULT_MANDREL);
  return { kind: 'reading', ...reading, mark: 'leading' };
}

const indexOf = (kind: string) => steps.findIndex((step) => step.kind === kind);
const lastOf = (kind: string) => steps.findLastIndex((step) => step.kind === kind);

function changed(ring: RingInWork): NewRoute {
  const answer = replan(ring, { kind: 'reading' });
  if (answer.kind !== 'changed') throw new Error(`the route is ${answer.kind}`);
  return answer.route;
}

function readAt(index: number, rimOff: number, cutOff = rimOff): RingInWork {
  const step = steps[index];
  if (!step) throw new Error(`no step ${index}`);
  return inWork(stateAfter([...doneUpTo(index), readingOff(step, rimOff, cutOff)]));
}

describe('planning on from a push', () => {
  const PUSHED: CoinRingInput = {
    ...INPUT,
    wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
  };
  const pushed = routeFor(PUSHED);
  const first = pushed.steps.findIndex(({ kind }) => kind === 'curl');
  const step = pushed.steps[first]!;
  const wholeMm = step.pieceState!.pushedMm!.cut;
  const fellMm = step.before.cutInsideDiameterMm - step.after.cutInsideDiameterMm;
  /** The cut edge pushed by a share of what it was to be. */
  const readingAt = (share: number) =>
    inWork(
      stateAfter(
        [...doneUpTo(first, pushed.steps), readingOff(step, 0, fellMm * (1 - share))],
        PUSHED,
        pushed.steps,
      ),
      {
        wall: PUSHED.wall,
      },
    );

  it('short by a half, the same edge is pushed on and nothing is stretched', () => {
    const found = foundAt(
      pushed.steps,
      first,
      readingAt(0.5).state.edges,
      workingThickness(INPUT.coin).thicknessMm,
    );
    expect(found?.arrived).toBe(false);
    expect(found?.pieceState.pushedMm?.cut).toBeCloseTo(wholeMm / 2, 1);
    expect(found?.pieceState.pushedMm?.rim).toBe(0);
    const answer = replan(readingAt(0.5), { kind: 'reading' });
    const next = answer.kind === 'changed' ? answer.route.steps : pushed.steps.slice(first);
    expect(next.filter(({ kind }) => kind === 'curl').map(({ title }) => title)).toEqual([
      'Turn the cut edge in',
      'Turn the rim edge in',
    ]);
    expect(next.some(({ kind }) => kind === 'stretch')).toBe(false);
  });

  it('deeper by a tenth, the rim edge still goes to the size', () => {
    const found = foundAt(
      pushed.steps,
      first,
      readingAt(1.1).state.edges,
      workingThickness(INPUT.coin).thicknessMm,
    );
    expect(found?.arrived).toBe(true);
    expect(found?.pieceState.pushedMm?.cut).toBeCloseTo(wholeMm * 1.1, 1);
    const route = changed(readingAt(1.1));
    const rim = route.steps.find(({ kind }) => kind === 'curl');
    expect(rim?.title).toBe('Turn the rim edge in');
    expect(rim!.after.rimInsideDiameterMm + rim!.pieceState!.lipMm).toBeCloseTo(
      INPUT.targetInsideDiameterMm,
      1,
    );
  });
});

describe('planning on from a reading', () => {
  it('leaves the route alone while readings are on plan', () => {
    for (const index of [indexOf('stretch'), indexOf('curl'), lastOf('true-up')]) {
      expect(replan(readAt(index, 0.05), { kind: 'reading' })).toEqual({ kind: 'on-plan' });
    }
  });

  it('a pull that stopped short is gone on with', () => {
    const index = lastOf('stretch');
    // Short by less than the pass began with, the same pull goes on: the route asks nothing else.
    expect(replan(readAt(index, 0, -3 * QUARTER_MM), { kind: 'reading' })).toEqual({ kind: 'on-plan' });
    const route = changed(readAt(index, 0, -8 * QUARTER_MM));
    expect(route.fromStep).toBe(index);
    expect(route.steps.find(({ kind }) => kind !== 'anneal')?.kind).toBe('stretch');
    expect(route.steps.at(-1)?.after.cutInsideDiameterMm).toBeCloseTo(INPUT.targetInsideDiameterMm, 1);
  });

  it('a curl that went too far is opened again before the true-up, and ends at the size', () => {
    const index = lastOf('curl');
    const route = changed(readAt(index, -3 * QUARTER_MM));
    expect(route.fromStep).toBe(index + 1);
    const formed = route.steps.filter(({ kind }) => kind === 'stretch');
    expect(formed.length).toBeGreaterThan(0);
    const last = route.steps.at(-1);
    expect(last?.after.cutInsideDiameterMm).toBeCloseTo(INPUT.targetInsideDiameterMm, 1);
    expect(last?.kind).toBe('read');
  });

  it('a true-up that reads off is mended there and then, with its finishing still to come', () => {
    const index = lastOf('true-up');
    const route = changed(readAt(index, 2 * QUARTER_MM));
    expect(route.fromStep).toBe(index);
    expect(route.steps.map(({ kind }) => kind)).toEqual(
      expect.arrayContaining(['reduce', 'true-up', 'pickle', 'polish', 'read']),
    );
  });

  it('keeps the budget from where the gauge stands', () => {
    const index = lastOf('stretch');
    const soft = readAt(index, 0, -8 * QUARTER_MM);
    const hard = { ...soft, state: { ...soft.state, spent: { cut: 0.119, rim: 0.05 } } };
    const anneals = (route: NewRoute) => route.steps.filter(({ kind }) => kind === 'anneal').length;
    expect(changed(hard).steps[0]?.kind).toBe('anneal');
    expect(changed(hard).change.annealNow).toBe(true);
    expect(anneals(changed(hard))).toBeGreaterThanOrEqual(anneals(changed(soft)));
  });

  it('the reducer goes on along the new route, and taking the reading back takes it back too', () => {
    const index = lastOf('stretch');
    const step = steps[index];
    if (!step) throw new Error('no stretch');
    const reading = readingOff(step, 0, -8 * QUARTER_MM);
    const route = changed(inWork(stateAfter([...doneUpTo(index), reading])));
    const because = `e${index}`;
    const reroute: RingEventBody = {
      kind: 'rerouted',
      because,
      fromStep: route.fromStep,
      steps: route.steps,
      why: 'stopped short',
    };
    const bodies: RingEventBody[] = [...doneUpTo(index), reading, reroute];
    const after = stateAfter(bodies);
    expect(after.steps).toHaveLength(index + route.steps.length);
    expect(after.lastEventId).toBe(because);
    expect(after.stepReading).toBeUndefined();
    const taken = stateAfter([...bodies, { kind: 'undone', eventId: because }]);
    expect(taken.steps).toEqual(steps);
    expect(taken.reroutes).toEqual([]);
  });

  it('a change that comes after its step was done is too late', () => {
    const reroute: RingEventBody = { kind: 'rerouted', because: 'x', fromStep: 1, steps: [], why: 'late' };
    expect(stateAfter([...doneUpTo(3), reroute]).steps).toEqual(steps);
  });

  it('every sized step, read up to a size and a half off either way, leads to the size or says why not', () => {
    const sized = steps.flatMap((step, i) => (step.reading && step.kind !== 'fold' ? [i] : []));
    for (const index of sized) {
      for (const off of [-6, -3, -2, 2, 3, 6]) {
        const answer = replan(readAt(index, off * QUARTER_MM), { kind: 'reading' });
        if (answer.kind !== 'changed') {
          expect(answer.kind).toMatch(/out-of-reach|on-plan/);
          continue;
        }
        const last = answer.route.steps.at(-1);
        expect(Math.abs((last?.after.cutInsideDiameterMm ?? 0) - INPUT.targetInsideDiameterMm)).toBeLessThan(
          0.15,
        );
        expect(Math.abs((last?.after.rimInsideDiameterMm ?? 0) - INPUT.targetInsideDiameterMm)).toBeLessThan(
          0.15,
        );
      }
    }
  });
});

describe('planning on from the hole and from a crack', () => {
  it('a hole that came out larger gives a narrower band, with the deburring still to do', () => {
    const state = stateAfter([...doneUpTo(1), { kind: 'hole-measured', diameterMm: 12.4 }]);
    const answer = replan(inWork(state), { kind: 'hole' });
    if (answer.kind !== 'changed') throw new Error(answer.kind);
    expect(answer.route.steps[0]?.kind).toBe('deburr');
    expect(answer.route.change.bandWidthMm.to).toBeLessThan(answer.route.change.bandWidthMm.from);
    expect(answer.route.holeMm).toBe(12.4);
  });

  const beforeStretch = indexOf('stretch');
  /** A millimetre filed off the funnel's cut edge before it is stretched. */
  function filedOut() {
    const state = stateAfter(doneUpTo(beforeStretch));
    const answer = replan(inWork(state), { kind: 'filed-back', fileMm: 1, newHoleMm: 13.5 });
    if (answer.kind !== 'changed') throw new Error(answer.kind);
    return answer;
  }

  it('a crack filed out of the funnel: filed, annealed, and a narrower ring of the same size', () => {
    const answer = filedOut();
    expect(answer.route.steps.slice(0, 2).map(({ kind }) => kind)).toEqual(['file', 'anneal']);
    expect(answer.route.bandWidthMm).toBeLessThan(answer.route.change.bandWidthMm.from - 0.8);
    expect(answer.route.steps.at(-1)?.after.cutInsideDiameterMm).toBeCloseTo(INPUT.targetInsideDiameterMm, 1);
  });

  it('files the wall as it stands, before the step at hand', () => {
    const answer = filedOut();
    const standing = filedBack(steps[beforeStretch - 1]!.outline, 1);
    expect(answer.route.steps[0]!.outline.meanRadiusMm[0]).toBeCloseTo(standing.meanRadiusMm[0]!, 2);
    expect(answer.route.fromStep).toBe(beforeStretch);
  });

  /** A thin coin whose hole was to be 12.7 mm and came out smaller. */
  function smallHole(rimThicknessMm: number, holeMm: number) {
    const thin: CoinRingInput = {
      ...INPUT,
      coin: { ...INPUT.coin, rimThicknessMm, massG: undefined },
      holeMm: 12.7,
      wall: { kind: 'straight' },
    };
    const route = routeFor(thin);
    const state = stateAfter(
      [...doneUpTo(1, route.steps), { kind: 'hole-measured', diameterMm: holeMm }],
      thin,
      route.steps,
    );
    const ring = inWork(state, { coin: thin.coin, wall: thin.wall, school: route.school });
    return { answer: replan(ring, { kind: 'hole' }), targetMm: thin.targetInsideDiameterMm };
  }

  it('an edge that would come out thin is planned on with, beside the nearest size that keeps it comfortable', () => {
    const { answer, targetMm } = smallHole(1.4, 9);
    if (answer.kind !== 'changed') throw new Error(answer.kind);
    expect(answer.route.targetInsideDiameterMm).toBe(targetMm);
    expect(answer.route.thicknessCutEdgeMm).toBeLessThan(0.89);
    expect(answer.thin?.comfortable?.targetInsideDiameterMm).toBeLessThan(targetMm);
    expect(answer.thin?.comfortable?.thicknessCutEdgeMm).toBeGreaterThan(0.88);
  });

  it('a sharp one is out of reach', () => {
    const { answer } = smallHole(1.2, 4);
    if (answer.kind !== 'out-of-reach') throw new Error(answer.kind);
    expect(answer.why).toBe('edge-too-thin');
    expect(answer.nearest?.thicknessCutEdgeMm ?? 1).toBeGreaterThan(0.48);
  });
});
