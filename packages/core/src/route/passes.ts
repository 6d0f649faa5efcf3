import {
  coarseMeridian,
  cutEdge,
  mapMeridian,
  placesAlong,
  rimEdge,
  sharesAlong,
  type Blow,
  type Meridian,
  type WallShape,
} from '../forming';
import { budgetWeight, type EdgeSpend, FRESH, fullest, type StepKind } from '../steps';

/** A move of the wall that can be done in one pass or in several: `shapesAt(1)` is its end. */
export interface Phase {
  readonly kind: StepKind;
  /**
   * The shapes that the tool gives the wall one after the other: one blow, or one from each edge.
   * `start` is the wall when the phase began, `stands` the wall before this pass.
   */
  readonly shapesAt: (progress: number, start: Meridian, stands: Meridian) => readonly WallShape[];
  /** Which law shares its hoop stretches between width and thickness. */
  readonly blow: Blow;
  /** Added to the law's shares: how this bench differs. */
  readonly shareShift?: number;
  /** Extra widening by the tool over the whole phase, at a place of the wall from 0 to 1; left out means none. */
  readonly widthDraw?: (place: number) => number;
  /** Anneal before it whatever the gauge says. */
  readonly annealFirst?: boolean;
}

export interface PlannedPass {
  readonly annealFirst: boolean;
  /** End of this pass on the way from 0 to 1. */
  readonly progress: number;
}

/** A first pass on what is left of the budget is worth setting up only from this share of a full one. */
const WORTHWHILE_SHARE = 0.35;
/** Passes stay this much under the allowance, so that a coarse split never tips over it. */
const MARGIN = 0.98;
/** A phase that fits but for rounding is one pass. */
const SLACK = 1.001;
const MOST_PASSES = 40;
const SPLIT_STEPS = 12;
const SPLIT_TOLERANCE = 0.002;

/**
 * Takes the wall on from one progress of a phase to a later one.
 * @param start the wall when the phase began
 */
export function runPass(
  phase: Phase,
  start: Meridian,
  wall: Meridian,
  progress: { readonly from: number; readonly to: number },
): Meridian {
  const shapes = phase.shapesAt(progress.to, start, wall);
  const part = (progress.to - progress.from) / shapes.length;
  const draw = phase.widthDraw;
  return shapes.reduce(
    (stands, shape) =>
      mapMeridian(stands, shape, {
        share: sharesAlong(stands, phase.blow, phase.shareShift),
        widthDraw: draw ? placesAlong(stands).map((place) => draw(place) ** part) : 1,
      }),
    wall,
  );
}

/** A wall that is moved by less is not moved: no hand could do it, mm of radius. */
const UNMOVED_MM = 0.01;

/** Whether a wall stands where it stood. */
export function isUnmoved(from: Meridian, to: Meridian): boolean {
  return to.meanRadiusMm.every((radius, i) => Math.abs(radius - (from.meanRadiusMm[i] ?? 0)) < UNMOVED_MM);
}

/** Strain that a blow of this kind adds at each edge between two walls, weighted for the budget. */
export function spentBetween(kind: StepKind, from: Meridian, to: Meridian): EdgeSpend {
  const weight = budgetWeight(kind);
  return {
    cut: weight * Math.abs(Math.log(cutEdge(to).meanRadiusMm / cutEdge(from).meanRadiusMm)),
    rim: weight * Math.abs(Math.log(rimEdge(to).meanRadiusMm / rimEdge(from).meanRadiusMm)),
  };
}

/** Weighted strain at each edge when a phase is taken from a wall to a progress in one go. */
type Spending = (progress: number) => EdgeSpend;

/** Ends and breakpoints are asked for again and again: each is worked out once. */
function spendingOf(phase: Phase, wall: Meridian): Spending {
  const known = new Map<number, EdgeSpend>([[0, FRESH]]);
  return (progress) => {
    const before = known.get(progress);
    if (before) return before;
    const spent = spentBetween(phase.kind, wall, runPass(phase, wall, wall, { from: 0, to: progress }));
    known.set(progress, spent);
    return spent;
  };
}

/** What a pass between two progresses spends, on top of what is held. */
function spentOver(spending: Spending, from: number, to: number, held: EdgeSpend): EdgeSpend {
  const [before, after] = [spending(from), spending(to)];
  return { cut: held.cut + after.cut - before.cut, rim: held.rim + after.rim - before.rim };
}

/**
 * How far a pass may go from a progress until the fuller edge has spent the budget; spending grows with progress.
 * @param held what both edges have spent since the last anneal when the pass begins
 */
function furthestFrom(spending: Spending, from: number, held: EdgeSpend, full: number): number {
  const spentAt = (progress: number) => fullest(spentOver(spending, from, progress, held));
  let [low, spentLow, high, spentHigh] = [from, fullest(held), 1, spentAt(1)];
  if (spentHigh <= full * SLACK) return 1;
  for (let i = 0; i < SPLIT_STEPS; i++) {
    // False position, kept off the ends so that both sides close in.
    const share = Math.min(0.95, Math.max(0.05, (full - spentLow) / (spentHigh - spentLow)));
    const guess = low + (high - low) * share;
    const spent = spentAt(guess);
    if (Math.abs(spent - full) < SPLIT_TOLERANCE * full) return guess;
    if (spent <= full) [low, spentLow] = [guess, spent];
    else [high, spentHigh] = [guess, spent];
  }
  return low;
}

/** How many passes a phase takes, before their breakpoints are found. */
interface PassCount {
  /** What is left of the budget is used first, without an anneal. */
  readonly useUp: boolean;
  /** Passes after that, each annealed before; 0 when the whole phase fits into what is left. */
  readonly fresh: number;
  /** Budget that the first, unannealed pass may spend. */
  readonly left: number;
}

/** As few passes as the allowance permits at both edges; what is left of the budget goes first when that saves an anneal. */
function countPasses(
  whole: EdgeSpend,
  spent: EdgeSpend,
  allowanceStrainLog: number,
  annealFirst: boolean,
): PassCount {
  const full = allowanceStrainLog * MARGIN;
  const together = Math.max(spent.cut + whole.cut, spent.rim + whole.rim);
  if (!annealFirst && together <= full) return { useUp: false, fresh: 0, left: 0 };
  const total = fullest(whole);
  const left = full - fullest(spent);
  const fresh = Math.max(1, Math.ceil(total / full));
  const afterUsingUp = Math.max(1, Math.ceil((total - left) / full));
  const useUp = !annealFirst && left > WORTHWHILE_SHARE * full && afterUsingUp < fresh;
  return { useUp, fresh: useUp ? afterUsingUp : fresh, left };
}

/** A phase as a route search weighs it. */
export interface WeighedPasses {
  readonly passes: number;
  readonly anneals: number;
  /** What the last pass leaves spent. */
  readonly spent: EdgeSpend;
  /** Fullest that each edge gets on the way. */
  readonly peak: EdgeSpend;
}

/** Passes, anneals and what the last pass leaves spent, without finding the breakpoints: what a route search weighs. */
export function weighPasses(
  whole: EdgeSpend,
  spent: EdgeSpend,
  allowanceStrainLog: number,
  annealFirst: boolean,
): WeighedPasses {
  const { useUp, fresh, left } = countPasses(whole, spent, allowanceStrainLog, annealFirst);
  if (fresh === 0) {
    const after = { cut: spent.cut + whole.cut, rim: spent.rim + whole.rim };
    return { passes: 1, anneals: 0, spent: after, peak: after };
  }
  const total = Math.max(fullest(whole), 1e-9);
  const first = useUp ? left / total : 0;
  // All passes but the last fill the budget.
  const each = Math.min(1 - first, (allowanceStrainLog * MARGIN) / total);
  const share = Math.max(0, 1 - first - each * (fresh - 1));
  const most = Math.max(share, fresh > 1 ? each : 0);
  return {
    passes: fresh + (useUp ? 1 : 0),
    anneals: fresh,
    spent: { cut: whole.cut * share, rim: whole.rim * share },
    peak: {
      cut: Math.max(spent.cut + whole.cut * first, whole.cut * most),
      rim: Math.max(spent.rim + whole.rim * first, whole.rim * most),
    },
  };
}

function split(
  spending: Spending,
  spent: EdgeSpend,
  allowanceStrainLog: number,
  annealFirst: boolean,
): readonly PlannedPass[] {
  const { useUp, fresh } = countPasses(spending(1), spent, allowanceStrainLog, annealFirst);
  if (fresh === 0) return [{ annealFirst: false, progress: 1 }];

  const full = allowanceStrainLog * MARGIN;
  const passes: PlannedPass[] = [];
  let done = 0;
  if (useUp) {
    done = furthestFrom(spending, 0, spent, full);
    passes.push({ annealFirst: false, progress: done });
  }
  while (done < 1) {
    done = passes.length >= MOST_PASSES ? 1 : furthestFrom(spending, done, FRESH, full);
    passes.push({ annealFirst: true, progress: done });
  }
  return passes;
}

/**
 * Splits a phase into as few passes as the allowance permits at both edges, annealing before a pass that would go
 * over it (craft §4). Every pass but the last fills the budget: what the last leaves is the next phase's. What an
 * earlier phase left is used first when that saves an anneal.
 */
export function splitPhase(
  phase: Phase,
  from: Meridian,
  spent: EdgeSpend,
  allowanceStrainLog: number,
): readonly PlannedPass[] {
  const spending = spendingOf(phase, coarseMeridian(from));
  return split(spending, spent, allowanceStrainLog, phase.annealFirst === true);
}

/** Passes and anneals that a phase really takes, and what its last pass leaves spent: what ways are compared by. */
export function countedPasses(
  phase: Phase,
  from: Meridian,
  spent: EdgeSpend,
  allowanceStrainLog: number,
): Pick<WeighedPasses, 'passes' | 'anneals' | 'spent'> {
  const spending = spendingOf(phase, coarseMeridian(from));
  const passes = split(spending, spent, allowanceStrainLog, phase.annealFirst === true);
  const anneals = passes.filter(({ annealFirst }) => annealFirst).length;
  const before = passes.at(-2)?.progress ?? 0;
  return {
    passes: passes.length,
    anneals,
    // Only a first pass goes on from what is held, and only one of several is not annealed before.
    spent: spentOver(spending, before, 1, anneals === 0 ? spent : FRESH),
  };
}
