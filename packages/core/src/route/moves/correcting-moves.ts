import { closedTo, cutEdge, finishedShape, middleThicknessMm, openedTo, rimEdge } from '../../forming';
import type { Phase } from '../passes';
import { mix } from '../phases/mix';
import { formedWish } from '../../steps';
import type { Goal, Move, RouteState } from './move';
import { reduceWords, stretchWords } from './tool-words';

/** Edges within this of the size wanted are left for the true-up, mm: half of a quarter size. */
const OFF_MM = 0.1;

/** What both edges should measure where the piece stands, mm; undefined while it is still on the way to a size. */
function wantedMm(state: RouteState, goal: Goal): number | undefined {
  switch (state.stage) {
    case 'to-size':
      // Edges that are being turned in have no size of their own: nothing is stretched between two pushes.
      if (state.curlDeg !== undefined || state.pushedMm) return undefined;
      return goal.wish.kind === 'rounded' ? state.beforeCurlMm : goal.targetMm;
    case 'curled':
      // A tapered wall is read at its cut edge: its rim stays where the lean puts it.
      return goal.targetMm;
    default:
      return undefined;
  }
}

function edgesOff(state: RouteState, goal: Goal): readonly number[] {
  const wanted = wantedMm(state, goal);
  if (goal.correcting !== true || wanted === undefined) return [];
  const cut = cutEdge(state.wall).insideDiameterMm - wanted;
  if (goal.wish.kind === 'tapered') return [cut];
  return [cut, rimEdge(state.wall).insideDiameterMm - wanted];
}

/** Whether a piece that ought to have its size has another one. */
export function isOffSize(state: RouteState, goal: Goal): boolean {
  return edgesOff(state, goal).some((off) => Math.abs(off) > OFF_MM);
}

/** The wall that belongs to the stage at a size. */
function shapeAt(state: RouteState, goal: Goal, insideMm: number) {
  const thicknessMm = middleThicknessMm(state.wall);
  if (goal.wish.kind === 'tapered') return finishedShape(goal.wish, insideMm, thicknessMm);
  const turned =
    state.stage === 'curled' ? formedWish(goal.traits, goal.wish) : ({ kind: 'straight' } as const);
  return finishedShape(turned, insideMm, thicknessMm);
}

/** Both edges from one size to another, in the shape that the wall has; the tool touches only what stands in its way. */
function sizingPhase(
  kind: 'stretch' | 'reduce',
  state: RouteState,
  goal: Goal,
  size: { readonly fromMm: number; readonly toMm: number },
): Phase {
  const touched = kind === 'stretch' ? openedTo : closedTo;
  return {
    kind,
    blow: kind === 'stretch' ? 'open' : 'throat',
    shapesAt: (progress, start) => [
      touched(shapeAt(state, goal, mix(size.fromMm, size.toMm, progress)), start),
    ],
  };
}

/** Bringing a piece that was read off its size back to it: what is too small is opened first, then what is too large closed. */
export function correctingMoves(state: RouteState, goal: Goal): readonly Move[] {
  const wanted = wantedMm(state, goal);
  if (wanted === undefined) return [];
  const offs = edgesOff(state, goal);
  const smallest = Math.min(...offs);
  const largest = Math.max(...offs);
  if (smallest < -OFF_MM) {
    return [
      {
        key: 'open-up',
        phase: sizingPhase('stretch', state, goal, { fromMm: wanted + smallest, toMm: wanted }),
        words: stretchWords(goal, 'open-up'),
        to: state.stage,
      },
    ];
  }
  return [
    {
      key: 'close-down',
      phase: sizingPhase('reduce', state, goal, { fromMm: wanted + largest, toMm: wanted }),
      words: reduceWords(goal, 'both', 'close-down'),
      to: state.stage,
    },
  ];
}
