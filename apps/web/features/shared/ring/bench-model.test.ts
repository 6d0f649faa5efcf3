import type { RingWithEvents } from '@round-mint/contract/rings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { writeSize } from '@round-mint/core/size';
import { ringOf } from '@/testing/demo-ring';
import { benchRing, stopMark, verbOf } from './bench-model';

const route = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
  },
  { kit: REFERENCE_KIT },
)!;

function ringWith(events: RingWithEvents['events']): RingWithEvents {
  return ringOf(events, { steps: [...route.steps] as RingWithEvents['steps'] });
}

const id = (n: number) => `00000005-0000-4000-8000-00000000000${n}`;
const size = (mm: number) => writeSize(mm, 'us');
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const stepOf = (kind: string) => route.steps.filter((step) => step.kind === kind).at(-1)!;

describe('benchRing', () => {
  it('shows the next thing to do with the hands', () => {
    const at = '2026-03-01T10:00:00.000Z';
    const bench = benchRing(ringWith([{ id: id(1), at, body: { kind: 'step-done', step: 0 } }]));
    expect(bench.step?.kind).toBe('deburr');
    expect(bench.next?.kind).toBe('anneal');
    expect(bench.advice).toBeUndefined();
  });

  it('judges a reading only during the step it was taken in', () => {
    const at = '2026-03-01T10:00:00.000Z';
    const reading = { kind: 'reading', rimDownMm: 30, cutDownMm: 14, mark: 'leading' } as const;
    const during = benchRing(ringWith([{ id: id(1), at, body: reading }]));
    expect(during.advice?.map(({ edge }) => edge)).toEqual(['cut']);
    const after = benchRing(
      ringWith([
        { id: id(1), at, body: reading },
        { id: id(2), at, body: { kind: 'step-done', step: 0 } },
      ]),
    );
    expect(after.advice).toBeUndefined();
  });
});

describe('words of a step', () => {
  it('has a verb for every step of a route', () => {
    expect(route.steps.map(verbOf)).not.toContain('Work');
  });

  it('says where to stop', () => {
    expect(stopMark(stepOf('cut'), size, length)).toBe('hole 12.7 mm');
    expect(stopMark(stepOf('fold'), size, length)).toMatch(/^wall \d+° up from flat$/);
    expect(stopMark(stepOf('reduce'), size, length)).toBe('US 8½ rim edge, US 9 cut edge');
    expect(stopMark(stepOf('read'), size, length)).toBe('US 9, both edges');
    expect(stopMark(stepOf('pickle'), size, length)).toBe('2 min of hands, 10 of waiting');
    expect(stopMark(stepOf('deburr'), size, length)).toBe('about 4 min');
  });
});
