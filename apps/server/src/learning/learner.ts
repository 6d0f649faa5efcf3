import { randomUUID } from 'node:crypto';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Learnt } from '@round-mint/core/learn';
import type { Kit } from '@round-mint/core/kit';
import type { Database } from '../db/database';
import { readKit, readRenewals } from '../services/kit';
import { readSettings } from '../services/settings';
import {
  forgetLessons,
  fromWhatNow,
  keepLearnt,
  keepOutcome,
  lastLearntFrom,
  latestTaught,
  lessonsAfter,
  someUntaught,
  withWhatNow,
  type Untaught,
} from './lesson-rows';
import type { LearnTask } from './lesson-memory';
import type { Teacher } from './teacher';

/** So many rings are read at once: few enough that other calls hardly wait. */
const RINGS_AT_ONCE = 4;
/** Of what is seen in each ring, the latest few hundred count; seldom used tools and metals have them among so many. */
const MOST_RINGS = 1000;

export interface LearnerOptions {
  readonly db: Database;
  readonly teacher: Teacher;
  /** Names the version of the program: another one works lessons out anew. */
  readonly program: string;
  /** So long it rests between two looks: in a lively workshop, looking costs more than what there is to see. */
  readonly restMs?: number;
  /** So many of the latest rings are learnt from. */
  readonly mostRings?: number;
  /** Called whenever something new was learnt. */
  readonly onLearnt?: () => void;
  /** Told what could not be learnt; left out, it is logged. */
  readonly onProblem?: (problem: string) => void;
}

export interface Learner {
  /** Something has changed: what there is to learn is learnt, now or as soon as what is being learnt is done. */
  readonly look: () => void;
  /** Ends when there is nothing left to learn. */
  readonly settled: () => Promise<void>;
  readonly close: () => Promise<void>;
}

/** What the teacher was given so far. */
const nothingGiven = () => ({ mark: randomUUID(), upTo: 0 });

/** Learns from the log in the background; whoever asks is answered with what was learnt last. */
export function createLearner({
  db,
  teacher,
  program,
  restMs = 0,
  mostRings = MOST_RINGS,
  onLearnt,
  onProblem = (problem) => console.error(problem),
}: LearnerOptions): Learner {
  let given = nothingGiven();
  let running: Promise<void> | undefined;
  let again = false;
  let lookedAtMs = -Infinity;
  const closing = new AbortController();
  const isClosed = () => closing.signal.aborted;

  async function teachOne(untaught: Untaught, kit: Kit): Promise<void> {
    const { ring, plan, events } = untaught;
    const { problem, ...outcome } = await teacher.teach({ ring, plan, events, kit });
    if (problem !== undefined) onProblem(`Nothing can be learnt from ring ${ring.id}: ${problem}`);
    await keepOutcome(db, untaught, outcome);
  }

  async function teachAll(): Promise<void> {
    let kit: Kit | undefined;
    for (;;) {
      const rings = isClosed() ? [] : await someUntaught(db, RINGS_AT_ONCE);
      if (rings.length === 0) return;
      // Most changes leave nothing to teach: the tools are read for those that do.
      // What wears on a tool is nothing of its measures: lessons are the same with it.
      kit ??= (await readKit(db)).map(({ id, name, spec }) => ({ id, name, spec }));
      for (const untaught of rings) await teachOne(untaught, kit);
    }
  }

  /** Gives the teacher what was written down since it was given something last. @returns false when it knows nothing of that */
  async function giveLessons(ringIds: readonly string[]): Promise<boolean> {
    for (;;) {
      const page = await lessonsAfter(db, given.upTo, ringIds);
      const last = page.at(-1);
      if (!last && given.upTo > 0) return true;
      if (!(await teacher.take({ mark: given.mark, first: given.upTo === 0, lessons: page }))) return false;
      if (!last) return true;
      given.upTo = last.written;
    }
  }

  /** Learns from the latest lessons; a teacher that has forgotten some is given all of them anew. */
  async function learnFromLatest(wanted: Pick<LearnTask, 'keptStandard' | 'renewals'>): Promise<Learnt> {
    for (;;) {
      const ringIds = await latestTaught(db, mostRings);
      const learnt =
        (await giveLessons(ringIds)) && (await teacher.learn({ mark: given.mark, ringIds, ...wanted }));
      if (learnt) return learnt;
      given = nothingGiven();
    }
  }

  async function learnOnce(): Promise<void> {
    const withWhat = await withWhatNow(db, program);
    if ((await lastLearntFrom(db))?.lessonsWith !== withWhat) await forgetLessons(db, withWhat);
    await teachAll();
    const { standardFor } = await readSettings(db);
    const renewals = await readRenewals(db);
    const from = await fromWhatNow(db, withWhat, standardFor, renewals);
    if (isClosed() || from === (await lastLearntFrom(db))?.learntFrom) return;
    await keepLearnt(db, from, await learnFromLatest({ keptStandard: standardFor, renewals }));
    onLearnt?.();
  }

  /** Waits until the last look is long enough ago. */
  async function rest(): Promise<void> {
    const leftMs = lookedAtMs + restMs - performance.now();
    // Being closed ends the rest, too.
    if (leftMs > 0) await sleep(leftMs, undefined, { signal: closing.signal }).catch(() => undefined);
  }

  async function learnWhileNews(): Promise<void> {
    try {
      do {
        await rest();
        again = false;
        await learnOnce();
        lookedAtMs = performance.now();
      } while (again && !isClosed());
    } catch (error) {
      // What cannot be learnt now is learnt at the next change; the bench goes on with what is known.
      if (!isClosed()) onProblem(`Learning from the log failed: ${String(error)}`);
    } finally {
      // At once after the last look for news: whoever brings some later begins anew.
      running = undefined;
    }
  }

  return {
    look: () => {
      again = true;
      running ??= learnWhileNews();
    },
    settled: async () => {
      while (running) await running;
    },
    close: async () => {
      closing.abort();
      await teacher.close();
      while (running) await running;
    },
  };
}
