import type { LogEntry, LogSummary } from '@round-mint/contract/log';
import type { Ring } from '@round-mint/contract/rings';
import { capital, countWords, percentWords } from '@round-mint/core/format';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import { edgeNamesOf } from '@round-mint/core/steps';
import type { Writers } from '@/features/shared/settings/use-settings';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

/** "½ size too large", "on size", in the maker's system; or that nothing was read. */
export function sizeErrorWords(sizeErrorUs: number | null, { off }: Pick<Writers, 'off'>): string {
  return sizeErrorUs === null ? 'not read' : off(sizeErrorUs * MM_PER_US_SIZE);
}

/** "47 finished rings. Off by ¼ size on average, 2.1 % in width." */
export function summaryWords(
  { rings, meanSizeErrorUs, meanWidthError }: LogSummary,
  { meanAmount }: Pick<Writers, 'meanAmount'>,
): string {
  const size =
    meanSizeErrorUs === null ? '' : ` Off by ${meanAmount(meanSizeErrorUs * MM_PER_US_SIZE)} on average`;
  const width = meanWidthError === null ? '' : `, ${percentWords(meanWidthError, 1)} in width`;
  return `${countWords(rings, 'finished ring')}.${size}${width}${size || width ? '.' : ''}`;
}

export interface Comparison {
  readonly name: string;
  readonly predictedMm: number;
  readonly actualMm: number | null;
  /** Nine of ten were told to lie between; undefined where nothing was. */
  readonly toldMm?: { readonly low: number; readonly high: number } | undefined;
}

function nineOfTen(quantiles: readonly number[] | undefined): Comparison['toldMm'] {
  const [low, high] = [quantiles?.[0], quantiles?.at(-1)];
  return low === undefined || high === undefined ? undefined : { low, high };
}

/** The figures of a ring that can be compared. */
export function comparisons(entry: LogEntry, forecast?: Ring['forecast']): readonly Comparison[] {
  const names = edgeNamesOf(entry.kind);
  return [
    {
      name: 'Inside diameter',
      predictedMm: entry.predictedInsideDiameterMm,
      actualMm: entry.actualInsideDiameterMm,
    },
    {
      name: 'Width',
      predictedMm: entry.predictedWidthMm,
      actualMm: entry.actualWidthMm,
      toldMm: nineOfTen(forecast?.widthMm),
    },
    {
      name: capital(names.cut),
      predictedMm: entry.predictedCutEdgeMm,
      actualMm: entry.actualCutEdgeMm,
      toldMm: nineOfTen(forecast?.cutEdgeMm),
    },
    {
      name: capital(names.rim),
      predictedMm: entry.predictedRimEdgeMm,
      actualMm: entry.actualRimEdgeMm,
      toldMm: nineOfTen(forecast?.rimEdgeMm),
    },
  ];
}

/** Before a ring's stock: what kind of work it was; coin rings go without saying. */
export function logKindWords({ kind }: Pick<LogEntry, 'kind'>): string {
  return kind === 'coin' ? '' : `${PLAN_KIND_WORDS[kind].tab} · `;
}
