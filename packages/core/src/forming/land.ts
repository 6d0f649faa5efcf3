import { degToRad, leastSquares, radToDeg, withinTurnDeg } from '../numeric';
import { clockDirection } from '../format';
import { landSays } from './land-words';

/** Difference between wide and narrow land that a band forgives, mm (craft §3). */
const LAND_DIFFERENCE_OK_MM = 0.5;
/** Opposite readings must add up to the same to within this, mm (craft §3). */
const PAIR_TOLERANCE_MM = 0.2;
/** Readings count as opposite when they are this close to 180° apart. */
const OPPOSITE_WITHIN_DEG = 1;

/** A distance from the hole's edge to the rim; the angle clockwise from the coin's 12 o'clock. */
export interface LandReading {
  readonly angleDeg: number;
  readonly mm: number;
}

export interface LandVerdict {
  readonly eccentricityMm: number;
  /** Direction of the wide side, clockwise from 12 o'clock, 0–360. */
  readonly wideAngleDeg: number;
  readonly wideClock: string;
  /** Wide land less narrow land: 2e. */
  readonly differenceMm: number;
  readonly ok: boolean;
  /** How deep to file at the wide side; 0 when the difference is fine or a reading must be repeated first. */
  readonly fileDepthMm: number;
  /** Hole after filing. */
  readonly newHoleMm: number;
  /** Smallest owned punch that cleans the hole up, when filing is called for and one fits. */
  readonly repunchMm: number | undefined;
  /** Readings to repeat before anything is filed, with the reason. */
  readonly remeasure: readonly { readonly angleDeg: number; readonly message: string }[];
  readonly message: string;
}

/** Below this share of its largest possible value a determinant means that the readings tell no direction. */
const SPREAD_NEEDED = 1e-4;

/** Least squares for land(θ) = w̄ + A cos θ + B sin θ. */
function fitLand(readings: readonly LandReading[]): readonly number[] | undefined {
  return leastSquares(
    readings.map(({ angleDeg }) => [1, Math.cos(degToRad(angleDeg)), Math.sin(degToRad(angleDeg))]),
    readings.map(({ mm }) => mm),
    { leastSpread: SPREAD_NEEDED },
  );
}

/** Pairs of opposite readings whose sum is not D − hole. */
function misreadPairs(readings: readonly LandReading[], sumMm: number): LandVerdict['remeasure'] {
  return readings.flatMap((first, i) =>
    readings.slice(i + 1).flatMap((second) => {
      const apart = withinTurnDeg(second.angleDeg - first.angleDeg);
      if (Math.abs(apart - 180) > OPPOSITE_WITHIN_DEG) return [];
      const offMm = first.mm + second.mm - sumMm;
      if (Math.abs(offMm) <= PAIR_TOLERANCE_MM) return [];
      const clocks = `${clockDirection(first.angleDeg)} and ${clockDirection(second.angleDeg)}`;
      const figures = { clocks, sumMm: first.mm + second.mm, neededMm: sumMm };
      const message = landSays('pair-off', figures);
      return [
        { angleDeg: first.angleDeg, message },
        { angleDeg: second.angleDeg, message },
      ];
    }),
  );
}

/**
 * What a calliper reads in a direction where the hole is off centre by so much: what {@link judgeLand} fits.
 * @param angleDeg clockwise from the coin's 12 o'clock
 */
export function landAt(
  { eccentricityMm, wideAngleDeg }: Pick<LandVerdict, 'eccentricityMm' | 'wideAngleDeg'>,
  diameterMm: number,
  holeMm: number,
  angleDeg: number,
): number {
  return (diameterMm - holeMm) / 2 + eccentricityMm * Math.cos(degToRad(angleDeg - wideAngleDeg));
}

/**
 * How far off centre a hole is, from readings of the land around it, and how to true it (craft §3, centring).
 * @param readings at least four, well spread around the coin
 * @param punchesMm owned punches, to re-punch with the smallest whose radius ≥ r_h + e
 * @throws RangeError when the readings lie so close together that no direction can be told
 */
export function judgeLand(
  diameterMm: number,
  holeMm: number,
  readings: readonly LandReading[],
  punchesMm: readonly number[] = [],
): LandVerdict {
  const fit = fitLand(readings);
  if (!fit) throw new RangeError('land readings must be spread around the coin');
  const [, cosPart = 0, sinPart = 0] = fit;
  const eccentricityMm = Math.hypot(cosPart, sinPart);
  const wideAngleDeg = withinTurnDeg(radToDeg(Math.atan2(sinPart, cosPart)));
  const wideClock = clockDirection(wideAngleDeg);
  const differenceMm = 2 * eccentricityMm;
  const remeasure = misreadPairs(readings, diameterMm - holeMm);
  const centred = differenceMm <= LAND_DIFFERENCE_OK_MM;
  const shared = { eccentricityMm, wideAngleDeg, wideClock, differenceMm, remeasure };
  const leave = { fileDepthMm: 0, newHoleMm: holeMm, repunchMm: undefined };
  if (remeasure.length > 0) {
    return { ...shared, ...leave, ok: false, message: landSays('measure-again') };
  }
  if (centred) {
    return { ...shared, ...leave, ok: true, message: landSays('centred', { differenceMm }) };
  }
  const cleanHoleMm = holeMm + differenceMm;
  const repunchMm = [...punchesMm]
    .sort((a, b) => a - b)
    .find((punch) => punch >= cleanHoleMm && punch < diameterMm);
  const figures = { clock: wideClock, depthMm: differenceMm, holeMm: cleanHoleMm, repunchMm };
  return {
    ...shared,
    ok: false,
    fileDepthMm: differenceMm,
    newHoleMm: cleanHoleMm,
    repunchMm,
    message: landSays('file', figures),
  };
}

/** How much the finished band's height varies when an off-centre hole is left: about 2e·λ^(−a), mm (craft §3). */
export function heightVariationMm(
  eccentricityMm: number,
  meanRadiusMm: number,
  holeRadiusMm: number,
  share: number,
): number {
  return 2 * eccentricityMm * (meanRadiusMm / holeRadiusMm) ** -share;
}
