import { arcWidthMm, cutEdge, rimEdge, type Meridian } from '../../forming';
import type { Phase } from '../passes';
import { straightAtCutMm, straightAtRimMm } from '../phases/straight-at';
import {
  beforeCurlDiameterMm,
  closeTaperedPhase,
  meetingDiameterMm,
  openTaperedPhase,
  reducePhase,
  rimInPhase,
  straightenPhase,
  stretchPhase,
  taperedCutMm,
} from '../phases/wall';
import { steppedTaperPhase } from '../phases/stepped';
import { chooseCone, coneEndsMm, lacksPusher, pusherInDie, stretcherTaperDeg, usableTools } from '../../kit';
import { formedWish } from '../../steps';
import { counted, WALL_WORDS } from '../move-words';
import type { Goal, Move, RouteState } from './move';
import { PLATE_DEG, reduceWords, stretchWords } from './tool-words';

/** A move smaller than this is no pass of its own, mm. */
const NEGLIGIBLE_MM = 0.02;

function stretchTo(state: RouteState, goal: Goal, insideMm: number, last: boolean): Phase {
  const taperDeg = stretcherTaperDeg(goal.kit, cutEdge(state.wall).insideDiameterMm, insideMm);
  return stretchPhase(state.wall, insideMm, { taperDeg, last });
}

function stretchMove(
  state: RouteState,
  goal: Goal,
  key: string,
  insideMm: number,
  to: RouteState['stage'],
  settles: Move['settles'],
): Move {
  return {
    key,
    phase: stretchTo(state, goal, insideMm, to !== 'half-way'),
    words: stretchWords(goal, 'stretch'),
    to,
    ...(settles ? { settles } : {}),
  };
}

function rimInMove(
  state: RouteState,
  goal: Goal,
  key: string,
  insideMm: number,
  leavesLip: boolean,
  settles: Move['settles'],
  to: 'half-way' | 'to-size' = 'half-way',
): Move {
  return {
    key,
    phase: rimInPhase(state.wall, insideMm, PLATE_DEG, to === 'to-size'),
    words: reduceWords(goal, 'rim', 'rim-in', leavesLip),
    to,
    ...(settles ? { settles } : {}),
  };
}

/**
 * First school: straight at a size past the target, the rim brought in to it first where the fold left it too far out.
 * The meeting is where the fold left the rim whenever that lies 1½ to 3 sizes over: a rim that was brought in before
 * would have its lip folded and trimmed twice.
 */
function overStretchMoves(state: RouteState, goal: Goal, beforeCurlMm: number): readonly Move[] {
  if (state.stage === 'half-way') {
    return [stretchMove(state, goal, 'stretch', state.meetMm ?? beforeCurlMm, 'straight', undefined)];
  }
  const meetMm = meetingDiameterMm(state.wall, beforeCurlMm);
  const settles = { beforeCurlMm, meetMm };
  return straightAtRimMm(state.wall) > meetMm + NEGLIGIBLE_MM
    ? [rimInMove(state, goal, 'rim-in', meetMm, false, settles)]
    : [stretchMove(state, goal, 'stretch', meetMm, 'straight', settles)];
}

/** Third school: both edges straight to the size, in either order. */
function leaveMoves(state: RouteState, goal: Goal, beforeCurlMm: number): readonly Move[] {
  const settles = { beforeCurlMm, meetMm: beforeCurlMm };
  const rimOut = straightAtRimMm(state.wall) > beforeCurlMm + NEGLIGIBLE_MM;
  const cutIn = straightAtCutMm(state.wall) < beforeCurlMm - NEGLIGIBLE_MM;
  const rimIn = rimInMove(state, goal, 'rim-in', beforeCurlMm, true, settles, cutIn ? 'half-way' : 'to-size');
  const stretch = stretchMove(state, goal, 'stretch', beforeCurlMm, rimOut ? 'half-way' : 'to-size', settles);
  return [...(rimOut ? [rimIn] : []), ...(cutIn || !rimOut ? [stretch] : [])];
}

/** Second school: rim at the size, cut edge below it, then upright on cones and lids. */
function straightenMoves(state: RouteState, goal: Goal, beforeCurlMm: number): readonly Move[] {
  const settles = { beforeCurlMm, meetMm: beforeCurlMm };
  if (state.stage === 'funnel' && straightAtRimMm(state.wall) > beforeCurlMm + NEGLIGIBLE_MM) {
    return [rimInMove(state, goal, 'rim-in', beforeCurlMm, true, settles)];
  }
  const cutMm = taperedCutMm(state.wall, beforeCurlMm);
  if (state.stage !== 'tapered') {
    return [
      {
        key: 'open-tapered',
        phase: openTaperedPhase(state.wall, cutMm),
        words: stretchWords(goal, 'open-small'),
        to: 'tapered',
        settles,
      },
    ];
  }
  return [
    {
      key: 'cone',
      phase: straightenPhase(beforeCurlMm),
      words: {
        title: counted(WALL_WORDS.cone.title),
        instruction: WALL_WORDS.cone.instruction,
        tool: (before, after) => coneFor(goal, before, after),
        handOverAtMm: coneEndsMm(goal.kit),
        before: 'trim',
      },
      to: 'to-size',
    },
  ];
}

function coneFor(goal: Goal, before: Meridian, after: Meridian) {
  return chooseCone(
    goal.kit,
    { fromMm: cutEdge(before).insideDiameterMm, toMm: cutEdge(after).insideDiameterMm },
    rimEdge(after).outsideDiameterMm,
    arcWidthMm(after),
  );
}

/** A wall that stays tapered: the cut edge opened to size, the rim brought in as far as the lean asks. */
function taperMoves(state: RouteState, goal: Goal): readonly Move[] {
  const { targetMm, method } = goal;
  if (state.stage === 'funnel') {
    return [
      {
        key: 'open-tapered',
        phase: openTaperedPhase(state.wall, targetMm),
        words: stretchWords(goal, 'open-leaning'),
        to: 'half-way',
      },
    ];
  }
  const stepped = method === 'stepped';
  return [
    {
      key: 'close-tapered',
      phase: stepped ? steppedTaperPhase(state.wall, targetMm) : closeTaperedPhase(state.wall, targetMm),
      words: stepped
        ? {
            title: counted(WALL_WORDS['stepped-leaning'].title),
            instruction: WALL_WORDS['stepped-leaning'].instruction,
            tool: (_before, after) => lacksOrOwnPusher(goal, rimEdge(after).insideDiameterMm),
          }
        : reduceWords(goal, 'rim', 'rim-in'),
      to: 'curled',
    },
  ];
}

function lacksOrOwnPusher(goal: Goal, insideMm: number) {
  const pusher = usableTools(goal.kit).find(
    ({ spec }) => spec.kind === 'stepped-pusher' && spec.diameterMm <= insideMm + NEGLIGIBLE_MM,
  );
  if (pusher?.spec.kind !== 'stepped-pusher') return lacksPusher(insideMm);
  return pusherInDie(pusher, pusher.spec.diameterMm);
}

/** From funnel to a straight wall at its size, by the goal's school. */
export function wallMoves(state: RouteState, goal: Goal): readonly Move[] {
  if (goal.wish.kind === 'tapered') return taperMoves(state, goal);
  const beforeCurlMm =
    state.beforeCurlMm ?? beforeCurlDiameterMm(state.wall, formedWish(goal.traits, goal.wish), goal.targetMm);
  if (state.stage === 'straight') {
    const meetMm = state.meetMm ?? beforeCurlMm;
    return [
      {
        key: 'reduce',
        phase: reducePhase(meetMm, beforeCurlMm, PLATE_DEG),
        words: reduceWords(goal, 'both', 'reduce', true),
        to: 'to-size',
      },
    ];
  }
  switch (goal.school) {
    case 'over-stretch':
      return overStretchMoves(state, goal, beforeCurlMm);
    case 'straighten':
      return straightenMoves(state, goal, beforeCurlMm);
    case 'leave':
      return leaveMoves(state, goal, beforeCurlMm);
  }
}
