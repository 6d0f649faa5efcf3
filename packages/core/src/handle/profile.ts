/** A handle measured at a place along it, mm from its tip. */
export interface Station {
  readonly atMm: number;
  readonly thicknessMm: number;
  readonly widthMm?: number | undefined;
}

/** A stretch along a handle, mm from its tip. */
export interface Stretch {
  readonly fromMm: number;
  readonly toMm: number;
}

/** A handle as its stations tell it: straight lines between them, even beyond the outermost. */
export interface Profile {
  readonly stations: readonly Station[];
  readonly lengthMm: number;
}

/**
 * @param stations in any order, at least one
 * @throws RangeError when two stations stand at the same place
 */
export function profileOf(stations: readonly Station[]): Profile {
  const sorted = [...stations].sort((a, b) => a.atMm - b.atMm);
  sorted.forEach(({ atMm }, i) => {
    if (atMm === sorted[i - 1]?.atMm) throw new RangeError(`two stations at ${atMm} mm`);
  });
  // One measure tells how thick, not how long: then there is always enough.
  return { stations: sorted, lengthMm: sorted.length === 1 ? Infinity : (sorted.at(-1)?.atMm ?? 0) };
}

/** The same handle looked at from its other end. */
export function turnedRound({ stations, lengthMm }: Profile): Profile {
  return profileOf(stations.map((station) => ({ ...station, atMm: lengthMm - station.atMm })));
}

function valueAt(
  { stations }: Profile,
  atMm: number,
  of: (station: Station) => number | undefined,
): number | undefined {
  const known = stations.filter((station) => of(station) !== undefined);
  const next = known.findIndex((station) => station.atMm >= atMm);
  const right = known[next === -1 ? known.length - 1 : next];
  const left = known[next <= 0 ? (next === -1 ? known.length - 1 : 0) : next - 1];
  if (!left || !right) return undefined;
  const [from, to] = [of(left) ?? 0, of(right) ?? 0];
  if (left === right) return from;
  return from + ((to - from) * (atMm - left.atMm)) / (right.atMm - left.atMm);
}

export function thicknessAt(profile: Profile, atMm: number): number {
  return valueAt(profile, atMm, ({ thicknessMm }) => thicknessMm) ?? 0;
}

/** @returns undefined when no station tells a width */
export function widthAt(profile: Profile, atMm: number): number | undefined {
  return valueAt(profile, atMm, ({ widthMm }) => widthMm);
}

/** Where no station tells how wide a handle is, mm. */
export const USUAL_WIDTH_MM = 8;

/** Half its width at a place along it, mm. */
export function halfWidthAt(profile: Profile, atMm: number): number {
  return (widthAt(profile, atMm) ?? USUAL_WIDTH_MM) / 2;
}

/** Places where the profile may bend its direction inside a stretch, with both its ends. */
export function knotsIn({ stations }: Profile, { fromMm, toMm }: Stretch): readonly number[] {
  const inside = stations.map(({ atMm }) => atMm).filter((atMm) => atMm > fromMm && atMm < toMm);
  return [fromMm, ...inside, toMm];
}

/** Thickest place of a stretch: between stations the profile is straight, so that it lies at a knot. */
export function thickestIn(
  profile: Profile,
  stretch: Stretch,
): { readonly atMm: number; readonly thicknessMm: number } {
  const found = knotsIn(profile, stretch).map((atMm) => ({ atMm, thicknessMm: thicknessAt(profile, atMm) }));
  return found.reduce((thickest, one) => (one.thicknessMm > thickest.thicknessMm ? one : thickest));
}

/** Mean thickness of a stretch, mm. */
export function meanThicknessIn(profile: Profile, stretch: Stretch): number {
  const knots = knotsIn(profile, stretch);
  const length = stretch.toMm - stretch.fromMm;
  if (length <= 0) return thicknessAt(profile, stretch.fromMm);
  const area = knots.slice(1).reduce((sum, toMm, i) => {
    const fromMm = knots[i] ?? toMm;
    return sum + ((toMm - fromMm) * (thicknessAt(profile, fromMm) + thicknessAt(profile, toMm))) / 2;
  }, 0);
  return area / length;
}
