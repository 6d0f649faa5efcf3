import type { RingWithEvents } from '@round-mint/contract/rings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { ringOf } from '@/testing/demo-ring';
import { benchAlong, benchRing, stopMark, verbOf } from './bench-model';

const route = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
    school: 'over-stretch',
  },
  { kit: REFERENCE_KIT },
)!;

function ringWith(events: RingWithEvents['events']): RingWithEvents {
  return ringOf(events, { steps: [...route.steps] as RingWithEvents['steps'] });
}

const id = (n: number) => `00000005-0000-4000-8000-00000000000${n}`;
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const stepOf = (kind: string) => route.steps.filter((step) => step.kind === kind).at(-1)!;

describe('benchRing', () => {
  it('shows the next thing to do with the hands', () => {
    const at = '2026-03-01T10:00:00.000Z';
    const bench = benchRing(ringWith([{ id: id(1), at, body: { kind: 'step-done', step: 0 } }]));
    expect(bench.step?.kind).toBe('deburr');
    expect(bench.next?.kind).toBe('anneal');
  });

  it('stands along a route that follows from what was found, when one does', () => {
    const { steps } = route;
    const derived = { kind: 'changed', because: id(1), fromStep: 1, steps: steps.slice(5) } as const;
    const bench = benchAlong(benchRing(ringWith([])), derived);
    expect(bench.state.steps).toHaveLength(1 + steps.length - 5);
    expect(bench.stored.steps).toHaveLength(steps.length);
    expect(bench.next).toBe(steps[5]);
  });
});

describe('words of a step', () => {
  it('has a verb for every step of a route', () => {
    expect(route.steps.map(verbOf)).not.toContain('Work');
  });

  it('says where to stop', () => {
    expect(stopMark(stepOf('cut'), 'us', length)).toBe('hole 12.7 mm');
    expect(stopMark(stepOf('fold'), 'us', length)).toMatch(
      /^US \S+, rim edge down; US \S+ the other way round$/,
    );
    expect(stopMark(stepOf('reduce'), 'us', length)).toBe('US 8½, rim edge down; US 9 the other way round');
    expect(stopMark(stepOf('read'), 'us', length)).toBe('US 9, both ways round');
    expect(stopMark(stepOf('pickle'), 'us', length)).toBe('2 min hands-on, 10 min waiting');
    expect(stopMark(stepOf('deburr'), 'us', length)).toBe('about 4 min');
  });
});
