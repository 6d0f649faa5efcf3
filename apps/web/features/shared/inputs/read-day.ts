import { parseDay, type DayOrder } from '@round-mint/core/format';
import { dayFromNow } from '@/features/shared/words/wall-clock';

/** Another day, another month: which part is which shows in how the locale writes it. */
const SAMPLE = new Date(2026, 11, 24);

/** The order in which the device's locale writes a day. */
function localeOrder(): DayOrder {
  const parts = new Intl.DateTimeFormat(undefined, { year: 'numeric', month: 'numeric', day: 'numeric' })
    .formatToParts(SAMPLE)
    .map(({ type }) => type);
  if (parts.indexOf('year') < parts.indexOf('day')) return 'ymd';
  return parts.indexOf('day') < parts.indexOf('month') ? 'dmy' : 'mdy';
}

function localeMonths(): readonly string[] {
  const { format } = new Intl.DateTimeFormat(undefined, { month: 'long' });
  return Array.from({ length: 12 }, (_month, i) => format(new Date(2026, i, 1)));
}

const LOCALE = { order: localeOrder(), months: localeMonths() };

/** A typed day as the interface writes it; undefined where it is none. */
export function readDay(text: string): string | undefined {
  return parseDay(text, { today: dayFromNow(), ...LOCALE });
}
