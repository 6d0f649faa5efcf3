import { closingMin, dayOf, firstFit, MINUTES_A_DAY, spansOfDay, workMinutes } from './calendar';
import { MONDAY_MIN, TEST_WEEK } from './test-shop';

const DAY = dayOf(MONDAY_MIN);

describe('the calendar', () => {
  it('knows the weekday of a day', () => {
    expect(spansOfDay(TEST_WEEK, DAY)).toHaveLength(2);
    expect(spansOfDay(TEST_WEEK, DAY + 5)).toHaveLength(1);
    expect(spansOfDay(TEST_WEEK, DAY + 6)).toEqual([]);
    expect(spansOfDay({ ...TEST_WEEK, daysOff: [DAY] }, DAY)).toEqual([]);
  });

  it('puts what no longer fits before noon behind it, and what is too long nowhere', () => {
    const halfTwelve = DAY * MINUTES_A_DAY + 690;
    expect(firstFit(TEST_WEEK, halfTwelve, 60)).toBe(halfTwelve);
    expect(firstFit(TEST_WEEK, halfTwelve, 61)).toBe(DAY * MINUTES_A_DAY + 810);
    expect(firstFit(TEST_WEEK, halfTwelve, 211)).toBeUndefined();
    expect(firstFit({ week: [] }, halfTwelve, 1)).toBeUndefined();
  });

  it('goes over the weekend', () => {
    const saturdayNoon = (DAY + 5) * MINUTES_A_DAY + 720;
    expect(firstFit(TEST_WEEK, saturdayNoon, 10)).toBe((DAY + 7) * MINUTES_A_DAY + 540);
    expect(closingMin(TEST_WEEK, DAY + 6)).toBe(saturdayNoon);
    // Where nobody ever works, a day ends at midnight.
    expect(closingMin({ week: [] }, DAY)).toBe((DAY + 1) * MINUTES_A_DAY);
  });

  it('counts working minutes only', () => {
    expect(workMinutes(TEST_WEEK, MONDAY_MIN, MONDAY_MIN + MINUTES_A_DAY)).toBe(420);
    expect(workMinutes(TEST_WEEK, MONDAY_MIN + 200, MONDAY_MIN + 280)).toBe(20);
  });
});
