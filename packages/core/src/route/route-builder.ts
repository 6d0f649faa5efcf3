import {
  arcPositionsMm,
  axialReachMm,
  everyNth,
  cutEdge,
  flatMeridian,
  pushedBetween,
  rimEdge,
  springbackMm,
  washerOf,
  type CoinRingInput,
  type Meridian,
} from '../forming';
import { metalById } from '../metal';
import { predictReading, type EdgeDiameters, type MandrelTaper } from '../size';
import type { MissingTool, ToolChoice, ToolContact } from '../kit';
import {
  type BenchTraits,
  DEFAULT_TRAITS,
  type EdgeSpend,
  type FormingProgress,
  FRESH,
  fullest,
  funnelsOf,
  annealWords,
  isGauged,
  stepDefaults,
  type RouteStep,
  spend,
  type SpoilRisk,
  type StepKind,
  type TapeUse,
  type WallOutline,
} from '../steps';
import { benchAllowance } from './goal';
import type { Move } from './moves';
import { legsOf } from './hand-over';
import { splitPhase } from './passes';

/** Where the route stands while it is generated. */
export interface RouteBuilder {
  wall: Meridian;
  spent: EdgeSpend;
  /** How far the piece has come. */
  progress: FormingProgress;
  /** Lip that a die has turned in at the rim edge and that is not yet trimmed, mm of diameter. */
  lipMm: number;
  readonly steps: RouteStep[];
  readonly missing: Map<string, MissingTool>;
  readonly mandrel: MandrelTaper;
  readonly traits: BenchTraits;
  readonly workingThicknessMm: number;
  readonly allowanceStrainLog: number;
  readonly annealC: readonly [number, number] | undefined;
}

export interface RouteBuilderOptions {
  readonly intervals?: number | undefined;
  readonly traits?: BenchTraits | undefined;
}

/** The bench before the first step: a flat washer, soft or not, no lip. */
export function startRoute(
  { coin, holeMm }: CoinRingInput,
  mandrel: MandrelTaper,
  { intervals, traits = DEFAULT_TRAITS }: RouteBuilderOptions = {},
): RouteBuilder {
  const washer = washerOf(coin, holeMm);
  const metal = metalById(coin.metal);
  return {
    wall: flatMeridian(holeMm / 2, coin.diameterMm / 2, washer.thicknessMm, intervals),
    spent: FRESH,
    progress: { stage: 'flat' },
    lipMm: 0,
    steps: [],
    workingThicknessMm: washer.thicknessMm,
    missing: new Map(),
    mandrel,
    traits,
    allowanceStrainLog: benchAllowance(coin.metal, washer.thicknessMm, traits),
    annealC: metal.annealC,
  };
}

export interface StepWords {
  readonly title: string;
  readonly instruction: string;
  readonly tool?: ToolChoice | undefined;
  /** Where no tool of the kit is asked for but something touches the wall all the same. */
  readonly contact?: ToolContact;
  /** Where its kind looks or waits for something else. */
  readonly lookFor?: string | undefined;
  readonly waits?: RouteStep['waits'];
}

/** Intervals of an outline: enough to draw a wall. */
const OUTLINE_INTERVALS = 16;

/** The wall at a handful of places, enough to draw it. */
export function outlineOf(wall: Meridian): WallOutline {
  const every = (wall.meanRadiusMm.length - 1) / OUTLINE_INTERVALS;
  const thin = (values: readonly number[]) =>
    everyNth(values, every).map((value) => Math.round(value * 1e4) / 1e4);
  return {
    arcMm: thin(arcPositionsMm(wall)),
    meanRadiusMm: thin(wall.meanRadiusMm),
    thicknessMm: thin(wall.thicknessMm),
    leanDeg: thin(wall.leanDeg),
    strainLog: thin(wall.meanRadiusMm.map((r, i) => Math.log(r / (wall.originalRadiusMm[i] ?? r)))),
  };
}

/** Inside diameters of both edges; the rim's with its lip. */
export function edgesOf(wall: Meridian, lipMm: number): EdgeDiameters {
  return {
    rimInsideDiameterMm: rimEdge(wall).insideDiameterMm - lipMm,
    cutInsideDiameterMm: cutEdge(wall).insideDiameterMm,
  };
}

function toolName(builder: RouteBuilder, choice: ToolChoice | undefined): string | undefined {
  if (!choice) return undefined;
  if ('missing' in choice) {
    builder.missing.set(choice.missing.words, choice.missing);
    return undefined;
  }
  return choice.use;
}

/** Steps that end with a reading though the wall stays as it is. */
const READ_STEPS: readonly StepKind[] = ['trim', 'true-up', 'read'];

/** Readings and springback of a step that is read. */
function formed(builder: RouteBuilder, kind: StepKind, next: Meridian, edges: EdgeDiameters) {
  const hardness = fullest(builder.spent) / builder.allowanceStrainLog;
  const { springbackFactor, gaugeMm } = builder.traits;
  const factor = springbackFactor[kind];
  return {
    reading: predictReading(edges, axialReachMm(next), 'leading', builder.mandrel),
    springbackMm:
      springbackMm(Math.min(edges.rimInsideDiameterMm, edges.cutInsideDiameterMm), hardness) * (factor ?? 1),
    ...(factor === undefined ? {} : { springbackFactor: factor }),
    ...(gaugeMm !== 0 && isGauged(kind) ? { gaugeMm } : {}),
  };
}

/** Appends a step that takes the wall to `next` (or leaves it). */
export function addStep(
  builder: RouteBuilder,
  kind: StepKind,
  words: StepWords,
  next: Meridian = builder.wall,
  lipMm = builder.lipMm,
  detail: PassDetail = {},
): void {
  const defaults = stepDefaults(kind, builder.traits);
  const strainCutEdge = Math.log(cutEdge(next).meanRadiusMm / cutEdge(builder.wall).meanRadiusMm);
  const strainRimEdge = Math.log(rimEdge(next).meanRadiusMm / rimEdge(builder.wall).meanRadiusMm);
  builder.spent = kind === 'anneal' ? FRESH : spend(builder.spent, kind, strainCutEdge, strainRimEdge);
  const after = edgesOf(next, lipMm);
  const contact = words.tool && 'tool' in words.tool ? words.tool.contact : words.contact;
  builder.steps.push({
    kind,
    title: words.title,
    instruction: words.instruction,
    lookFor: words.lookFor ?? defaults.lookFor,
    tool: toolName(builder, words.tool),
    ...(words.tool && 'tool' in words.tool ? { toolId: words.tool.tool.id } : {}),
    before: edgesOf(builder.wall, builder.lipMm),
    after,
    strainCutEdge,
    strainRimEdge,
    annealFirst: builder.steps.at(-1)?.kind === 'anneal',
    handsOnMin: defaults.handsOnMin,
    waitMin: defaults.waitMin,
    caution: defaults.caution,
    ...((words.waits ?? defaults.waits) ? { waits: words.waits ?? defaults.waits } : {}),
    outline: (next === builder.wall ? builder.steps.at(-1)?.outline : undefined) ?? outlineOf(next),
    ...(next === builder.wall && !READ_STEPS.includes(kind) ? {} : formed(builder, kind, next, after)),
    contact,
    ...(contact?.kind === 'fold-die' ? { funnel: funnelsOf(builder.traits, contact) } : {}),
    risks: detail.risks ?? [],
    tape: detail.tape,
    ...(detail.endsMm ? { endsMm: detail.endsMm } : {}),
    pieceState: { ...builder.progress, lipMm },
  });
  builder.wall = next;
  builder.lipMm = lipMm;
}

export function addAnneal(builder: RouteBuilder): void {
  addStep(builder, 'anneal', annealWords(builder.annealC));
}

/** What a pass may bring along besides its words. */
interface PassDetail {
  readonly risks?: readonly SpoilRisk[];
  readonly tape?: TapeUse | undefined;
  readonly endsMm?: number | undefined;
}

/** Part of the way along a move: a fold begun is a cup, an edge turned in leans as far as it got. */
function underWay(progress: FormingProgress, move: Move, wall: Meridian, share: number): FormingProgress {
  const { foldDeg: _whole, ...settled } = move.settles ?? {};
  if (move.phase.kind === 'fold') return { ...progress, stage: 'cupped' };
  if (settled.pushedMm) {
    return { ...progress, ...settled, pushedMm: pushedBetween(progress.pushedMm, settled.pushedMm, share) };
  }
  if (move.phase.kind === 'curl') return { ...progress, ...settled, curlDeg: -rimEdge(wall).leanDeg };
  return { ...progress, ...settled };
}

/** Runs a move in as many passes as the budget asks for, annealing in between. */
export function addMove(builder: RouteBuilder, move: Move, detail: (to: Meridian) => PassDetail): void {
  const { phase, words } = move;
  const start = builder.wall;
  const progress = builder.progress;
  const arrived = { ...progress, ...move.settles, stage: move.to };
  let stands = start;
  let from = 0;
  const passes = splitPhase(phase, start, builder.spent, builder.allowanceStrainLog).flatMap((pass) => {
    const legs = legsOf(move, { start, stands, from, to: pass.progress });
    stands = legs.at(-1)?.wall ?? stands;
    from = pass.progress;
    return legs.map((leg, i) => ({ ...leg, annealFirst: pass.annealFirst && i === 0 }));
  });
  passes.forEach(({ annealFirst, progress: reached, wall, choice: tool }, i) => {
    if (annealFirst && builder.steps.at(-1)?.kind !== 'anneal') addAnneal(builder);
    const title = words.title(i + 1, passes.length);
    const lipMm = words.leavesLip ? builder.traits.trimGainMm : builder.lipMm;
    builder.progress = i === passes.length - 1 ? arrived : underWay(progress, move, wall, reached);
    addStep(builder, phase.kind, { title, instruction: words.instruction, tool }, wall, lipMm, detail(wall));
  });
}
