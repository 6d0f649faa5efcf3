import type { TapeUse } from '@round-mint/core/steps';

/** "25 turns of tape, 2.1 m, stop with 3 lines showing" */
export function tapeWords({ turns, lengthMm, reveal }: TapeUse, length: (mm: number) => string): string {
  const long = length(0).endsWith('in')
    ? `${(lengthMm / 25.4).toFixed(0)} in`
    : `${(lengthMm / 1000).toFixed(1)} m`;
  const stop =
    reveal === undefined ? '' : `, stop with ${reveal.toFixed(1).replace(/\.0$/, '')} lines showing`;
  return `${turns} turns of tape, ${long}${stop}`;
}
