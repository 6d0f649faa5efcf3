import {
  arcWidthMm,
  coarseMeridian,
  type CoinRingInput,
  type FinishingSchool,
  type FormingMethod,
  type Meridian,
  shiftedWall,
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
  type RouteStep,
  routeTotals,
  type RouteTotals,
  type SpoilRisk,
  spoilRisks,
  type TapeUse,
} from '../steps';
import { goalOf } from './goal';
import { isFormed, MOST_MOVES, dueMove, type Goal, type Move, type RouteState } from './moves';
import { ROUTE_WORDS } from './move-words';
import type { RouteCost } from './route-cost';
import { isUnmoved, runPass } from './passes';
import { tapeFor } from './tape';
import { addAnneal, addMove, addStep, outlineOf, startRoute, type RouteBuilder } from './route-builder';

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
  /** Moves of the wall by name, as chosen: they can be followed again with {@link buildRoute}. */
  readonly moves: readonly string[];
  readonly cost: RouteCost;
  /** Tools that the route needs and the kit lacks. */
  readonly missingTools: readonly MissingTool[];
  readonly risks: readonly SpoilRisk[];
  readonly allowanceStrainLog: number;
}

/** From the coin to the first fold: punched, deburred, annealed. */
function addPunching(
  builder: RouteBuilder,
  { holeMm }: CoinRingInput,
  { kit, annealSchool }: RouteOptions,
): void {
  if (annealSchool === 'before-and-after') addAnneal(builder);
  addStep(builder, 'cut', { ...ROUTE_WORDS.punch(holeMm), tool: choosePunch(kit, holeMm) });
  addStep(builder, 'deburr', ROUTE_WORDS.deburr);
  addAnneal(builder);
}

function addTrim(builder: RouteBuilder): void {
  if (builder.lipMm === 0) return;
  addStep(builder, 'trim', ROUTE_WORDS.trim, builder.wall, 0);
}

function addTrueUp(builder: RouteBuilder, kit: Kit, said: 'true-up' | 'true-up-band'): void {
  const words = { ...ROUTE_WORDS[said], tool: chooseMandrel(kit) };
  const detail = said === 'true-up' ? { endsMm: builder.traits.endsMm } : {};
  addStep(builder, 'true-up', words, builder.wall, builder.lipMm, detail);
}

/** A fold of thin or wide stock seldom comes out level. */
const LEVEL_FROM_SLENDERNESS = 5;

function addLevelling(builder: RouteBuilder, move: Move): void {
  const slender = arcWidthMm(builder.wall) / builder.workingThicknessMm > LEVEL_FROM_SLENDERNESS;
  if (move.phase.kind !== 'fold' || move.to !== 'funnel' || !slender) return;
  addStep(builder, 'flatten', { ...ROUTE_WORDS.level, contact: { kind: 'plates' } });
}

function tapeOf(
  move: Move,
  to: Meridian,
  state: RouteState,
  goal: Goal,
  charts: readonly DieChart[],
): TapeUse | undefined {
  return move.phase.kind === 'stepped'
    ? tapeFor(state.wall, to, move.key, charts, goal.traits.trimGainMm)
    : undefined;
}

/** Goes one move on, fibre by fibre, with what belongs before and after it; a move that would move nothing is no step. */
function addNextMove(
  builder: RouteBuilder,
  state: RouteState,
  move: Move,
  goal: Goal,
  charts: readonly DieChart[],
): void {
  const coarse = coarseMeridian(builder.wall);
  if (isUnmoved(coarse, runPass(move.phase, coarse, coarse, { from: 0, to: 1 }))) {
    builder.progress = { ...builder.progress, ...move.settles, stage: move.to };
    return;
  }
  if (move.words.before === 'trim') addTrim(builder);
  if (move.words.before === 'true-up') {
    addTrueUp(builder, goal.kit, 'true-up-band');
  }
  const stepsBefore = builder.steps.length;
  addMove(builder, move, (to) => ({ tape: tapeOf(move, to, state, goal, charts) }));
  const passes = builder.steps.slice(stepsBefore).filter(({ kind }) => kind === move.phase.kind).length;
  const risks = [
    ...(move.risks ?? []),
    ...spoilRisks({
      kind: move.phase.kind,
      from: state.wall,
      to: builder.wall,
      passes,
      heldByHollow: move.heldByHollow === true,
      coinDiameterMm: goal.coinDiameterMm,
      workingThicknessMm: goal.workingThicknessMm,
    }),
  ];
  const first = builder.steps.findIndex(({ kind }, i) => i >= stepsBefore && kind === move.phase.kind);
  const step = builder.steps[first];
  if (step && risks.length > 0) builder.steps[first] = { ...step, risks };
  addLevelling(builder, move);
}

/**
 * Applies moves one after another until the piece is formed.
 * @returns the keys of the moves made
 * @throws RangeError when the moves do not lead to a ring
 */
export function applyMoves(
  builder: RouteBuilder,
  goal: Goal,
  moves: readonly string[],
  charts: readonly DieChart[],
): readonly string[] {
  const made: string[] = [];
  for (;;) {
    const state: RouteState = { ...builder.progress, wall: builder.wall, spent: builder.spent };
    if (isFormed(state, goal)) return made;
    const move = made.length < MOST_MOVES ? dueMove(state, goal, moves) : undefined;
    if (!move) throw new RangeError(`the moves end ${state.stage}`);
    made.push(move.key);
    addNextMove(builder, state, move, goal, charts);
  }
}

/** The lip off, then both readings alike. */
export function addFinalTrueUp(builder: RouteBuilder, kit: Kit): void {
  addTrim(builder);
  addTrueUp(builder, kit, 'true-up');
}

/** How every coin ring ends: lip off and trued, its surface, and read. */
export function addEnding(
  builder: RouteBuilder,
  { kit, finish = 'polished' }: Pick<RouteOptions, 'kit' | 'finish'>,
): void {
  addFinalTrueUp(builder, kit);
  for (const { kind, ...words } of finishSteps(finish)) addStep(builder, kind, words);
  addStep(builder, 'read', {
    ...ROUTE_WORDS.read,
    tool: chooseMandrel(kit),
  });
}

/** The wall as this bench really leaves it, which its last blow shows. */
function leaveAsHere(builder: RouteBuilder, { traits }: Goal): void {
  const wall = shiftedWall(builder.wall, traits.wallShift);
  const last = builder.steps.at(-1);
  if (wall === builder.wall || !last) return;
  builder.wall = wall;
  builder.steps[builder.steps.length - 1] = { ...last, outline: outlineOf(wall) };
}

/**
 * The whole route made of given moves, simulated fibre by fibre and blow by blow with the share of each kind of blow
 * (craft §3), annealing by the budget of craft §4.
 * @throws RangeError when the moves do not lead to a ring
 */
export function buildRoute(
  input: CoinRingInput,
  options: RouteOptions,
  school: FinishingSchool,
  moves: readonly string[],
): CoinRoute {
  const builder = startRoute(input, mandrelOf(options.kit), options);
  addPunching(builder, input, options);
  const goal = goalOf(input, school, options);
  const charts = chartsFor(options.dieCharts ?? [], input.coin);
  const made = applyMoves(builder, goal, moves, charts);
  leaveAsHere(builder, goal);
  addEnding(builder, options);
  return finishedRoute(builder, goal, made);
}

function finishedRoute(builder: RouteBuilder, goal: Goal, moves: readonly string[]): CoinRoute {
  const totals = routeTotals(builder.steps);
  const missingTools = [...builder.missing.values()];
  const risks = builder.steps.flatMap((step) => step.risks ?? []);
  return {
    steps: builder.steps,
    totals,
    finished: builder.wall,
    method: goal.method,
    school: goal.school,
    moves,
    cost: {
      missingTools: missingTools.length,
      risks: risks.length,
      anneals: totals.anneals,
      minutes: totals.handsOnMin + totals.waitMin,
    },
    missingTools,
    risks,
    allowanceStrainLog: builder.allowanceStrainLog,
  };
}
