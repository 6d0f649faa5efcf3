import { afterWork, firstFit } from './calendar';
import type { ScheduleStep } from './job';
import { scoreOf } from './place';
import { emptySchedule, layNext, upcoming, type Hands, type ScheduleBuilder } from './schedule-builder';
import type { Score, Shop } from './shop';

/** An order of work, and whether no other is less late. */
export interface LeastLate {
  /** Undefined where nothing less late than what was known was found. */
  readonly order: readonly number[] | undefined;
  /** Every order was looked at, or ruled out. */
  readonly isProven: boolean;
}

/** Turns looked at between two reports of progress. */
const REPORT_EVERY = 500;

/** A bench half laid, and how it came to be. */
interface Node {
  readonly bench: ScheduleBuilder;
  /** The turns before, newest first. */
  readonly turns: Turns | undefined;
  readonly atLeastLateMin: number;
}
interface Turns {
  readonly job: number;
  readonly before: Turns | undefined;
}

/** The maker's hands: there are no others where every order is looked at. */
const handsAt = ({ hands }: ScheduleBuilder) => hands[0] as Hands;

/** A bench that another turn may be laid on without changing the first: of its blocks only those of the open bath. */
function branched(bench: ScheduleBuilder): ScheduleBuilder {
  const { blocks, flameHands } = bench;
  const { openBath, ...hands } = handsAt(bench);
  const copy: Hands = {
    ...hands,
    openBath: openBath && { ...openBath, members: openBath.members.map(({ job }, at) => ({ job, at })) },
  };
  return {
    ...bench,
    hands: [copy],
    flameHands: flameHands && copy,
    blocks: openBath ? openBath.members.flatMap(({ at }) => blocks[at] ?? []) : [],
    nextStep: [...bench.nextStep],
    readyMin: [...bench.readyMin],
    bathFreeMin: new Map(bench.bathFreeMin),
  };
}

/** Minutes of hands and unbroken waits that a step takes, its set-up left out. */
function lastingMin({ lane, handsMin, waitMin }: ScheduleStep): number {
  return handsMin + (lane === 'bath' ? waitMin : 0);
}

/** What is left of a job. */
interface Left {
  readonly dueMin: number;
  /** When it would be ready if it had the bench to itself from now on, with nothing to set up. */
  readonly aloneMin: number;
  readonly handsMin: number;
}

const lateBy = (doneMin: number, dueMin: number) => Math.max(0, doneMin - dueMin);
const rising = (values: readonly number[]) => [...values].sort((a, b) => a - b);

/** When a job would be ready that had the bench to itself; worked out once for each of its steps and each moment. */
function createAlone({ jobs, calendar }: Shop) {
  const known = jobs.map(({ steps }) => steps.map(() => new Map<number, number>()));
  return function aloneMin(job: number, from: number, atMin: number): number {
    const step = jobs[job]?.steps[from];
    if (!step) return atMin;
    const before = known[job]?.[from]?.get(atMin);
    if (before !== undefined) return before;
    const start = firstFit(calendar, atMin + step.leadMin, lastingMin(step));
    const ready =
      start === undefined ? Infinity : aloneMin(job, from + 1, start + step.handsMin + step.waitMin);
    known[job]?.[from]?.set(atMin, ready);
    return ready;
  };
}

/**
 * Bounds the lateness of all that may follow: it is no less than if each ring had the bench to itself, and no less than if
 * the hands did whatever is shortest first and every ring were taken for the one that is wanted next (Chu 1992, for total
 * tardiness on one machine).
 */
function createBound(shop: Shop): (bench: ScheduleBuilder) => number {
  const aloneMin = createAlone(shop);
  /** Hands that each job's steps from one on take. */
  const handsFrom = shop.jobs.map(({ steps }) =>
    steps.map((_step, from) => steps.slice(from).reduce((sum, { handsMin }) => sum + handsMin, 0)),
  );
  return (bench) => {
    const { nextStep, readyMin } = bench;
    const handsFreeMin = handsAt(bench).freeMin;
    const left: Left[] = [];
    let done = 0;
    shop.jobs.forEach(({ steps, dueMin = Infinity }, job) => {
      const [next, ready] = [nextStep[job] ?? 0, readyMin[job] ?? 0];
      if (next < steps.length) {
        left.push({
          dueMin,
          aloneMin: aloneMin(job, next, Math.max(ready, handsFreeMin)),
          handsMin: handsFrom[job]?.[next] ?? 0,
        });
      } else if (steps.length > 0) done += lateBy(ready, dueMin);
    });
    const alone = left.reduce((sum, one) => sum + lateBy(one.aloneMin, one.dueMin), 0);
    const ends = rising(left.map((one) => one.aloneMin));
    const dues = rising(left.map(({ dueMin }) => dueMin));
    let [hands, together] = [0, 0];
    for (const [i, handsMin] of rising(left.map((one) => one.handsMin)).entries()) {
      hands += handsMin;
      const end = Math.max(ends[i] ?? 0, afterWork(shop.calendar, handsFreeMin, hands));
      together += lateBy(end, dues[i] ?? Infinity);
    }
    return done + Math.max(alone, together);
  };
}

/** Jobs whose next step is to go into the bath that was filled last. */
function mayJoin(bench: ScheduleBuilder): boolean {
  const { shop } = bench;
  const { openBath } = handsAt(bench);
  return (
    openBath !== undefined &&
    openBath.members.length < shop.rules.bathHolds &&
    shop.jobs.some((_job, i) => {
      const step = upcoming(bench, i);
      return step?.lane === 'bath' && step.setUp === openBath.setUp;
    })
  );
}

/** Benches of one key go on alike, but for when: what was done, what is set up, which bath takes more. */
function keyOf(bench: ScheduleBuilder): string {
  const { nextStep, mounted, blocks } = bench;
  const { lastLane, openBath, freeMin } = handsAt(bench);
  // A flame burns for a while after it was used last: there, sooner is not always better.
  const flame = lastLane === 'flame' ? freeMin : '';
  const first = blocks[openBath?.members[0]?.at ?? -1];
  const bath =
    openBath && mayJoin(bench)
      ? [
          openBath.setUp,
          openBath.members.map(({ job }) => job),
          openBath.waitMin,
          openBath.handsEndMin,
          first?.startMin,
        ]
      : [];
  return `${nextStep.join()}|${flame}|${mounted}|${bath.join()}`;
}

/** The moments from which things go on: where all of one bench's are no later than another's, it is no worse. */
function momentsOf(bench: ScheduleBuilder, baths: readonly string[]): readonly number[] {
  const { shop, readyMin, nextStep, bathFreeMin, pinMissMin } = bench;
  const handsFreeMin = handsAt(bench).freeMin;
  const jobs = shop.jobs.map(({ steps, dueMin = Infinity }, i) =>
    (nextStep[i] ?? 0) < steps.length
      ? Math.max(readyMin[i] ?? 0, handsFreeMin)
      : lateBy(readyMin[i] ?? 0, dueMin),
  );
  return [
    handsFreeMin,
    pinMissMin,
    ...jobs,
    ...baths.map((bath) => Math.max(bathFreeMin.get(bath) ?? 0, handsFreeMin)),
  ];
}

const noneLater = (one: readonly number[], other: readonly number[]) =>
  one.every((moment, i) => moment <= (other[i] ?? 0));

/** Remembers benches; tells whether one was seen before that is no worse. */
function createMemory(shop: Shop) {
  const baths = [
    ...new Set(
      shop.jobs.flatMap(({ steps }) => steps.flatMap(({ lane, setUp }) => (lane === 'bath' ? setUp : []))),
    ),
  ];
  const known = new Map<string, (readonly number[])[]>();
  return {
    isNoBetter(bench: ScheduleBuilder): boolean {
      const key = keyOf(bench);
      const moments = momentsOf(bench, baths);
      const before = known.get(key);
      if (!before) {
        known.set(key, [moments]);
        return false;
      }
      if (before.some((one) => noneLater(one, moments))) return true;
      known.set(key, [...before.filter((one) => !noneLater(moments, one)), moments]);
      return false;
    },
  };
}

function orderOf(turns: Turns | undefined): readonly number[] {
  const order: number[] = [];
  for (let turn = turns; turn; turn = turn.before) order.push(turn.job);
  return order.reverse();
}

/**
 * The order of work with the least lateness, by branch and bound over what is laid next: what cannot become less late
 * than the best known is not gone into, nor what was seen no later before. For few rings: with each it takes longer by
 * as many times as it has steps. Of one pair of hands: with a helper, what is laid sooner is not always better, and
 * nothing could be ruled out by it.
 * @param known score that is to be bettered
 * @param most turns that are laid before it gives up
 * @yields progress, 0 to 1, by the turns that it may take
 */
export function* leastLate(shop: Shop, known: Score, most: number): Generator<number, LeastLate> {
  const memory = createMemory(shop);
  const leastLateMin = createBound(shop);
  let best: Pick<Score, 'pinMissMin' | 'lateMin'> = known;
  let order: readonly number[] | undefined;
  const start = emptySchedule(shop);
  const stack: Node[] = [{ bench: start, turns: undefined, atLeastLateMin: leastLateMin(start) }];
  const isWorse = (pinMissMin: number, lateMin: number) =>
    pinMissMin > best.pinMissMin || (pinMissMin === best.pinMissMin && lateMin >= best.lateMin);
  for (let laid = 0; laid < most;) {
    const node = stack.pop();
    if (!node) return { order, isProven: true };
    if (isWorse(node.bench.pinMissMin, node.atLeastLateMin)) continue;
    const next: Node[] = [];
    let isDone = true;
    for (const job of shop.jobs.keys()) {
      if (!upcoming(node.bench, job)) continue;
      isDone = false;
      const bench = branched(node.bench);
      if (!layNext(bench, job)) continue;
      if (++laid % REPORT_EVERY === 0) yield laid / most;
      const atLeastLateMin = leastLateMin(bench);
      if (isWorse(bench.pinMissMin, atLeastLateMin) || memory.isNoBetter(bench)) continue;
      next.push({ bench, turns: { job, before: node.turns }, atLeastLateMin });
    }
    if (isDone) {
      best = scoreOf(node.bench);
      order = orderOf(node.turns);
    }
    // The most promising is gone into first; of equals, the one whose hands are free sooner.
    next.sort(
      (one, other) =>
        other.atLeastLateMin - one.atLeastLateMin ||
        handsAt(other.bench).freeMin - handsAt(one.bench).freeMin,
    );
    stack.push(...next);
  }
  return { order, isProven: stack.length === 0 };
}
