import { movesWall, type RouteStep } from '../steps';
import { isRead } from './stop-at';

/** Readings that the whole ring is judged by. */
const ALWAYS: readonly RouteStep['kind'][] = ['true-up', 'read'];

/**
 * Whether what a step ends at decides what comes next (craft §13): a series of pulls or pushes ends, and another kind of
 * blow begins from where it ended. Within a series the next mark stands whatever was read, and what is trued up is read
 * there.
 */
export function readingDecides(steps: readonly RouteStep[], index: number): boolean {
  const step = steps[index];
  if (!step || !isRead(step)) return false;
  if (ALWAYS.includes(step.kind)) return true;
  if (!movesWall(step)) return false;
  const next = steps.slice(index + 1).find((one) => movesWall(one) || isRead(one));
  return next !== undefined && movesWall(next) && next.kind !== step.kind;
}
