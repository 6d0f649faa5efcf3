import { learnFromLessons, lessonOf, type Lesson, type LoggedRing } from '../../packages/core/src/learn';
import {
  act,
  EXERCISES,
  judge,
  simulateRing,
  startGame,
  STEADY_BENCH,
} from '../../packages/core/src/practice';
import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { replan } from '../../packages/core/src/replan';
import { ringState, type RingEventBody } from '../../packages/core/src/ring';
import { planCoinRing } from '../../packages/core/src/route';
import { DEFAULT_MANDREL } from '../../packages/core/src/size';
import { seededRandom } from '../../packages/core/src/uncertainty';

const INPUT = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.95,
  wall: { kind: 'rounded', curlDeg: 25 },
} as const;
const ROUTE = planCoinRing(INPUT, { kit: REFERENCE_KIT }).route;
const STEPS = ROUTE?.steps ?? [];
const SCHOOL = ROUTE?.school ?? 'over-stretch';
const RINGS = 40;

/** A ring in work whose last pull stopped short by three quarters of a size. */
function stoppedShort() {
  const index = STEPS.findLastIndex(({ kind }) => kind === 'stretch');
  const reading = STEPS[index]?.reading ?? { rimDownMm: 0, cutDownMm: 0 };
  const done: RingEventBody[] = STEPS.slice(0, index).map(({ kind }, step) =>
    kind === 'anneal' ? { kind: 'anneal-done', step } : { kind: 'step-done', step },
  );
  const short: RingEventBody = {
    kind: 'reading',
    rimDownMm: reading.rimDownMm,
    cutDownMm: reading.cutDownMm - 0.6,
    mark: 'leading',
  };
  const events = [...done, short].map((body, i) => ({ id: `e${i}`, at: '2026-03-01T10:00:00Z', body }));
  const { holeMm, targetInsideDiameterMm } = INPUT;
  const state = ringState({ steps: STEPS, holeMm, targetInsideDiameterMm }, events);
  const { coin, wall } = INPUT;
  return { coin, wall, school: SCHOOL, mandrel: DEFAULT_MANDREL, kit: REFERENCE_KIT, state };
}

function madeRings(): readonly LoggedRing[] {
  return Array.from({ length: RINGS }, (_, n) => {
    const coin = { input: INPUT, school: SCHOOL, moves: ROUTE?.moves ?? [] };
    const made = simulateRing(
      { ...coin, steps: STEPS, kit: REFERENCE_KIT },
      STEADY_BENCH,
      seededRandom(n + 1),
    );
    const at = (minute: number) => new Date(Date.UTC(2026, 0, 1 + n) + minute * 60_000).toISOString();
    return {
      coin,
      steps: STEPS,
      targetInsideDiameterMm: INPUT.targetInsideDiameterMm,
      id: `ring-${n}`,
      name: `Ring ${n}`,
      finishedAt: at(600),
      mandrel: DEFAULT_MANDREL,
      events: made.map(({ minute, body }, i) => ({ id: `${n}-${i}`, at: at(minute), body })),
    };
  });
}

function practised() {
  let game = act(startGame(EXERCISES[0]!, 1), { kind: 'take', piece: 0, holeMm: 12.7 });
  for (const share of [1 / 3, 1 / 2, 1]) game = act(act(game, { kind: 'anneal' }), { kind: 'fold', share });
  return act(game, { kind: 'stop' });
}

/** Results are kept, so that no work can be optimised away. */
export let kept: unknown;

function milliseconds(times: number, work: () => unknown): number {
  kept = work();
  const before = performance.now();
  for (let i = 0; i < times; i++) kept = work();
  return (performance.now() - before) / times;
}

/** Lessons over and over, of as many rings, a day apart. */
function workshopOf(taught: readonly Lesson[], count: number): readonly Lesson[] {
  return Array.from({ length: count }, (_, n) => ({
    ...(taught[n % taught.length] as Lesson),
    ringId: `ring ${n}`,
    finishedAt: new Date(Date.UTC(2010, 0, 1 + n)).toISOString(),
  }));
}

/** What the bench asks a worker or the server. */
export function benchFigures(): readonly (readonly [name: string, ms: number])[] {
  const ring = stoppedShort();
  const rings = madeRings();
  const lessons = () => rings.flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []);
  const taught = lessons();
  const game = practised();
  return [
    ['planned on from a reading that is off', milliseconds(20, () => replan(ring, { kind: 'reading' }))],
    ['what a ring teaches', milliseconds(3, lessons) / rings.length],
    ...[40, 400, 4000].map((count): readonly [string, number] => {
      const all = workshopOf(taught, count);
      return [`what the lessons of ${count} rings come to`, milliseconds(3, () => learnFromLessons(all))];
    }),
    ['a practice piece judged, move by move', milliseconds(5, () => judge(game))],
  ];
}
