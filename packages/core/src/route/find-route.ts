import { rimEdge } from '../forming';
import { isFormed, LONGEST_WAY, nextMoves, type Goal, type Move, type RouteState } from './moves';
import { runPass, spentBetween, weighPasses } from './passes';
import { addCost, compareCost, NO_COST, type RouteCost } from './route-cost';
import { loreOf, spoilRisks } from '../steps';

/** A way that has been gone: where it led, by which moves, at what cost. */
interface Way {
  readonly stand: RouteState;
  readonly keys: readonly string[];
  readonly cost: RouteCost;
}

/** The rim never grows past the coin; rounding of the simulation is forgiven, mm. */
const RIM_ROUNDING_MM = 0.005;

function minutesOf(kind: Move['phase']['kind'] | 'anneal', { traits }: Goal): number {
  const { handsOnMin, waitMin } = loreOf(kind, traits);
  return handsOnMin + waitMin;
}

/** Where a move leads and what it costs, weighed without finding each pass's breakpoint; undefined where the rim would grow. */
function tryMove(way: Way, move: Move, goal: Goal): Way | undefined {
  const { stand } = way;
  const { phase, words } = move;
  const wall = runPass(phase, stand.wall, stand.wall, { from: 0, to: 1 });
  if (rimEdge(wall).outsideDiameterMm > goal.coinDiameterMm + RIM_ROUNDING_MM) return undefined;
  const whole = spentBetween(phase.kind, stand.wall, wall);
  const annealFirst = phase.annealFirst === true;
  const weighed = weighPasses(whole, stand.spent, goal.allowanceStrainLog, annealFirst);
  const choice = words.tool(stand.wall, wall);
  const question = { from: stand.wall, to: wall, passes: weighed.passes, kind: phase.kind };
  const risks = spoilRisks({
    ...question,
    heldByHollow: move.heldByHollow === true,
    coinDiameterMm: goal.coinDiameterMm,
    workingThicknessMm: goal.workingThicknessMm,
  });
  const cost: RouteCost = {
    missingTools: choice && 'missing' in choice ? 1 : 0,
    risks: risks.length + (move.risks?.length ?? 0),
    anneals: weighed.anneals,
    minutes:
      weighed.passes * minutesOf(phase.kind, goal) +
      weighed.anneals * minutesOf('anneal', goal) +
      (words.before ? minutesOf(words.before, goal) : 0),
  };
  return {
    stand: { ...stand, ...move.settles, stage: move.to, wall, spent: weighed.spent },
    keys: [...way.keys, move.key],
    cost: addCost(way.cost, cost),
  };
}

/** Ways that stand alike: same stage, same choices still open. */
function standKey({ stage, foldDeg, meetMm, curlDeg, wall }: RouteState): string {
  const rim = rimEdge(wall).meanRadiusMm.toFixed(2);
  return [stage, foldDeg ?? '', meetMm?.toFixed(2) ?? '', curlDeg ?? '', rim].join('|');
}

/** Whether the first way is as good as the second in cost and at least as soft at both edges. */
function dominates(a: Way, b: Way): boolean {
  return (
    compareCost(a.cost, b.cost) <= 0 &&
    a.stand.spent.cut <= b.stand.spent.cut &&
    a.stand.spent.rim <= b.stand.spent.rim
  );
}

function cheapest(open: Way[]): Way | undefined {
  let best = -1;
  open.forEach((way, i) => {
    const other = open[best];
    if (!other || compareCost(way.cost, other.cost) < 0) best = i;
  });
  return best < 0 ? undefined : open.splice(best, 1)[0];
}

/** Where the cheapest way leads that ends formed. */
function bestWay(start: RouteState, goal: Goal): Way | undefined {
  const open: Way[] = [{ stand: start, keys: [], cost: NO_COST }];
  const closed = new Map<string, Way[]>();
  for (;;) {
    const way = cheapest(open);
    if (!way || isFormed(way.stand, goal)) return way;
    const key = standKey(way.stand);
    const alike = closed.get(key) ?? [];
    if (way.keys.length >= LONGEST_WAY || alike.some((other) => dominates(other, way))) continue;
    closed.set(key, [...alike, way]);
    for (const move of nextMoves(way.stand, goal)) {
      const next = tryMove(way, move, goal);
      if (next) open.push(next);
    }
  }
}

/**
 * The best way from where a piece stands to what it is to become, by uniform-cost search over everything that this
 * maker's tools can do next: fewest missing tools, then spoilage risks, then anneals, then minutes. Ways that another
 * one dominates are dropped.
 * @param start on a coarse wall: only edges and the width matter here
 * @returns the keys of its moves; undefined when the rim would have to grow whatever is done
 */
export function searchWay(start: RouteState, goal: Goal): readonly string[] | undefined {
  return bestWay(start, goal)?.keys;
}

/** What the best way from here would still cost; undefined when there is none. */
export function costToGo(start: RouteState, goal: Goal): RouteCost | undefined {
  return bestWay(start, goal)?.cost;
}
