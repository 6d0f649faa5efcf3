import type { Reasoned } from '../forming';
import { metalById, stiffnessOf } from '../metal';
import { toolsOf } from '../kit';
import { barThicknessMm, wireForMm } from '../rolling';
import { scrapNeed } from '../strip';
import { bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, mass, share, size, type WorkFigure } from './figure';
import { evenBlank, joinedBand, narrowMove } from './joint-moves';
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
import { barBlank, gaugePerStrain, passMoves } from './rolling-moves';
import { cutStrip, ROLLED_SPARE, SAME_THICKNESS_MM, type StripCut } from './strip-cut';
import { stripReason } from './reason-words';

const HANDBOOK = 'Handbook of the trade: strip bands and rolling.';

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
            title: `Cut ${usesMm.toFixed(1)} mm of it off first`,
            instruction: `Only that is rolled; the other ${Math.max(0, piece.lengthMm - usesMm).toFixed(0)} mm go back into stock as they are.`,
            lookFor: 'The cut is square, so that the end goes straight between the rolls.',
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
    {
      key: 'passes',
      label: 'Rolling passes',
      value: count(cut.passes.length, 'passes'),
      words: 'Each takes at most 12% off; anneals come when the metal has had its share.',
      inputs: [
        ['From', length(piece.thicknessMm, 2)],
        ['To', length(cut.thicknessMm, 2)],
      ],
      source: HANDBOOK,
    },
    {
      key: 'rollingAnneals',
      label: 'Anneals between',
      value: count(cut.passes.filter(({ annealBefore }) => annealBefore).length, 'anneals'),
      words: 'Before the metal has had more between the rolls than it bears.',
      inputs: [['It bears, as ln(h₀/h)', share(stiffnessOf(piece.metal).rollingLimit)]],
      source: HANDBOOK,
    },
  ];
}

function figuresOf({ piece, targetInsideDiameterMm }: StripWish, cut: StripCut): readonly WorkFigure[] {
  const scrap = scrapNeed(cut.lengthMm, cut.sectionMm2, piece.metal);
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const thickness = ['Thickness', length(cut.thicknessMm, 2)] as const;
  return [
    {
      key: 'length',
      label: 'Cut at',
      value: length(cut.lengthMm),
      words:
        piece.section === 'd'
          ? 'Half-round keeps its length nearer the finger than a flat band: π(ID + 0.85 t). The saw and the file take the seam.'
          : 'The middle of the band is π(ID + t) long; the saw and the file take the seam.',
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
      words:
        cut.passes.length > 0
          ? 'Cut off before it is rolled: volume is kept, and rolled ends come out uneven.'
          : 'What leaves the strip.',
      inputs: [
        ['There is', length(piece.lengthMm)],
        ...(cut.passes.length > 0 ? [['Spare for the ends', share(ROLLED_SPARE)] as const] : []),
      ],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'width',
      label: 'Width',
      value: length(cut.widthMm),
      words:
        'As the strip is, or as the rolls leave it, since metal spreads as it is flattened; narrowed where less is wanted.',
      inputs: [thickness, ['Before it is narrowed', length(cut.rolledWidthMm)]],
      source: HANDBOOK,
    },
    ...rollingFigures(piece, cut),
    {
      key: 'mass',
      label: 'Metal in it',
      value: mass(scrap.bandMassG),
      words: 'Volume times the density of the metal.',
      inputs: [
        ['Length', length(cut.lengthMm)],
        ['Of its rectangle', share(cut.sectionMm2 / (cut.thicknessMm * cut.widthMm))],
      ],
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
