import { stiffnessOf, type MetalId } from '../metal';
import { barThicknessMm, type Bar } from './bar';
import { rolledShape, type RolledReading } from './measured';

/** Most that a pass takes off (craft §6, default), as a share of the thickness. */
export const MOST_REDUCTION = 0.12;

export interface RollingPass {
  readonly thicknessMm: number;
  /** Mean width, section by thickness, so that thickness, width and length make the volume, mm. */
  readonly widthMm: number;
  /** Width over all: more than the mean where edges stay round, mm. */
  readonly overallWidthMm: number;
  readonly lengthMm: number;
  /** Share of the thickness that this pass takes off. */
  readonly reduction: number;
  /** Σ ln(h₀/h) since the last anneal, with this pass. */
  readonly strainSinceAnneal: number;
  readonly annealBefore: boolean;
}

export interface RollingWish {
  readonly start: Bar;
  readonly targetThicknessMm: number;
  readonly metal: MetalId;
  readonly maxReduction?: number | undefined;
  /** How much this bench spreads a bar, against the rule; left out, as the rule. */
  readonly spread?: number | undefined;
  /** Where it stands, when passes are behind it: as it was measured, and what it bore since it was softened. */
  readonly standing?: (RolledReading & { readonly strainSinceAnneal: number }) | undefined;
}

/**
 * Passes that bring a bar to a thickness, all taking the same share off, with the anneals that the metal asks for
 * (craft §6). Volume is kept.
 * @returns no passes when the bar is thin enough already
 * @throws RangeError when a pass would have to take nothing or everything
 */
export function rollingSchedule({
  start,
  targetThicknessMm,
  metal,
  maxReduction = MOST_REDUCTION,
  spread,
  standing,
}: RollingWish): readonly RollingPass[] {
  if (!(maxReduction > 0 && maxReduction < 1))
    throw new RangeError('a pass takes more than 0 and less than all');
  const fromMm = standing?.thicknessMm ?? barThicknessMm(start);
  if (targetThicknessMm >= fromMm) return [];
  const whole = Math.log(fromMm / targetThicknessMm);
  // A hair of slack keeps a whole number of passes from being counted as one more.
  const count = Math.ceil(whole / -Math.log(1 - maxReduction) - 1e-9);
  const each = whole / count;
  const { rollingLimit } = stiffnessOf(metal);
  const passes: RollingPass[] = [];
  let since = standing?.strainSinceAnneal ?? 0;
  for (let pass = 1; pass <= count; pass += 1) {
    const annealBefore = since + each > rollingLimit + 1e-9;
    since = annealBefore ? each : since + each;
    const thicknessMm = pass === count ? targetThicknessMm : fromMm * Math.exp(-each * pass);
    const { widthMm, sectionMm2, lengthMm } = rolledShape(start, thicknessMm, spread, standing);
    passes.push({
      thicknessMm,
      widthMm: sectionMm2 / thicknessMm,
      overallWidthMm: widthMm,
      lengthMm,
      reduction: 1 - Math.exp(-each),
      strainSinceAnneal: since,
      annealBefore,
    });
  }
  return passes;
}
