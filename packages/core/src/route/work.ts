import {
  arcPositionsMm,
  cutEdge,
  flatMeridian,
  rimEdge,
  washerOf,
  type CoinRingInput,
  type Meridian,
} from '../forming';
import { metalById, strainAllowance } from '../metal';
import type { EdgeDiameters } from '../size';
import { FRESH, spend, type EdgeSpend } from './budget';
import { runPass, splitPhase, type Phase } from './passes';
import type { RouteStep, StepKind, WallOutline } from './step';
import { loreOf } from './step-lore';
import type { ToolChoice } from './tool-choice';

/** Where the route stands while it is generated. */
export interface Work {
  wall: Meridian;
  spent: EdgeSpend;
  /** Lip that a die has turned in at the rim edge and that is not yet trimmed, mm of diameter. */
  lipMm: number;
  readonly steps: RouteStep[];
  readonly missing: Set<string>;
  readonly allowanceStrainLog: number;
  readonly annealC: readonly [number, number] | undefined;
}

/** The bench before the first step: a flat washer, soft or not, no lip. */
export function startWork({ coin, holeMm }: CoinRingInput, intervals?: number): Work {
  const washer = washerOf(coin, holeMm);
  const metal = metalById(coin.metal);
  return {
    wall: flatMeridian(holeMm / 2, coin.diameterMm / 2, washer.thicknessMm, intervals),
    spent: FRESH,
    lipMm: 0,
    steps: [],
    missing: new Set(),
    allowanceStrainLog: strainAllowance(metal, washer.thicknessMm),
    annealC: metal.annealC,
  };
}

export interface StepWords {
  readonly title: string;
  readonly instruction: string;
  readonly tool?: ToolChoice | undefined;
}

/** Intervals of an outline: enough to draw a wall. */
const OUTLINE_INTERVALS = 16;

/** The wall at a handful of places, enough to draw it. */
export function outlineOf(wall: Meridian): WallOutline {
  const every = (wall.meanRadiusMm.length - 1) / OUTLINE_INTERVALS;
  const thin = (values: readonly number[]) =>
    values.filter((_, i) => i % every === 0).map((value) => Math.round(value * 1e4) / 1e4);
  return {
    arcMm: thin(arcPositionsMm(wall)),
    meanRadiusMm: thin(wall.meanRadiusMm),
    thicknessMm: thin(wall.thicknessMm),
    leanDeg: thin(wall.leanDeg),
    strainLog: thin(wall.meanRadiusMm.map((r, i) => Math.log(r / (wall.originalRadiusMm[i] ?? r)))),
  };
}

function edgesOf(wall: Meridian, lipMm: number): EdgeDiameters {
  return {
    rimInsideDiameterMm: rimEdge(wall).insideDiameterMm - lipMm,
    cutInsideDiameterMm: cutEdge(wall).insideDiameterMm,
  };
}

function toolName(work: Work, choice: ToolChoice | undefined): string | undefined {
  if (!choice) return undefined;
  if ('missing' in choice) {
    work.missing.add(choice.missing);
    return undefined;
  }
  return choice.use;
}

/** Appends a step that takes the wall to `next` (or leaves it). */
export function addStep(
  work: Work,
  kind: StepKind,
  words: StepWords,
  next: Meridian = work.wall,
  lipMm = work.lipMm,
): void {
  const lore = loreOf(kind);
  const strainCutEdge = Math.log(cutEdge(next).meanRadiusMm / cutEdge(work.wall).meanRadiusMm);
  const strainRimEdge = Math.log(rimEdge(next).meanRadiusMm / rimEdge(work.wall).meanRadiusMm);
  work.steps.push({
    kind,
    title: words.title,
    instruction: words.instruction,
    lookFor: lore.lookFor,
    tool: toolName(work, words.tool),
    before: edgesOf(work.wall, work.lipMm),
    after: edgesOf(next, lipMm),
    strainCutEdge,
    strainRimEdge,
    annealFirst: work.steps.at(-1)?.kind === 'anneal',
    handsOnMin: lore.handsOnMin,
    waitMin: lore.waitMin,
    caution: lore.caution,
    outline: outlineOf(next),
  });
  work.spent = kind === 'anneal' ? FRESH : spend(work.spent, kind, strainCutEdge, strainRimEdge);
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

/** "Bring the rim edge in", or with more passes than one "Bring the rim edge in, 1 of 2". */
export function counted(name: string): (pass: number, count: number) => string {
  return (pass, count) => (count > 1 ? `${name}, ${pass} of ${count}` : name);
}

export interface PhaseWords {
  /** Title of pass `pass` (from 1) of `count`. */
  readonly title: (pass: number, count: number) => string;
  readonly instruction: string;
  readonly tool: (wall: Meridian, pass: number) => ToolChoice | undefined;
  /** Lip that the phase's last pass leaves, mm. */
  readonly lipMm?: number;
}

/** Runs a phase in as many passes as the budget asks for, annealing in between. */
export function addPhase(work: Work, phase: Phase, words: PhaseWords): void {
  const start = work.wall;
  const passes = splitPhase(phase, start, work.spent, work.allowanceStrainLog);
  let from = 0;
  passes.forEach((pass, i) => {
    if (pass.annealFirst && work.steps.at(-1)?.kind !== 'anneal') addAnneal(work);
    const next = runPass(phase, start, work.wall, { from, to: pass.progress });
    from = pass.progress;
    const title = words.title(i + 1, passes.length);
    const lipMm = words.lipMm ?? work.lipMm;
    addStep(
      work,
      phase.kind,
      { title, instruction: words.instruction, tool: words.tool(next, i) },
      next,
      lipMm,
    );
  });
}
