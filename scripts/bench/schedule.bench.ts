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
import { runToEnd } from '../../packages/core/src/uncertainty';

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
  const rings = [5, 10, 20];
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
