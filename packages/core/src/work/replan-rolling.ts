import { bisect } from '../numeric';
import { rolledShape, rollingSchedule, type RolledReading, type RolledShape } from '../rolling';
import { OFF_MARK_MM, predictReading } from '../size';
import { DEFAULT_TRAITS, fullest, type RouteStep } from '../steps';
import { middleLengthMm } from '../strip';
import { bandSteps } from './band-steps';
import { evenBlank } from './joint-moves';
import { JOINT_WORDS, STRIP_WORDS } from './move-words';
import { shifted } from './aim-band';
import type { BandInWork, BandReplan } from './replan-band';
import { passMoves } from './rolling-moves';

/** A calliper and a careful hand come to so much, mm. */
const OFF_THICKNESS_MM = 0.03;
/** What a width may be off, mm, and a length as a share: the saw's mark stands as it is then. */
const OFF_WIDTH_MM = 0.15;
const OFF_LENGTH = 0.05;

export interface RolledStanding {
  readonly kind: 'part-way' | 'on-mark' | 'past' | 'off-plan';
  /** Read less planned of the thickness, and of the width where it was read, mm. */
  readonly offMm: number;
  readonly widthOffMm: number | undefined;
}

/** Where a bar stands in its pass: thicker than the mark is progress, thinner or of another shape is for the rest to follow from. */
export function rolledStanding({ rolling, blank }: RouteStep, read: RolledReading): RolledStanding {
  const planned = blank?.stations.at(-1);
  const offMm = read.thicknessMm - (rolling?.toMm ?? read.thicknessMm);
  const widthOffMm =
    read.widthMm === undefined || planned?.widthMm === undefined ? undefined : read.widthMm - planned.widthMm;
  const lengthOff =
    read.lengthMm === undefined || planned === undefined ? 0 : read.lengthMm / planned.atMm - 1;
  const told = (kind: RolledStanding['kind']) => ({ kind, offMm, widthOffMm });
  if (offMm > OFF_THICKNESS_MM) return told('part-way');
  if (offMm < -OFF_THICKNESS_MM) return told('past');
  const otherShape = Math.abs(widthOffMm ?? 0) > OFF_WIDTH_MM || Math.abs(lengthOff) > OFF_LENGTH;
  return told(otherShape ? 'off-plan' : 'on-mark');
}

/** A band that is cut from what is rolled. */
interface CutToCome {
  readonly sawAt: number;
  readonly insideDiameterMm: number;
  readonly seamMm: number;
  /** Width that it is narrowed to; undefined where it stays as it is rolled. */
  readonly narrowedToMm: number | undefined;
}

const blankEnd = ({ blank }: RouteStep) => blank?.stations.at(-1);

function cutToCome(steps: readonly RouteStep[], lastRollAt: number): CutToCome | undefined {
  const sawAt = steps.findIndex(({ kind }, i) => i > lastRollAt && kind === 'saw');
  const saw = steps[sawAt];
  const end = saw && blankEnd(saw);
  const rolled = steps[lastRollAt] && blankEnd(steps[lastRollAt]);
  if (!saw || !end || !rolled) return undefined;
  const { cutInsideDiameterMm: insideDiameterMm } = saw.after;
  const narrower = (end.widthMm ?? 0) < (rolled.widthMm ?? 0);
  return {
    sawAt,
    insideDiameterMm,
    seamMm: end.atMm - middleLengthMm(insideDiameterMm, end.thicknessMm),
    narrowedToMm: narrower ? end.widthMm : undefined,
  };
}

/** The thickest, up to the one wanted, at which what is rolled is long enough for its band; undefined where none is. */
function longEnoughMm(
  wantedMm: number,
  shape: (thicknessMm: number) => RolledShape,
  { insideDiameterMm, seamMm }: CutToCome,
): number | undefined {
  const spareMm = (mm: number) => shape(mm).lengthMm - middleLengthMm(insideDiameterMm, mm) - seamMm;
  const thinnestMm = wantedMm / 2;
  if (spareMm(wantedMm) >= 0) return wantedMm;
  return spareMm(thinnestMm) < 0 ? undefined : bisect((mm) => -spareMm(mm), 0, thinnestMm, wantedMm);
}

interface BandBlank {
  readonly lengthMm: number;
  readonly thicknessMm: number;
  readonly widthMm: number;
}

/** A step of the band to come, with the thickness, width and length that its strip really has. */
function reshaped(
  step: RouteStep,
  { lengthMm, thicknessMm, widthMm }: BandBlank,
  { mandrel }: Pick<BandInWork, 'mandrel'>,
): RouteStep {
  const { outline, after, blank, reading, kind, before } = step;
  const span = outline.arcMm.at(-1) ?? 1;
  const insideMm = after.cutInsideDiameterMm;
  const bend = Math.log(1 + thicknessMm / (insideMm + thicknessMm));
  const hoop = Math.log((insideMm + thicknessMm) / (before.cutInsideDiameterMm + thicknessMm));
  const strain = kind === 'bend' ? bend : step.strainCutEdge === 0 ? 0 : hoop;
  return {
    ...step,
    ...(kind === 'saw' ? { title: JOINT_WORDS.saw(STRIP_WORDS.name, lengthMm).title } : {}),
    strainCutEdge: strain,
    strainRimEdge: strain,
    outline: {
      ...outline,
      arcMm: outline.arcMm.map((mm) => (mm * widthMm) / span),
      thicknessMm: outline.thicknessMm.map(() => thicknessMm),
      meanRadiusMm: outline.meanRadiusMm.map(() => (insideMm + thicknessMm) / 2),
    },
    ...(blank ? { blank: evenBlank(lengthMm, thicknessMm, widthMm, blank.bentToMm) } : {}),
    ...(reading ? { reading: predictReading(after, widthMm, 'leading', mandrel) } : {}),
  };
}

/** What follows from a bar that was measured between the rolls. */
export interface RollingReplan extends Omit<BandReplan, 'why'> {
  /** Thinner than was wanted, since it would else be too short for its size, mm. */
  readonly thinnerMm: number | undefined;
  /** It is too short at any thickness: what is missing at the one wanted, mm. */
  readonly tooShortMm: number | undefined;
}

/**
 * Plans on from a bar that came out of the rolls otherwise than planned: the passes that are still to come, and the
 * saw's mark, width and thickness of the band (craft §13: the rest follows from the last known state alone).
 * @returns undefined where no rolled band is to come
 */
export function replanRolling(
  { steps, step, spent, metal, mandrel, traits = DEFAULT_TRAITS }: BandInWork,
  read: RolledReading & { readonly step: number },
): RollingReplan | undefined {
  const lastRollAt = steps.findLastIndex(({ rolling }) => rolling !== undefined);
  const pass = steps[read.step];
  const wantedMm = steps[lastRollAt]?.rolling?.toMm;
  const cut = cutToCome(steps, lastRollAt);
  const standing = pass && blankEnd(pass);
  if (!pass?.rolling || wantedMm === undefined || !cut || !standing) return undefined;
  const { bar, gaugePerStrain } = pass.rolling;
  const shape = (mm: number) => rolledShape(bar, mm, traits.spreadFactor, read);
  const mostMm = Math.min(wantedMm, read.thicknessMm);
  const toMm = longEnoughMm(mostMm, shape, cut) ?? mostMm;
  const rolls = toMm < read.thicknessMm - OFF_THICKNESS_MM;
  const thicknessMm = rolls ? toMm : read.thicknessMm;
  const passes = rolls
    ? rollingSchedule({
        start: bar,
        targetThicknessMm: toMm,
        metal,
        spread: traits.spreadFactor,
        standing: { ...read, strainSinceAnneal: fullest(spent) / gaugePerStrain },
      })
    : [];
  const now = shape(read.thicknessMm);
  const moves = passMoves({
    metal,
    rolling: { bar, fromMm: read.thicknessMm, gaugePerStrain },
    standing: evenBlank(now.lengthMm, read.thicknessMm, now.widthMm, null),
    passes,
    done: steps.slice(0, read.step + 1).filter(({ kind }) => kind === 'roll').length,
  });
  const { insideDiameterMm, seamMm, narrowedToMm } = cut;
  const rolled = shape(thicknessMm);
  const needsMm = middleLengthMm(insideDiameterMm, thicknessMm) + seamMm;
  const widthMm = Math.min(rolled.widthMm, narrowedToMm ?? Infinity);
  const before = steps.slice(lastRollAt + 1, cut.sawAt);
  const band = { lengthMm: Math.min(needsMm, rolled.lengthMm), thicknessMm, widthMm };
  const start = { insideDiameterMm, thicknessMm: read.thicknessMm, widthMm: now.widthMm };
  const put = [
    ...bandSteps(start, moves, { traits, mandrel, metal }),
    ...before.map((one) => reshaped(one, { ...band, lengthMm: rolled.lengthMm }, { mandrel })),
    ...steps.slice(cut.sawAt).map((one) => reshaped(one, band, { mandrel })),
  ];
  const shortMm = needsMm - rolled.lengthMm;
  return {
    fromStep: Math.max(step, read.step + 1),
    steps: put,
    thinnerMm: thicknessMm < mostMm - OFF_THICKNESS_MM ? thicknessMm : undefined,
    tooShortMm: shortMm > seamMm ? shortMm : undefined,
  };
}

/**
 * Another size is wanted of a strip that is not cut to its length yet: it is cut for that size.
 * @returns undefined where it is cut already, or the size is the same
 */
export function aimUncut(
  { steps, step, mandrel }: BandInWork,
  fromMm: number,
  targetMm: number,
): Omit<BandReplan, 'why'> | undefined {
  const lastRollAt = steps.findLastIndex(({ rolling }) => rolling !== undefined);
  const sawAt = steps.findIndex(({ kind }, i) => i > lastRollAt && kind === 'saw');
  const end = steps[sawAt] && blankEnd(steps[sawAt]);
  const byMm = targetMm - fromMm;
  if (!end || sawAt < step || Math.abs(byMm) < OFF_MARK_MM) return undefined;
  const { atMm, thicknessMm, widthMm = 0 } = end;
  const band = { lengthMm: atMm + Math.PI * byMm, thicknessMm, widthMm };
  const rest = steps.slice(sawAt).map((one) => reshaped(shifted(one, byMm), band, { mandrel }));
  return { fromStep: sawAt, steps: rest };
}
