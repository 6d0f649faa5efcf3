import { handleBlank, type HandleShape } from './blank';
import { thickestIn, type Profile, type Stretch } from './profile';

/** Starts are tried this far apart, mm. */
const STRIDE_MM = 0.5;

/** A part of the handle that would do: where it begins, and how thick it is at its thickest. */
export interface UsablePart extends Stretch {
  readonly thickestMm: number;
}

function meets(a: Stretch, b: Stretch): boolean {
  return a.fromMm < b.toMm && b.fromMm < a.toMm;
}

/** The stretch that a ring begun at `startMm` would use. */
export function usedStretch(profile: Profile, startMm: number, shape: HandleShape): Stretch {
  return { fromMm: startMm, toMm: startMm + handleBlank(profile, startMm, shape).lengthMm };
}

/** Enamel that a stretch would bend. */
export function enamelIn(stretch: Stretch, enamel: readonly Stretch[]): Stretch | undefined {
  return enamel.find((zone) => meets(stretch, zone));
}

/**
 * Which part of the handle would do: the one nearest the kept end that is nowhere thicker than the limit, holds no
 * enamel and does not run past the end (craft §6).
 * @returns undefined when no part would
 */
export function usablePart(
  profile: Profile,
  shape: HandleShape,
  thickestMm: number,
  enamel: readonly Stretch[],
): UsablePart | undefined {
  if (!Number.isFinite(profile.lengthMm)) return undefined;
  for (let startMm = 0; startMm < profile.lengthMm; startMm += STRIDE_MM) {
    const used = usedStretch(profile, startMm, shape);
    if (used.toMm > profile.lengthMm) return undefined;
    const thickest = thickestIn(profile, used).thicknessMm;
    if (thickest <= thickestMm && !enamelIn(used, enamel)) return { ...used, thickestMm: thickest };
  }
  return undefined;
}
