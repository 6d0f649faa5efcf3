import { format } from 'date-fns/format';
import { momentOf, shortDay } from './dates';

const MINUTE_MS = 60_000;

/** A moment as the clock on the wall counts it: minutes since midnight of 1 January 1970, local. */
export function wallMinutes(date: Date): number {
  return Math.floor(date.getTime() / MINUTE_MS) - date.getTimezoneOffset();
}

/** The moment at which the clock on the wall stands so. */
export function wallDate(wallMin: number): Date {
  const utc = new Date(wallMin * MINUTE_MS);
  return new Date(
    utc.getUTCFullYear(),
    utc.getUTCMonth(),
    utc.getUTCDate(),
    utc.getUTCHours(),
    utc.getUTCMinutes(),
  );
}

/** A day such as 2026-12-04 as days since 1 January 1970. */
export function dayNumber(day: string): number {
  return Math.floor(Date.parse(`${day}T00:00:00Z`) / (1440 * MINUTE_MS));
}

/** "Fri, Dec 4", "Fr., 4. Dez." */
export function dayWords(day: string): string {
  return shortDay(wallDate(dayNumber(day) * 1440));
}

/** "Fri, Dec 4, 16:20" */
export function momentWords(wallMin: number): string {
  return momentOf(wallDate(wallMin));
}

/** "16:20" */
export function clockWords(wallMin: number): string {
  return format(wallDate(wallMin), 'HH:mm');
}

/** Today, or a day from it, as the contract writes days. */
export function dayFromNow(days = 0): string {
  const now = new Date();
  return format(new Date(now.getFullYear(), now.getMonth(), now.getDate() + days), 'yyyy-MM-dd');
}
