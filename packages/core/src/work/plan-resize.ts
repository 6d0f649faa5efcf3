import type { Reasoned } from '../forming';
import { writeAmount, MM_PER_US_SIZE } from '../size';
import { metalById } from '../metal';
import { stretchersFor, toolsOf } from '../kit';
import { judgeResize, plateHole, PROFILE_FILLS, type ResizePass, type ResizeVerdict } from '../resize';
import { middleLengthMm } from '../strip';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, share, size, words, type WorkFigure } from './figure';
import type { BandPiece, ResizeWork } from './kinds';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { workReason } from './reason-words';

const HANDBOOK = 'Handbook of the trade: resizing a finished band.';
const RISK_WORDS = { low: 'low', usual: 'as usual', high: 'high: with luck', refuse: 'refused' } as const;
/** A change smaller than this is a tap on the mandrel, not a pass, US sizes. */
const NOTHING_US = 0.05;

type ResizeQuestion = WorkWish<ResizeWork, BandPiece>;

function resizeVerdict(
  { piece, targetInsideDiameterMm }: ResizeQuestion,
  { system }: WorkBench,
): ResizeVerdict {
  const { insideDiameterMm, ...band } = piece;
  return judgeResize({
    ...band,
    fromInsideDiameterMm: insideDiameterMm,
    toInsideDiameterMm: targetInsideDiameterMm,
    system,
  });
}

function reasonsOf(
  { work, piece }: ResizeQuestion,
  { reasons, sizesUs }: ResizeVerdict,
): readonly Reasoned[] {
  const found: Reasoned[] = [...reasons];
  if (Math.abs(sizesUs) < NOTHING_US) found.push(workReason('no-change', 'refuse'));
  if (piece.patterned && work.cover === 'none' && sizesUs < 0) {
    found.push(workReason('pattern-bare', 'warn'));
  }
  return found;
}

/** Pulls that open a band by a pass, a quarter size each. */
function pullsFor({ fromInsideDiameterMm, toInsideDiameterMm }: ResizePass): number {
  return Math.max(1, Math.round((4 * (toInsideDiameterMm - fromInsideDiameterMm)) / MM_PER_US_SIZE));
}

/** Both ways of making it larger or smaller, each with how often the band is turned over. */
function passMove(
  { work, piece }: ResizeQuestion,
  pass: ResizePass,
  place: string,
  { kit, system }: WorkBench,
): BandMove {
  const { thicknessMm, widthMm, profile } = piece;
  const keeps = Math.sqrt((piece.insideDiameterMm + thicknessMm) / (pass.toInsideDiameterMm + thicknessMm));
  const to = {
    insideDiameterMm: pass.toInsideDiameterMm,
    thicknessMm: thicknessMm * keeps,
    widthMm: widthMm * keeps,
  };
  if (pass.toInsideDiameterMm > pass.fromInsideDiameterMm) {
    const tool = stretchersFor(kit, pass.fromInsideDiameterMm, pass.toInsideDiameterMm, system);
    const hammered = tool?.contact?.kind === 'splines' && tool.contact.count === 0;
    return {
      kind: 'stretch',
      title: `Stretch, ${place}`,
      instruction: hammered
        ? 'Light blows, read and turned over after each. It cannot go back: stop a quarter short.'
        : `About ${pullsFor(pass)} pulls of a quarter size, turned over every two or three. Stop a quarter short and read.`,
      tool: tool?.use,
      contact: tool?.contact,
      to,
      read: true,
    };
  }
  const holes = toolsOf(kit, 'reducing-die').flatMap(({ spec }) => spec.holesMm);
  const outside = (insideMm: number) => insideMm + 2 * thicknessMm;
  const hole = plateHole(holes, outside(pass.fromInsideDiameterMm), outside(pass.toInsideDiameterMm));
  const cover =
    work.cover === 'none' ? '' : ` under ${work.cover === 'cloth' ? 'worn cloth' : 'thin leather'}`;
  return {
    kind: 'reduce',
    title: `Reduce${cover}, ${place}`,
    instruction: `${hole ? `The ${hole.holeMm.toFixed(2)} mm hole; the band just proud of it. ` : ''}A little from one edge, turn it over, as far from the other.${profile === 'flat' ? ' Flat edges go slightly hollow: true them at the end.' : ''}`,
    ...(hole ? { tool: `${hole.holeMm.toFixed(2)} mm hole of the reducing plate` } : {}),
    to,
    read: true,
  };
}

function movesOf(wish: ResizeQuestion, verdict: ResizeVerdict, bench: WorkBench): readonly BandMove[] {
  const { piece, finish } = wish;
  const { passes, annealCount } = verdict;
  return [
    {
      kind: 'read',
      title: 'Read the band as it is',
      instruction:
        'Mark one edge with a pen; read both ways round, and look for a seam, cracks and worn places.',
      read: true,
    },
    ...passes.flatMap((pass, i) => [
      ...(pass.annealBefore ? [annealMove(piece.metal)] : []),
      passMove(wish, pass, passes.length === 1 ? 'in one pass' : `pass ${i + 1} of ${passes.length}`, bench),
    ]),
    ...endMoves(finish, annealCount > 0, piece.metal),
  ];
}

function figuresOf(
  { piece, targetInsideDiameterMm }: ResizeQuestion,
  verdict: ResizeVerdict,
  { system = 'us' }: WorkBench,
): readonly WorkFigure[] {
  const { sizesUs, strain, risk, thicknessAfterMm, widthAfterMm, annealCount } = verdict;
  const now = ['Now', size(piece.insideDiameterMm)] as const;
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const kept = 'Its volume is kept: width and thickness both change by the root of the lengths’ ratio.';
  return [
    {
      key: 'change',
      label: 'Change',
      value: words(
        sizesUs === 0
          ? 'none'
          : `${writeAmount(targetInsideDiameterMm - piece.insideDiameterMm, system)} ${sizesUs < 0 ? 'smaller' : 'larger'}`,
      ),
      words: 'Target less what it is now.',
      inputs: [now, target],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'risk',
      label: 'Risk',
      value: words(RISK_WORDS[risk]),
      words:
        'Patterned bands made smaller: one size is safe, two the usual most, three only with luck. A seam, plating or a hollow makes each one step worse.',
      inputs: [
        ['Patterned', words(piece.patterned ? 'yes' : 'no')],
        ['Seam', words(piece.soldered ? 'yes' : 'no')],
      ],
      source: HANDBOOK,
    },
    {
      key: 'strain',
      label: 'Stretch of the band',
      value: share(Math.exp(strain) - 1),
      words: 'ln((d₂ + t)/(d₁ + t)), as a share of its length.',
      inputs: [now, target, ['Thickness', length(piece.thicknessMm, 2)]],
      source: HANDBOOK,
    },
    {
      key: 'anneals',
      label: 'Anneals',
      value: count(annealCount, 'anneals'),
      words: 'Each two or three sizes, or by what the metal bears when that comes sooner.',
      inputs: [['Bears', share(metalById(piece.metal).allowanceStrainLog)]],
      source: HANDBOOK,
    },
    {
      key: 'thickness',
      label: 'Thickness after',
      value: length(thicknessAfterMm, 2),
      words: kept,
      inputs: [['Now', length(piece.thicknessMm, 2)]],
      source: HANDBOOK,
    },
    {
      key: 'width',
      label: 'Width after',
      value: length(widthAfterMm, 2),
      words: kept,
      inputs: [['Now', length(piece.widthMm, 2)]],
      source: HANDBOOK,
    },
  ];
}

/** A finished band made another size (craft §7). */
export function planResize(wish: ResizeQuestion, bench: WorkBench): WorkPlan {
  const { piece, targetInsideDiameterMm } = wish;
  const verdict = resizeVerdict(wish, bench);
  const { thicknessAfterMm, widthAfterMm } = verdict;
  const massG =
    (middleLengthMm(piece.insideDiameterMm, piece.thicknessMm) *
      piece.thicknessMm *
      piece.widthMm *
      PROFILE_FILLS[piece.profile] *
      metalById(piece.metal).densityGCm3) /
    1000;
  return finishedPlan({
    kind: 'resize',
    reasons: reasonsOf(wish, verdict),
    figures: figuresOf(wish, verdict, bench),
    steps: bandSteps(piece, movesOf(wish, verdict, bench), bandBench(bench, piece.metal)),
    allowanceStrainLog: allowanceOf(piece.metal, piece.thicknessMm, bench),
    usesLengthMm: 0,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: widthAfterMm,
      axialHeightMm: widthAfterMm,
      thicknessCutEdgeMm: thicknessAfterMm,
      thicknessRimEdgeMm: thicknessAfterMm,
      slugMassG: 0,
      ringMassG: massG,
    },
  });
}
