import type { Reasoned } from '../forming';
import { metalById } from '../metal';
import { SEAM_MM, spinnerBlanks, type SpinnerBlanks } from '../strip';
import { bandSteps, endMoves, type BandMove } from './band-steps';
import { length, lengthFigures, share, size, type WorkFigure } from './figure';
import { flatMoves, otherPartReasons, springsBackMm, temperOf, withOther } from './flat-moves';
import { evenBlank, joinedBand } from './joint-moves';
import type { SpinnerWork, StripPiece } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { spinnerReason } from './reason-words';

const HANDBOOK = 'Handbook of the trade: the two-part spinner.';

type SpinnerWish = WorkWish<SpinnerWork, StripPiece>;

export function spinnerOf({ work, piece, targetInsideDiameterMm }: SpinnerWish): SpinnerBlanks {
  return spinnerBlanks({
    insideDiameterMm: targetInsideDiameterMm,
    innerThicknessMm: piece.thicknessMm,
    outerThicknessMm: work.outerThicknessMm,
    outerWidthMm: work.outerWidthMm,
    clearanceMm: work.clearanceMm,
  });
}

/** Length of each blank, with its seam, mm. */
function takes(parts: SpinnerBlanks) {
  return { innerMm: parts.innerLengthMm + SEAM_MM, outerMm: parts.outerLengthMm + SEAM_MM };
}

function reasonsOf({ piece, work, other }: SpinnerWish, parts: SpinnerBlanks): readonly Reasoned[] {
  const outer = work.outerMetal ?? piece.metal;
  const reasons: Reasoned[] = [
    ...metalReasons(piece.metal),
    ...solderReasons(piece.metal),
    ...(outer === piece.metal ? [] : [...metalReasons(outer), ...solderReasons(outer)]),
  ];
  if (piece.section === 'round') reasons.push(spinnerReason('not-flat', 'refuse'));
  if (piece.widthMm < parts.innerWidthMm) {
    const figures = { wantedMm: parts.innerWidthMm, widthMm: piece.widthMm };
    reasons.push(spinnerReason('too-narrow', 'refuse', figures));
  }
  const { innerMm: needed, outerMm } = takes(parts);
  if (other) {
    const takesMm = outerMm + (other.isSame ? needed : 0);
    reasons.push(...otherPartReasons('outer band', other, work.outerWidthMm, takesMm));
  }
  if (piece.lengthMm < needed) {
    reasons.push(spinnerReason('too-short', 'refuse', { takesMm: needed, leftMm: piece.lengthMm }));
  }
  if (!parts.comfortable) {
    reasons.push(spinnerReason('flare-uncomfortable', 'warn', { flareMm: parts.flareEachSideMm }));
  }
  return reasons;
}

function figuresOf(
  { piece, work, targetInsideDiameterMm }: SpinnerWish,
  parts: SpinnerBlanks,
): readonly WorkFigure[] {
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const inner = ['Inner thickness', length(piece.thicknessMm, 2)] as const;
  const outer = ['Outer thickness', length(work.outerThicknessMm, 2)] as const;
  const figure = lengthFigures(HANDBOOK);
  return [
    figure('innerLength', 'Inner blank', parts.innerLengthMm, 'π(ID + t); the seam comes on top.', [
      target,
      inner,
    ]),
    figure('innerWidth', 'Inner width', parts.innerWidthMm, 'Two millimetres wider than the outer band.', [
      ['Outer width', length(work.outerWidthMm)],
    ]),
    figure(
      'outerLength',
      'Outer blank',
      parts.outerLengthMm,
      'π times the middle of the outer band; the seam comes on top.',
      [['Outer inside ⌀', length(parts.outerInsideDiameterMm, 2)], outer],
    ),
    figure(
      'outerInside',
      'Outer inside ⌀',
      parts.outerInsideDiameterMm,
      'Outside of the inner band and the clearance in which it turns.',
      [['Inner outside ⌀', length(parts.innerOutsideDiameterMm, 2)]],
    ),
    figure(
      'flare',
      'Flare to ⌀',
      parts.flareOutsideDiameterMm,
      'Past the outer band, so that it cannot come off.',
      [['Each side', length(parts.flareEachSideMm, 2)]],
    ),
    {
      key: 'flareStrain',
      label: 'Edge stretch',
      value: share(Math.exp(parts.flareStrainLog) - 1),
      words: 'What the flared edges of the inner band stretch.',
      inputs: [['It bears between anneals', share(metalById(piece.metal).allowanceStrainLog)]],
      source: HANDBOOK,
    },
  ];
}

function movesOf(
  { piece, work, finish, targetInsideDiameterMm, other }: SpinnerWish,
  parts: SpinnerBlanks,
  bench: WorkBench,
): readonly BandMove[] {
  const temper = temperOf(work);
  const outerMetal = work.outerMetal ?? piece.metal;
  const { innerMm, outerMm } = takes(parts);
  /** The ring's gauge is the inner band's: what the outer bears fills it as its own. */
  const outerShare =
    allowanceOf(piece.metal, piece.thicknessMm, bench) /
    allowanceOf(outerMetal, work.outerThicknessMm, bench);
  const bend = (insideMm: number, thicknessMm: number) =>
    Math.log(1 + thicknessMm / (insideMm + thicknessMm));
  const inner = {
    insideDiameterMm: targetInsideDiameterMm,
    thicknessMm: piece.thicknessMm,
    widthMm: parts.innerWidthMm,
  };
  const outer = {
    insideDiameterMm: parts.outerInsideDiameterMm,
    thicknessMm: work.outerThicknessMm,
    widthMm: work.outerWidthMm,
  };
  return [
    ...joinedBand({
      name: 'the outer band',
      metal: outerMetal,
      lengthMm: outerMm,
      band: outer,
      bendStrainLog: outerShare * bend(outer.insideDiameterMm, outer.thicknessMm),
      flat: flatMoves(
        { borders: work.borders },
        other?.piece.widthMm ?? outer.widthMm,
        outer.widthMm,
        evenBlank(outerMm, outer.thicknessMm, outer.widthMm, null),
      ),
      springs: {
        temper,
        backMm: springsBackMm(outer.insideDiameterMm, outer.thicknessMm, outerMetal, temper),
      },
    }),
    {
      kind: 'true-up',
      title: 'True the outer band',
      instruction: `Round, and ${outer.insideDiameterMm.toFixed(2)} mm inside. Flatten both its edges on emery now: assembled, they cannot be reached.`,
      read: true,
    },
    ...joinedBand({
      name: 'the inner band',
      metal: piece.metal,
      lengthMm: innerMm,
      band: inner,
      bendStrainLog: bend(inner.insideDiameterMm, inner.thicknessMm),
      flat: flatMoves(
        { hallmark: work.hallmark },
        piece.widthMm,
        inner.widthMm,
        evenBlank(innerMm, inner.thicknessMm, inner.widthMm, null),
      ),
      springs: {
        temper,
        backMm: springsBackMm(inner.insideDiameterMm, inner.thicknessMm, piece.metal, temper),
      },
    }),
    {
      kind: 'true-up',
      title: 'True the inner band and flatten its edges',
      instruction: 'Round on the mandrel; both edges flat on emery; polish what the outer band will hide.',
      read: true,
    },
    {
      kind: 'assemble',
      title: 'Flare the first edge',
      instruction: `A little at a time in the dapping block, to half the flare; slip the outer band on, and flare the other edge as far.`,
      strainLog: parts.flareStrainLog / 2,
    },
    {
      kind: 'assemble',
      title: `Flare both edges to ${parts.flareOutsideDiameterMm.toFixed(1)} mm`,
      instruction: 'Turn it over after every blow. Stop as soon as the outer band cannot come off.',
      strainLog: parts.flareStrainLog / 2,
    },
    // Both bands were pickled apart: acid that creeps between moving parts is not rinsed out again.
    ...endMoves(finish, false, piece.metal),
  ];
}

/** An inner band that is worn and an outer one that turns on it (craft §6). */
export function planSpinner(asked: SpinnerWish, bench: WorkBench): WorkPlan {
  const wish = { ...asked, work: withOther(asked.work, asked.other?.piece) };
  const { piece, work, targetInsideDiameterMm } = wish;
  const parts = spinnerOf(wish);
  const start = {
    insideDiameterMm: parts.outerInsideDiameterMm,
    thicknessMm: work.outerThicknessMm,
    widthMm: work.outerWidthMm,
  };
  const band = (lengthMm: number, sectionMm2: number, metal: StripPiece['metal']) =>
    (lengthMm * sectionMm2 * metalById(metal).densityGCm3) / 1000;
  return finishedPlan({
    kind: 'spinner',
    reasons: reasonsOf(wish, parts),
    figures: figuresOf(wish, parts),
    steps: bandSteps(start, movesOf(wish, parts, bench), bandBench(bench, piece.metal)),
    allowanceStrainLog: allowanceOf(piece.metal, piece.thicknessMm, bench),
    usesLengthMm: takes(parts).innerMm,
    otherUsesMm: wish.other ? takes(parts).outerMm : 0,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: parts.innerWidthMm,
      axialHeightMm: parts.innerWidthMm,
      thicknessCutEdgeMm: piece.thicknessMm,
      thicknessRimEdgeMm: piece.thicknessMm,
      slugMassG: 0,
      ringMassG:
        band(parts.innerLengthMm, piece.thicknessMm * parts.innerWidthMm, piece.metal) +
        band(parts.outerLengthMm, work.outerThicknessMm * work.outerWidthMm, work.outerMetal ?? piece.metal),
    },
  });
}
