import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { planCoinRing } from '../../packages/core/src/route';
import {
  DEFAULT_RULES,
  makeSchedule,
  promiseDate,
  scheduleSteps,
  type ScheduleJob,
  type Shop,
} from '../../packages/core/src/schedule';
import { dispatch, firstDue, modifiedDue } from '../../packages/core/src/schedule/dispatch';
import { leastLate } from '../../packages/core/src/schedule/exact';
import { placeInOrder } from '../../packages/core/src/schedule/place';
import { runToEnd, seededRandom } from '../../packages/core/src/uncertainty';

const INPUT = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.95,
  wall: { kind: 'straight' },
} as const;
const STEPS = planCoinRing(INPUT, { kit: REFERENCE_KIT, finish: 'dark' }).route?.steps ?? [];
const DAY = [
  { fromMin: 540, toMin: 750 },
  { fromMin: 810, toMin: 1050 },
];
/** Monday 30 November 2026, nine o'clock. */
const MONDAY_MIN = 29934300;

function job(n: number): ScheduleJob {
  return {
    id: `ring ${n}`,
    name: `ring ${n}`,
    arrivedMin: n,
    readyMin: MONDAY_MIN,
    dueMin: n % 3 === 2 ? undefined : MONDAY_MIN + 1440 * (1 + (n % 5)),
    // Rings stand at different points of their routes.
    steps: scheduleSteps(STEPS, (3 * n) % 12),
  };
}

function shop(rings: number): Shop {
  return {
    jobs: Array.from({ length: rings }, (_, n) => job(n)),
    calendar: { week: [[], DAY, DAY, DAY, DAY, DAY, []] },
    rules: DEFAULT_RULES,
    pins: [],
    nowMin: MONDAY_MIN,
  };
}

/** Results are kept, so that no work can be optimised away. */
export let kept: unknown;

function milliseconds(work: () => unknown): number {
  const before = performance.now();
  kept = work();
  return performance.now() - before;
}

/** What laying out days takes. */
export function scheduleFigures(): readonly (readonly [name: string, ms: number])[] {
  const ten = shop(10);
  const { order } = runToEnd(makeSchedule(ten, { tries: 0 }));
  const rings = [5, 10, 20, 50];
  return [
    ...rings.map(
      (count) =>
        [`a day plan of ${count} rings`, milliseconds(() => runToEnd(makeSchedule(shop(count))))] as const,
    ),
    [
      'a promise behind ten rings',
      milliseconds(() => runToEnd(promiseDate({ shop: ten, order, job: { ...job(99), id: 'new' } }))),
    ],
  ];
}

/** What a plan wins against the simple list: shares of set-up and of the time until all is done. */
export function scheduleGains(): readonly (readonly [
  name: string,
  setUp: number,
  span: number,
  late: number,
])[] {
  return [5, 10, 20].map((count) => {
    const { score, simple } = runToEnd(makeSchedule(shop(count)));
    const span = (endMin: number) => endMin - MONDAY_MIN;
    return [
      `${count} rings`,
      score.setUpMin / simple.score.setUpMin,
      span(score.endMin) / span(simple.score.endMin),
      simple.score.lateMin === 0 ? 1 : score.lateMin / simple.score.lateMin,
    ] as const;
  });
}

/** Rings at any point of their routes, all wanted too soon: so many steps are left of each at most. */
function crowdedShop(rings: number, steps: number, seed: number): Shop {
  const random = seededRandom(seed);
  const jobs = Array.from({ length: rings }, (_, n) => {
    const left = scheduleSteps(STEPS, Math.max(0, STEPS.length - steps + Math.floor(4 * random())));
    const alone = left.reduce((sum, { handsMin, waitMin }) => sum + handsMin + waitMin, 0);
    const readyMin = MONDAY_MIN + Math.floor(60 * random());
    const dueMin = MONDAY_MIN + Math.floor((0.5 + random()) * alone * rings * 0.6);
    return { id: `ring ${n}`, name: `ring ${n}`, arrivedMin: n, readyMin, dueMin, steps: left };
  });
  return { ...shop(0), jobs };
}

/** Turns that the longer, exact search may lay. */
const LONG_SEARCH = 3_000_000;

/** Lateness of day plans against the least there is: mean and most over the cases that could be proven. */
export function latenessAgainstExact(): readonly (readonly [
  name: string,
  mean: number,
  most: number,
  proven: number,
  cases: number,
])[] {
  return (
    [
      [2, 99, 15],
      [3, 99, 8],
      [4, 9, 8],
      [5, 7, 6],
    ] as const
  ).map(([rings, steps, cases]) => {
    const above: number[] = [];
    for (let seed = 1; seed <= cases; seed++) {
      const crowded = crowdedShop(rings, steps, seed);
      const { score } = runToEnd(makeSchedule(crowded));
      const { order, isProven } = runToEnd(leastLate(crowded, score, LONG_SEARCH));
      if (!isProven) continue;
      const least = order ? placeInOrder(crowded, order).score.lateMin : score.lateMin;
      above.push(least === 0 ? 0 : score.lateMin / least - 1);
    }
    const mean = above.reduce((sum, share) => sum + share, 0) / Math.max(1, above.length);
    return [`${rings} rings`, mean, Math.max(0, ...above), above.length, cases] as const;
  });
}

/** Lateness of day plans of many rings against the best rule of thumb: 1 is as much, less is better. */
export function latenessAgainstRules(): readonly (readonly [name: string, share: number, seconds: number])[] {
  return [8, 15, 30, 50, 100].map((rings) => {
    const crowded = crowdedShop(rings, 99, rings);
    const rules = [firstDue, ...[0, 5, 15, 30].map(modifiedDue)];
    const best = Math.min(
      ...rules.map((rule) => placeInOrder(crowded, dispatch(crowded, rule)).score.lateMin),
    );
    const before = performance.now();
    const { score } = runToEnd(makeSchedule(crowded));
    return [`${rings} rings`, score.lateMin / best, (performance.now() - before) / 1000] as const;
  });
}
