import type { Backup } from '@round-mint/contract/backups';

/** Kept of what is made by itself: the latest of each day, week and month, so many days, weeks and months with one. */
const KEPT_DAYS = 7;
const KEPT_WEEKS = 4;
const KEPT_MONTHS = 12;
/** Kept of each kind that is made for a reason. */
const KEPT_OF_A_KIND = 5;

type Dated = Pick<Backup, 'id' | 'at' | 'kind'>;

const DAY_MS = 86_400_000;

/** The Monday of a day's week. */
function weekOf(at: string): string {
  const date = new Date(at);
  const sinceMonday = (date.getUTCDay() + 6) % 7;
  return new Date(date.getTime() - sinceMonday * DAY_MS).toISOString().slice(0, 10);
}

/** The latest of each span, for the latest spans that have one. */
function latestOf(backups: readonly Dated[], spanOf: (at: string) => string, most: number): readonly Dated[] {
  const bySpan = new Map<string, Dated>();
  for (const backup of backups) {
    if (!bySpan.has(spanOf(backup.at))) bySpan.set(spanOf(backup.at), backup);
  }
  return [...bySpan.values()].slice(0, most);
}

/**
 * Backups that may go: those made by themselves are kept 7 days, 4 weeks and 12 months far, of the others the last five
 * of each kind.
 */
export function outlived(backups: readonly Dated[]): readonly Dated[] {
  const latestFirst = backups.toSorted((a, b) => b.at.localeCompare(a.at));
  const daily = latestFirst.filter(({ kind }) => kind === 'daily');
  const others = (['asked', 'before-restore', 'before-upgrade'] as const).flatMap((kind) =>
    latestFirst.filter((backup) => backup.kind === kind).slice(0, KEPT_OF_A_KIND),
  );
  const kept = new Set([
    ...latestOf(daily, (at) => at.slice(0, 10), KEPT_DAYS),
    ...latestOf(daily, weekOf, KEPT_WEEKS),
    ...latestOf(daily, (at) => at.slice(0, 7), KEPT_MONTHS),
    ...others,
  ]);
  return backups.filter((backup) => !kept.has(backup));
}

/** Whether the day's own backup is still to be made. */
export function isDue(backups: readonly Dated[], now: Date): boolean {
  const day = now.toISOString().slice(0, 10);
  return !backups.some(({ kind, at }) => kind === 'daily' && at.slice(0, 10) === day);
}
