export const MINUTES_A_DAY = 1440;
const DAYS_A_WEEK = 7;
/** 1 January 1970 was a Thursday; Sunday counts 0. */
const FIRST_WEEKDAY = 4;
/** A workshop that is shut for longer than this has no schedule, days. */
const LONGEST_SEARCH_DAYS = 400;

/** A stretch of the day at the bench, minutes after midnight. */
export interface DaySpan {
  readonly fromMin: number;
  readonly toMin: number;
}

/**
 * When the maker works. All times of a schedule are wall-clock minutes: minutes since midnight of 1 January 1970 as the
 * clock on the wall counts them, so that nine o'clock stays nine o'clock when the clocks change.
 */
export interface WorkCalendar {
  /** Spans of each weekday, Sunday first, in order and apart from each other. */
  readonly week: readonly (readonly DaySpan[])[];
  /** Days off, as days since 1 January 1970. */
  readonly daysOff?: readonly number[] | undefined;
}

export const dayOf = (wallMin: number): number => Math.floor(wallMin / MINUTES_A_DAY);

/** The working spans of a day, in wall-clock minutes. */
export function spansOfDay({ week, daysOff = [] }: WorkCalendar, day: number): readonly DaySpan[] {
  if (daysOff.includes(day)) return [];
  const spans = week[(day + FIRST_WEEKDAY) % DAYS_A_WEEK] ?? [];
  const midnight = day * MINUTES_A_DAY;
  return spans.map(({ fromMin, toMin }) => ({ fromMin: midnight + fromMin, toMin: midnight + toMin }));
}

/** The longest stretch of work in the week, minutes. */
export function longestSpanMin({ week }: WorkCalendar): number {
  return Math.max(0, ...week.flat().map(({ fromMin, toMin }) => toMin - fromMin));
}

/**
 * The first moment from which work can go on without a break.
 * @param lastsMin how long hands are needed and nothing may be left alone, minutes
 * @returns wall-clock minutes; undefined when no working span is long enough
 */
export function firstFit(calendar: WorkCalendar, fromMin: number, lastsMin: number): number | undefined {
  const { week, daysOff = [] } = calendar;
  const today = dayOf(fromMin);
  // The innermost loop of every search for a schedule: nothing is built in it.
  for (let day = today; day < today + LONGEST_SEARCH_DAYS; day++) {
    if (daysOff.includes(day)) continue;
    const midnight = day * MINUTES_A_DAY;
    for (const span of week[(day + FIRST_WEEKDAY) % DAYS_A_WEEK] ?? []) {
      const start = Math.max(midnight + span.fromMin, fromMin);
      if (start + lastsMin <= midnight + span.toMin) return start;
    }
  }
  return undefined;
}

/** The end of a day's work, or of the last working day before it: until then a ring wanted that day has to be ready. */
export function closingMin(calendar: WorkCalendar, day: number): number {
  for (let back = 0; back < LONGEST_SEARCH_DAYS; back++) {
    const last = spansOfDay(calendar, day - back).at(-1);
    if (last) return last.toMin;
  }
  return (day + 1) * MINUTES_A_DAY;
}

/** Working minutes between two moments. */
export function workMinutes(calendar: WorkCalendar, fromMin: number, toMin: number): number {
  let minutes = 0;
  for (let day = dayOf(fromMin); day <= dayOf(toMin); day++) {
    for (const span of spansOfDay(calendar, day)) {
      minutes += Math.max(0, Math.min(span.toMin, toMin) - Math.max(span.fromMin, fromMin));
    }
  }
  return minutes;
}

/** The moment by which so many minutes of work are done, pauses left out, at the earliest. */
export function afterWork({ week, daysOff = [] }: WorkCalendar, fromMin: number, workMin: number): number {
  let left = workMin;
  const today = dayOf(fromMin);
  for (let day = today; day < today + LONGEST_SEARCH_DAYS; day++) {
    if (daysOff.includes(day)) continue;
    const midnight = day * MINUTES_A_DAY;
    for (const span of week[(day + FIRST_WEEKDAY) % DAYS_A_WEEK] ?? []) {
      const start = Math.max(midnight + span.fromMin, fromMin);
      const room = midnight + span.toMin - start;
      if (room >= left) return start + left;
      if (room > 0) left -= room;
    }
  }
  return Infinity;
}
