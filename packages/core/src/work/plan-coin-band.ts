import type { Reasoned } from '../forming';
import { metalById } from '../metal';
import { punchDiameters } from '../kit';
import type { StepBlank } from '../steps';
import { knuckleAdvice } from '../size';
import { densityGMm3, workingThickness } from '../stock';
import { coinBand, SEAM_MM, type CoinBand } from '../strip';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import {
  flatMoves,
  hardenMove,
  otherPartReasons,
  springsBackMm,
  stampMoves,
  temperOf,
  withOther,
} from './flat-moves';
import { length, size, words, type WorkFigure } from './figure';
import { coinBandFigure, INPUT, NO_PUNCH } from './figure-words';
import type { CoinBandWork, CoinPiece } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import { COIN_BAND_WORDS, JOINT_WORDS } from './move-words';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { workReason } from './reason-words';

/** A step between coin and strip that a fingernail finds, mm. */
const FELT_MM = 0.15;
/** A cope this far off the coin leaves a gap that solder does not fill, mm. */
const COPE_MM = 0.6;

type CoinBandWish = WorkWish<CoinBandWork, CoinPiece>;

/** @throws RangeError for a strip wider than the coin */
export function coinBandOf(
  { work, piece, targetInsideDiameterMm }: CoinBandWish,
  { kit }: WorkBench,
): CoinBand {
  return coinBand({
    coin: { diameterMm: piece.diameterMm, thicknessMm: workingThickness(piece).thicknessMm },
    stripWidthMm: work.stripWidthMm,
    stripThicknessMm: work.stripThicknessMm,
    insideDiameterMm: targetInsideDiameterMm,
    punchesMm: punchDiameters(kit),
    knuckleMm: work.knuckleMm,
  });
}

/** Both sides and the saw between them, mm. */
function sidesMm({ sideCutLengthMm }: CoinBand): number {
  return 2 * sideCutLengthMm + SEAM_MM;
}

function reasonsOf(wish: CoinBandWish, parts: CoinBand): readonly Reasoned[] {
  const { work, piece, other } = wish;
  const reasons: Reasoned[] = [
    ...metalReasons(piece.metal),
    ...solderReasons(piece.metal),
    ...(work.stripMetal === piece.metal
      ? []
      : [...metalReasons(work.stripMetal), ...solderReasons(work.stripMetal)]),
  ];
  if (other) reasons.push(...otherPartReasons('sides', other, work.stripWidthMm, sidesMm(parts)));
  if (parts.sideCentreLengthMm <= parts.sagittaMm) reasons.push(workReason('no-room-for-sides', 'refuse'));
  if (Math.abs(parts.stepMm) > FELT_MM) {
    const { stepMm } = parts;
    reasons.push(workReason('step', 'warn', { stepMm, stripMm: work.stripThicknessMm + stepMm }));
  }
  if (parts.punchOffMm === null || Math.abs(parts.punchOffMm) > COPE_MM) {
    reasons.push(workReason('no-coping-punch', 'warn'));
  }
  if (work.knuckleMm !== undefined) {
    const { closed, reason: why } = knuckleAdvice(work.knuckleMm, wish.targetInsideDiameterMm);
    if (!closed) reasons.push(workReason('knuckle', 'note', { why, openingMm: parts.openingMm }));
  }
  return reasons;
}

function figuresOf(
  { work, piece, targetInsideDiameterMm }: CoinBandWish,
  parts: CoinBand,
): readonly WorkFigure[] {
  const target = [INPUT.target, size(targetInsideDiameterMm)] as const;
  const coin = [INPUT.coin, length(piece.diameterMm)] as const;
  const width = [INPUT.stripWidth, length(work.stripWidthMm)] as const;
  const sagitta = length(parts.sagittaMm, 2);
  return [
    coinBandFigure('developed', length(parts.developedLengthMm), [
      target,
      [INPUT.strip, length(work.stripThicknessMm, 2)],
    ]),
    coinBandFigure('side', length(parts.sideCentreLengthMm), [coin]),
    coinBandFigure('cut', length(parts.sideCutLengthMm), [[INPUT.sagitta, sagitta], width]),
    coinBandFigure('sagitta', sagitta, [coin, width]),
    coinBandFigure('punch', parts.punchMm === null ? words(NO_PUNCH) : length(parts.punchMm), [coin]),
    coinBandFigure('step', length(parts.stepMm, 2), [coin]),
    ...(work.knuckleMm === undefined ? [] : [coinBandFigure('opening', length(parts.openingMm), [target])]),
  ];
}

const COIN_STATIONS = 24;

/** Side, coin, side as one flat piece; then bent. Where the coin stands out past the strip, it is as wide as its chord. */
function blankOf({ work, piece }: CoinBandWish, parts: CoinBand, bentToMm: number | null): StepBlank {
  const side = { thicknessMm: work.stripThicknessMm, widthMm: work.stripWidthMm };
  const { thicknessMm } = workingThickness(piece);
  const radius = piece.diameterMm / 2;
  const from = parts.sideCentreLengthMm;
  const coin = Array.from({ length: COIN_STATIONS + 1 }, (_, i) => {
    const across = -radius * Math.cos((Math.PI * i) / COIN_STATIONS);
    const chordMm = 2 * Math.sqrt(Math.max(0, radius ** 2 - across ** 2));
    return {
      atMm: from + radius + across,
      thicknessMm: i === 0 || i === COIN_STATIONS ? work.stripThicknessMm : thicknessMm,
      widthMm: Math.max(work.stripWidthMm, chordMm),
    };
  });
  return {
    stations: [{ atMm: 0, ...side }, ...coin, { atMm: parts.developedLengthMm, ...side }],
    bentToMm,
  };
}

function movesOf(wish: CoinBandWish, parts: CoinBand): readonly BandMove[] {
  const { work, targetInsideDiameterMm: insideMm, finish, other } = wish;
  const temper = temperOf(work);
  const blank = (bentToMm: number | null) => blankOf(wish, parts, bentToMm);
  const strip = { widthMm: work.stripWidthMm, thicknessMm: work.stripThicknessMm };
  return [
    { kind: 'saw', ...COIN_BAND_WORDS.saw(parts.sideCutLengthMm, strip), blank: blank(null) },
    ...flatMoves(
      { hallmark: work.hallmark },
      other?.piece.widthMm ?? work.stripWidthMm,
      work.stripWidthMm,
      blank(null),
    ),
    { kind: 'cut', ...COIN_BAND_WORDS.cope(parts.punchMm ?? undefined), blank: blank(null) },
    { kind: 'file', ...COIN_BAND_WORDS.corners, blank: blank(null) },
    { kind: 'solder', ...COIN_BAND_WORDS.solder, blank: blank(null) },
    { kind: 'pickle', ...JOINT_WORDS.pickle },
    ...stampMoves({ borders: work.borders }, blank(null)),
    // The flame of the joint has softened it: stamping or the hammer makes it hard again.
    ...(temper === 'soft'
      ? [annealMove(work.stripMetal, blank(null))]
      : work.borders
        ? []
        : [hardenMove(blank(null))]),
    {
      kind: 'bend',
      ...COIN_BAND_WORDS.form,
      strainLog: Math.log(1 + work.stripThicknessMm / (insideMm + work.stripThicknessMm)),
      springbackMm: springsBackMm(insideMm, work.stripThicknessMm, work.stripMetal, temper),
      read: true,
      blank: blank(insideMm),
    },
    ...endMoves(finish, true, work.stripMetal),
  ];
}

/** An open ring with a whole coin in its middle (craft §6). */
export function planCoinBand(asked: CoinBandWish, bench: WorkBench): WorkPlan {
  const wish = { ...asked, work: withOther(asked.work, asked.other?.piece) };
  const { work, piece, targetInsideDiameterMm } = wish;
  const parts = coinBandOf(wish, bench);
  const stripG =
    (2 *
      parts.sideCentreLengthMm *
      work.stripWidthMm *
      work.stripThicknessMm *
      metalById(work.stripMetal).densityGCm3) /
    1000;
  const coinThicknessMm = workingThickness(piece).thicknessMm;
  const coinG = piece.massG ?? (densityGMm3(piece) * coinThicknessMm * Math.PI * piece.diameterMm ** 2) / 4;
  const start = {
    insideDiameterMm: targetInsideDiameterMm,
    thicknessMm: work.stripThicknessMm,
    widthMm: work.stripWidthMm,
  };
  return finishedPlan({
    kind: 'coin-band',
    reasons: reasonsOf(wish, parts),
    figures: figuresOf(wish, parts),
    steps: bandSteps(start, movesOf(wish, parts), bandBench(bench, piece.metal)),
    allowanceStrainLog: allowanceOf(work.stripMetal, work.stripThicknessMm, bench),
    usesLengthMm: 0,
    otherUsesMm: wish.other ? sidesMm(parts) : 0,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: work.stripWidthMm,
      axialHeightMm: piece.diameterMm,
      thicknessCutEdgeMm: work.stripThicknessMm,
      thicknessRimEdgeMm: work.stripThicknessMm,
      slugMassG: 0,
      ringMassG: stripG + coinG,
    },
  });
}
