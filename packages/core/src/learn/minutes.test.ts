import type { RingEvent } from '../ring';
import type { RouteStep } from '../steps';
import { minutesFit, workedMinutes } from './minutes';

const step = (kind: RouteStep['kind'], handsOnMin: number, waitMin = 0) =>
  ({ kind, handsOnMin, waitMin }) as RouteStep;
const STEPS = [step('cut', 6), step('fold', 4), step('pickle', 2, 10), step('polish', 10)];
let count = 0;
const done = (index: number, minute: number): RingEvent => ({
  id: `e${++count}`,
  at: new Date(Date.UTC(2026, 10, 28, 9, minute)).toISOString(),
  body: { kind: 'step-done', step: index },
});

describe('workedMinutes', () => {
  it('takes the first step as planned, then the time from one end to the next', () => {
    expect(workedMinutes(STEPS, [done(0, 0), done(1, 5)])).toBe(6 + 5);
  });

  it('takes a bath’s wait off, and a step as planned after a night or when logged at once', () => {
    // 13 minutes, of which 10 were the bath's.
    expect(workedMinutes(STEPS, [done(1, 0), done(2, 13)])).toBe(4 + 3);
    // Four times the planned 4 minutes still counts as work, a minute more does not.
    expect(workedMinutes(STEPS, [done(0, 0), done(1, 16)])).toBe(6 + 16);
    expect(workedMinutes(STEPS, [done(0, 0), done(1, 17)])).toBe(6 + 4);
    expect(workedMinutes(STEPS, [done(0, 0), done(1, 0)])).toBe(6 + 4);
  });
});

describe('minutesFit', () => {
  it('draws the middle towards the default as if that had been timed five times', () => {
    // Middle of 2, 4 and 9 is 4: (3 · 4 + 5 · 10)/8.
    expect(minutesFit([9, 2, 4], 10)).toEqual({ minutes: 62 / 8, timed: 3 });
    // Middle of 2 and 4 is 3: (2 · 3 + 5 · 10)/7.
    expect(minutesFit([4, 2], 10).minutes).toBeCloseTo(8, 12);
    expect(minutesFit([], 10)).toEqual({ minutes: 10, timed: 0 });
  });
});
