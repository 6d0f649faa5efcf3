import type { Reasoned } from '../forming';
import { metalById } from '../metal';
import { SEAM_MM, spinnerBlanks, type SpinnerBlanks } from '../strip';
import { bandSteps, endMoves, type BandMove } from './band-steps';
import { length, share, size, type WorkFigure } from './figure';
import { INPUT, spinnerFigure } from './figure-words';
import { flatMoves, otherPartReasons, springsBackMm, temperOf, withOther } from './flat-moves';
import { evenBlank, joinedBand } from './joint-moves';
import type { SpinnerWork, StripPiece } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import { SPINNER_WORDS } from './move-words';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { spinnerReason } from './reason-words';

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
  const target = [INPUT.target, size(targetInsideDiameterMm)] as const;
  const inner = [INPUT.innerThickness, length(piece.thicknessMm, 2)] as const;
  const outer = [INPUT.outerThickness, length(work.outerThicknessMm, 2)] as const;
  const outerInside = length(parts.outerInsideDiameterMm, 2);
  return [
    spinnerFigure('innerLength', length(parts.innerLengthMm), [target, inner]),
    spinnerFigure('innerWidth', length(parts.innerWidthMm), [[INPUT.outerWidth, length(work.outerWidthMm)]]),
    spinnerFigure('outerLength', length(parts.outerLengthMm), [[INPUT.outerInside, outerInside], outer]),
    spinnerFigure('outerInside', outerInside, [
      [INPUT.innerOutside, length(parts.innerOutsideDiameterMm, 2)],
    ]),
    spinnerFigure('flare', length(parts.flareOutsideDiameterMm), [
      [INPUT.eachSide, length(parts.flareEachSideMm, 2)],
    ]),
    spinnerFigure('flareStrain', share(Math.exp(parts.flareStrainLog) - 1), [
      [INPUT.bearsBetween, share(metalById(piece.metal).allowanceStrainLog)],
    ]),
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
      name: SPINNER_WORDS.outer,
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
      ...SPINNER_WORDS['true-outer'](outer.insideDiameterMm),
      read: true,
    },
    ...joinedBand({
      name: SPINNER_WORDS.inner,
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
      ...SPINNER_WORDS['true-inner'],
      read: true,
    },
    {
      kind: 'assemble',
      ...SPINNER_WORDS['flare-first'],
      strainLog: parts.flareStrainLog / 2,
    },
    {
      kind: 'assemble',
      ...SPINNER_WORDS['flare-both'](parts.flareOutsideDiameterMm),
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
