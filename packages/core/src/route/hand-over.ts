import { cutEdge, type Meridian } from '../forming';
import type { ToolChoice } from '../kit';
import type { Move } from './moves';
import { runPass } from './passes';

/** What one tool does of a pass. */
export interface Leg {
  /** Where it ends on the way of the move, from 0 to 1. */
  readonly progress: number;
  /** The wall as it leaves it. */
  readonly wall: Meridian;
  readonly choice: ToolChoice | undefined;
}

/** A pass of a move: the wall when the move began, the wall before the pass, and its part of the way. */
interface Pass {
  readonly start: Meridian;
  readonly stands: Meridian;
  readonly from: number;
  readonly to: number;
}

/** Halvings that find the place where one tool ends: to some thousandths of a millimetre. */
const HALVINGS = 12;

function isMissing(choice: ToolChoice | undefined): boolean {
  return choice !== undefined && 'missing' in choice;
}

/** How far a pass may go before its cut edge is wider than a tool reaches; undefined where it begins or ends beyond. */
function progressAt(
  { phase }: Move,
  { start, stands, from, to }: Pass,
  insideMm: number,
): number | undefined {
  const cutAt = (progress: number) =>
    cutEdge(runPass(phase, start, stands, { from, to: progress })).insideDiameterMm;
  if (cutEdge(stands).insideDiameterMm >= insideMm || cutAt(to) <= insideMm) return undefined;
  let [low, high] = [from, to];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2;
    if (cutAt(middle) <= insideMm) low = middle;
    else high = middle;
  }
  return low;
}

/**
 * The tools that do a pass, one after the other: one, or where none does the whole of it, two whose ranges overlap or
 * meet. Where no two do it either, the one that is missing.
 */
export function legsOf(move: Move, pass: Pass): readonly Leg[] {
  const { phase, words } = move;
  const { start, stands, from, to } = pass;
  const wall = runPass(phase, start, stands, { from, to });
  const whole: Leg = { progress: to, wall, choice: words.tool(stands, wall) };
  if (!isMissing(whole.choice)) return [whole];
  for (const insideMm of words.handOverAtMm ?? []) {
    const progress = progressAt(move, pass, insideMm);
    if (progress === undefined) continue;
    const between = runPass(phase, start, stands, { from, to: progress });
    const first = words.tool(stands, between);
    const rest = runPass(phase, start, between, { from: progress, to });
    const second = words.tool(between, rest);
    if (isMissing(first) || isMissing(second)) continue;
    return [
      { progress, wall: between, choice: first },
      { progress: to, wall: rest, choice: second },
    ];
  }
  return [whole];
}

/** Whether a tool of a pass is missing from the kit. */
export function lacksTool(legs: readonly Leg[]): boolean {
  return legs.some(({ choice }) => isMissing(choice));
}
