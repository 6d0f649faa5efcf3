import { coarseMeridian, DEFAULT_SCHOOL, type CoinRingInput, type FinishingSchool } from '../forming';
import { mandrelOf } from '../kit';
import { FRESH } from '../steps';
import { buildRoute, type CoinRoute, type RouteOptions } from './coin-route';
import { findRoute } from './find-route';
import { goalOf } from './goal';
import type { RouteState } from './moves';
import { compareCost, type RouteCost } from './route-cost';
import { startRoute } from './route-builder';

/** Edges decide what a route costs: few fibres tell. */
const TRIAL_INTERVALS = 16;

/** Schools that a wish leaves open, in rounds: a later round only where every school of those before lacks a tool. */
function schoolRounds({
  school = DEFAULT_SCHOOL,
  wall,
}: CoinRingInput): readonly (readonly FinishingSchool[])[] {
  if (wall.kind === 'tapered') return [['leave']];
  return school === 'best' ? [['leave', 'straighten'], ['over-stretch']] : [[school]];
}

/** A school, the moves that it takes and what they cost. */
interface SchoolMoves {
  readonly school: FinishingSchool;
  readonly moves: readonly string[];
  readonly cost: RouteCost;
}

function movesOf(
  input: CoinRingInput,
  options: RouteOptions,
  school: FinishingSchool,
): readonly string[] | undefined {
  const builder = startRoute(input, mandrelOf(options.kit), options);
  const start: RouteState = { stage: 'flat', wall: coarseMeridian(builder.wall), spent: FRESH };
  return findRoute(start, goalOf(input, school, options));
}

function triedSchool(
  input: CoinRingInput,
  options: RouteOptions,
  school: FinishingSchool,
): readonly SchoolMoves[] {
  const moves = movesOf(input, options, school);
  if (!moves) return [];
  // The search weighs passes without their breakpoints: schools are compared by what they really cost.
  const { cost } = buildRoute(input, { ...options, intervals: TRIAL_INTERVALS }, school, moves);
  return [{ school, moves, cost }];
}

function bestOf(
  input: CoinRingInput,
  options: RouteOptions,
  rounds: readonly (readonly FinishingSchool[])[],
): SchoolMoves | undefined {
  let best: SchoolMoves | undefined;
  for (const schools of rounds) {
    const tried = schools.flatMap((school) => triedSchool(input, options, school));
    const least = tried.sort((a, b) => compareCost(a.cost, b.cost))[0];
    if (least && (!best || least.cost.missingTools < best.cost.missingTools)) best = least;
    if (best?.cost.missingTools === 0) break;
  }
  return best;
}

/**
 * The best route of a coin ring, found by search over what this maker's tools can do: fewest missing tools, then least
 * effort. By the school asked for; where none was, by one that stretches past the size only when the others lack a tool.
 * @returns undefined when the rim would have to grow whatever is done
 */
export function coinRoute(input: CoinRingInput, options: RouteOptions): CoinRoute | undefined {
  const rounds = schoolRounds(input);
  const [only, ...others] = rounds.flat();
  if (only && others.length === 0) {
    const moves = movesOf(input, options, only);
    return moves && buildRoute(input, options, only, moves);
  }
  const best = bestOf(input, options, rounds);
  return best && buildRoute(input, options, best.school, best.moves);
}
