import type { Reasoned } from '../forming';
import { writeAmount, MM_PER_US_SIZE } from '../size';
import { metalById } from '../metal';
import { stretchersFor, toolsOf, usableTools } from '../kit';
import { judgeResize, plateHole, PROFILE_FILLS, type ResizePass, type ResizeVerdict } from '../resize';
import { middleLengthMm } from '../strip';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, share, size, words, type WorkFigure } from './figure';
import { changeWords, INPUT, NO_CHANGE, resizeFigure, RISK_WORDS, yesOrNo } from './figure-words';
import type { BandPiece, ResizeWork } from './kinds';
import { RESIZE_WORDS } from './move-words';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { workReason } from './reason-words';

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
  place: readonly [pass: number, count: number],
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
      ...(hammered ? RESIZE_WORDS.hammer(...place) : RESIZE_WORDS.stretch(...place, pullsFor(pass))),
      tool: tool?.use,
      toolId: tool?.toolId,
      contact: tool?.contact,
      to,
      read: true,
    };
  }
  const plates = toolsOf(usableTools(kit), 'reducing-die');
  const holes = plates.flatMap(({ spec }) => spec.holesMm);
  const outside = (insideMm: number) => insideMm + 2 * thicknessMm;
  const hole = plateHole(holes, outside(pass.fromInsideDiameterMm), outside(pass.toInsideDiameterMm));
  const plate = hole && plates.find(({ spec }) => spec.holesMm.includes(hole.holeMm));
  return {
    kind: 'reduce',
    toolId: plate?.tool.id,
    ...RESIZE_WORDS.reduce(place, { cover: work.cover, isFlat: profile === 'flat' }, hole?.holeMm),
    to,
    read: true,
  };
}

function movesOf(wish: ResizeQuestion, verdict: ResizeVerdict, bench: WorkBench): readonly BandMove[] {
  const { piece, finish } = wish;
  const { passes, annealCount } = verdict;
  return [
    { kind: 'read', ...RESIZE_WORDS.read, read: true },
    ...passes.flatMap((pass, i) => [
      ...(pass.annealBefore ? [annealMove(piece.metal)] : []),
      passMove(wish, pass, [i + 1, passes.length], bench),
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
  const now = [INPUT.now, size(piece.insideDiameterMm)] as const;
  const target = [INPUT.target, size(targetInsideDiameterMm)] as const;
  const thickness = length(piece.thicknessMm, 2);
  const amount = writeAmount(targetInsideDiameterMm - piece.insideDiameterMm, system);
  return [
    resizeFigure('change', words(sizesUs === 0 ? NO_CHANGE : changeWords(amount, sizesUs < 0)), [
      now,
      target,
    ]),
    resizeFigure('risk', words(RISK_WORDS[risk]), [
      [INPUT.patterned, words(yesOrNo(piece.patterned))],
      [INPUT.seam, words(yesOrNo(piece.soldered))],
    ]),
    resizeFigure('strain', share(Math.exp(strain) - 1), [now, target, [INPUT.thickness, thickness]]),
    resizeFigure('anneals', count(annealCount, 'anneals'), [
      [INPUT.bears, share(metalById(piece.metal).allowanceStrainLog)],
    ]),
    resizeFigure('thickness', length(thicknessAfterMm, 2), [[INPUT.now, thickness]]),
    resizeFigure('width', length(widthAfterMm), [[INPUT.now, length(piece.widthMm)]]),
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
