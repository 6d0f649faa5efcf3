import { seededRandom, type Random } from '../uncertainty';
import { isBetter, placeInOrder } from './place';
import type { Shop } from './shop';
import { costOf, LATE_COST, type Search, type Solution } from './solution';

/** Orders laid between two reports of progress. */
const REPORT_EVERY = 40;
/** Turns that are taken out at once, at most. */
const TAKEN_OUT = 3;
/** They stand within so many turns of each other. */
const TAKEN_WITHIN = 30;
/** Places that each is tried at, and how far about. */
const PLACES = 8;
const PLACED_WITHIN = 60;
/** What is accepted, as a share of what a step of mean length costs when it is late (Ruiz and Stützle 2007). */
const HEAT = 0.02;

/** How much worse an order may be and still be gone on from: by how long a step lasts in this shop. */
function heatOf({ jobs }: Shop): number {
  const steps = jobs.flatMap((job) => job.steps);
  const handsMin = steps.reduce((sum, step) => sum + step.handsMin, 0) / Math.max(1, steps.length);
  return Math.max(1, HEAT * LATE_COST * handsMin);
}

const about = (middle: number, within: number, last: number, random: Random) =>
  Math.max(0, Math.min(last, middle + Math.floor((random() - 0.5) * within)));

/** Turns taken out of an order, near each other. */
function takenOut(order: readonly number[], near: number, random: Random) {
  const rest = [...order];
  const out: number[] = [];
  const count = Math.min(order.length - 1, 1 + Math.floor(random() * TAKEN_OUT));
  while (out.length < count) out.push(...rest.splice(about(near, TAKEN_WITHIN, rest.length - 1, random), 1));
  return { rest, out };
}

/**
 * Looks for a better order of work by iterated greedy (Ruiz and Stützle 2007): a few turns are taken out, and each is put back
 * where it costs least. The answer is never worse than the order it began with.
 */
export const rebuild: Search = function* (shop, start, accepts, { tries, seed }) {
  const random = seededRandom(seed);
  const heat = heatOf(shop);
  let [here, best] = [start, start];
  let laid = 0;
  while (laid < tries && start.order.length > 1) {
    const near = Math.floor(random() * start.order.length);
    const { rest, out } = takenOut(here.order, near, random);
    let next: Solution = { ...here, order: rest };
    for (const turn of out) {
      const places = Array.from({ length: PLACES }, () =>
        about(near, PLACED_WITHIN, next.order.length, random),
      );
      let put: Solution | undefined;
      for (const place of new Set(places)) {
        const order = next.order.toSpliced(place, 0, turn);
        const { score } = placeInOrder(shop, order);
        if (++laid % REPORT_EVERY === 0) yield Math.min(1, laid / tries);
        if (!put || costOf(score, shop) < costOf(put.score, shop)) put = { order, score };
      }
      next = put ?? next;
    }
    const change = costOf(next.score, shop) - costOf(here.score, shop);
    if (change > 0 && random() >= Math.exp(-change / heat)) continue;
    here = next;
    if (accepts(here.score) && isBetter(here.score, best.score)) best = here;
  }
  return best;
};
