import { gravestFirst, type Reasoned } from '../forming';
import { metalById, stiffnessOf, type MetalId } from '../metal';
import { handleBlank, handleHeightMm, type HandleBlank, type HandleShape } from './blank';
import { enamelIn, usablePart, usedStretch, type UsablePart } from './part';
import { handleReason } from './reason-words';
import { meanThicknessIn, thickestIn, widthAt, type Profile, type Stretch } from './profile';
import { chooseFormer, formerFor, releasedDiameterMm, type FormerChoice, type Temper } from './springback';

export interface HandleInput extends HandleShape {
  /** Seen from the end that is kept. */
  readonly profile: Profile;
  readonly metal: MetalId;
  /** Where the ring begins, from the kept end, mm. */
  readonly startMm: number;
  readonly enamel: readonly Stretch[];
  /** Width where the stations tell none, mm. */
  readonly widthMm?: number | undefined;
  /** Room between the turns of a spiral, mm. */
  readonly gapMm?: number | undefined;
  /** Formers that are at hand, mm. */
  readonly formersMm: readonly number[];
  /** A former the maker wants to use. */
  readonly formerMm?: number | undefined;
  readonly springback?: ((formerMm: number) => number) | undefined;
}

export interface HandleVerdict extends HandleBlank {
  readonly used: Stretch;
  readonly thickest: { readonly atMm: number; readonly thicknessMm: number };
  readonly meanThicknessMm: number;
  readonly widthMm: number | undefined;
  readonly heightMm: number | undefined;
  /** Stretch of the outside where the piece is thickest: t/(ID + t). */
  readonly strainOutside: number;
  readonly bendLimit: number;
  readonly temper: Temper;
  /** The former to use, and what it gives; the ideal one where none is at hand. */
  readonly former: FormerChoice;
  /** Every former at hand with what it gives, smallest first. */
  readonly formers: readonly FormerChoice[];
  /** The former that would land exactly, mm. */
  readonly idealFormerMm: number;
  readonly leftOverMm: number;
  /** A part that would do, when this one does not. */
  readonly instead: UsablePart | undefined;
  readonly anneals: number;
  readonly feasible: boolean;
  readonly reasons: readonly Reasoned[];
}

/** Craft §6: plated ware cannot be softened; solid silver may be thicker, annealed. */
const THICKEST_PLATED_MM = 2.8;
const THICKEST_OTHER_MM = 3;
const THICKEST_ANNEALED_MM = 4.5;
const SPIRAL_THICK_MM = 2;
const SPIRAL_SPARE_MM = 0.5;
/** From here on a solid handle is annealed before its first bend. */
const ANNEAL_FIRST_MM = 2.2;

function isSilver(metal: MetalId): boolean {
  return metal.startsWith('silver-') && metal !== 'silver-plate';
}

function thicknessLimit(metal: MetalId): number {
  if (metal === 'silver-plate') return THICKEST_PLATED_MM;
  return isSilver(metal) ? THICKEST_ANNEALED_MM : THICKEST_OTHER_MM;
}

function metalReasons(metal: MetalId): readonly Reasoned[] {
  const { name, refusal, notes } = metalById(metal);
  if (metal === 'silver-plate') return [handleReason('plated', 'warn')];
  if (refusal) return [handleReason('metal-refused', 'refuse', { metal: name, why: refusal })];
  return notes.map((note) => handleReason('metal-note', 'note', { note }));
}

function spiralReasons(
  { style, turns, pitchMm, gapMm = 0 }: HandleInput,
  widthMm: number | undefined,
  thickestMm: number,
) {
  const reasons: Reasoned[] = [];
  if (style !== 'spiral') return reasons;
  if (widthMm !== undefined && turns !== undefined && turns > 1 && (pitchMm ?? 0) < widthMm + gapMm) {
    reasons.push(handleReason('turns-collide', 'refuse', { pitchMm: widthMm + gapMm }));
  }
  if (thickestMm > SPIRAL_THICK_MM + SPIRAL_SPARE_MM) {
    reasons.push(handleReason('spiral-thick', 'warn', { wantedMm: SPIRAL_THICK_MM, thickestMm }));
  }
  return reasons;
}

function fewestAnneals(metal: MetalId, strain: number, annealFirst: boolean): number {
  const { allowanceStrainLog } = metalById(metal);
  if (allowanceStrainLog === 0) return 0;
  return Math.ceil(Math.log(1 + strain) / allowanceStrainLog) - 1 + (annealFirst ? 1 : 0);
}

/** Length, bend, former and verdict of a ring from a handle (craft §6). */
export function judgeHandle(input: HandleInput): HandleVerdict {
  const { profile, metal, startMm, insideDiameterMm, enamel, formersMm, springback = () => 1 } = input;
  const blank = handleBlank(profile, startMm, input);
  const used = usedStretch(profile, startMm, input);
  const thickest = thickestIn(profile, used);
  const meanThicknessMm = meanThicknessIn(profile, used);
  const widthMm = widthAt(profile, (used.fromMm + used.toMm) / 2) ?? input.widthMm;
  const strainOutside = thickest.thicknessMm / (insideDiameterMm + thickest.thicknessMm);
  const { bendLimit } = stiffnessOf(metal);
  const heated = metalById(metal).annealC !== undefined && metalById(metal).heat !== 'unplated-only';
  const annealFirst = heated && thickest.thicknessMm >= ANNEAL_FIRST_MM;
  const temper = annealFirst ? 'soft' : 'hard';
  const limitMm = thicknessLimit(metal);
  const leftOverMm = profile.lengthMm - used.toMm;
  const tooThick = thickest.thicknessMm > limitMm;
  const enamelled = enamelIn(used, enamel);
  const tooShort = leftOverMm < 0;
  const instead = tooThick || enamelled || tooShort ? usablePart(profile, input, limitMm, enamel) : undefined;
  const reasons: Reasoned[] = [
    ...metalReasons(metal),
    ...spiralReasons(input, widthMm, thickest.thicknessMm),
  ];
  if (tooThick) {
    const plated = metal === 'silver-plate';
    reasons.push(handleReason('too-thick', 'refuse', { ...thickest, plated, limitMm, part: instead }));
  }
  if (enamelled) reasons.push(handleReason('enamel-in-bend', 'refuse', { ...enamelled, part: instead }));
  if (tooShort) {
    reasons.push(handleReason('too-short', 'refuse', { missingMm: -leftOverMm, part: instead }));
  }
  if (strainOutside > bendLimit) {
    reasons.push(handleReason('bend-too-tight', 'refuse', { strain: strainOutside, bears: bendLimit }));
  }
  const bend = [meanThicknessMm, metal, temper] as const;
  const idealFormerMm = formerFor(insideDiameterMm, ...bend, springback(insideDiameterMm));
  const given = (formerMm: number) => ({
    formerMm,
    releasedMm: releasedDiameterMm(formerMm, ...bend, springback(formerMm)),
  });
  const former =
    input.formerMm === undefined
      ? (chooseFormer(formersMm, insideDiameterMm, ...bend, springback) ?? given(idealFormerMm))
      : given(input.formerMm);
  return {
    ...blank,
    used,
    thickest,
    meanThicknessMm,
    widthMm,
    heightMm: widthMm === undefined ? undefined : handleHeightMm(widthMm, input),
    strainOutside,
    bendLimit,
    temper,
    former,
    formers: [...formersMm].sort((a, b) => a - b).map(given),
    idealFormerMm,
    leftOverMm,
    instead,
    anneals: fewestAnneals(metal, strainOutside, annealFirst),
    feasible: reasons.every(({ level }) => level !== 'refuse'),
    reasons: gravestFirst(reasons),
  };
}
