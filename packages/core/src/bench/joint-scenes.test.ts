import type { RingEventBody } from '../ring';
import { HANDLE } from '../work/test-samples';
import {
  doneTo,
  endMm,
  firstOf,
  kindsToCome,
  lastOf,
  QUARTER_MM,
  readAt,
  says,
  us,
  workRing,
  type PlannedRing,
} from './test-bench';

const OVERLAP_MM = 8;
const WORK = { kind: 'handle', keptEnd: 'tip', startMm: 0, ends: 'square' } as const;
const LAPPED = workRing({ ...WORK, style: 'overlap', overlapMm: OVERLAP_MM }, HANDLE, us(9));
const BUTT = workRing({ ...WORK, style: 'straight' }, HANDLE, us(9));
const MEET: RingEventBody = { kind: 'style-changed', style: 'straight' };

const lengthMm = ({ steps }: Pick<PlannedRing, 'steps'>, kind: string) =>
  steps.findLast((step) => step.kind === kind)?.blank?.stations.at(-1)?.atMm;

describe('a lapped ring is to have ends that meet', () => {
  it('not begun, it is cut as a butt joint is', () => {
    const word = says(LAPPED, [MEET]);
    const cutMm = lengthMm({ steps: word.state.steps }, 'saw');
    expect(cutMm).toBeCloseTo(lengthMm(BUTT, 'saw') ?? 0, 1);
    expect(lengthMm(LAPPED, 'saw')).toBeCloseTo((cutMm ?? 0) + OVERLAP_MM, 1);
    expect(word.advice.message).toMatch(/^Now with ends that meet\./);
    expect(word.rest.map(({ kind }) => kind)).toEqual(LAPPED.steps.slice(1).map(({ kind }) => kind));
    expect(word.rest.find(({ kind }) => kind === 'close')?.title).toBe('Close the joint');
  });

  it('bent, the lap is sawn off and filed before it is closed', () => {
    const bend = lastOf(LAPPED, 'bend');
    const word = says(LAPPED, [...doneTo(LAPPED.steps, bend + 1), MEET]);
    const kinds = [word.step?.kind, ...kindsToCome(word)];
    const close = kinds.indexOf('close');
    expect(kinds.slice(close - 2, close + 1)).toEqual(['saw', 'file', 'close']);
    const saw = word.state.steps.findLast(({ kind }) => kind === 'saw');
    expect(saw?.title).toBe(`Saw off ${OVERLAP_MM.toFixed(1)} mm of the end outside`);
    expect(lengthMm({ steps: word.state.steps }, 'close')).toBeCloseTo(lengthMm(BUTT, 'close') ?? 0, 1);
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });

  it.each([
    ['closed', 'close'],
    ['trued', 'true-up'],
    ['polished', 'polish'],
  ] as const)('%s, it is cut, closed, trued and finished again', (_name, kind) => {
    const word = says(LAPPED, [...doneTo(LAPPED.steps, firstOf(LAPPED, kind) + 1), MEET]);
    const after = LAPPED.steps.slice(firstOf(LAPPED, 'close') + 1).map((step) => step.kind);
    expect([word.step?.kind, ...kindsToCome(word)]).toEqual(['saw', 'file', 'close', ...after]);
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });

  it('does not empty the gauge: a cut is not a heat', () => {
    const done = doneTo(LAPPED.steps, firstOf(LAPPED, 'close') + 1);
    const before = says(LAPPED, done).gauge;
    const at = done.length;
    const word = says(LAPPED, [
      ...done,
      MEET,
      {
        kind: 'rerouted',
        because: `${String(at).padStart(8, '0')}-0000-4000-8000-000000000000`,
        fromStep: at,
        steps: says(LAPPED, [...done, MEET]).state.steps.slice(at),
        why: 'as told',
        derived: true,
      },
      { kind: 'step-done', step: at },
    ]);
    expect(word.step).toMatchObject({ index: at + 1, kind: 'file' });
    expect(word.gauge).toEqual(before);
  });

  it('read too large while it was lapped, it is closed to its size all the same', () => {
    const close = firstOf(LAPPED, 'close');
    const word = says(LAPPED, [
      ...doneTo(LAPPED.steps, close),
      readAt(LAPPED.steps[close], 4 * QUARTER_MM),
      MEET,
    ]);
    expect(word.state.steps.some(({ title }) => title.startsWith('Saw off'))).toBe(true);
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });

  it('of a ring whose ends meet already, nothing follows', () => {
    const done = doneTo(BUTT.steps, 2);
    expect(says(BUTT, [...done, MEET]).state.steps).toEqual(BUTT.steps);
  });

  it('taken back, it is lapped as before', () => {
    const done = doneTo(LAPPED.steps, 3);
    const undone: RingEventBody = {
      kind: 'undone',
      eventId: `${String(done.length).padStart(8, '0')}-0000-4000-8000-000000000000`,
    };
    expect(says(LAPPED, [...done, MEET, undone]).state.steps).toEqual(LAPPED.steps);
  });
});
