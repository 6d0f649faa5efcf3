import type { Reasoned } from '../forming';
import { metalById, stiffnessOf } from '../metal';
import { toolsOf } from '../kit';
import { barThicknessMm, rollingSchedule, type Bar, type RollingPass } from '../rolling';
import { scrapNeed, stripBlank, type StripLength } from '../strip';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, mass, size, type WorkFigure } from './figure';
import { evenBlank, joinedBand } from './joint-moves';
import type { StripPiece, StripWork } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';

const HANDBOOK = 'Handbook of the trade: strip bands and rolling.';

type StripWish = WorkWish<StripWork, StripPiece>;

/** The strip as a bar between rolls. */
export function barOf({ section, thicknessMm, widthMm, lengthMm }: StripPiece): Bar {
  return section === 'round'
    ? { shape: 'round', diameterMm: thicknessMm, lengthMm }
    : { shape: 'rect', thicknessMm, widthMm, lengthMm };
}

interface Cut extends StripLength {
  readonly thicknessMm: number;
  readonly widthMm: number;
  readonly sectionMm2: number;
  readonly passes: readonly RollingPass[];
  /** Length of the strip before it is rolled that goes into the band, mm. */
  readonly usesMm: number;
}

function cutOf({ work, piece, targetInsideDiameterMm }: StripWish): Cut {
  const passes =
    work.rolledToMm === undefined
      ? []
      : rollingSchedule({ start: barOf(piece), targetThicknessMm: work.rolledToMm, metal: piece.metal });
  const last = passes.at(-1);
  const thicknessMm = last?.thicknessMm ?? piece.thicknessMm;
  const plain =
    piece.section === 'round' ? (Math.PI * piece.thicknessMm ** 2) / 4 : piece.thicknessMm * piece.widthMm;
  const sectionMm2 = last ? last.thicknessMm * last.widthMm : plain;
  const blank = stripBlank({
    insideDiameterMm: targetInsideDiameterMm,
    thicknessMm,
    seamMm: work.seamMm,
    textured: work.textured,
  });
  return {
    ...blank,
    thicknessMm,
    widthMm: last?.overallWidthMm ?? piece.widthMm,
    sectionMm2,
    passes,
    usesMm: last ? blank.lengthMm * (piece.lengthMm / last.lengthMm) : blank.lengthMm,
  };
}

function reasonsOf({ work, piece }: StripWish, cut: Cut, { kit }: WorkBench): readonly Reasoned[] {
  const reasons: Reasoned[] = [...metalReasons(piece.metal), ...solderReasons(piece.metal)];
  if (cut.usesMm > piece.lengthMm) {
    reasons.push({
      code: 'too-short',
      level: 'refuse',
      message: `It takes ${cut.usesMm.toFixed(1)} mm of this strip; ${piece.lengthMm.toFixed(1)} mm are left.`,
      instead: 'A longer piece, or roll a thicker one down.',
    });
  }
  if (work.rolledToMm !== undefined && work.rolledToMm >= barThicknessMm(barOf(piece))) {
    reasons.push({
      code: 'not-thicker',
      level: 'refuse',
      message: `Rolls only make it thinner: it is ${piece.thicknessMm.toFixed(2)} mm now.`,
      instead: 'Leave it as it is, or take a thicker bar.',
    });
  }
  if (cut.passes.length > 0 && toolsOf(kit, 'rolling-mill').length === 0) {
    reasons.push({
      code: 'missing-tool',
      level: 'warn',
      message: 'Your kit lacks a rolling mill.',
      instead: 'Add it under Stock, Kit, or borrow one.',
    });
  }
  return reasons;
}

/** @param allowanceStrainLog of a hoop: the mill fills the same gauge by its own limit */
function rollingMoves(
  { piece }: StripWish,
  { passes, usesMm }: Cut,
  allowanceStrainLog: number,
): readonly BandMove[] {
  if (passes.length === 0) return [];
  // Only what the band takes is rolled: the lengths are its own.
  const share = usesMm / piece.lengthMm;
  const perStrain = allowanceStrainLog / stiffnessOf(piece.metal).rollingLimit;
  const bar = (pass?: RollingPass) =>
    evenBlank(
      (pass?.lengthMm ?? piece.lengthMm) * share,
      pass?.thicknessMm ?? piece.thicknessMm,
      pass?.overallWidthMm ?? piece.widthMm,
      null,
    );
  const cutFirst: BandMove = {
    kind: 'saw',
    title: `Cut ${usesMm.toFixed(1)} mm of it off first`,
    instruction: `Only that is rolled; the other ${Math.max(0, piece.lengthMm - usesMm).toFixed(0)} mm go back into the drawer as they are.`,
    lookFor: 'The cut is square, so that the end goes straight between the rolls.',
    blank: bar(),
  };
  const rolled = passes.flatMap((pass, i): readonly BandMove[] => [
    ...(pass.annealBefore ? [annealMove(piece.metal, bar(passes[i - 1]))] : []),
    {
      kind: 'roll',
      title: `Roll to ${pass.thicknessMm.toFixed(2)} mm, pass ${i + 1} of ${passes.length}`,
      instruction: `${Math.round(pass.reduction * 100)} % off; it comes out ${pass.overallWidthMm.toFixed(1)} mm wide and ${(pass.lengthMm * share).toFixed(0)} mm long.`,
      to: { thicknessMm: pass.thicknessMm, widthMm: pass.overallWidthMm },
      strainLog: -Math.log(1 - pass.reduction) * perStrain,
      blank: bar(pass),
    },
  ]);
  return [cutFirst, ...rolled];
}

function figuresOf({ piece, targetInsideDiameterMm }: StripWish, cut: Cut): readonly WorkFigure[] {
  const scrap = scrapNeed(cut.lengthMm, cut.sectionMm2, piece.metal);
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const thickness = ['Thickness', length(cut.thicknessMm, 2)] as const;
  return [
    {
      key: 'length',
      label: 'Cut at',
      value: length(cut.lengthMm),
      words: 'The middle of the band is π(ID + t) long; the saw and the file take the seam.',
      inputs: [
        target,
        thickness,
        ['Seam', length(cut.seamMm)],
        ['Short for hammering', length(cut.textureMm)],
      ],
      source: HANDBOOK,
    },
    {
      key: 'closedAt',
      label: 'Closed at',
      value: size(cut.closedInsideDiameterMm),
      words: 'Hammering and texture lengthen a band: it is closed half a size small and grows to its size.',
      inputs: [target],
      source: HANDBOOK,
    },
    {
      key: 'uses',
      label: 'Of the strip',
      value: length(cut.usesMm),
      words: 'What leaves the strip before it is rolled; volume is kept.',
      inputs: [['There is', length(piece.lengthMm)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'width',
      label: 'Width',
      value: length(cut.widthMm),
      words: 'As the strip is, or as the rolls leave it: round wire spreads as it is flattened.',
      inputs: [thickness],
      source: HANDBOOK,
    },
    {
      key: 'passes',
      label: 'Rolling passes',
      value: count(cut.passes.length, 'passes'),
      words: 'Each takes at most 12 % off; anneals come when the metal has had its share.',
      inputs: [
        ['From', length(piece.thicknessMm, 2)],
        ['To', length(cut.thicknessMm, 2)],
      ],
      source: HANDBOOK,
    },
    {
      key: 'mass',
      label: 'Metal in it',
      value: mass(scrap.bandMassG),
      words: 'Volume times the density of the metal.',
      inputs: [['Length', length(cut.lengthMm)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'scrap',
      label: 'From scrap',
      value: mass(scrap.meltMassG),
      words: 'To be melted for it: some stays in the crucible, in the ends cut off and in filings.',
      inputs: [['In the band', mass(scrap.bandMassG)]],
      source: 'A common allowance; change it by what your ingots cost you.',
    },
  ];
}

function movesOf(wish: StripWish, cut: Cut, allowanceStrainLog: number): readonly BandMove[] {
  const { work, piece, targetInsideDiameterMm, finish } = wish;
  const band = {
    insideDiameterMm: cut.closedInsideDiameterMm,
    thicknessMm: cut.thicknessMm,
    widthMm: cut.widthMm,
  };
  const bendStrainLog = Math.log(1 + cut.thicknessMm / (band.insideDiameterMm + cut.thicknessMm));
  return [
    ...rollingMoves(wish, cut, allowanceStrainLog),
    ...joinedBand({ name: 'the strip', metal: piece.metal, lengthMm: cut.lengthMm, band, bendStrainLog }),
    ...(work.textured
      ? [
          {
            kind: 'stretch',
            title: 'Hammer the texture on the mandrel',
            instruction: 'Even blows all round; read often: it grows half a size. Turn it end for end.',
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
  const cut = cutOf(wish);
  const reasons = reasonsOf(wish, cut, bench);
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
