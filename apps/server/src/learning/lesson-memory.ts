import { learnFromLessons, type Learnt, type Lesson, type Renewal } from '@round-mint/core/learn';
import { lessonSchema } from './lesson-schema';

export interface TakeTask {
  /** Names what has been given so far. */
  readonly mark: string;
  /** Whether it begins anew: what was given before is forgotten. */
  readonly first: boolean;
  /** Lessons as they were written down; null where the maker left the ring out. */
  readonly lessons: readonly { readonly ringId: string; readonly text: string | null }[];
}

export interface LearnTask {
  readonly mark: string;
  /** Rings that are learnt from. */
  readonly ringIds: readonly string[];
  readonly keptStandard: readonly string[];
  /** Tools that were replaced. */
  readonly renewals: readonly Renewal[];
}

export interface LessonMemory {
  /** @returns false when it does not hold what was given before: all is to be given anew */
  readonly take: (task: TakeTask) => boolean;
  /** What the lessons of some rings come to; null when it does not hold all of them: they are to be given anew. */
  readonly learn: (task: LearnTask) => Learnt | null;
}

/** Holds lessons where they are learnt from, so that another ring costs its own share only. */
export function createLessonMemory(): LessonMemory {
  let held: string | undefined;
  const lessons = new Map<string, Lesson | null>();
  return {
    take: ({ mark, first, lessons: given }) => {
      if (first) {
        held = mark;
        lessons.clear();
      }
      if (mark !== held) return false;
      for (const { ringId, text } of given) {
        lessons.set(ringId, text === null ? null : lessonSchema.parse(JSON.parse(text)));
      }
      return true;
    },
    learn: ({ mark, ringIds, keptStandard, renewals }) => {
      if (mark !== held || ringIds.some((ringId) => !lessons.has(ringId))) return null;
      const wanted = new Set(ringIds);
      for (const ringId of lessons.keys()) if (!wanted.has(ringId)) lessons.delete(ringId);
      return learnFromLessons(
        [...lessons.values()].flatMap((lesson) => lesson ?? []),
        keptStandard,
        renewals,
      );
    },
  };
}
