import type { LogEntry } from '@round-mint/contract/log';
import { monthAndYear } from '@/features/shared/words/dates';

/** A row of the log: a ring, or the month above its rings. */
export type LogRow =
  | { readonly kind: 'month'; readonly key: string; readonly text: string }
  | { readonly kind: 'ring'; readonly key: string; readonly entry: LogEntry };

/** A month with finished rings, and where in the rows it begins. */
export interface LogMonth {
  readonly text: string;
  readonly rings: number;
  readonly index: number;
}

/** The log's rings under their months. @param entries latest first */
export function logRows(entries: readonly LogEntry[]): {
  readonly rows: readonly LogRow[];
  readonly months: readonly LogMonth[];
} {
  const rows: LogRow[] = [];
  const months: LogMonth[] = [];
  for (const entry of entries) {
    const text = monthAndYear(entry.finishedAt);
    const last = months.at(-1);
    if (last?.text === text) months.splice(-1, 1, { ...last, rings: last.rings + 1 });
    else {
      months.push({ text, rings: 1, index: rows.length });
      rows.push({ kind: 'month', key: text, text });
    }
    rows.push({ kind: 'ring', key: entry.ringId, entry });
  }
  return { rows, months };
}
