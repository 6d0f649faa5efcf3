/** A ring lies in a hole of the plate with its edge just proud: the hole is smaller than its outside by this, mm. */
const PROUD_MM = 0.15;

/** Hole of the reducing plate for each pass (craft §7): the one through which the outside comes to the size wanted. */
export interface PlateHole {
  readonly holeMm: number;
  /** Outside that the ring has when it is flush with the plate, less the one wanted, mm: how far short it is stopped. */
  readonly spareMm: number;
}

/**
 * The largest owned hole that is still smaller than the ring's outside is before the pass, yet lets it come down to the
 * outside wanted.
 * @returns undefined when no hole of the plate fits
 */
export function plateHole(
  holesMm: readonly number[],
  outsideBeforeMm: number,
  outsideAfterMm: number,
): PlateHole | undefined {
  const fit = holesMm
    .filter((holeMm) => holeMm <= outsideAfterMm + PROUD_MM && holeMm < outsideBeforeMm)
    .sort((a, b) => b - a)[0];
  return fit === undefined ? undefined : { holeMm: fit, spareMm: outsideAfterMm - fit };
}
