import type { StepKind } from '../steps';
import { seededRandom } from '../uncertainty';
import type { WorkCalendar } from './calendar';
import type { Lane, ScheduleJob, ScheduleStep } from './job';
import { placeInOrder } from './place';
import { DEFAULT_RULES } from './rules';
import type { Shop } from './shop';

/** Weekdays from nine to half past twelve and from half past one to five; Saturday mornings; no Sunday. */
const DAY = [
  { fromMin: 540, toMin: 750 },
  { fromMin: 810, toMin: 1020 },
];
export const TEST_WEEK: WorkCalendar = {
  week: [[], DAY, DAY, DAY, DAY, DAY, [{ fromMin: 540, toMin: 720 }]],
};

/** Monday 30 November 2026, nine o'clock. */
export const MONDAY_MIN = Date.UTC(2026, 10, 30, 9) / 60_000;

const LANES: Readonly<
  Record<string, readonly [kind: StepKind, lane: Lane, setUp: string, hands: number, wait: number]>
> = {
  anneal: ['anneal', 'flame', 'the torch', 5, 2],
  fold: ['fold', 'press', '17° die', 8, 0],
  reduce: ['reduce', 'press', 'reducing plate', 10, 0],
  stretch: ['stretch', 'bench', 'stretcher', 12, 0],
  pickle: ['pickle', 'bath', 'pickle', 2, 12],
  patina: ['patina', 'bath', 'liver of sulphur', 3, 8],
  polish: ['polish', 'bench', 'wheel', 10, 0],
};

export function stepsOf(...names: readonly string[]): readonly ScheduleStep[] {
  return names.map((name, index) => {
    const [kind, lane, setUp, handsMin, waitMin] = LANES[name] ?? LANES['stretch']!;
    return { index, kind, title: name, handsMin, waitMin, lane, setUp, leadMin: 0 };
  });
}

export const STEP_NAMES = Object.keys(LANES);

export function jobOf(id: string, names: readonly string[], change: Partial<ScheduleJob> = {}): ScheduleJob {
  return { id, name: id, arrivedMin: 0, readyMin: MONDAY_MIN, steps: stepsOf(...names), ...change };
}

/** What a coin ring comes to. */
export const RING = [
  'anneal',
  'fold',
  'anneal',
  'fold',
  'stretch',
  'anneal',
  'reduce',
  'pickle',
  'patina',
  'polish',
];

export function shopOf(jobs: readonly ScheduleJob[], change: Partial<Shop> = {}): Shop {
  return { jobs, calendar: TEST_WEEK, rules: DEFAULT_RULES, pins: [], nowMin: MONDAY_MIN, ...change };
}

/** Every order of so many turns of each job. */
function* orders(left: readonly number[]): Generator<readonly number[]> {
  if (left.every((turns) => turns === 0)) yield [];
  for (const [job, turns] of left.entries()) {
    if (turns === 0) continue;
    for (const rest of orders(left.with(job, turns - 1))) yield [job, ...rest];
  }
}

/** The least lateness of all orders there are. */
export function leastOfAllOrders(shop: Shop): number {
  let least = Infinity;
  for (const order of orders(shop.jobs.map(({ steps }) => steps.length))) {
    least = Math.min(least, placeInOrder(shop, order).score.lateMin);
  }
  return least;
}

/** So many rings of so many steps, all wanted too soon. */
export function tightShop(seed: number, rings: number, steps: number): Shop {
  const random = seededRandom(seed);
  const pick = () => STEP_NAMES[Math.floor(random() * STEP_NAMES.length)] ?? 'fold';
  return shopOf(
    Array.from({ length: rings }, (_, i) =>
      jobOf(`ring ${i}`, Array.from({ length: steps }, pick), {
        readyMin: MONDAY_MIN + Math.floor(random() * 30),
        dueMin: MONDAY_MIN + Math.floor((0.3 + 0.6 * random()) * steps * rings * 10),
      }),
    ),
  );
}
