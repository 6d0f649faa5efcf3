import { rimEdge } from '../forming';
import { isFormed, MOST_MOVES, nextMoves, type Goal, type Move, type RouteState } from './moves';
import { lacksTool, legsOf } from './hand-over';
import { countedPasses, isUnmoved } from './passes';
import { addCost, compareCost, NO_COST, type RouteCost } from './route-cost';
import { stepDefaults, spoilRisks } from '../steps';

/** A path that has been gone: where it led, by which moves, at what cost. */
interface Path {
  readonly state: RouteState;
  readonly keys: readonly string[];
  readonly cost: RouteCost;
}

/** The rim never grows past the coin; rounding of the simulation is forgiven, mm. */
const RIM_ROUNDING_MM = 0.005;

function minutesOf(kind: Move['phase']['kind'] | 'anneal', { traits }: Goal): number {
  const { handsOnMin, waitMin } = stepDefaults(kind, traits);
  return handsOnMin + waitMin;
}

/** Where a move leads and what it costs; undefined where the rim would grow. */
function tryMove(path: Path, move: Move, goal: Goal): Path | undefined {
  const { state } = path;
  const { phase, words } = move;
  const legs = legsOf(move, { start: state.wall, stands: state.wall, from: 0, to: 1 });
  const wall = legs.at(-1)?.wall ?? state.wall;
  if (rimEdge(wall).outsideDiameterMm > goal.coinDiameterMm + RIM_ROUNDING_MM) return undefined;
  const keys = [...path.keys, move.key];
  // The wall is there already: nothing is to be done, and the way goes on.
  if (isUnmoved(state.wall, wall)) {
    return { state: { ...state, ...move.settles, stage: move.to }, keys, cost: path.cost };
  }
  const weighed = countedPasses(phase, state.wall, state.spent, goal.allowanceStrainLog);
  const question = { from: state.wall, to: wall, passes: weighed.passes, kind: phase.kind };
  const risks = spoilRisks({
    ...question,
    heldByHollow: move.heldByHollow === true,
    coinDiameterMm: goal.coinDiameterMm,
    workingThicknessMm: goal.workingThicknessMm,
  });
  const cost: RouteCost = {
    missingTools: lacksTool(legs) ? 1 : 0,
    risks: risks.length + (move.risks?.length ?? 0),
    anneals: weighed.anneals,
    minutes:
      (weighed.passes + legs.length - 1) * minutesOf(phase.kind, goal) +
      weighed.anneals * minutesOf('anneal', goal) +
      (words.before ? minutesOf(words.before, goal) : 0),
  };
  return {
    state: { ...state, ...move.settles, stage: move.to, wall, spent: weighed.spent },
    keys,
    cost: addCost(path.cost, cost),
  };
}

/** Plans in the same state: same stage, same choices still open. */
function stateKey({ stage, foldDeg, meetMm, curlDeg, pushedMm, wall }: RouteState): string {
  const rim = rimEdge(wall).meanRadiusMm.toFixed(2);
  return [
    stage,
    foldDeg ?? '',
    meetMm?.toFixed(2) ?? '',
    curlDeg ?? '',
    pushedMm?.cut.toFixed(1) ?? '',
    rim,
  ].join('|');
}

/** Whether the first path is as good as the second in cost and at least as soft at both edges. */
function dominates(a: Path, b: Path): boolean {
  return (
    compareCost(a.cost, b.cost) <= 0 &&
    a.state.spent.cut <= b.state.spent.cut &&
    a.state.spent.rim <= b.state.spent.rim
  );
}

function cheapest(open: Path[]): Path | undefined {
  let best = -1;
  open.forEach((path, i) => {
    const other = open[best];
    if (!other || compareCost(path.cost, other.cost) < 0) best = i;
  });
  return best < 0 ? undefined : open.splice(best, 1)[0];
}

/** Where the cheapest path leads that ends formed. */
function bestPath(start: RouteState, goal: Goal): Path | undefined {
  const open: Path[] = [{ state: start, keys: [], cost: NO_COST }];
  const closed = new Map<string, Path[]>();
  for (;;) {
    const path = cheapest(open);
    if (!path || isFormed(path.state, goal)) return path;
    const key = stateKey(path.state);
    const alike = closed.get(key) ?? [];
    if (path.keys.length >= MOST_MOVES || alike.some((other) => dominates(other, path))) continue;
    closed.set(key, [...alike, path]);
    for (const move of nextMoves(path.state, goal)) {
      const next = tryMove(path, move, goal);
      if (next) open.push(next);
    }
  }
}

/**
 * The best path from where a piece stands to what it is to become, by uniform-cost search over everything that this
 * maker's tools can do next: fewest missing tools, then least effort, risks and anneals priced in minutes. Paths that another
 * one dominates are dropped.
 * @param start on a coarse wall: only edges and the width matter here
 * @returns the keys of its moves; undefined when the rim would have to grow whatever is done
 */
export function findRoute(start: RouteState, goal: Goal): readonly string[] | undefined {
  return bestPath(start, goal)?.keys;
}

/** What the best path from here would still cost; undefined when there is none. */
export function costToGo(start: RouteState, goal: Goal): RouteCost | undefined {
  return bestPath(start, goal)?.cost;
}
