import { createHash } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { setTimeout as sleep } from 'node:timers/promises';
import type { Database } from '../db/database';
import type { Changes } from '../services/changes';
import { createLearner, type Learner } from './learner';
import { readLast } from './lesson-rows';
import { threadTeacher } from './thread-teacher';

/** What the pages of a workshop call what it has learnt. */
const LEARNT = 'learnt';
/** Where lessons are worked out, beside this file once both are built. */
const THREAD = new URL('./learning-thread.mjs', import.meta.url);
/** The first plans of a large workshop are made by the defaults: it is not waited for any longer. */
const FIRST_LEARNING_MS = 5000;
const REST_MS = 200;

/** Every change of the workshop may be one to learn from, but what was learnt itself. */
function learnFromChanges(learner: Learner, changes: Changes): void {
  changes.listen({
    page: undefined,
    deviceId: null,
    hear: ({ resource }) => {
      if (resource !== LEARNT) learner.look();
    },
    end: () => undefined,
  });
}

/** A workshop that nothing was learnt from yet learns before it is opened, unless it is a large one. */
async function firstLearning(db: Database, learner: Learner): Promise<void> {
  if (!(await readLast(db)))
    await Promise.race([learner.settled(), sleep(FIRST_LEARNING_MS, undefined, { ref: false })]);
}

/**
 * Learns from the log for as long as the server runs, in a thread of its own.
 * @returns what is to be closed before the database is
 */
export async function startLearning(db: Database, changes: Changes): Promise<Learner> {
  const program = createHash('sha256')
    .update(await readFile(THREAD))
    .digest('hex');
  const learner = createLearner({
    db,
    teacher: threadTeacher(THREAD),
    program,
    restMs: REST_MS,
    onLearnt: () => changes.announce({ resource: LEARNT }),
  });
  learnFromChanges(learner, changes);
  learner.look();
  await firstLearning(db, learner);
  return learner;
}
