import {
  endMark,
  judgeHandle,
  profileOf,
  thicknessAt,
  turnLengthMm,
  turnedRound,
  widthAt,
  type EndMark,
  type HandleVerdict,
  type Stretch,
} from '../handle';
import { metalById } from '../metal';
import { toolsOf } from '../kit';
import type { StepBlank } from '../steps';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { count, length, share, size, words, type WorkFigure } from './figure';
import type { HandlePiece, HandleWork } from './kinds';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';

const HANDBOOK = 'Handbook of the trade: silverware, blank length and bending.';
const DEFAULT_WIDTH_MM = 10;
/** Thicker pieces begin in a broad former, so that the first bend is gentle. */
const BROAD_FIRST_MM = 2.4;
/** Part of the whole bend that is done when only the ends are hooked. */
const HOOKED = 1 / 3;

type HandleWish = WorkWish<HandleWork, HandlePiece>;

/** The handle as seen from the end that is kept. */
export function keptProfile({ work, piece }: Pick<HandleWish, 'work' | 'piece'>) {
  const profile = profileOf(piece.stations);
  if (work.keptEnd === 'tip') return { profile, enamel: piece.enamel };
  return {
    profile: turnedRound(profile),
    enamel: piece.enamel.map(({ fromMm, toMm }) => ({
      fromMm: profile.lengthMm - toMm,
      toMm: profile.lengthMm - fromMm,
    })),
  };
}

/** The verdict on a handle with the formers at hand. */
export function handleVerdict(wish: HandleWish, { kit, traits }: WorkBench): HandleVerdict {
  const { work, piece, targetInsideDiameterMm } = wish;
  const { style, overlapMm, turns, pitchMm, startMm } = work;
  return judgeHandle({
    ...keptProfile(wish),
    style,
    overlapMm,
    turns,
    pitchMm,
    startMm,
    metal: piece.metal,
    insideDiameterMm: targetInsideDiameterMm,
    formersMm: toolsOf(kit, 'former').map(({ spec }) => spec.diameterMm),
    springbackFactor: traits?.springbackFactor.bend,
  });
}

/** Stations of the blank alone, from its kept end. */
function blankStations(wish: HandleWish, used: Stretch): StepBlank['stations'] {
  const { profile } = keptProfile(wish);
  const inside = profile.stations.filter(({ atMm }) => atMm > used.fromMm && atMm < used.toMm);
  return [used.fromMm, ...inside.map(({ atMm }) => atMm), used.toMm].map((at) => ({
    atMm: at - used.fromMm,
    thicknessMm: thicknessAt(profile, at),
    widthMm: widthAt(profile, at),
  }));
}

/** From its side a spiral shows one turn: the others stand behind it, not on its back. */
function seenFromSide(wish: HandleWish, used: Stretch): Stretch {
  const { work, targetInsideDiameterMm } = wish;
  if (work.style !== 'spiral') return used;
  const turn = turnLengthMm(keptProfile(wish).profile, used.fromMm, targetInsideDiameterMm, 2 * Math.PI);
  return { ...used, toMm: Math.min(used.toMm, used.fromMm + turn) };
}

function endWords(ends: HandleWork['ends'], { dividerMm = 0, reachMm }: EndMark): string {
  switch (ends) {
    case 'square':
      return 'Square to the length, both alike; then break every sharp edge.';
    case 'round':
      return `Divider set to ${dividerMm.toFixed(1)} mm, its point on the middle line; file to the arc.`;
    case 'mitred':
      return `Both ends leaning the same way: one edge ${reachMm.toFixed(1)} mm further than the other.`;
    case 'pattern':
      return 'Along the pattern’s own line, as near as the joint allows; then break every sharp edge.';
  }
}

/** Owned formers this near the size are told of, mm. */
const NEAR_MM = 2.5;

function movesOf(wish: HandleWish, verdict: HandleVerdict, allowanceStrainLog: number): readonly BandMove[] {
  const { work, piece, targetInsideDiameterMm, finish } = wish;
  const { former, thickest, strainOutside, anneals, lengthMm, temper, used } = verdict;
  const flat: StepBlank = { stations: blankStations(wish, used), bentToMm: null };
  const stations = blankStations(wish, seenFromSide(wish, used));
  const bent = (bentToMm: number): StepBlank => ({ stations, bentToMm });
  const strain = Math.log(1 + strainOutside);
  const former1 = `${former.formerMm.toFixed(1)} mm former`;
  const end = endMark(work.ends, verdict.widthMm ?? DEFAULT_WIDTH_MM);
  // Cold work is done in as many goes as it has anneals: plated ware and the like in one.
  const between = Math.max(0, anneals - (temper === 'soft' ? 1 : 0));
  const soften = annealMove(piece.metal, bent(targetInsideDiameterMm * 2));
  const thicknessMm = verdict.meanThicknessMm;
  const curvature = (mm: number) => thicknessMm / (mm + thicknessMm);
  const closing = Math.abs(curvature(targetInsideDiameterMm) - curvature(former.releasedMm));
  const goes = Math.max(1, between);
  const lastGo = between > 0 ? (strain * (1 - HOOKED)) / goes : strain;
  const softenToClose = anneals > 0 && lastGo + closing > allowanceStrainLog;
  /** From twice the ring's size to the former's, in even steps of curvature. */
  const openTo = (go: number) =>
    targetInsideDiameterMm * 2 + ((former.releasedMm - targetInsideDiameterMm * 2) * go) / goes;
  return [
    {
      kind: 'saw',
      title: `Saw at ${(used.fromMm + lengthMm).toFixed(1)} mm from the kept end`,
      instruction: `Exact: ${lengthMm.toFixed(1)} mm${used.fromMm > 0 ? `, from ${used.fromMm.toFixed(1)} mm on` : ''}. If you bend first and trim later: ${verdict.roughLengthMm.toFixed(1)} mm.`,
      blank: flat,
    },
    {
      kind: 'file',
      title: work.ends === 'square' ? 'File the ends square' : `File the ends ${work.ends}`,
      instruction: endWords(work.ends, end),
      lookFor: 'Both ends alike, no burr catches a fingernail.',
      blank: flat,
    },
    ...(temper === 'soft' ? [annealMove(piece.metal, flat)] : []),
    {
      kind: 'bend',
      title: 'Hook both ends',
      instruction: `${thickest.thicknessMm >= BROAD_FIRST_MM ? 'Begin in a broad former. ' : ''}A finger’s breadth at each end first: they cannot be reached later.`,
      tool: former1,
      strainLog: strain * HOOKED,
      blank: bent(targetInsideDiameterMm * 3),
    },
    ...Array.from({ length: goes }, (_, i): readonly BandMove[] => {
      const last = i === goes - 1;
      return [
        ...(between > 0 ? [soften] : []),
        {
          kind: 'bend',
          title: goes === 1 ? 'Bend the middle round' : `Bend the middle round, ${i + 1} of ${goes}`,
          instruction: last
            ? `Little and often on the ${former1}, turned over each time. Let go, it opens to about ${former.releasedMm.toFixed(1)} mm.`
            : `Little and often on a broad former, turned over each time, to about ${openTo(i + 1).toFixed(0)} mm. Then the flame.`,
          tool: former1,
          strainLog: (strain * (1 - HOOKED)) / goes,
          ...(last
            ? {
                springbackMm: former.releasedMm - former.formerMm,
                to: { insideDiameterMm: former.releasedMm },
                read: true,
              }
            : {}),
          blank: bent(openTo(i + 1)),
        },
      ];
    }).flat(),
    ...(softenToClose ? [soften] : []),
    {
      kind: 'close',
      title:
        work.style === 'straight'
          ? 'Close the joint'
          : work.style === 'overlap'
            ? 'Lay the end over'
            : 'Draw the turns together',
      instruction:
        'Too large: the next smaller former. Too small: a few taps on the mandrel. Nylon on the pattern, always.',
      to: { insideDiameterMm: targetInsideDiameterMm },
      strainLog: closing,
      read: true,
      blank: bent(targetInsideDiameterMm),
    },
    ...endMoves(finish, anneals > 0),
  ];
}

function figuresOf(
  { work, piece, targetInsideDiameterMm }: HandleWish,
  verdict: HandleVerdict,
): readonly WorkFigure[] {
  const { thickest, meanThicknessMm, used, former, idealFormerMm } = verdict;
  const target = ['Target', size(targetInsideDiameterMm)] as const;
  const thickness = ['Mean thickness where it bends', length(meanThicknessMm, 2)] as const;
  return [
    {
      key: 'length',
      label: 'Cut at',
      value: length(verdict.lengthMm),
      words:
        'Each slice of the handle runs round the finger at half its own thickness outside it; slices are added up until the turn is whole.',
      inputs: [target, thickness, ['From', length(used.fromMm)]],
      source: HANDBOOK,
    },
    {
      key: 'rough',
      label: 'Or rough',
      value: length(verdict.roughLengthMm),
      words: 'The other school: a tenth longer, bent, and trimmed to meet.',
      inputs: [['Exact', length(verdict.lengthMm)]],
      source: HANDBOOK,
    },
    {
      key: 'left',
      label: 'Left over',
      value: length(Math.max(0, verdict.leftOverMm)),
      words: 'What stays of the handle after the cut.',
      inputs: [['Used to', length(used.toMm)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'thickest',
      label: 'Thickest bend',
      value: length(thickest.thicknessMm, 2),
      words: 'The thickest place that has to bend; it decides whether the handle serves.',
      inputs: [['At', length(thickest.atMm)]],
      source: HANDBOOK,
    },
    {
      key: 'strain',
      label: 'Outside stretch',
      value: share(verdict.strainOutside),
      words: 'A bend stretches its outside by t/(ID + t).',
      inputs: [thickness, target, ['This metal bears', share(verdict.bendLimit)]],
      source: 'Elementary bending; limits of general metal tables.',
    },
    {
      key: 'former',
      label: 'Former',
      value: length(former.formerMm),
      words: `After release it opens to about ${former.releasedMm.toFixed(1)} mm. A former of the finger’s own size comes out too large.`,
      inputs: [
        ['Exact', length(idealFormerMm)],
        thickness,
        ['Temper', words(verdict.temper)],
        ...verdict.formers
          .filter(({ releasedMm }) => Math.abs(releasedMm - targetInsideDiameterMm) <= NEAR_MM)
          .map(
            ({ formerMm, releasedMm }) =>
              [`${formerMm.toFixed(1)} mm former gives`, size(releasedMm)] as const,
          ),
      ],
      source: 'Elastic recovery of a bent sheet, 1/(4x³ − 3x + 1); corrected by what your log taught.',
    },
    {
      key: 'height',
      label: 'Height',
      value: length(verdict.heightMm ?? DEFAULT_WIDTH_MM),
      words:
        work.style === 'spiral'
          ? 'Width of the handle and the climb of all turns.'
          : 'The handle’s width there.',
      inputs: [['Width', length(verdict.widthMm ?? DEFAULT_WIDTH_MM)]],
      source: 'Geometry of what you entered.',
    },
    {
      key: 'anneals',
      label: 'Anneals',
      value: count(verdict.anneals, 'anneals'),
      words: 'As often as the stretch of the outside fills what this metal bears.',
      inputs: [['Bears', share(metalById(piece.metal).allowanceStrainLog)]],
      source: HANDBOOK,
    },
  ];
}

/** Width times thickness along the blank, g. */
function blankMassG(stations: StepBlank['stations'], piece: HandlePiece, widthMm: number): number {
  const section = ({ thicknessMm, widthMm: own }: StepBlank['stations'][number]) =>
    thicknessMm * (own ?? widthMm);
  const volume = stations.slice(1).reduce((sum, next, i) => {
    const last = stations[i] ?? next;
    return sum + ((next.atMm - last.atMm) * (section(last) + section(next))) / 2;
  }, 0);
  return (volume * metalById(piece.metal).densityGCm3) / 1000;
}

export function planHandle(wish: HandleWish, bench: WorkBench): WorkPlan {
  const { piece, targetInsideDiameterMm } = wish;
  const verdict = handleVerdict(wish, bench);
  const widthMm = verdict.widthMm ?? DEFAULT_WIDTH_MM;
  const stations = blankStations(wish, verdict.used);
  const massG = blankMassG(stations, piece, widthMm);
  const start = { insideDiameterMm: targetInsideDiameterMm, thicknessMm: verdict.meanThicknessMm, widthMm };
  const allowanceStrainLog = allowanceOf(piece.metal, verdict.meanThicknessMm, bench);
  return finishedPlan({
    kind: 'handle',
    reasons: verdict.reasons,
    figures: figuresOf(wish, verdict),
    steps: verdict.feasible
      ? bandSteps(start, movesOf(wish, verdict, allowanceStrainLog), bandBench(bench, piece.metal))
      : [],
    allowanceStrainLog,
    usesLengthMm: 0,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm: widthMm,
      axialHeightMm: verdict.heightMm ?? widthMm,
      thicknessCutEdgeMm: verdict.meanThicknessMm,
      thicknessRimEdgeMm: verdict.meanThicknessMm,
      slugMassG: 0,
      ringMassG: massG,
    },
  });
}
