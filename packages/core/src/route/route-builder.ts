import {
  arcPositionsMm,
  axialReachMm,
  everyNth,
  cutEdge,
  flatMeridian,
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
  loreOf,
  type RouteStep,
  spend,
  type SpoilRisk,
  type StepKind,
  type TapeUse,
  type WallOutline,
} from '../steps';
import { benchAllowance } from './goal';
import type { Move } from './moves';
import { runPass, splitPhase } from './passes';

/** Where the route stands while it is generated. */
export interface Work {
  wall: Meridian;
  spent: EdgeSpend;
  /** How far the piece has come. */
  stand: FormingProgress;
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

export interface WorkOptions {
  readonly intervals?: number | undefined;
  readonly traits?: BenchTraits | undefined;
}

/** The bench before the first step: a flat washer, soft or not, no lip. */
export function startWork(
  { coin, holeMm }: CoinRingInput,
  mandrel: MandrelTaper,
  { intervals, traits = DEFAULT_TRAITS }: WorkOptions = {},
): Work {
  const washer = washerOf(coin, holeMm);
  const metal = metalById(coin.metal);
  return {
    wall: flatMeridian(holeMm / 2, coin.diameterMm / 2, washer.thicknessMm, intervals),
    spent: FRESH,
    stand: { stage: 'flat' },
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

function toolName(work: Work, choice: ToolChoice | undefined): string | undefined {
  if (!choice) return undefined;
  if ('missing' in choice) {
    work.missing.set(choice.missing.words, choice.missing);
    return undefined;
  }
  return choice.use;
}

/** Steps that end with a reading though the wall stays as it is. */
const READ_STEPS: readonly StepKind[] = ['trim', 'true-up', 'read'];

/** Readings and springback of a step that is read. */
function formed(work: Work, kind: StepKind, next: Meridian, edges: EdgeDiameters) {
  const hardness = fullest(work.spent) / work.allowanceStrainLog;
  return {
    reading: predictReading(edges, axialReachMm(next), 'leading', work.mandrel),
    springbackMm:
      springbackMm(Math.min(edges.rimInsideDiameterMm, edges.cutInsideDiameterMm), hardness) *
      (work.traits.springbackFactor[kind] ?? 1),
  };
}

/** Appends a step that takes the wall to `next` (or leaves it). */
export function addStep(
  work: Work,
  kind: StepKind,
  words: StepWords,
  next: Meridian = work.wall,
  lipMm = work.lipMm,
  detail: PassDetail = {},
): void {
  const lore = loreOf(kind, work.traits);
  const strainCutEdge = Math.log(cutEdge(next).meanRadiusMm / cutEdge(work.wall).meanRadiusMm);
  const strainRimEdge = Math.log(rimEdge(next).meanRadiusMm / rimEdge(work.wall).meanRadiusMm);
  work.spent = kind === 'anneal' ? FRESH : spend(work.spent, kind, strainCutEdge, strainRimEdge);
  const after = edgesOf(next, lipMm);
  const contact = words.tool && 'tool' in words.tool ? words.tool.contact : words.contact;
  work.steps.push({
    kind,
    title: words.title,
    instruction: words.instruction,
    lookFor: lore.lookFor,
    tool: toolName(work, words.tool),
    before: edgesOf(work.wall, work.lipMm),
    after,
    strainCutEdge,
    strainRimEdge,
    annealFirst: work.steps.at(-1)?.kind === 'anneal',
    handsOnMin: lore.handsOnMin,
    waitMin: lore.waitMin,
    caution: lore.caution,
    ...(lore.waits ? { waits: lore.waits } : {}),
    outline: (next === work.wall ? work.steps.at(-1)?.outline : undefined) ?? outlineOf(next),
    ...(next === work.wall && !READ_STEPS.includes(kind) ? {} : formed(work, kind, next, after)),
    contact,
    risks: detail.risks ?? [],
    tape: detail.tape,
    stand: { ...work.stand, lipMm },
  });
  work.wall = next;
  work.lipMm = lipMm;
}

export function addAnneal(work: Work): void {
  const range = work.annealC ? `${work.annealC[0]}–${work.annealC[1]} °C` : 'the heat its metal asks for';
  addStep(work, 'anneal', {
    title: 'Anneal',
    instruction: `Soften at ${range}. Quench in water, tools too.`,
  });
}

/** What a pass may bring along besides its words. */
interface PassDetail {
  readonly risks?: readonly SpoilRisk[];
  readonly tape?: TapeUse | undefined;
}

/** Part of the way along a move: a fold begun is a cup, an edge turned in leans as far as it got. */
function underWay(stood: Work['stand'], move: Move, wall: Meridian): Work['stand'] {
  const { foldDeg: _whole, ...settled } = move.settles ?? {};
  if (move.phase.kind === 'fold') return { ...stood, stage: 'cupped' };
  if (move.phase.kind === 'curl') return { ...stood, ...settled, curlDeg: -rimEdge(wall).leanDeg };
  return { ...stood, ...settled };
}

/** Runs a move in as many passes as the budget asks for, annealing in between. */
export function addMove(work: Work, move: Move, detail: (to: Meridian) => PassDetail): void {
  const { phase, words } = move;
  const start = work.wall;
  const stood = work.stand;
  const arrived = { ...stood, ...move.settles, stage: move.to };
  const passes = splitPhase(phase, start, work.spent, work.allowanceStrainLog);
  let from = 0;
  passes.forEach((pass, i) => {
    if (pass.annealFirst && work.steps.at(-1)?.kind !== 'anneal') addAnneal(work);
    const before = work.wall;
    const next = runPass(phase, start, before, { from, to: pass.progress });
    from = pass.progress;
    const title = words.title(i + 1, passes.length);
    const tool = words.tool(before, next);
    const lipMm = words.leavesLip ? work.traits.trimGainMm : work.lipMm;
    work.stand = i === passes.length - 1 ? arrived : underWay(stood, move, next);
    addStep(work, phase.kind, { title, instruction: words.instruction, tool }, next, lipMm, detail(next));
  });
}
