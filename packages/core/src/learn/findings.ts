import { counts, SURE_DEVIATIONS } from './traits';
import type { LearntValue } from './values';

/** Something about tools or metal that is worth looking into, found in what was learnt. */
export type Finding =
  /** Both edges come out thinner (below nothing) or thicker than planned, as a logarithm: so is the metal. */
  | { readonly code: 'metal-thickness'; readonly thickerLog: number; readonly rings: number }
  /** The mandrel reads so much more than tools are taken to. */
  | { readonly code: 'mandrel-offset'; readonly moreMm: number; readonly rings: number }
  /** Rings read so much more at their end than they were wanted. */
  | { readonly code: 'ends-off'; readonly moreMm: number; readonly rings: number };

/** Less of it is not worth a word. */
const LEAST_THICKER_LOG = 0.03;
const LEAST_MM = 0.05;

function sureOf(value: LearntValue | undefined): value is LearntValue {
  return (
    value !== undefined &&
    counts(value) &&
    Math.abs(value.value) >= SURE_DEVIATIONS * (value.sigma ?? Infinity)
  );
}

/** What stands out of all that was learnt. */
export function findingsOf(values: readonly LearntValue[]): readonly Finding[] {
  const valueOf = (key: string) => values.find((value) => value.key === key);
  const found: Finding[] = [];
  const [cut, rim] = [valueOf('wall-cut-edge'), valueOf('wall-rim-edge')];
  if (sureOf(cut) && sureOf(rim) && cut.value * rim.value > 0) {
    const thickerLog = (cut.value + rim.value) / 2;
    const rings = Math.min(cut.rings, rim.rings);
    if (Math.abs(thickerLog) >= LEAST_THICKER_LOG) found.push({ code: 'metal-thickness', thickerLog, rings });
  }
  for (const [key, code] of [
    ['gauge', 'mandrel-offset'],
    ['ends', 'ends-off'],
  ] as const) {
    const value = valueOf(key);
    if (sureOf(value) && Math.abs(value.value) >= LEAST_MM) {
      found.push({ code, moreMm: value.value, rings: value.rings });
    }
  }
  return found;
}
