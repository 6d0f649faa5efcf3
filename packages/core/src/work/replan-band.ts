import { chooseFormer } from '../handle';
import { chooseReducingHole, stretchersFor, toolsOf, type Kit } from '../kit';
import type { MetalId } from '../metal';
import { wayOf } from '../ring';
import { OFF_MARK_MM, writeAmount, type MandrelReading, type MandrelTaper, type SizeSystemId } from '../size';
import {
  type BenchTraits,
  DEFAULT_TRAITS,
  type EdgeSpend,
  fullest,
  spend,
  springbackOf,
  type RouteStep,
  type StepKind,
} from '../steps';
import { annealMove, bandSteps, type BandMove } from './band-steps';
import { CORRECTION_WORDS } from './move-words';

/** A band in work, as far as planning on from a reading needs it. */
export interface BandInWork {
  /** The route as it stands. */
  readonly steps: readonly RouteStep[];
  /** The step that was read. */
  readonly readAt: number;
  /** The first step that is not done. */
  readonly step: number;
  /** Both ways round, at the leading edge. */
  readonly read: MandrelReading;
  readonly spent: EdgeSpend;
  readonly allowanceStrainLog: number;
  readonly metal: MetalId;
  /** Whether heat may come near it: plated ware and the like are never softened. */
  readonly mayHeat: boolean;
  /** Whether a die may close it: not an open ring, nor a coin in a band. */
  readonly mayReduce: boolean;
  readonly mandrel: MandrelTaper;
  readonly kit: Kit;
  readonly traits?: BenchTraits | undefined;
  /** What amounts are told in. */
  readonly system: SizeSystemId;
}

/** The rest of a band's route after a reading that is off. */
export interface BandReplan {
  readonly fromStep: number;
  readonly steps: readonly RouteStep[];
  readonly why: string;
}

/** Kinds of step that bring a band to a size. */
export const SIZING: readonly StepKind[] = ['stretch', 'reduce', 'bend', 'close'];
/** Whether a step to come goes the way that is wanted, up or down, by its own plan. */
function goes({ kind, before, after }: RouteStep, way: 1 | -1): boolean {
  return SIZING.includes(kind) && wayOf(before.cutInsideDiameterMm, after.cutInsideDiameterMm) === way;
}

/** Where the part that is read ends: a spinner's bands are made one after the other, each from its own saw cut. */
export function partEnd({ steps, readAt }: BandInWork): number {
  const next = steps.findIndex(({ kind }, i) => i > readAt && kind === 'saw');
  return next < 0 ? steps.length : next;
}

export function markOf({ reading, after }: RouteStep): number {
  return reading ? (reading.rimDownMm + reading.cutDownMm) / 2 : after.cutInsideDiameterMm;
}

/** Only formers and the mandrel fit a band that is still open, or that may not be closed by a die. */
function meetsNoDie({ steps, readAt, mayReduce }: BandInWork): boolean {
  return steps[readAt]?.blank !== undefined || !mayReduce;
}

/** What is done, without the sizes it goes between. */
type Correction = Pick<BandMove, 'kind' | 'title' | 'instruction' | 'tool' | 'toolId' | 'contact'>;

function openingBy(band: BandInWork, isMm: number, toMm: number): Correction {
  const amount = writeAmount(toMm - isMm, band.system);
  const mandrel = toolsOf(band.kit, 'mandrel')[0]?.tool.name;
  if (meetsNoDie(band)) {
    return { kind: 'bend', ...CORRECTION_WORDS.open(amount), tool: mandrel };
  }
  const found = stretchersFor(band.kit, isMm, toMm, band.system);
  return found
    ? {
        kind: 'stretch',
        ...CORRECTION_WORDS.stretch(amount),
        tool: found.use,
        toolId: found.toolId,
        contact: found.contact,
      }
    : { kind: 'stretch', ...CORRECTION_WORDS.hammer(amount), tool: mandrel };
}

/** The owned former on which a band lands nearest a size. */
function formerName(band: BandInWork, toMm: number, thicknessMm: number): string | undefined {
  const formers = toolsOf(band.kit, 'former');
  const found = chooseFormer(
    formers.map(({ spec }) => spec.diameterMm),
    toMm,
    thicknessMm,
    band.metal,
    'hard',
    (formerMm) => springbackOf(band.traits ?? DEFAULT_TRAITS, formerMm),
  );
  return formers.find(({ spec }) => spec.diameterMm === found?.formerMm)?.tool.name;
}

/** Angle of the plate that a plain band is reduced in. */
const PLATE_DEG = 17;

function closingBy(band: BandInWork, isMm: number, toMm: number, thicknessMm: number): Correction {
  const amount = writeAmount(isMm - toMm, band.system);
  if (meetsNoDie(band)) {
    return {
      kind: 'bend',
      ...CORRECTION_WORDS.tighten(amount),
      tool: formerName(band, toMm, thicknessMm) ?? CORRECTION_WORDS.noFormer,
    };
  }
  const hole = chooseReducingHole(band.kit, toMm + 2 * thicknessMm, PLATE_DEG, {
    kind: 'die',
    angleDeg: PLATE_DEG,
    leading: 'both',
  });
  return {
    kind: 'reduce',
    ...CORRECTION_WORDS.reduce(amount),
    ...('tool' in hole ? { tool: hole.use, toolId: hole.tool.id } : {}),
  };
}

/** What brings a band from one size to another and is read, softened first where the metal asks for it and may have it. */
export function correctionSteps(
  band: BandInWork,
  at: RouteStep,
  isMm: number,
  toMm: number,
): readonly RouteStep[] {
  const { metal, traits, mandrel, spent, allowanceStrainLog, mayHeat } = band;
  const { outline, blank } = at;
  const thicknessMm = outline.thicknessMm[0] ?? 0;
  const start = { insideDiameterMm: isMm, thicknessMm, widthMm: outline.arcMm.at(-1) ?? 0 };
  const words = isMm > toMm ? closingBy(band, isMm, toMm, thicknessMm) : openingBy(band, isMm, toMm);
  const move: BandMove = {
    ...words,
    to: { insideDiameterMm: toMm },
    // Bent tighter or opened, only the curvature changes.
    ...(words.kind === 'bend'
      ? { strainLog: thicknessMm * (1 / (toMm + thicknessMm) - 1 / (isMm + thicknessMm)) }
      : {}),
    read: true,
    ...(blank ? { blank } : {}),
  };
  const bench = { traits, mandrel, metal };
  const steps = bandSteps(start, [move], bench);
  const filled = steps.reduce(
    (sum, { kind, strainCutEdge, strainRimEdge }) => spend(sum, kind, strainCutEdge, strainRimEdge),
    spent,
  );
  return mayHeat && fullest(filled) > allowanceStrainLog
    ? bandSteps(start, [annealMove(metal, blank), move], bench)
    : steps;
}

/**
 * Plans on from a reading of a band that is off. It aims at the size that the part is to have, through what is still to
 * come (craft §13): a later step that goes the right way takes it there; otherwise one step is put in, with an anneal
 * before it when the metal asks for one and may have it.
 * @returns undefined when nothing has to be put in
 */
export function replanBand(band: BandInWork): BandReplan | undefined {
  const { steps, readAt, read, system } = band;
  const at = steps[readAt];
  if (!at) return undefined;
  const isMm = (read.rimDownMm + read.cutDownMm) / 2;
  const sized = steps.slice(readAt + 1, partEnd(band)).filter(({ reading }) => reading !== undefined);
  const targetMm = markOf(sized.at(-1) ?? at);
  const offMm = isMm - targetMm;
  if (Math.abs(offMm) < OFF_MARK_MM || Math.abs(isMm - markOf(at)) < OFF_MARK_MM) return undefined;
  if (sized.some((step) => goes(step, offMm > 0 ? -1 : 1))) return undefined;
  const put = correctionSteps(band, at, isMm, targetMm);
  const fromStep = Math.max(band.step, readAt + 1);
  return {
    fromStep,
    steps: [...put, ...steps.slice(fromStep)],
    why: CORRECTION_WORDS.why(writeAmount(offMm, system), offMm > 0, put.at(-1)?.title ?? ''),
  };
}
