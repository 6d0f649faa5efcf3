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
import { length, lengthFigures, size, words, type WorkFigure } from './figure';
import type { CoinBandWork, CoinPiece } from './kinds';
import { metalReasons, solderReasons } from './metal-reasons';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';
import { workReason } from './reason-words';

const HANDBOOK = 'Handbook of the trade: the adjustable coin-in-band.';
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
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const coin = ['Coin', length(piece.diameterMm)] as const;
  const width = ['Strip width', length(work.stripWidthMm)] as const;
  const figure = lengthFigures(HANDBOOK);
  return [
    figure(
      'developed',
      'Length round',
      parts.developedLengthMm,
      'π(ID + t) of the strip, coin and sides together.',
      [target, ['Strip', length(work.stripThicknessMm, 2)]],
    ),
    figure(
      'side',
      'Each side',
      parts.sideCentreLengthMm,
      'What the coin leaves, in halves, on the centre line.',
      [coin],
    ),
    figure(
      'cut',
      'Cut each at',
      parts.sideCutLengthMm,
      'Longer by the sagitta: the coped end reaches back at its edges.',
      [['Sagitta', length(parts.sagittaMm, 2)], width],
    ),
    figure(
      'sagitta',
      'Sagitta',
      parts.sagittaMm,
      'D/2 − √(D²/4 − w²/4): how deep the coin stands in the coped end.',
      [coin, width],
    ),
    {
      key: 'punch',
      label: 'Cope with',
      value: parts.punchMm === null ? words('a file') : length(parts.punchMm),
      words: 'The owned punch nearest the coin’s diameter.',
      inputs: [coin],
      source: HANDBOOK,
    },
    figure(
      'step',
      'Step at the joint',
      parts.stepMm,
      'Coin less strip: above nothing the coin stands proud.',
      [coin],
    ),
    ...(work.knuckleMm === undefined
      ? []
      : [
          figure(
            'opening',
            'Opens for the knuckle',
            parts.openingMm,
            'How far the free ends part to pass it.',
            [target],
          ),
        ]),
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
  const cope =
    parts.punchMm === null
      ? 'Cope one end of each with a half-round file.'
      : `Cope one end of each with the ${parts.punchMm.toFixed(1)} mm punch.`;
  return [
    {
      kind: 'saw',
      title: `Saw two sides of ${parts.sideCutLengthMm.toFixed(1)} mm`,
      instruction: `Strip ${work.stripWidthMm.toFixed(1)} × ${work.stripThicknessMm.toFixed(2)} mm, both alike; the printed template shows them.`,
      blank: blank(null),
    },
    ...flatMoves(
      { hallmark: work.hallmark },
      other?.piece.widthMm ?? work.stripWidthMm,
      work.stripWidthMm,
      blank(null),
    ),
    {
      kind: 'cut',
      title: 'Cope the inner ends',
      instruction: `${cope} The coin lies in without a gap.`,
      lookFor: 'No light between coin and cope, all round the arc.',
      ...(parts.punchMm === null ? {} : { tool: `${parts.punchMm.toFixed(1)} mm punch` }),
      blank: blank(null),
    },
    {
      kind: 'file',
      title: 'Round the free corners',
      instruction: 'The outer ends stay free: round them well, they touch the finger.',
      lookFor: 'No corner catches a cloth.',
      blank: blank(null),
    },
    {
      kind: 'solder',
      title: 'Solder both sides to the coin',
      instruction: 'Face down on a flat block, flux, hard solder; both metals hot together.',
      blank: blank(null),
    },
    {
      kind: 'pickle',
      title: 'Pickle off flux and scale',
      instruction: 'Warm citric acid or sodium bisulphate, five to fifteen minutes.',
    },
    ...stampMoves({ borders: work.borders }, blank(null)),
    // The flame of the joint has softened it: stamping or the hammer makes it hard again.
    ...(temper === 'soft'
      ? [annealMove(work.stripMetal, blank(null))]
      : work.borders
        ? []
        : [hardenMove(blank(null))]),
    {
      kind: 'bend',
      title: 'Form it on the mandrel',
      instruction:
        'Nylon hammer, coin outside and spared; sides first, the coin last and gently. The ends must not overlap.',
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
