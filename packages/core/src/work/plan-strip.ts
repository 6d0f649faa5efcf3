import type { Reasoned } from '../forming';
import { metalById, stiffnessOf } from '../metal';
import { toolsOf } from '../kit';
import { barThicknessMm, wireForMm } from '../rolling';
import { scrapNeed } from '../strip';
import { bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, mass, share, size, type WorkFigure } from './figure';
import { INPUT, stripFigure } from './figure-words';
import { evenBlank, joinedBand, narrowMove } from './joint-moves';
import type { StripPiece, StripWork } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import { STRIP_WORDS } from './move-words';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { barBlank, gaugePerStrain, passMoves } from './rolling-moves';
import { cutStrip, ROLLED_SPARE, SAME_THICKNESS_MM, type StripCut } from './strip-cut';
import { stripReason } from './reason-words';

/** Less than this under a wanted width is nothing, mm. */
const NARROW_MM = 0.1;

export type StripWish = WorkWish<StripWork, StripPiece>;

export function stripReasons(
  { work, piece }: StripWish,
  cut: StripCut,
  { kit, traits }: WorkBench,
): readonly Reasoned[] {
  const reasons: Reasoned[] = [...metalReasons(piece.metal), ...solderReasons(piece.metal)];
  if (cut.usesMm > piece.lengthMm) {
    reasons.push(stripReason('too-short', 'refuse', { takesMm: cut.usesMm, leftMm: piece.lengthMm }));
  }
  if (work.rolledToMm !== undefined && work.rolledToMm > cut.thicknessMm + SAME_THICKNESS_MM) {
    reasons.push(stripReason('not-thicker', 'refuse', { thicknessMm: piece.thicknessMm }));
  }
  if (work.widthMm !== undefined && cut.rolledWidthMm < work.widthMm - NARROW_MM) {
    const wireMm = wireForMm(work.widthMm, cut.thicknessMm, traits?.spreadFactor);
    const figures = { rolledMm: cut.rolledWidthMm, wantedMm: work.widthMm, wireMm };
    reasons.push(stripReason('too-narrow', 'refuse', figures));
  }
  if (cut.passes.length > 0 && (piece.section === 'd' || piece.section === 'court')) {
    reasons.push(stripReason('rolled-flat', 'refuse'));
  }
  if (cut.passes.length > 0 && toolsOf(kit, 'rolling-mill').length === 0) {
    reasons.push(stripReason('missing-tool', 'warn'));
  }
  return reasons;
}

/** Cut off first, rolled pass by pass, narrowed where it came out wider than wanted. */
function rollingMoves({ piece }: StripWish, cut: StripCut, allowanceStrainLog: number): readonly BandMove[] {
  const { bar, passes, usesMm, thicknessMm, rolledWidthMm, widthMm } = cut;
  const { metal } = piece;
  const standing = barBlank(bar);
  const rolling = {
    bar,
    fromMm: barThicknessMm(bar),
    gaugePerStrain: gaugePerStrain(metal, allowanceStrainLog),
  };
  const lengthMm = passes.at(-1)?.lengthMm ?? usesMm;
  return [
    ...(passes.length === 0
      ? []
      : [
          {
            kind: 'saw',
            ...STRIP_WORDS['cut-off'](usesMm, Math.max(0, piece.lengthMm - usesMm)),
            blank: standing,
          } as const,
          ...passMoves({ metal, rolling, standing, passes }),
        ]),
    ...(widthMm < rolledWidthMm
      ? [narrowMove(widthMm, evenBlank(lengthMm, thicknessMm, widthMm, null))]
      : []),
  ];
}

function rollingFigures(piece: StripPiece, cut: StripCut): readonly WorkFigure[] {
  if (cut.passes.length === 0) return [];
  return [
    stripFigure('passes', count(cut.passes.length, 'passes'), [
      [INPUT.from, length(piece.thicknessMm, 2)],
      [INPUT.to, length(cut.thicknessMm, 2)],
    ]),
    stripFigure(
      'rollingAnneals',
      count(cut.passes.filter(({ annealBefore }) => annealBefore).length, 'anneals'),
      [[INPUT.rollingLimit, share(stiffnessOf(piece.metal).rollingLimit)]],
    ),
  ];
}

function figuresOf({ piece, targetInsideDiameterMm }: StripWish, cut: StripCut): readonly WorkFigure[] {
  const scrap = scrapNeed(cut.lengthMm, cut.sectionMm2, piece.metal);
  const target = [INPUT.target, size(targetInsideDiameterMm)] as const;
  const thickness = [INPUT.thickness, length(cut.thicknessMm, 2)] as const;
  const thereIs = [INPUT.thereIs, length(piece.lengthMm)] as const;
  return [
    stripFigure(piece.section === 'd' ? 'length of half-round' : 'length', length(cut.lengthMm), [
      target,
      thickness,
      [INPUT.seam, length(cut.seamMm)],
      [INPUT.shortForHammering, length(cut.textureMm)],
    ]),
    stripFigure('closedAt', size(cut.closedInsideDiameterMm), [target]),
    cut.passes.length > 0
      ? stripFigure('uses before rolling', length(cut.usesMm), [thereIs, [INPUT.spare, share(ROLLED_SPARE)]])
      : stripFigure('uses', length(cut.usesMm), [thereIs]),
    stripFigure('width', length(cut.widthMm), [thickness, [INPUT.beforeNarrowed, length(cut.rolledWidthMm)]]),
    ...rollingFigures(piece, cut),
    stripFigure('mass', mass(scrap.bandMassG), [
      [INPUT.length, length(cut.lengthMm)],
      [INPUT.ofRectangle, share(cut.sectionMm2 / (cut.thicknessMm * cut.widthMm))],
    ]),
    stripFigure('scrap', mass(scrap.meltMassG), [[INPUT.inBand, mass(scrap.bandMassG)]]),
  ];
}

function movesOf(wish: StripWish, cut: StripCut, allowanceStrainLog: number): readonly BandMove[] {
  const { work, piece, targetInsideDiameterMm, finish } = wish;
  const band = {
    insideDiameterMm: cut.closedInsideDiameterMm,
    thicknessMm: cut.thicknessMm,
    widthMm: cut.widthMm,
  };
  const bendStrainLog = Math.log(1 + cut.thicknessMm / (band.insideDiameterMm + cut.thicknessMm));
  return [
    ...rollingMoves(wish, cut, allowanceStrainLog),
    ...joinedBand({
      name: STRIP_WORDS.name,
      metal: piece.metal,
      lengthMm: cut.lengthMm,
      band,
      bendStrainLog,
    }),
    ...(work.textured
      ? [
          {
            kind: 'stretch',
            ...STRIP_WORDS.texture,
            to: { insideDiameterMm: targetInsideDiameterMm },
            read: true,
          } as const,
        ]
      : []),
    ...endMoves(finish, true, piece.metal),
  ];
}

/** A closed band from strip or wire (craft §6). */
export function planStrip(wish: StripWish, bench: WorkBench): WorkPlan {
  const { piece, targetInsideDiameterMm } = wish;
  const cut = cutStrip(wish, bench.traits);
  const reasons = stripReasons(wish, cut, bench);
  const start = {
    insideDiameterMm: cut.closedInsideDiameterMm,
    thicknessMm: piece.thicknessMm,
    widthMm: piece.widthMm,
  };
  const allowanceStrainLog = allowanceOf(piece.metal, cut.thicknessMm, bench);
  return finishedPlan({
    kind: 'strip',
    reasons,
    figures: figuresOf(wish, cut),
    steps: bandSteps(start, movesOf(wish, cut, allowanceStrainLog), bandBench(bench, piece.metal)),
    allowanceStrainLog,
    usesLengthMm: cut.usesMm,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: cut.widthMm,
      axialHeightMm: cut.widthMm,
      thicknessCutEdgeMm: cut.thicknessMm,
      thicknessRimEdgeMm: cut.thicknessMm,
      slugMassG: 0,
      ringMassG: (cut.lengthMm * cut.sectionMm2 * metalById(piece.metal).densityGCm3) / 1000,
    },
  });
}
