/** In what order a maker's locale writes the parts of a day. */
export type DayOrder = 'dmy' | 'mdy' | 'ymd';

export interface DayReading {
  /** The day that it is, as the HTTP interface writes days: "2026-12-04". */
  readonly today: string;
  readonly order: DayOrder;
  /** Names of the months in the maker's language, January first; English ones are read as well. */
  readonly months?: readonly string[];
}

const ENGLISH_MONTHS =
  'january february march april may june july august september october november december';
const DAY_MS = 86_400_000;
/** A month is known by so many letters. */
const LETTERS = 3;
const WEEKDAYS = ['sunday', 'monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday'];

function dayOf(ms: number): string {
  return new Date(ms).toISOString().slice(0, 10);
}

/** A day that the calendar has; undefined where it has none, such as 31 April. */
function calendarDay(year: number, month: number, day: number): string | undefined {
  const text = `${String(year).padStart(4, '0')}-${String(month).padStart(2, '0')}-${String(day).padStart(2, '0')}`;
  const ms = Date.parse(`${text}T00:00:00Z`);
  return Number.isFinite(ms) && dayOf(ms) === text ? text : undefined;
}

/** Without a year, the next such day: this year's, or next year's where that is past. */
function nextSuch(today: string, month: number, day: number): string | undefined {
  const year = Number(today.slice(0, 4));
  const thisYear = calendarDay(year, month, day);
  return thisYear !== undefined && thisYear >= today ? thisYear : calendarDay(year + 1, month, day);
}

function withYear(today: string, [year, month, day]: readonly [number | undefined, number, number]) {
  if (year === undefined) return nextSuch(today, month, day);
  return calendarDay(year < 100 ? 2000 + year : year, month, day);
}

function monthNamed(word: string, months: readonly string[]): number | undefined {
  const start = word.toLowerCase().slice(0, LETTERS);
  if (start.length < LETTERS) return undefined;
  for (const names of [ENGLISH_MONTHS.split(' '), months]) {
    const at = names.findIndex((name) => name.toLowerCase().startsWith(start));
    if (at >= 0) return at + 1;
  }
  return undefined;
}

/** "today", "tomorrow", "friday", "in 3 weeks", "+10". */
function fromToday(text: string, today: string): string | undefined {
  const now = Date.parse(`${today}T00:00:00Z`);
  const after = (days: number) => dayOf(now + days * DAY_MS);
  if (text === 'today') return today;
  if (text === 'tomorrow') return after(1);
  const counted = /^(?:in\s+|\+\s*)(\d{1,3})\s*(days?|weeks?)?$/.exec(text);
  if (counted) return after(Number(counted[1]) * (counted[2]?.startsWith('w') ? 7 : 1));
  const named = text.length < LETTERS ? -1 : WEEKDAYS.findIndex((name) => name.startsWith(text));
  if (named < 0) return undefined;
  // The next day of that name, never today.
  return after(((named - new Date(now).getUTCDay() + 6) % 7) + 1);
}

/**
 * A day as people write it: "2026-12-24", "24.12.", "12/24/26" or "24/12/26" by the locale's order, "24 Dec",
 * "December 24, 2026", "tomorrow", "friday", "in 3 weeks". Without a year it is the next such day.
 * @returns the day as the HTTP interface writes it; undefined where the text is none
 */
export function parseDay(text: string, { today, order, months = [] }: DayReading): string | undefined {
  const plain = text.trim().toLowerCase();
  const relative = fromToday(plain, today);
  if (relative !== undefined) return relative;
  const iso = /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})$/.exec(plain);
  if (iso) return calendarDay(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const numbers = /^(\d{1,2})\s*[-./]\s*(\d{1,2})(?:\s*[-./]\s*(\d{2}|\d{4})?)?$/.exec(plain);
  if (numbers) {
    const [first, second] = [Number(numbers[1]), Number(numbers[2])];
    const year = numbers[3] === undefined ? undefined : Number(numbers[3]);
    // Points are written by those who put the day first, wherever they are.
    const isDayFirst = order === 'dmy' || plain.includes('.');
    return withYear(today, isDayFirst ? [year, second, first] : [year, first, second]);
  }
  const words = plain.split(/[\s,.]+/).filter(Boolean);
  const month = words.map((word) => monthNamed(word, months)).find((one) => one !== undefined);
  const figures = words.flatMap((word) => /^(\d+)(?:st|nd|rd|th)?$/.exec(word)?.[1] ?? []).map(Number);
  const [day, year] = (figures[0] ?? 0) > 31 ? [figures[1], figures[0]] : figures;
  if (month === undefined || day === undefined || words.length > 4) return undefined;
  return withYear(today, [year, month, day]);
}
