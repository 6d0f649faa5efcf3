import { isoTime } from './resource';

/** As many moments as a millisecond has room for. */
const MICROS = 1000;
/** Of a moment to the microsecond, without its zone. */
const DIGITS = '2026-11-28T10:00:00.123456'.length;

/**
 * Makers' clocks tell milliseconds, and what one device tells at once is often of the same one. Events are ordered by
 * their clock, and of one moment by their ids, which are drawn by lot: what came in an order keeps it by a microsecond.
 * @returns gives each moment, as they come, one that is a microsecond later than the one before of the same millisecond
 */
export function apartByMicros(): (at: string) => string {
  const used = new Map<string, number>();
  return (at) => {
    const moment = isoTime(at);
    const before = used.get(moment) ?? 0;
    used.set(moment, before + 1);
    return before === 0 || before >= MICROS ? at : moment.replace('Z', `${String(before).padStart(3, '0')}Z`);
  };
}

/** A moment as the database keeps it, to the microsecond. */
export function exactTime(stored: string): string {
  const micros = /\.\d{3}(\d{1,3})/.exec(stored)?.[1]?.padEnd(3, '0') ?? '';
  return isoTime(stored).replace('Z', `${micros}Z`);
}

/** Events of one ring in the order in which the database reads them: of one moment, by their ids. */
export function inClockOrder<Row extends { readonly id: string; readonly at: string }>(
  rows: readonly Row[],
): readonly Row[] {
  // As many digits in each, so that their texts compare as their moments do.
  const keyOf = ({ id, at }: Row) => `${exactTime(at).slice(0, -1).padEnd(DIGITS, '0')} ${id}`;
  return rows
    .map((row) => ({ row, key: keyOf(row) }))
    .sort((a, b) => (a.key < b.key ? -1 : 1))
    .map(({ row }) => row);
}
