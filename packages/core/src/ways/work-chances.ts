import { strainedUse } from '../ring';
import { DEFAULT_TRAITS, meltedBy, NINE_OF_TEN, type BenchTraits, type StepKind } from '../steps';
import { crackChance, missedChance, READING_MM, type Interval } from '../uncertainty';
import type { WorkKind, WorkPlan } from '../work';
import type { Attempt, WayPiece, WayStrip, WayWork } from './way';

/** How sure a work is; intervals that nine of ten rings lie in. */
export interface WorkChances {
  readonly lost: number;
  readonly anotherPass: number;
  readonly sizeMm: Interval;
  readonly widthMm: Interval;
}

// Standard deviations: first guesses of ours, as no log of these works is long enough to learn them from.
/** A length that was sawn and filed to a line: as much is off of the way round, mm. */
const CUT_MM = 0.15;
/** A band that is closed by hand at its mark, mm of inside diameter. */
const CLOSED_MM = 0.1;
/** Widths: by calliper, along a handle, filed to a line, and of what the rolls add, as a share of it. */
const WIDTH = { measuredMm: 0.03, handleMm: 0.15, filedMm: 0.1, rolledShare: 0.25 } as const;

/** Steps that bring a ring to a heat at which it may melt. */
const HEATS: readonly StepKind[] = ['anneal', 'solder'];

/** Lengths that are cut for the way round, of each kind: each may be off by itself. */
const CUTS: Readonly<Record<Exclude<WorkKind, 'resize'>, number>> = {
  handle: 0,
  strip: 1,
  spinner: 1,
  'coin-band': 2,
};

function sizeSpreadMm(work: WayWork): number {
  const cuts = CUTS[work.kind];
  return cuts === 0 ? Math.hypot(READING_MM, CLOSED_MM) : (CUT_MM * Math.sqrt(cuts)) / Math.PI;
}

/** The strip that a ring's band is cut from; undefined where it is a handle. */
function bandStrip(piece: WayPiece, { other }: Attempt): WayStrip | undefined {
  if (piece.kind === 'strip') return piece;
  return piece.kind === 'coin' ? other?.piece : undefined;
}

function widthSpreadMm(strip: WayStrip | undefined, { prediction, steps }: WorkPlan): number {
  if (!strip) return WIDTH.handleMm;
  if (prediction.bandWidthMm < strip.widthMm) return WIDTH.filedMm;
  if (!steps.some(({ kind }) => kind === 'roll')) return WIDTH.measuredMm;
  return Math.max(WIDTH.filedMm, WIDTH.rolledShare * (prediction.bandWidthMm - strip.widthMm));
}

const around = (mm: number, spreadMm: number): Interval => ({
  low: mm - NINE_OF_TEN * spreadMm,
  middle: mm,
  high: mm + NINE_OF_TEN * spreadMm,
});

/**
 * How sure a ring of strip, handle or coin and band is. It is lost by a crack, as any metal that is bent too far, by one of
 * its heats, or by a slip, as often as the bench's other rings.
 */
export function workChances(
  piece: WayPiece,
  attempt: Attempt,
  plan: WorkPlan,
  { losses }: BenchTraits = DEFAULT_TRAITS,
): WorkChances {
  const spreadMm = sizeSpreadMm(attempt.work);
  const { bandWidthMm, targetInsideDiameterMm } = plan.prediction;
  const fullestUse = Math.max(0, ...strainedUse(plan.steps, plan.allowanceStrainLog));
  const heats = plan.steps.filter(({ kind }) => HEATS.includes(kind)).length;
  const losing = [crackChance(fullestUse), meltedBy(heats, losses.meltChance), losses.slipChance];
  return {
    lost: 1 - losing.reduce((whole, chance) => whole * (1 - chance), 1),
    anotherPass: missedChance(0, spreadMm),
    sizeMm: around(targetInsideDiameterMm, spreadMm),
    widthMm: around(bandWidthMm, widthSpreadMm(bandStrip(piece, attempt), plan)),
  };
}
