import {
  curlOf,
  cutEdge,
  DEFAULT_FOLD_ANGLE_DEG,
  finishedMeridian,
  methodForRimStrain,
  rimEdge,
  washerOf,
  type CoinRingInput,
  type FormingMethod,
  type Meridian,
} from '../forming';
import { MM_PER_US_SIZE } from '../size';
import {
  beforeCurlDiameterMm,
  closeTaperedPhase,
  curlPhases,
  foldPhase,
  meetingDiameterMm,
  openTaperedPhase,
  reducePhase,
  rimInPhase,
  steppedPhase,
  straightAtCutMm,
  straightAtRimMm,
  stretchPhase,
} from './coin-phases';
import { finishSteps, type Finish } from './finish';
import type { Kit } from './kit';
import type { Phase } from './passes';
import { routeTotals, type RouteStep, type RouteTotals } from './step';
import {
  chooseBall,
  chooseFoldDie,
  chooseMandrel,
  choosePunch,
  choosePusher,
  chooseReducingHole,
  chooseStretcher,
} from './tool-choice';
import { addAnneal, addPhase, addStep, counted, startWork, type PhaseWords, type Work } from './work';

/** Reducing opens a lip inside the rim edge; trimming it raises the reading by 0.4 US size (craft §3, default). */
const TRIM_GAIN_MM = 0.4 * MM_PER_US_SIZE;

/** Makers anneal after punching only, or before punching as well (craft §3, two schools). */
export type AnnealSchool = 'after-punching' | 'before-and-after';

export interface RouteOptions {
  readonly kit: Kit;
  readonly finish?: Finish | undefined;
  readonly annealSchool?: AnnealSchool | undefined;
  /** What the verdict found; left out, judged here. */
  readonly method?: FormingMethod | undefined;
  /** Fibres less one, a multiple of sixteen: fewer for a quick look at many holes. Left out, 64. */
  readonly intervals?: number | undefined;
}

export interface CoinRoute {
  readonly steps: readonly RouteStep[];
  readonly totals: RouteTotals;
  /** The wall as the route leaves it. */
  readonly finished: Meridian;
  readonly method: FormingMethod;
  /** Tools that the route needs and the kit lacks, in words. */
  readonly missingTools: readonly string[];
  readonly allowanceStrainLog: number;
}

/** A cut edge this little too small is opened by the pusher itself, mm. */
const PUSHER_OPENS_MM = 0.1;

/** A move smaller than this is no pass of its own, mm. */
const NEGLIGIBLE_MM = 0.02;

/**
 * The route of a coin ring: which steps in which order, with which of the maker's tools, annealing by the budget of
 * craft §4, simulated blow by blow with the share of each kind of blow (craft §3).
 */
export function coinRoute(input: CoinRingInput, options: RouteOptions): CoinRoute {
  const { coin, holeMm, targetInsideDiameterMm: target, wall: wish } = input;
  const { kit, finish = 'polished', annealSchool = 'after-punching', method = methodFor(input) } = options;
  const work = startWork(input, options.intervals);
  const phase: AddPhase = (move, words) => addPhase(work, move, words);

  if (annealSchool === 'before-and-after') addAnneal(work);
  addStep(work, 'cut', {
    title: `Punch the ${holeMm.toFixed(1)} mm hole`,
    instruction: 'Scribe crossing centre lines and line up, or let a self-centring punch find the middle.',
    tool: choosePunch(kit, holeMm),
  });
  addStep(work, 'deburr', {
    title: 'Deburr the hole',
    instruction: 'Both faces, smooth all round. Keep the filings with the slug.',
  });
  addAnneal(work);
  phase(foldPhase(work.wall), {
    title: (stroke, count) => (count > 1 ? `Fold, stroke ${stroke} of ${count}` : 'Fold'),
    instruction: 'Outside face down, greased. Press, look, turn.',
    tool: (_, stroke) =>
      (stroke === 0 ? chooseBall(kit, coin.diameterMm) : undefined) ??
      chooseFoldDie(kit, coin.diameterMm, DEFAULT_FOLD_ANGLE_DEG),
  });

  if (wish.kind === 'tapered') {
    taper(work, input, kit, phase);
  } else {
    const beforeCurl = beforeCurlDiameterMm(work.wall, wish, target);
    if (method === 'fold') stretchAndReduce(work, kit, beforeCurl, phase);
    else stepDown(work, kit, beforeCurl, phase);
    if (curlOf(wish) > 0) curl(work, input, kit, phase);
    if (work.lipMm > 0) {
      addStep(
        work,
        'trim',
        {
          title: 'Trim the lip inside the rim edge',
          instruction: 'File or rotary tool, a little at a time.',
        },
        work.wall,
        0,
      );
    }
  }
  addStep(work, 'true-up', {
    title: 'True up',
    instruction:
      'Read both ways. The larger edge down in a die, or the smaller up on the stretcher, a fraction at a time.',
    tool: chooseMandrel(kit),
  });
  finishSteps(finish).forEach(({ kind, title, instruction }) => addStep(work, kind, { title, instruction }));
  addStep(work, 'read', {
    title: 'Read the finished ring',
    instruction: 'Both ways round, then width and both edges with the calliper.',
    tool: chooseMandrel(kit),
  });
  return {
    steps: work.steps,
    totals: routeTotals(work.steps),
    finished: work.wall,
    method,
    missingTools: [...work.missing],
    allowanceStrainLog: work.allowanceStrainLog,
  };
}

/** The method that the finished wall's rim strain calls for, by the closed form: as the verdict judges it. */
function methodFor({ coin, holeMm, targetInsideDiameterMm, wall }: CoinRingInput): FormingMethod {
  const finished = finishedMeridian(washerOf(coin, holeMm), wall, targetInsideDiameterMm);
  return methodForRimStrain(rimEdge(finished).strainLog);
}

type AddPhase = (move: Phase, words: PhaseWords) => void;

/** First school of craft §3: stretch past the size, then reduce from both edges. */
function stretchAndReduce(work: Work, kit: Kit, beforeCurlMm: number, phase: AddPhase): void {
  const meeting = meetingDiameterMm(work.wall, beforeCurlMm);
  if (straightAtRimMm(work.wall) > meeting + NEGLIGIBLE_MM) {
    phase(rimInPhase(work.wall, meeting), {
      title: counted('Bring the rim edge in'),
      instruction: 'Rim edge down into the die, level.',
      tool: (wall) => chooseReducingHole(kit, rimEdge(wall).outsideDiameterMm, DEFAULT_FOLD_ANGLE_DEG),
    });
  }
  phase(stretchPhase(work.wall, meeting), {
    title: counted('Stretch until the wall is straight'),
    instruction: 'Cut edge towards the cone. Paper towel over the splines spares the detail.',
    tool: () => chooseStretcher(kit, meeting),
  });
  phase(reducePhase(meeting, beforeCurlMm), {
    title: counted('Reduce from both edges'),
    instruction: 'Rim edge down, a little; turn over; cut edge down, as far. Again.',
    tool: (wall) => chooseReducingHole(kit, rimEdge(wall).outsideDiameterMm, DEFAULT_FOLD_ANGLE_DEG),
    lipMm: TRIM_GAIN_MM,
  });
}

/** Craft §5: a funnel too tight for dies alone, pushed down one long die under tape, pusher by pusher. */
function stepDown(work: Work, kit: Kit, beforeCurlMm: number, phase: AddPhase): void {
  if (straightAtCutMm(work.wall) < beforeCurlMm - PUSHER_OPENS_MM) {
    phase(stretchPhase(work.wall, beforeCurlMm), {
      title: counted('Open the cut edge'),
      instruction: 'Only the cut edge, to the size of the pusher.',
      tool: () => chooseStretcher(kit, beforeCurlMm),
    });
  }
  phase(steppedPhase(work.wall, beforeCurlMm), {
    title: counted('Stepped reduction under tape'),
    instruction:
      'Wrap with PTFE tape, half of it over the rim edge, tucked in. Push slowly with the pushers stacked.',
    tool: (wall) => choosePusher(kit, rimEdge(wall).insideDiameterMm),
    lipMm: TRIM_GAIN_MM,
  });
}

function curl(work: Work, input: CoinRingInput, kit: Kit, phase: AddPhase): void {
  const { wall: wish, targetInsideDiameterMm: target } = input;
  const beforeCurl = cutEdge(work.wall).insideDiameterMm;
  addStep(work, 'true-up', {
    title: 'True up the straight band',
    instruction: 'Both readings alike before the edges are turned in.',
    tool: chooseMandrel(kit),
  });
  curlPhases(wish, beforeCurl, target).forEach((move, i, all) => {
    const angleDeg = i === all.length - 1 ? curlOf(wish) : DEFAULT_FOLD_ANGLE_DEG;
    phase(move, {
      title: counted(`Turn both edges in to ${angleDeg}°`),
      instruction: `Cut edge down in the ${angleDeg}° die or dapping block, turn over, rim edge down.`,
      tool: (wall) => chooseReducingHole(kit, rimEdge(wall).outsideDiameterMm, angleDeg),
    });
  });
}

/** Third school of craft §3: the wall stays tapered and is only trued. */
function taper(work: Work, input: CoinRingInput, kit: Kit, phase: AddPhase): void {
  const { wall: wish, targetInsideDiameterMm: target } = input;
  phase(openTaperedPhase(work.wall, wish, target), {
    title: counted('Open the cut edge'),
    instruction: 'Cut edge only; keep the lean of the wall.',
    tool: () => chooseStretcher(kit, target),
  });
  phase(closeTaperedPhase(work.wall, wish, target), {
    title: counted('Bring the rim edge in'),
    instruction: 'Rim edge down into the die, level.',
    tool: (wall) => chooseReducingHole(kit, rimEdge(wall).outsideDiameterMm, DEFAULT_FOLD_ANGLE_DEG),
  });
}
