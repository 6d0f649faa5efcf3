import { seededRandom, type Random } from '../uncertainty';
import { isBetter, placeInOrder } from './place';
import { costOf, type Search, type Solution } from './solution';
import type { Shop } from './shop';

/** Orders tried between two reports of progress. */
const REPORT_EVERY = 40;
/** A step is never moved further than this many turns at once. */
const FARTHEST = 24;
/** Steps of one set-up are looked for this far on, turns. */
const GATHERED_FROM = 60;
/** Orders tried to find how much they differ here. */
const TRIED_FOR_HEAT = 30;
/** What is accepted at the start of the search, as a share of how much orders differ, and what of that is left at its end. */
const HOT = 0.05;
const COOLED = 1e-4;
/** Of the moves, this share brings two steps of one set-up together. */
const GATHERING = 0.5;

/** What each turn of an order of work needs set up. */
function setUpsOf({ jobs }: Shop, order: readonly number[]): readonly string[] {
  const next = jobs.map(() => 0);
  return order.map((job) => {
    const step = jobs[job]?.steps[next[job] ?? 0];
    next[job] = (next[job] ?? 0) + 1;
    return step && step.lane !== 'bench' ? `${step.lane}|${step.setUp}` : '';
  });
}

function moved(order: readonly number[], from: number, to: number): readonly number[] {
  const rest = [...order];
  const [job] = rest.splice(from, 1);
  if (job !== undefined) rest.splice(to, 0, job);
  return rest;
}

/** The turns of one job between two places, both included. */
function turnsOf(order: readonly number[], job: number, from: number, to: number): number {
  return order.slice(from, to + 1).filter((other) => other === job).length;
}

/**
 * The step at `to` comes right behind the one at `at`. Its ring's earlier steps that lay in between go before both:
 * the n-th turn of a job is always its n-th step.
 */
function broughtForward(order: readonly number[], at: number, to: number): readonly number[] {
  const [first, job] = [order[at] ?? 0, order[to] ?? 0];
  const earlier = turnsOf(order, job, at + 1, to) - 1;
  const between = order.slice(at + 1, to).filter((other) => other !== job);
  return [
    ...order.slice(0, at),
    ...Array.from({ length: earlier }, () => job),
    first,
    job,
    ...between,
    ...order.slice(to + 1),
  ];
}

/** The step at `at` waits for the one at `to`; what its ring had before that in between comes after both. */
function putOff(order: readonly number[], at: number, to: number): readonly number[] {
  const [job, last] = [order[at] ?? 0, order[to] ?? 0];
  const later = turnsOf(order, job, at, to - 1) - 1;
  const between = order.slice(at + 1, to).filter((other) => other !== job);
  return [
    ...order.slice(0, at),
    ...between,
    job,
    last,
    ...Array.from({ length: later }, () => job),
    ...order.slice(to + 1),
  ];
}

/** Another order near this one: a step goes elsewhere, or beside one that needs the same set-up. */
function neighbour(shop: Shop, order: readonly number[], random: Random): readonly number[] {
  const at = Math.floor(random() * order.length);
  if (random() < GATHERING) {
    const setUps = setUpsOf(shop, order);
    for (let to = at + 2; to < Math.min(order.length, at + GATHERED_FROM); to++) {
      if (setUps[to] === setUps[at] && setUps[at] !== '' && order[to] !== order[at]) {
        // Either the later one comes forward, or the earlier one waits.
        return random() < 0.5 ? broughtForward(order, at, to) : putOff(order, at, to);
      }
    }
  }
  const by = Math.ceil(random() * FARTHEST) * (random() < 0.5 ? -1 : 1);
  return moved(order, at, Math.max(0, Math.min(order.length - 1, at + by)));
}

/** How much worse an order may be and still be gone on from at first (annealing, Kirkpatrick 1983): by how much orders near the start differ. */
function heatOf(shop: Shop, start: Solution, random: Random): number {
  const from = costOf(start.score, shop);
  let sum = 0;
  for (let i = 0; i < TRIED_FOR_HEAT; i++) {
    const { score } = placeInOrder(shop, neighbour(shop, start.order, random));
    sum += Math.abs(costOf(score, shop) - from);
  }
  return Math.max(1, (HOT * sum) / TRIED_FOR_HEAT);
}

/**
 * Looks for a better order of work by simulated annealing. The answer is never worse than the order it began with.
 */
export const anneal: Search = function* (shop, start, accepts, { tries, seed }) {
  const random = seededRandom(seed);
  const hot = heatOf(shop, start, random);
  let [here, best] = [start, start];
  let hereCost = costOf(here.score, shop);
  for (let i = 0; i < tries && start.order.length > 1; i++) {
    if (i % REPORT_EVERY === 0) yield i / tries;
    const heat = hot * COOLED ** (i / tries);
    const order = neighbour(shop, here.order, random);
    const { score } = placeInOrder(shop, order);
    const change = costOf(score, shop) - hereCost;
    if (change > 0 && random() >= Math.exp(-change / heat)) continue;
    here = { order, score };
    hereCost += change;
    if (accepts(score) && isBetter(score, best.score)) best = here;
  }
  return best;
};
