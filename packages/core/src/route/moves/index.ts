import { correctingMoves, isOffSize } from './correcting-moves';
import { curlMoves, FIRST_CURL_DEG } from './curl-moves';
import { foldMoves } from './fold-moves';
import type { Goal, Move, RouteState } from './move';
import { steppedMoves } from './stepped-moves';
import { wallMoves } from './wall-moves';

/** Whether nothing is left to form. */
export function isFormed(state: RouteState, goal: Goal): boolean {
  const shaped = state.stage === 'curled' || (state.stage === 'to-size' && goal.wish.kind !== 'rounded');
  return shaped && !isOffSize(state, goal);
}

/** Everything that can be done next with a piece as it stands, with this maker's tools. */
export function nextMoves(state: RouteState, goal: Goal): readonly Move[] {
  const open = isOffSize(state, goal) ? correctingMoves(state, goal) : plannedMoves(state, goal);
  const { shareShift } = goal.traits;
  if (shareShift === 0) return open;
  return open.map((move) => ({ ...move, phase: { ...move.phase, shareShift } }));
}

function plannedMoves(state: RouteState, goal: Goal): readonly Move[] {
  switch (state.stage) {
    case 'flat':
    case 'cupped':
      return foldMoves(state, goal);
    case 'funnel': {
      const stepped = goal.method === 'stepped' && goal.wish.kind !== 'tapered';
      return [...foldMoves(state, goal), ...(stepped ? steppedMoves(state, goal) : wallMoves(state, goal))];
    }
    case 'stepping':
      return steppedMoves(state, goal);
    case 'half-way':
    case 'tapered':
    case 'straight':
      return wallMoves(state, goal);
    case 'to-size':
      return curlMoves(state, goal);
    case 'curled':
      return [];
  }
}

/**
 * The next of the planned moves. They were found on a coarse wall, or planned for a piece that differs a little: a
 * move that this piece does not need is left out, and one that it needs besides is put in, as a maker would.
 * @returns undefined when nothing can be done
 */
export function dueMove(state: RouteState, goal: Goal, moves: readonly string[]): Move | undefined {
  const open = nextMoves(state, goal);
  return open.find(({ key }) => moves.includes(key)) ?? open[0];
}

/** More moves than this no coin takes. */
export const MOST_MOVES = 24;

export { FIRST_CURL_DEG };
export type { Goal, Move, RouteState } from './move';
