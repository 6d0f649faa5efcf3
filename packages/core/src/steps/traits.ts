import { curlOf, TRIM_GAIN_MM, type WallShift, type WallWish } from '../forming';
import { metalGroup, type MetalGroup, type MetalId } from '../metal';
import type { ToolContact } from '../kit';
import { MM_PER_US_SIZE } from '../size';
import type { StepKind } from './step-kind';

/** How the funnels of one die lie about the fold's law, mm of diameter. */
export interface FunnelTruth {
  /** By how much larger they are. */
  readonly growthMm: number;
  /** How far nine of ten of them lie off that. */
  readonly scatterMm: number;
}

/** Nine of ten of a normal scatter lie within so many standard deviations. */
export const NINE_OF_TEN = 1.645;

/** A die that nothing is known of: half a US size either way (craft §14). */
export const UNKNOWN_DIE: FunnelTruth = { growthMm: 0, scatterMm: MM_PER_US_SIZE / 2 };

/** How a bench's widths lie about what is planned: its own bias, and what each ring adds; a Student's t of both. */
export interface WidthSpread {
  /** How well the bench's bias is known, as a share of the width (standard deviation). */
  readonly biasShare: number;
  /** From ring to ring, as a share of the width. */
  readonly scatterShare: number;
  /** Degrees of freedom: how well the scatter itself is known. */
  readonly degrees: number;
  /** By how much intervals are stretched since those predicted so far held too few rings, or too many. */
  readonly widened: number;
}

/**
 * A bench that nothing is known of: as far off as dies and grease differ, ring by ring as far as a steady hand's do; both
 * as well known as from eight rings. The simulation itself meets the finite-element study within 1 %.
 */
export const UNKNOWN_WIDTHS: WidthSpread = {
  biasShare: 0.0085,
  scatterShare: 0.0065,
  degrees: 8,
  widened: 1,
};

/** A chance as so many that were lost and so many that held would tell it. */
export interface ChancePrior {
  readonly lost: number;
  readonly held: number;
}

// First guesses, before the log knows better. Together they lose one ring in fifty: one in two hundred by its heats.
/** What a slip of hand or tool loses: three rings in two hundred, as fifty would tell. */
export const SLIP_PRIOR: ChancePrior = { lost: 0.75, held: 49.25 };
/** What one heat blisters or melts: one in a thousand, as many as fifty rings take. */
export const MELT_PRIOR: ChancePrior = { lost: 0.25, held: 249.75 };

/** Chance by what is known beforehand and what was seen: beta-binomial, its mean. */
export function seenChance({ lost, held }: ChancePrior, events: number, of: number): number {
  return (lost + events) / (lost + held + of);
}

/** Chance that so many heats melt a ring. @param meltChance of each of them */
export function meltedBy(heats: number, meltChance: number): number {
  return 1 - (1 - meltChance) ** heats;
}

/** How rings are lost at a bench, beside what metals bear between anneals. */
export interface LossTraits {
  /** How much more rims bear before they wrinkle than by default. */
  readonly wrinkleFactor: number;
  /** Chance that one heat melts a ring. */
  readonly meltChance: number;
  /** Chance that a ring is lost by neither crack, wrinkle nor heat. */
  readonly slipChance: number;
  /** How many of each the log has seen: few make a first guess. */
  readonly seen: {
    readonly crack: number;
    readonly wrinkle: number;
    readonly melt: number;
    readonly slip: number;
  };
}

/** How one maker's bench behaves: what the log teaches (craft §9). The defaults are the trade's. */
export interface BenchTraits {
  /** Added to the share a of every kind of blow. */
  readonly shareShift: number;
  /** The same of one group of metals, where it is known apart. */
  readonly shareShiftOf: Partial<Readonly<Record<MetalGroup, number>>>;
  /** What is left of finished walls when all else is taken account of. */
  readonly wallShift: WallShift;
  /** By how much trimming the lip raises the reading, mm. */
  readonly trimGainMm: number;
  /** Angle that a curl die really turns the edges by, against its nominal one; keyed by the nominal angle. */
  readonly curlGain: Readonly<Record<string, number>>;
  /** How a fold die's funnels lie about the law, keyed by the die. */
  readonly funnels: Readonly<Record<string, FunnelTruth>>;
  /** Strain that a metal bears between anneals, against the table. */
  readonly allowanceFactor: Readonly<Record<string, number>>;
  /** Hands-on minutes of a kind of step. */
  readonly handsOnMin: Partial<Readonly<Record<StepKind, number>>>;
  /** What a ring gives back after a kind of blow, against the default; a former's own by `bend-17`. */
  readonly springbackFactor: Readonly<Record<string, number>>;
  /** How much more the mandrel reads than tools are taken to by their own scales, mm. */
  readonly gaugeMm: number;
  /** How much larger rings read at their end than they were wanted, mm. */
  readonly endsMm: number;
  /** By how much more than the rule a bar grows in width between the rolls. */
  readonly spreadFactor: number;
  /** How sure widths are here. */
  readonly widthSpread: WidthSpread;
  readonly losses: LossTraits;
}

export const DEFAULT_TRAITS: BenchTraits = {
  shareShift: 0,
  shareShiftOf: {},
  wallShift: { widthLog: 0, cutEdgeLog: 0, rimEdgeLog: 0 },
  trimGainMm: TRIM_GAIN_MM,
  curlGain: {},
  funnels: {},
  allowanceFactor: {},
  handsOnMin: {},
  springbackFactor: {},
  gaugeMm: 0,
  endsMm: 0,
  spreadFactor: 1,
  widthSpread: UNKNOWN_WIDTHS,
  losses: {
    wrinkleFactor: 1,
    meltChance: seenChance(MELT_PRIOR, 0, 0),
    slipChance: seenChance(SLIP_PRIOR, 0, 0),
    seen: { crack: 0, wrinkle: 0, melt: 0, slip: 0 },
  },
};

export type FoldDieContact = Extract<ToolContact, { readonly kind: 'fold-die' }>;

/** A fold die by its measures: what is learnt of it belongs to this one die. */
export function foldDieKey({ angleDeg, smallEndMm }: FoldDieContact): string {
  return `${angleDeg}-${smallEndMm}`;
}

/** What is learnt of one former is kept under its diameter. */
export function formerKey(formerMm: number): string {
  return `bend-${formerMm}`;
}

/** How a piece springs from a former: the former's own factor, else that of all. */
export function springbackOf({ springbackFactor }: BenchTraits, formerMm: number): number {
  return springbackFactor[formerKey(formerMm)] ?? springbackFactor['bend'] ?? 1;
}

/** The bench as it is with one metal. */
export function traitsWith(traits: BenchTraits, metal: MetalId): BenchTraits {
  const own = traits.shareShiftOf[metalGroup(metal)];
  return own === undefined ? traits : { ...traits, shareShift: own };
}

/** What is known of a fold die's funnels. */
export function funnelsOf({ funnels }: BenchTraits, die: FoldDieContact): FunnelTruth {
  return funnels[foldDieKey(die)] ?? UNKNOWN_DIE;
}

/** Angle that the edges really come to in a die of a nominal angle, degrees. */
export function turnedDeg(traits: BenchTraits, nominalDeg: number): number {
  return nominalDeg * (traits.curlGain[nominalDeg] ?? 1);
}

/** The wall as this bench's dies really leave it. */
export function formedWish(traits: BenchTraits, wish: WallWish): WallWish {
  return wish.kind === 'rounded' && !wish.curl ? { ...wish, curlDeg: turnedDeg(traits, curlOf(wish)) } : wish;
}
