import { gravestFirst, COMFORTABLE_CUT_EDGE_MM, type Reasoned } from '../forming';
import { metalById, strainAllowance, type MetalId } from '../metal';
import { MM_PER_US_SIZE, writeAmount, type SizeSystemId } from '../size';
import type { PROFILES, RESIZE_RISKS } from './codes';
import { resizeReason } from './resize-words';

export type BandProfile = (typeof PROFILES)[number];
/** Share of its rectangle that a profile fills: half-round a segment of a circle, court rounded inside and out (craft §13). */
export const PROFILE_FILLS: Readonly<Record<BandProfile, number>> = { flat: 1, d: 0.79, court: 0.85 };
export type ResizeRisk = (typeof RESIZE_RISKS)[number];

export interface FinishedBand {
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly metal: MetalId;
  readonly patterned: boolean;
  readonly stones: boolean;
  readonly soldered: boolean;
  readonly profile: BandProfile;
  readonly plated?: boolean | undefined;
  readonly hollow?: boolean | undefined;
  readonly twoMetals?: boolean | undefined;
  /** Holds a stone by its own spring. */
  readonly tension?: boolean | undefined;
}

export interface ResizeWish extends FinishedBand {
  readonly fromInsideDiameterMm: number;
  readonly toInsideDiameterMm: number;
  /** Sizes that amounts are told in; left out, US. */
  readonly system?: SizeSystemId | undefined;
}

/** Part of the way, softened before where heat is allowed. */
export interface ResizePass {
  readonly fromInsideDiameterMm: number;
  readonly toInsideDiameterMm: number;
  readonly strainLog: number;
  readonly annealBefore: boolean;
}

export interface ResizeVerdict {
  readonly feasible: boolean;
  readonly risk: ResizeRisk;
  readonly reasons: readonly Reasoned[];
  /** ln((d₂ + t)/(d₁ + t)), negative when it is made smaller. */
  readonly strain: number;
  /** US sizes, negative when it is made smaller. */
  readonly sizesUs: number;
  readonly passes: readonly ResizePass[];
  readonly annealCount: number;
  readonly thicknessAfterMm: number;
  readonly widthAfterMm: number;
}

/** A band is softened again after so many US sizes at the latest (craft §7: each 2–3). */
const SIZES_PER_ANNEAL = 2.5;
/** From here on a change is worth softening the band first, US sizes. */
const WORTH_ANNEAL_US = 0.5;
/** Sizes that are safe, usual, and only with luck: patterned bands made smaller (craft §7); the others by default. */
const RISK_STEPS = {
  reducePatterned: [1, 2, 3],
  reducePlain: [3, 5, 7],
  stretchPatterned: [1, 2, 3],
  stretchPlain: [1.5, 3, 5],
} as const;
const HARDER: Readonly<Record<ResizeRisk, ResizeRisk>> = {
  low: 'usual',
  usual: 'high',
  high: 'high',
  refuse: 'refuse',
};
const NEVER_STRETCHED: readonly MetalId[] = ['titanium', 'steel', 'stainless'];

function refusals({ stones, tension, metal }: ResizeWish): readonly Reasoned[] {
  const found: Reasoned[] = [];
  if (stones) found.push(resizeReason('stones', 'refuse'));
  if (tension) found.push(resizeReason('tension', 'refuse'));
  if (NEVER_STRETCHED.includes(metal)) {
    found.push(resizeReason('hard-metal', 'refuse', { metal: metalById(metal).name }));
  }
  return found;
}

function warnings(wish: ResizeWish, sizesUs: number): readonly Reasoned[] {
  const found: Reasoned[] = [];
  if (wish.soldered) found.push(resizeReason('soldered', 'warn'));
  if (wish.profile === 'flat' && sizesUs < 0) found.push(resizeReason('goes-hollow', 'warn'));
  if (wish.plated) found.push(resizeReason('plated', 'warn'));
  if (wish.hollow) found.push(resizeReason('hollow', 'warn'));
  if (wish.twoMetals) found.push(resizeReason('two-metals', 'warn'));
  return found;
}

function riskOf(wish: ResizeWish, sizesUs: number): ResizeRisk {
  const way = sizesUs < 0 ? 'reduce' : 'stretch';
  const [safe, usual, luck] = RISK_STEPS[`${way}${wish.patterned ? 'Patterned' : 'Plain'}`];
  // A hair under the step: three sizes are three, however they were computed.
  const sizes = Math.abs(sizesUs) - 1e-6;
  if (sizes > luck) return 'refuse';
  const plain = sizes <= safe ? 'low' : sizes <= usual ? 'usual' : 'high';
  const doubtful = wish.soldered || wish.hollow || wish.twoMetals || wish.plated;
  return doubtful ? HARDER[plain] : plain;
}

/** Even parts of the way, none longer than the metal bears or the trade goes between anneals. */
function passesOf(wish: ResizeWish, strain: number, sizesUs: number, heated: boolean): readonly ResizePass[] {
  const { fromInsideDiameterMm: from, toInsideDiameterMm: to, thicknessMm, metal } = wish;
  const sizes = Math.abs(sizesUs);
  if (sizes === 0) return [];
  const allowance = strainAllowance(metalById(metal), thicknessMm);
  const byBudget = heated && allowance > 0 ? Math.abs(strain) / allowance : 1;
  const count = Math.max(1, Math.ceil(byBudget), Math.ceil(sizes / SIZES_PER_ANNEAL));
  const at = (part: number) => (from + thicknessMm) * Math.exp((strain * part) / count) - thicknessMm;
  return Array.from({ length: count }, (_, i) => ({
    fromInsideDiameterMm: at(i),
    toInsideDiameterMm: i === count - 1 ? to : at(i + 1),
    strainLog: strain / count,
    annealBefore: heated && (i > 0 || sizes >= WORTH_ANNEAL_US),
  }));
}

/**
 * Whether a finished band can be made another size, at what risk, and what it is afterwards (craft §7). Volume is kept:
 * width and thickness both change by the root of the lengths' ratio.
 */
export function judgeResize(wish: ResizeWish): ResizeVerdict {
  const { fromInsideDiameterMm: from, toInsideDiameterMm: to, thicknessMm, widthMm, metal } = wish;
  const strain = Math.log((to + thicknessMm) / (from + thicknessMm));
  const sizesUs = (to - from) / MM_PER_US_SIZE;
  const heated = metalById(metal).annealC !== undefined && !wish.plated && metal !== 'silver-plate';
  const refused = refusals(wish);
  const risk = refused.length > 0 ? 'refuse' : riskOf(wish, sizesUs);
  const passes = passesOf(wish, strain, sizesUs, heated);
  const keeps = Math.exp(-strain / 2);
  const reasons: Reasoned[] = [...refused, ...warnings(wish, sizesUs)];
  const system = wish.system ?? 'us';
  if (risk === 'refuse' && refused.length === 0) {
    const { patterned } = wish;
    reasons.push(resizeReason('too-far', 'refuse', { amount: writeAmount(to - from, system), patterned }));
  }
  if (!heated && passes.length > 1) {
    const withoutHeat = writeAmount(SIZES_PER_ANNEAL * MM_PER_US_SIZE, system);
    reasons.push(resizeReason('cannot-soften', 'refuse', { withoutHeat }));
  }
  if (thicknessMm * keeps < COMFORTABLE_CUT_EDGE_MM) {
    reasons.push(resizeReason('gets-thin', 'warn', { thicknessMm: thicknessMm * keeps }));
  }
  const feasible = reasons.every(({ level }) => level !== 'refuse');
  return {
    feasible,
    risk: feasible ? risk : 'refuse',
    reasons: gravestFirst(reasons),
    strain,
    sizesUs,
    passes,
    annealCount: passes.filter(({ annealBefore }) => annealBefore).length,
    thicknessAfterMm: thicknessMm * keeps,
    widthAfterMm: widthMm * keeps,
  };
}
