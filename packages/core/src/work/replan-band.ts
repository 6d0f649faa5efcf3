import { chooseFormer } from '../handle';
import { chooseReducingHole, chooseStretcher, toolsOf, type Kit } from '../kit';
import { metalById, type MetalId } from '../metal';
import {
  type BenchTraits,
  DEFAULT_TRAITS,
  type EdgeSpend,
  fullest,
  spend,
  stepDefaults,
  annealWords,
  type RouteStep,
  type StepKind,
} from '../steps';
import {
  OFF_MARK_MM,
  predictReading,
  writeAmount,
  type MandrelReading,
  type MandrelTaper,
  type SizeSystemId,
} from '../size';

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
const SIZING: readonly StepKind[] = ['stretch', 'reduce', 'bend', 'close'];
/** A step that moves by less is not about the size, mm. */
const MOVES_MM = 0.1;

/** Whether a step to come goes the way that is wanted, up or down, by its own plan. */
function goes({ kind, before, after }: RouteStep, way: 1 | -1): boolean {
  const movesMm = after.cutInsideDiameterMm - before.cutInsideDiameterMm;
  return SIZING.includes(kind) && Math.abs(movesMm) > MOVES_MM && Math.sign(movesMm) === way;
}

/** Where the part that is read ends: a spinner's bands are made one after the other, each from its own saw cut. */
function partEnd({ steps, readAt }: BandInWork): number {
  const next = steps.findIndex(({ kind }, i) => i > readAt && kind === 'saw');
  return next < 0 ? steps.length : next;
}

function markOf({ reading, after }: RouteStep): number {
  return reading ? (reading.rimDownMm + reading.cutDownMm) / 2 : after.cutInsideDiameterMm;
}

/** A band that is still open, or was not closed by solder: only formers and the mandrel fit it. */
function isOpen({ steps, readAt }: BandInWork): boolean {
  return steps[readAt]?.blank !== undefined;
}

interface Correction {
  readonly kind: StepKind;
  readonly title: string;
  readonly instruction: string;
  readonly tool?: string | undefined;
}

const TAP_UP = 'A few taps on the mandrel, turned end for end; read often.';

function openingBy(band: BandInWork, isMm: number, toMm: number): Correction {
  const amount = writeAmount(toMm - isMm, band.system);
  const mandrel = toolsOf(band.kit, 'mandrel')[0]?.tool.name;
  if (isOpen(band) || !band.mayReduce) {
    return { kind: 'bend', title: `Open it ${amount} on the mandrel`, instruction: TAP_UP, tool: mandrel };
  }
  const stretcher = chooseStretcher(band.kit, isMm, toMm);
  return 'tool' in stretcher
    ? {
        kind: 'stretch',
        title: `Stretch it ${amount}`,
        instruction: 'Little, turn it over, read. Stop a quarter short.',
        tool: stretcher.use,
      }
    : { kind: 'stretch', title: `Hammer it up ${amount}`, instruction: TAP_UP, tool: mandrel };
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
    { factor: band.traits?.springbackFactor.bend ?? 1 },
  );
  return formers.find(({ spec }) => spec.diameterMm === found?.formerMm)?.tool.name;
}

/** Angle of the plate that a plain band is reduced in. */
const PLATE_DEG = 17;

function closingBy(band: BandInWork, isMm: number, toMm: number, thicknessMm: number): Correction {
  const amount = writeAmount(isMm - toMm, band.system);
  if (isOpen(band) || !band.mayReduce) {
    return {
      kind: 'bend',
      title: `Bend it ${amount} tighter`,
      instruction: 'Little and often, turned over each time.',
      tool: formerName(band, toMm, thicknessMm) ?? 'the next smaller former',
    };
  }
  const hole = chooseReducingHole(band.kit, toMm + 2 * thicknessMm, PLATE_DEG, {
    kind: 'die',
    angleDeg: PLATE_DEG,
    leading: 'both',
  });
  return {
    kind: 'reduce',
    title: `Reduce it ${amount}`,
    instruction: 'A little from one edge, turn it over, as far from the other.',
    tool: 'tool' in hole ? hole.use : undefined,
  };
}

/** A step that moves a band from one size to another and is read. */
function correctionStep(band: BandInWork, words: Correction, isMm: number, toMm: number): RouteStep {
  const at = band.steps[band.readAt] as RouteStep;
  const thicknessMm = at.outline.thicknessMm[0] ?? 0;
  const defaults = stepDefaults(words.kind, band.traits ?? DEFAULT_TRAITS);
  const edges = (mm: number) => ({ rimInsideDiameterMm: mm, cutInsideDiameterMm: mm });
  // Bent tighter or opened, only the curvature changes.
  const strain =
    words.kind === 'bend'
      ? thicknessMm * (1 / (toMm + thicknessMm) - 1 / (isMm + thicknessMm))
      : Math.log((toMm + thicknessMm) / (isMm + thicknessMm));
  return {
    ...words,
    lookFor: defaults.lookFor,
    before: edges(isMm),
    after: edges(toMm),
    strainCutEdge: strain,
    strainRimEdge: strain,
    annealFirst: false,
    handsOnMin: defaults.handsOnMin,
    waitMin: defaults.waitMin,
    ...(defaults.caution ? { caution: defaults.caution } : {}),
    outline: at.outline,
    reading: predictReading(edges(toMm), at.outline.arcMm.at(-1) ?? 0, 'leading', band.mandrel),
    ...(at.blank ? { blank: at.blank } : {}),
  };
}

function annealStep(band: BandInWork, mm: number): RouteStep {
  const { readAt, steps, metal, traits = DEFAULT_TRAITS } = band;
  const at = steps[readAt] as RouteStep;
  const defaults = stepDefaults('anneal', traits);
  const edges = { rimInsideDiameterMm: mm, cutInsideDiameterMm: mm };
  return {
    kind: 'anneal',
    ...annealWords(metalById(metal).annealC),
    lookFor: defaults.lookFor,
    before: edges,
    after: edges,
    strainCutEdge: 0,
    strainRimEdge: 0,
    annealFirst: false,
    handsOnMin: defaults.handsOnMin,
    waitMin: defaults.waitMin,
    ...(defaults.caution ? { caution: defaults.caution } : {}),
    ...(defaults.waits ? { waits: defaults.waits } : {}),
    outline: at.outline,
    ...(at.blank ? { blank: at.blank } : {}),
  };
}

/**
 * Plans on from a reading of a band that is off. It aims at the size that the part is to have, through what is still to
 * come (craft §13): a later step that goes the right way takes it there; otherwise one step is put in, with an anneal
 * before it when the metal asks for one and may have it.
 * @returns undefined when nothing has to be put in
 */
export function replanBand(band: BandInWork): BandReplan | undefined {
  const { steps, readAt, read, spent, allowanceStrainLog, mayHeat, system } = band;
  const at = steps[readAt];
  if (!at) return undefined;
  const isMm = (read.rimDownMm + read.cutDownMm) / 2;
  const end = partEnd(band);
  const toCome = steps.slice(readAt + 1, end);
  const sized = toCome.filter(({ reading }) => reading !== undefined);
  const targetMm = markOf(sized.at(-1) ?? at);
  const offMm = isMm - targetMm;
  if (Math.abs(offMm) < OFF_MARK_MM || Math.abs(isMm - markOf(at)) < OFF_MARK_MM) return undefined;
  if (sized.some((step) => goes(step, offMm > 0 ? -1 : 1))) return undefined;
  const thicknessMm = at.outline.thicknessMm[0] ?? 0;
  const words = offMm > 0 ? closingBy(band, isMm, targetMm, thicknessMm) : openingBy(band, isMm, targetMm);
  const correction = correctionStep(band, words, isMm, targetMm);
  const after = spend(spent, correction.kind, correction.strainCutEdge, correction.strainRimEdge);
  const softened = mayHeat && fullest(after) > allowanceStrainLog;
  const fromStep = Math.max(band.step, readAt + 1);
  const amount = writeAmount(offMm, system);
  return {
    fromStep,
    steps: [...(softened ? [annealStep(band, isMm)] : []), correction, ...steps.slice(fromStep)],
    why: `${amount} too ${offMm > 0 ? 'large' : 'small'}: ${correction.title.toLowerCase()} before the rest.`,
  };
}
