import type { DayJob } from '@round-mint/contract/day-plan';
import type { Settings } from '@round-mint/contract/settings';
import {
  closingMin,
  DEFAULT_RULES,
  type Pin,
  type ScheduleJob,
  type Shop,
  type WorkCalendar,
} from '@round-mint/core/schedule';
import { dayNumber, wallMinutes } from '@/features/shared/words/wall-clock';

/** Plans are made to five minutes: a second later the same plan comes out. */
const GRID_MIN = 5;

/** What of the settings says when anybody works. */
export type WorkHours = Pick<Settings, 'hours' | 'helperHours' | 'daysOff'>;

/** When the maker works. */
export function calendarOf({ hours, daysOff }: Pick<Settings, 'hours' | 'daysOff'>): WorkCalendar {
  return { week: hours, daysOff: daysOff.map(dayNumber) };
}

/** The next full five minutes. */
export function planningNow(now = new Date()): number {
  return Math.ceil(wallMinutes(now) / GRID_MIN) * GRID_MIN;
}

/** A ring of the day plan as the schedule takes it: wanted by the end of work on its day. */
export function scheduleJob(job: DayJob, calendar: WorkCalendar, nowMin: number): ScheduleJob {
  const { id, name, arrivedAt, dueOn, steps } = job;
  return {
    id,
    name,
    arrivedMin: wallMinutes(new Date(arrivedAt)),
    readyMin: nowMin,
    dueMin: dueOn === null ? undefined : closingMin(calendar, dayNumber(dueOn)),
    steps,
  };
}

/** Everything that is in work or agreed, from a moment on. */
export function shopOf(
  jobs: readonly DayJob[],
  settings: WorkHours,
  pins: readonly Pin[],
  nowMin: number,
): Shop {
  const calendar = calendarOf(settings);
  const known = jobs.map(({ id }) => id);
  return {
    jobs: jobs.map((job) => scheduleJob(job, calendar, nowMin)),
    calendar,
    helper: calendarOf({ ...settings, hours: settings.helperHours }),
    rules: DEFAULT_RULES,
    // A pin of a ring that is through means nothing any more.
    pins: pins.filter(({ jobId }) => known.includes(jobId)),
    nowMin,
  };
}
