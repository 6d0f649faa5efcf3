import type { LearntAnswer } from '@round-mint/contract/learnt';
import { JUDGED_RINGS, RANKED_FROM } from '@round-mint/core/learn';

export type Calibration = LearntAnswer['calibration'][number];

/** What a figure is called, and a ring at either end of what was predicted of it. */
export const FORECAST_WORDS: Readonly<
  Record<
    Calibration['what'],
    { readonly label: string; readonly ends: { readonly low: string; readonly high: string } }
  >
> = {
  widthMm: { label: 'width', ends: { low: 'narrower', high: 'wider' } },
  cutEdgeMm: { label: 'cut edge', ends: { low: 'thinner', high: 'thicker' } },
  rimEdgeMm: { label: 'rim edge', ends: { low: 'thinner', high: 'thicker' } },
  handsOnMin: { label: 'minutes', ends: { low: 'faster', high: 'slower' } },
};

const percent = (share: number) => Math.round(share * 100);

/** "41 of the last 46 rings lay inside 90 in 100." */
export function insideWords({ inside, rings }: Calibration): string {
  return `${inside} of the last ${rings} rings lay inside 90 in 100.`;
}

/** What follows from the count: how sure it is itself, and what is done about it. */
export function verdictWords({ what, verdict, low, high }: Calibration): string {
  const bounds = `By that, ${percent(low)} to ${percent(high)} in 100 do; 90 should.`;
  const from = what === 'widthMm' ? 'from now on' : 'by you';
  switch (verdict) {
    case 'few':
      return `${bounds} Judged from ${JUDGED_RINGS} rings on.`;
    case 'right':
      return `${bounds} What is told holds.`;
    case 'too-narrow':
      return `${bounds} Too few: what is told is taken wider ${from}.`;
    case 'too-wide':
      return `${bounds} More than need be: what is told is taken narrower ${from}.`;
  }
}

/** By how much forecasts from the log miss less than those of the defaults; undefined while they are the same. */
export function scoreWords({ score, standardScore }: Calibration): string | undefined {
  const change = percent(1 - score / standardScore);
  if (change === 0) return undefined;
  return change > 0
    ? `With what your log taught they miss by ${change}% less than the defaults would have.`
    : `With what your log taught they miss by ${-change}% more than the defaults would have.`;
}

const either = (share: number) => `±${(share * 100).toFixed(1)}%`;

/** How wide nine of ten lie about the plan here. */
export function widthsWords({
  modelShare,
  rankedShare,
  standardShare,
  rings,
}: LearntAnswer['widths']): string {
  const byDefault = `by default within ${either(standardShare)}`;
  if (rankedShare === undefined) {
    return `Nine of ten widths lie within ${either(modelShare)} of the plan, by your bench’s bias and scatter; ${byDefault}. From ${RANKED_FROM} rings on they are ranked as well: so far ${rings}.`;
  }
  const [first, second] =
    rankedShare < modelShare
      ? [`${either(rankedShare)} of the plan, by rank`, `${either(modelShare)} by bias and scatter`]
      : [
          `${either(modelShare)} of the plan, by your bench’s bias and scatter`,
          `${either(rankedShare)} by rank`,
        ];
  return `Nine of ten widths lie within ${first} of ${rings} rings; ${second}, ${byDefault}.`;
}
