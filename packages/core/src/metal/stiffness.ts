import { listedMetal } from './lookup';
import type { MetalId } from './table';

/** How a metal bends: for springback, bending and rolling. */
export interface Stiffness {
  /** Young's modulus, MPa. */
  readonly modulusMPa: number;
  /** Yield stress when annealed, and as it comes hard from the rolls, MPa. */
  readonly yieldSoftMPa: number;
  readonly yieldHardMPa: number;
  /** Stretch of the outside that a bend may take before it cracks, as a share of its length, annealed. */
  readonly bendLimit: number;
  /** Σ ln(h₀/h) that the metal takes between the rolls before it has to be annealed (craft §6). */
  readonly rollingLimit: number;
}

const ROLLING = { silver: 0.5, copper: 0.7, brass: 0.35, other: 0.4 } as const;

function stiffness(
  modulusMPa: number,
  yieldSoftMPa: number,
  yieldHardMPa: number,
  bendLimit: number,
  rollingLimit: number = ROLLING.other,
): Stiffness {
  return { modulusMPa, yieldSoftMPa, yieldHardMPa, bendLimit, rollingLimit };
}

const STERLING = stiffness(75_000, 125, 300, 0.3, ROLLING.silver);
const LOW_SILVER = stiffness(80_000, 150, 330, 0.25, ROLLING.silver);

/**
 * Moduli and yield stresses as general tables of metals give them, rounded; the springback that a maker's log teaches
 * corrects what they miss. Rolling limits: craft §6 (silver 0.5, copper 0.7, brass 0.35; 0.4 elsewhere, by default).
 */
const STIFFNESS: Partial<Readonly<Record<MetalId, Stiffness>>> = {
  'silver-999': stiffness(76_000, 55, 280, 0.4, ROLLING.silver),
  'silver-925': STERLING,
  'silver-900': STERLING,
  'silver-835': STERLING,
  'silver-800': STERLING,
  'silver-720': LOW_SILVER,
  'silver-640': LOW_SILVER,
  'silver-625': LOW_SILVER,
  'silver-600': LOW_SILVER,
  'silver-500': LOW_SILVER,
  'silver-400': LOW_SILVER,
  copper: stiffness(117_000, 60, 330, 0.4, ROLLING.copper),
  bronze: stiffness(110_000, 150, 450, 0.35),
  brass: stiffness(105_000, 110, 430, 0.35, ROLLING.brass),
  'aluminium-bronze': stiffness(115_000, 190, 480, 0.25),
  cupronickel: stiffness(150_000, 140, 480, 0.25),
  clad: stiffness(130_000, 110, 420, 0.25),
  'nickel-silver': stiffness(125_000, 170, 540, 0.25),
  'silver-plate': stiffness(125_000, 170, 540, 0.17),
  'gold-22ct': stiffness(80_000, 80, 260, 0.4, ROLLING.silver),
  'gold-18ct': stiffness(85_000, 240, 500, 0.3, ROLLING.silver),
  'gold-14ct': stiffness(95_000, 280, 600, 0.25),
  'gold-9ct': stiffness(95_000, 280, 600, 0.25),
  'platinum-950': stiffness(165_000, 150, 400, 0.3, ROLLING.silver),
  nickel: stiffness(205_000, 150, 550, 0.25),
  aluminium: stiffness(69_000, 35, 140, 0.3),
  pewter: stiffness(50_000, 40, 50, 0.3),
};

/** Hard metals stand in for what has no row: it is refused elsewhere, and nothing here makes it look soft. */
const HARD = stiffness(200_000, 300, 800, 0.1);

export function stiffnessOf(metal: MetalId): Stiffness {
  return STIFFNESS[listedMetal(metal)] ?? HARD;
}
