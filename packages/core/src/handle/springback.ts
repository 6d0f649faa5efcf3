import { bisect } from '../numeric';
import { stiffnessOf, type MetalId } from '../metal';
import { OFF_MARK_MM } from '../size';

/** How hard the metal is: annealed or as it came. */
export type Temper = 'soft' | 'hard';

/** x = R σ_y/(E t), the one number that springback hangs on. */
function slackness(formerRadiusMm: number, thicknessMm: number, metal: MetalId, temper: Temper): number {
  const { modulusMPa, yieldSoftMPa, yieldHardMPa } = stiffnessOf(metal);
  return (formerRadiusMm * (temper === 'soft' ? yieldSoftMPa : yieldHardMPa)) / (modulusMPa * thicknessMm);
}

/** At x = ½ the bend is all elastic: it lets go altogether. */
const ALL_ELASTIC = 0.5;

/**
 * Inside diameter after release of a piece bent round a former: R_f/R_i = 1/(4x³ − 3x + 1), x = R_i σ_y/(E t)
 * (craft §6, the elastic recovery of a bent sheet).
 * @param factor springback learnt at this bench, against the formula's
 * @returns Infinity where the piece would spring straight again
 */
export function releasedDiameterMm(
  formerMm: number,
  thicknessMm: number,
  metal: MetalId,
  temper: Temper,
  factor = 1,
): number {
  const x = slackness(formerMm / 2, thicknessMm, metal, temper);
  if (x >= ALL_ELASTIC) return Infinity;
  const plain = formerMm / (4 * x ** 3 - 3 * x + 1);
  return formerMm + (plain - formerMm) * factor;
}

/** Former whose release lands on a diameter, mm: the released diameter rises with the former, so bisection finds it. */
export function formerFor(
  insideDiameterMm: number,
  thicknessMm: number,
  metal: MetalId,
  temper: Temper,
  factor = 1,
): number {
  const released = (formerMm: number) => releasedDiameterMm(formerMm, thicknessMm, metal, temper, factor);
  return bisect(released, insideDiameterMm, 0, insideDiameterMm);
}

export interface FormerChoice {
  readonly formerMm: number;
  readonly releasedMm: number;
}

/**
 * The owned former that comes nearest after release (craft §6).
 * @param springback learnt at this bench of each former, against the formula's
 * @returns undefined for a kit without formers
 */
export function chooseFormer(
  formersMm: readonly number[],
  insideDiameterMm: number,
  thicknessMm: number,
  metal: MetalId,
  temper: Temper,
  springback: (formerMm: number) => number = () => 1,
): FormerChoice | undefined {
  const found = [...formersMm]
    .sort((a, b) => a - b)
    .map((formerMm) => ({
      formerMm,
      releasedMm: releasedDiameterMm(formerMm, thicknessMm, metal, temper, springback(formerMm)),
    }));
  const off = ({ releasedMm }: FormerChoice) => Math.abs(releasedMm - insideDiameterMm);
  return found.reduce<FormerChoice | undefined>(
    (near, one) => (near === undefined || off(one) < off(near) ? one : near),
    undefined,
  );
}

/** Which way the last touch goes from where a former lands: down on the next one, up on the mandrel, or no way. */
export type LastTouch = 'none' | 'next-former-down' | 'taps-on-mandrel';

/** @param withinMm that is left as it is: half a mark */
export function lastTouch(
  { releasedMm }: Pick<FormerChoice, 'releasedMm'>,
  targetMm: number,
  withinMm = OFF_MARK_MM,
): LastTouch {
  const offMm = releasedMm - targetMm;
  if (Math.abs(offMm) < withinMm) return 'none';
  return offMm > 0 ? 'next-former-down' : 'taps-on-mandrel';
}
