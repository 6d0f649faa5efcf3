import { METALS, type Metal, type MetalId } from '../metal';
import { workingThickness } from '../stock';
import type { MAGNET_ANSWERS, STONE_ANSWERS } from './codes';
import { measureDensity, type DensityMeasured, type Weighing } from './density';
import { metalOfMark } from './marks';

export type MagnetAnswer = (typeof MAGNET_ANSWERS)[number];
export type StoneAnswer = (typeof STONE_ANSWERS)[number];

/** What was found out about a piece; each test may be left out. */
export interface Evidence {
  readonly magnet?: MagnetAnswer | undefined;
  /** What is stamped on it, as read; empty for "looked, and nothing is there". */
  readonly mark?: string | undefined;
  readonly weighing?: Weighing | undefined;
  /** A coin-like piece whose volume its measures tell. */
  readonly disc?:
    { readonly diameterMm: number; readonly rimThicknessMm: number; readonly massG: number } | undefined;
  readonly stone?: StoneAnswer | undefined;
}

/** How likely a test's answer is for a metal, 0 to 1. */
type Likelihood = (metal: Metal) => number;

const SLIP = 0.02;

function magnetOf({ id }: Metal): Record<MagnetAnswer, number> {
  if (id === 'steel') return { sticks: 0.97, weak: 0.02, none: 0.01 };
  if (id === 'nickel') return { sticks: 0.85, weak: 0.14, none: 0.01 };
  if (id === 'stainless') return { sticks: 0.15, weak: 0.35, none: 0.5 };
  // Plated ware may hide a steel core.
  if (id === 'silver-plate' || id === 'zinc-core') return { sticks: 0.1, weak: 0.05, none: 0.85 };
  return { sticks: 0.002, weak: 0.01, none: 0.988 };
}

function isSilverAlloy(id: MetalId): boolean {
  return id.startsWith('silver-') && id !== 'silver-plate';
}

const NOBLE: readonly MetalId[] = ['gold-22ct', 'gold-18ct', 'platinum-950'];
const UNTOUCHED: readonly MetalId[] = ['titanium', 'stainless'];

/** With the acid sold for 18-carat gold (craft §2). Plated ware leaves silver on the stone until the plating is through. */
function stoneOf({ id }: Metal): Record<StoneAnswer, number> {
  if (isSilverAlloy(id)) {
    const low = id === 'silver-500' || id === 'silver-400';
    return { 'milky-pale-blue': low ? 0.75 : 0.95, dissolves: low ? 0.2 : 0.03, stays: 0.02 };
  }
  if (id === 'silver-plate') return { 'milky-pale-blue': 0.45, dissolves: 0.53, stays: 0.02 };
  if (NOBLE.includes(id) || UNTOUCHED.includes(id))
    return { 'milky-pale-blue': 0.02, dissolves: 0.03, stays: 0.95 };
  if (id === 'gold-14ct' || id === 'gold-9ct')
    return { 'milky-pale-blue': 0.05, dissolves: 0.65, stays: 0.3 };
  return { 'milky-pale-blue': 0.03, dissolves: 0.95, stays: 0.02 };
}

/** Alloys of a name vary; plated and layered pieces more. */
function spreadOf({ id, densityGCm3 }: Metal): number {
  const share = id === 'silver-plate' || id === 'clad' || id === 'pewter' ? 0.03 : 0.007;
  return densityGCm3 * share;
}

function densityLikelihood({ densityGCm3, errorGCm3 }: DensityMeasured): Likelihood {
  return (metal) => {
    const sigma = Math.hypot(errorGCm3, spreadOf(metal));
    const z = (densityGCm3 - metal.densityGCm3) / sigma;
    // Bubbles and slips of the pen happen: no metal is ruled out for good.
    return Math.exp(-(z * z) / 2) / sigma + SLIP / 20;
  };
}

/** A struck piece fills 0.80–0.99 of its disc (craft §2): in the middle, give or take. */
const FILL = { mean: 0.9, sigma: 0.045 } as const;

function fillLikelihood(disc: NonNullable<Evidence['disc']>): Likelihood {
  return (metal) => {
    const { thicknessMm } = workingThickness({ ...disc, metal: metal.id });
    const z = (thicknessMm / disc.rimThicknessMm - FILL.mean) / FILL.sigma;
    return Math.exp(-(z * z) / 2) + SLIP;
  };
}

const MARK_TRUST = 0.93;
/** Solid ware is marked more often than not; plated and base metal often bear nothing. */
const UNMARKED = { precious: 0.25, base: 0.7 } as const;

function markLikelihood(mark: string): Likelihood {
  if (mark.trim() === '') return ({ fineness }) => (fineness > 0 ? UNMARKED.precious : UNMARKED.base);
  const named = metalOfMark(mark);
  if (named === undefined) return () => 1;
  return ({ id }) => (id === named ? MARK_TRUST : (1 - MARK_TRUST) / (METALS.length - 1));
}

/** Each test that was made, as its likelihood over the metals. */
export function likelihoods({ magnet, mark, weighing, disc, stone }: Evidence): readonly Likelihood[] {
  return [
    ...(magnet ? [(metal: Metal) => magnetOf(metal)[magnet]] : []),
    ...(mark === undefined ? [] : [markLikelihood(mark)]),
    ...(weighing ? [densityLikelihood(measureDensity(weighing))] : []),
    ...(disc ? [fillLikelihood(disc)] : []),
    ...(stone ? [(metal: Metal) => stoneOf(metal)[stone]] : []),
  ];
}
