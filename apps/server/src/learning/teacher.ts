import type { Learnt } from '@round-mint/core/learn';
import { setImmediate } from 'node:timers/promises';
import { createLessonMemory, type LearnTask, type TakeTask } from './lesson-memory';
import { teach, type Taught, type TeachTask } from './teach';

/** Where lessons are worked out and learnt from. */
export interface Teacher {
  readonly teach: (task: TeachTask) => Promise<Taught>;
  readonly take: (task: TakeTask) => Promise<boolean>;
  readonly learn: (task: LearnTask) => Promise<Learnt | null>;
  readonly close: () => Promise<void>;
}

/** Here, a task at a time: where there is no thread to be had. */
export function localTeacher(): Teacher {
  const memory = createLessonMemory();
  const later = <Task, Answer>(answer: (task: Task) => Answer) => {
    return async (task: Task) => {
      await setImmediate();
      return answer(task);
    };
  };
  return {
    teach: later(teach),
    take: later(memory.take),
    learn: later(memory.learn),
    close: () => Promise.resolve(),
  };
}
