import { curlOf } from '../../forming';
import { correctingMoves, isOffSize } from './correcting-moves';
import { curlMoves } from './curl-moves';
import { foldMoves } from './fold-moves';
import type { Goal, Move, RouteState } from './move';
import { steppedMoves } from './stepped-moves';
import { wallMoves } from './wall-moves';

/** Whether nothing is left to form. */
export function isFormed(stand: RouteState, goal: Goal): boolean {
  const shaped = stand.stage === 'curled' || (stand.stage === 'to-size' && curlOf(goal.wish) === 0);
  return shaped && !isOffSize(stand, goal);
}

/** Everything that can be done next with a piece as it stands, with this maker's tools. */
export function nextMoves(stand: RouteState, goal: Goal): readonly Move[] {
  const open = isOffSize(stand, goal) ? correctingMoves(stand, goal) : plannedMoves(stand, goal);
  const { shareShift } = goal.traits;
  if (shareShift === 0) return open;
  return open.map((move) => ({ ...move, phase: { ...move.phase, share: move.phase.share + shareShift } }));
}

function plannedMoves(stand: RouteState, goal: Goal): readonly Move[] {
  switch (stand.stage) {
    case 'flat':
    case 'cupped':
      return foldMoves(stand, goal);
    case 'funnel': {
      const stepped = goal.method === 'stepped' && goal.wish.kind !== 'tapered';
      return [...foldMoves(stand, goal), ...(stepped ? steppedMoves(stand, goal) : wallMoves(stand, goal))];
    }
    case 'stepping':
      return steppedMoves(stand, goal);
    case 'half-way':
    case 'tapered':
    case 'straight':
      return wallMoves(stand, goal);
    case 'to-size':
      return curlMoves(stand, goal);
    case 'curled':
      return [];
  }
}

/**
 * The move of a way that is due. A way is found on a coarse wall, or was planned for a piece that differs a little: a
 * move that this piece does not need is left out, and one that it needs besides is put in, as a maker would.
 * @returns undefined when nothing can be done
 */
export function moveOnWay(stand: RouteState, goal: Goal, way: readonly string[]): Move | undefined {
  const open = nextMoves(stand, goal);
  return open.find(({ key }) => way.includes(key)) ?? open[0];
}

/** More moves than this no coin takes. */
export const LONGEST_WAY = 24;

export type { Goal, Move, RouteState } from './move';
export { counted } from './move';
