import { format } from 'date-fns/format';

/** Days are written as the maker's own locale writes them, always with the weekday. */
function written(parts: Intl.DateTimeFormatOptions): (date: Date | string) => string {
  const formatter = new Intl.DateTimeFormat(undefined, parts);
  return (date) => formatter.format(new Date(date));
}

/** "Fri, Dec 4" */
export const shortDay = written({ weekday: 'short', day: 'numeric', month: 'short' });

/** "Fri, Dec 4, 2026" */
export const dayAndYear = written({ weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });

/** "December 2026" */
export const monthAndYear = written({ month: 'long', year: 'numeric' });

/** "Friday, December 4, 2026", for letters and papers. */
export const longDay = written({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' });

const weekday = written({ weekday: 'short' });

/** "Fri 4": over a day of a plan. */
export function narrowDay(date: Date): string {
  return `${weekday(date)} ${date.getDate()}`;
}

/** "Fri, Dec 4, 16:20" */
export function momentOf(date: Date | string): string {
  return `${shortDay(date)}, ${format(new Date(date), 'HH:mm')}`;
}
