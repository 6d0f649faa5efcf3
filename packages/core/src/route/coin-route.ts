import {
  arcWidthMm,
  coarseMeridian,
  DEFAULT_SCHOOL,
  FINISHING_SCHOOLS,
  type CoinRingInput,
  type FinishingSchool,
  type FormingMethod,
  type Meridian,
} from '../forming';
import {
  chartsFor,
  chooseMandrel,
  choosePunch,
  type DieChart,
  type Kit,
  mandrelOf,
  type MissingTool,
} from '../kit';
import {
  type BenchTraits,
  type Finish,
  finishSteps,
  FRESH,
  type RouteStep,
  routeTotals,
  type RouteTotals,
  type SpoilRisk,
  spoilRisks,
  type TapeUse,
} from '../steps';
import { goalOf } from './goal';
import { isFormed, LONGEST_WAY, moveOnWay, type Goal, type Move, type RouteState } from './moves';
import { compareCost, type RouteCost } from './route-cost';
import { searchWay } from './find-route';
import { tapeFor } from './tape';
import { addAnneal, addMove, addStep, startWork, type Work } from './route-builder';

/** Two schools (craft §3): anneal after punching only, or before it as well. */
export type AnnealSchool = 'after-punching' | 'before-and-after';

export interface RouteOptions {
  readonly kit: Kit;
  readonly finish?: Finish | undefined;
  readonly annealSchool?: AnnealSchool | undefined;
  /** What the verdict found; left out, judged here. */
  readonly method?: FormingMethod | undefined;
  /** Fibres less one, a multiple of sixteen: fewer for a quick look at many holes. Left out, 64. */
  readonly intervals?: number | undefined;
  readonly dieCharts?: readonly DieChart[] | undefined;
  /** How this maker's bench behaves; left out, as the trade's defaults. */
  readonly traits?: BenchTraits | undefined;
}

export interface CoinRoute {
  readonly steps: readonly RouteStep[];
  readonly totals: RouteTotals;
  /** The wall as the route leaves it. */
  readonly finished: Meridian;
  readonly method: FormingMethod;
  readonly school: FinishingSchool;
  /** Moves of the wall by name, as chosen: they can be followed again with {@link followWay}. */
  readonly way: readonly string[];
  readonly cost: RouteCost;
  /** Tools that the route needs and the kit lacks. */
  readonly missingTools: readonly MissingTool[];
  readonly risks: readonly SpoilRisk[];
  readonly allowanceStrainLog: number;
}

/** Edges decide what a way costs: few fibres tell. */
const TRIAL_INTERVALS = 16;

/** Schools that a wish leaves open; a tapered wall is always left as it is. */
function schoolsOf({ school = DEFAULT_SCHOOL, wall }: CoinRingInput): readonly FinishingSchool[] {
  if (wall.kind === 'tapered') return ['leave'];
  return school === 'best' ? FINISHING_SCHOOLS : [school];
}

/** From the coin to the first fold: punched, deburred, annealed. */
function addPunching(work: Work, { holeMm }: CoinRingInput, { kit, annealSchool }: RouteOptions): void {
  if (annealSchool === 'before-and-after') addAnneal(work);
  addStep(work, 'cut', {
    title: `Punch the ${holeMm.toFixed(1)} mm hole`,
    instruction: 'Scribe crossing centre lines and line up, or let a self-centring punch find the middle.',
    tool: choosePunch(kit, holeMm),
  });
  addStep(work, 'deburr', {
    title: 'Deburr the hole',
    instruction: 'Both faces, smooth all round. Keep the filings with the slug.',
  });
  addAnneal(work);
}

function addTrim(work: Work): void {
  if (work.lipMm === 0) return;
  const words = {
    title: 'Trim the lip inside the rim edge',
    instruction: 'File or rotary tool, a little at a time.',
  };
  addStep(work, 'trim', words, work.wall, 0);
}

function addTrueUp(work: Work, kit: Kit, title: string, instruction: string): void {
  addStep(work, 'true-up', { title, instruction, tool: chooseMandrel(kit) });
}

/** A fold of thin or wide stock seldom comes out level. */
const LEVEL_FROM_SLENDERNESS = 5;

function addLevelling(work: Work, move: Move): void {
  const slender = arcWidthMm(work.wall) / work.workingThicknessMm > LEVEL_FROM_SLENDERNESS;
  if (move.phase.kind !== 'fold' || move.to !== 'funnel' || !slender) return;
  addStep(work, 'flatten', {
    title: 'Press it level',
    instruction: 'Between two flat plates, edges up and down, until it does not rock.',
    contact: { kind: 'plates' },
  });
}

function tapeOf(
  move: Move,
  to: Meridian,
  stand: RouteState,
  goal: Goal,
  charts: readonly DieChart[],
): TapeUse | undefined {
  return move.phase.kind === 'stepped'
    ? tapeFor(stand.wall, to, move.key, charts, goal.traits.trimGainMm)
    : undefined;
}

/** Goes one move on, fibre by fibre, with what belongs before and after it. */
function addNextMove(
  work: Work,
  stand: RouteState,
  move: Move,
  goal: Goal,
  charts: readonly DieChart[],
): void {
  if (move.words.before === 'trim') addTrim(work);
  if (move.words.before === 'true-up') {
    addTrueUp(
      work,
      goal.kit,
      'True up the straight band',
      'Both readings alike before the edges are turned in.',
    );
  }
  const stepsBefore = work.steps.length;
  addMove(work, move, (to) => ({ tape: tapeOf(move, to, stand, goal, charts) }));
  const passes = work.steps.slice(stepsBefore).filter(({ kind }) => kind === move.phase.kind).length;
  const risks = [
    ...(move.risks ?? []),
    ...spoilRisks({
      kind: move.phase.kind,
      from: stand.wall,
      to: work.wall,
      passes,
      heldByHollow: move.heldByHollow === true,
      coinDiameterMm: goal.coinDiameterMm,
      workingThicknessMm: goal.workingThicknessMm,
    }),
  ];
  const first = work.steps.findIndex(({ kind }, i) => i >= stepsBefore && kind === move.phase.kind);
  const step = work.steps[first];
  if (step && risks.length > 0) work.steps[first] = { ...step, risks };
  addLevelling(work, move);
}

/**
 * Goes a way to its end from wherever the work stands.
 * @returns the keys of the moves gone
 * @throws RangeError when the way does not lead to a ring
 */
export function goWay(
  work: Work,
  goal: Goal,
  way: readonly string[],
  charts: readonly DieChart[],
): readonly string[] {
  const gone: string[] = [];
  for (;;) {
    const stand: RouteState = { ...work.stand, wall: work.wall, spent: work.spent };
    if (isFormed(stand, goal)) return gone;
    const move = gone.length < LONGEST_WAY ? moveOnWay(stand, goal, way) : undefined;
    if (!move) throw new RangeError(`the way ends ${stand.stage}`);
    gone.push(move.key);
    addNextMove(work, stand, move, goal, charts);
  }
}

/** The lip off, then both readings alike. */
export function addFinalTrueUp(work: Work, kit: Kit): void {
  addTrim(work);
  addTrueUp(
    work,
    kit,
    'True up',
    'Read both ways. The larger edge down in a die, or the smaller up on the stretcher, a fraction at a time.',
  );
}

/**
 * The whole route along a given way, simulated fibre by fibre and blow by blow with the share of each kind of blow
 * (craft §3), annealing by the budget of craft §4.
 * @throws RangeError when the way does not lead to a ring
 */
export function followWay(
  input: CoinRingInput,
  options: RouteOptions,
  school: FinishingSchool,
  way: readonly string[],
): CoinRoute {
  const work = startWork(input, mandrelOf(options.kit), options);
  addPunching(work, input, options);
  const goal = goalOf(input, school, options);
  const charts = chartsFor(options.dieCharts ?? [], input.coin);
  const gone = goWay(work, goal, way, charts);
  addFinalTrueUp(work, options.kit);
  for (const { kind, title, instruction } of finishSteps(options.finish ?? 'polished')) {
    addStep(work, kind, { title, instruction });
  }
  addStep(work, 'read', {
    title: 'Read the finished ring',
    instruction: 'Both ways round, then width and both edges with the calliper.',
    tool: chooseMandrel(options.kit),
  });
  return finishedRoute(work, goal, gone);
}

function finishedRoute(work: Work, goal: Goal, way: readonly string[]): CoinRoute {
  const totals = routeTotals(work.steps);
  const missingTools = [...work.missing.values()];
  const risks = work.steps.flatMap((step) => step.risks ?? []);
  return {
    steps: work.steps,
    totals,
    finished: work.wall,
    method: goal.method,
    school: goal.school,
    way,
    cost: {
      missingTools: missingTools.length,
      risks: risks.length,
      anneals: totals.anneals,
      minutes: totals.handsOnMin + totals.waitMin,
    },
    missingTools,
    risks,
    allowanceStrainLog: work.allowanceStrainLog,
  };
}

/** A school and the way that it takes. */
interface SchoolWay {
  readonly school: FinishingSchool;
  readonly way: readonly string[];
}

function wayFor(input: CoinRingInput, options: RouteOptions, school: FinishingSchool): readonly SchoolWay[] {
  const work = startWork(input, mandrelOf(options.kit), options);
  const start: RouteState = { stage: 'flat', wall: coarseMeridian(work.wall), spent: FRESH };
  const way = searchWay(start, goalOf(input, school, options));
  return way ? [{ school, way }] : [];
}

/**
 * The best route of a coin ring, found by search over what this maker's tools can do: fewest missing tools and spoilage
 * risks, then anneals, then minutes; by the school asked for, or by whichever serves best.
 * @returns undefined when the rim would have to grow whatever is done
 */
export function coinRoute(input: CoinRingInput, options: RouteOptions): CoinRoute | undefined {
  const ways = schoolsOf(input).flatMap((school) => wayFor(input, options, school));
  const [only] = ways;
  if (!only) return undefined;
  if (ways.length === 1) return followWay(input, options, only.school, only.way);
  // The search weighs passes without their breakpoints: schools are compared by what they really cost.
  const tried = ways.map((one) => ({
    ...one,
    cost: followWay(input, { ...options, intervals: TRIAL_INTERVALS }, one.school, one.way).cost,
  }));
  const best = tried.reduce((a, b) => (compareCost(b.cost, a.cost) < 0 ? b : a));
  return followWay(input, options, best.school, best.way);
}
