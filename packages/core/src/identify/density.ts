import { METALS, type MetalId } from '../metal';

/** Kitchen and bench scales that serve read to this, g (default). */
const SCALE_ERROR_G = 0.01;
const ROOM_C = 20;
/** An alloy of a name varies this much in density, as a share. */
const ALLOY_SPREAD = 0.005;

/** Density of water, g/cm³: 0.9982 at 20 °C. Tilton and Taylor’s formula, good to a few millionths from 0 to 40 °C. */
export function waterDensity(tempC: number): number {
  return 1 - ((tempC + 288.9414) * (tempC - 3.9863) ** 2) / (508_929.2 * (tempC + 68.12963));
}

export interface Weighing {
  readonly airG: number;
  /** Hanging in water by a thread. */
  readonly waterG: number;
  readonly waterTempC?: number | undefined;
  readonly scaleErrorG?: number | undefined;
}

export interface DensityMeasured {
  readonly densityGCm3: number;
  /** From the scale's error in both weighings, taken together. */
  readonly errorGCm3: number;
}

/**
 * ρ = ρ_w m_a/(m_a − m_w) (craft §2), with the error that the scale leaves: both weighings enter by their derivative,
 * added as independent errors are.
 * @throws RangeError unless the piece is lighter in water than in air
 */
export function measureDensity({
  airG,
  waterG,
  waterTempC = ROOM_C,
  scaleErrorG = SCALE_ERROR_G,
}: Weighing): DensityMeasured {
  const lostG = airG - waterG;
  if (!(lostG > 0)) throw new RangeError('in water it must weigh less than in air');
  const water = waterDensity(waterTempC);
  return {
    densityGCm3: (water * airG) / lostG,
    errorGCm3: (water * scaleErrorG * Math.hypot(waterG, airG)) / lostG ** 2,
  };
}

export interface MetalFit {
  readonly metal: MetalId;
  readonly name: string;
  readonly densityGCm3: number;
  /** Measured less the metal's own. */
  readonly offGCm3: number;
}

/** Metals whose density lies within the error, and within what alloys of one name vary, nearest first. */
export function metalsOfDensity({ densityGCm3, errorGCm3 }: DensityMeasured): readonly MetalFit[] {
  return METALS.map(({ id, name, densityGCm3: own }) => ({
    metal: id,
    name,
    densityGCm3: own,
    offGCm3: densityGCm3 - own,
  }))
    .filter(({ densityGCm3: own, offGCm3 }) => Math.abs(offGCm3) <= errorGCm3 + ALLOY_SPREAD * own)
    .sort((a, b) => Math.abs(a.offGCm3) - Math.abs(b.offGCm3));
}
