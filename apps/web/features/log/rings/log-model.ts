import type { LogEntry } from '@round-mint/contract/log';
import { capital } from '@round-mint/core/format';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import { edgeNamesOf } from '@round-mint/core/steps';
import type { Writers } from '@/features/shared/settings/use-settings';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

/** "½ size too large", "on size", in the maker's system; or that nothing was read. */
export function sizeErrorWords(sizeErrorUs: number | null, { off }: Pick<Writers, 'off'>): string {
  return sizeErrorUs === null ? 'not read' : off(sizeErrorUs * MM_PER_US_SIZE);
}

export interface LogSummary {
  readonly rings: number;
  /** Mean distance from the target over rings that were read, mm of inside diameter. */
  readonly meanErrorMm: number | undefined;
  /** Mean distance of the width from its prediction, percent. */
  readonly meanWidthPercent: number | undefined;
}

function mean(values: readonly number[]): number | undefined {
  return values.length === 0 ? undefined : values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** How good the predictions have been. */
export function logSummary(entries: readonly LogEntry[]): LogSummary {
  return {
    rings: entries.length,
    meanErrorMm: mean(
      entries.flatMap(({ sizeErrorUs }) =>
        sizeErrorUs === null ? [] : [Math.abs(sizeErrorUs) * MM_PER_US_SIZE],
      ),
    ),
    meanWidthPercent: mean(
      entries.flatMap(({ actualWidthMm, predictedWidthMm }) =>
        actualWidthMm === null ? [] : [Math.abs(actualWidthMm / predictedWidthMm - 1) * 100],
      ),
    ),
  };
}

export interface Comparison {
  readonly name: string;
  readonly predictedMm: number;
  readonly actualMm: number | null;
}

/** The figures of a ring that can be compared. */
export function comparisons(entry: LogEntry): readonly Comparison[] {
  const names = edgeNamesOf(entry.kind);
  return [
    {
      name: 'Inside diameter',
      predictedMm: entry.predictedInsideDiameterMm,
      actualMm: entry.actualInsideDiameterMm,
    },
    { name: 'Width', predictedMm: entry.predictedWidthMm, actualMm: entry.actualWidthMm },
    { name: capital(names.cut), predictedMm: entry.predictedCutEdgeMm, actualMm: entry.actualCutEdgeMm },
    { name: capital(names.rim), predictedMm: entry.predictedRimEdgeMm, actualMm: entry.actualRimEdgeMm },
  ];
}

/** Before a ring's stock: what kind of work it was; coin rings go without saying. */
export function logKindWords({ kind }: Pick<LogEntry, 'kind'>): string {
  return kind === 'coin' ? '' : `${PLAN_KIND_WORDS[kind].tab} · `;
}
