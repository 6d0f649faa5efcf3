import {
  fitSpiral,
  judgeHandle,
  lastTouch,
  profileOf,
  thicknessAt,
  turnLengthMm,
  turnedRound,
  widthAt,
  type HandleVerdict,
  type Stretch,
} from '../handle';
import { metalById } from '../metal';
import { toolsOf } from '../kit';
import { type BenchTraits, springbackOf, type StepBlank } from '../steps';
import { annealMove, bandSteps, endMoves, type BandMove } from './band-steps';
import { DEFAULT_WIDTH_MM, handleFigures } from './handle-figures';
import { closingWords, endsTitle, endsWords, sawMove, TOUCH_WORDS } from './handle-words';
import type { HandlePiece, HandleWork } from './kinds';
import { BEND_WORDS } from './move-words';
import {
  allowanceOf,
  bandBench,
  finishedPlan,
  type WorkBench,
  type WorkPlan,
  type WorkWish,
} from './plan-shape';

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

/** A spiral that is to use the whole handle, with turns and pitch solved for; any other work as it is. */
export function fittedHandle(wish: HandleWish): HandleWish {
  const { work, targetInsideDiameterMm } = wish;
  const { style, fit, startMm, turns = 1, pitchMm = 0 } = work;
  if (style !== 'spiral' || fit === undefined) return wish;
  const { profile } = keptProfile(wish);
  const solved = fitSpiral(profile, startMm, targetInsideDiameterMm, fit, { turns, pitchMm });
  return { ...wish, work: { ...work, ...solved } };
}

/** The verdict on a handle with the formers at hand. */
export function handleVerdict(asked: HandleWish, { kit, traits }: WorkBench): HandleVerdict {
  const wish = fittedHandle(asked);
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
    springback: traits && ((formerMm) => springbackOf(traits, formerMm)),
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

function movesOf(
  wish: HandleWish,
  verdict: HandleVerdict,
  allowanceStrainLog: number,
  traits: BenchTraits | undefined,
): readonly BandMove[] {
  const { work, piece, targetInsideDiameterMm, finish } = wish;
  const { former, thickest, strainOutside, anneals, temper, used } = verdict;
  const flat: StepBlank = { stations: blankStations(wish, used), bentToMm: null };
  const stations = blankStations(wish, seenFromSide(wish, used));
  const bent = (bentToMm: number): StepBlank => ({ stations, bentToMm });
  const strain = Math.log(1 + strainOutside);
  const springbackFactor = traits ? springbackOf(traits, former.formerMm) : 1;
  const former1 = BEND_WORDS.former(former.formerMm);
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
    sawMove(work, keptProfile(wish).enamel, verdict, flat),
    {
      kind: 'file',
      title: endsTitle(work),
      instruction: endsWords(work, verdict.widthMm ?? DEFAULT_WIDTH_MM),
      ...BEND_WORDS.file,
      blank: flat,
    },
    ...(temper === 'soft' ? [annealMove(piece.metal, flat)] : []),
    {
      kind: 'bend',
      ...BEND_WORDS.hook(thickest.thicknessMm >= BROAD_FIRST_MM),
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
          ...BEND_WORDS.round(
            i + 1,
            goes,
            last
              ? BEND_WORDS.lastGo(
                  former1,
                  former.releasedMm,
                  TOUCH_WORDS[lastTouch(former, targetInsideDiameterMm)],
                )
              : BEND_WORDS.earlierGo(openTo(i + 1)),
          ),
          tool: former1,
          contact: { kind: 'former', diameterMm: former.formerMm },
          strainLog: (strain * (1 - HOOKED)) / goes,
          ...(last
            ? {
                springbackMm: former.releasedMm - former.formerMm,
                ...(springbackFactor === 1 ? {} : { springbackFactor }),
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
      ...closingWords(work, targetInsideDiameterMm, former),
      to: { insideDiameterMm: targetInsideDiameterMm },
      strainLog: closing,
      read: true,
      blank: bent(targetInsideDiameterMm),
    },
    ...endMoves(finish, anneals > 0, piece.metal),
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

/** A ring from a handle of silverware (craft §6). */
export function planHandle(asked: HandleWish, bench: WorkBench): WorkPlan {
  const wish = fittedHandle(asked);
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
    figures: handleFigures(wish, verdict),
    steps: verdict.feasible
      ? bandSteps(
          start,
          movesOf(wish, verdict, allowanceStrainLog, bench.traits),
          bandBench(bench, piece.metal),
        )
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
