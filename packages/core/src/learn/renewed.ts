import type { ToolSpec } from '../kit';
import { foldDieKey } from '../steps';
import type { Lesson } from './lesson';

/** A tool that another one took the place of: what was learnt of it until then is not true of the new one. */
export interface Renewal {
  readonly spec: ToolSpec;
  /** ISO time. */
  readonly at: string;
}

function without<T>(lists: Readonly<Record<string, T>>, gone: string): Readonly<Record<string, T>> {
  const { [gone]: _gone, ...rest } = lists;
  return rest;
}

/** A lesson without what it tells of a tool. */
function silentOn(lesson: Lesson, spec: ToolSpec): Lesson {
  switch (spec.kind) {
    case 'fold-die':
      return { ...lesson, folds: without(lesson.folds, foldDieKey(spec)) };
    case 'reducing-die':
      return { ...lesson, curls: without(lesson.curls, String(spec.angleDeg)) };
    case 'former':
      return { ...lesson, formers: without(lesson.formers, String(spec.diameterMm)) };
    case 'stepped-pusher':
      return {
        ...lesson,
        dieCharts: lesson.dieCharts.filter(({ pusherMm }) => pusherMm !== spec.diameterMm),
      };
    default:
      return lesson;
  }
}

/** Lessons without what those of before a renewal tell of the tool that went. */
export function sinceRenewed(lessons: readonly Lesson[], renewals: readonly Renewal[]): readonly Lesson[] {
  if (renewals.length === 0) return lessons;
  return lessons.map((lesson) =>
    renewals
      .filter(({ at }) => lesson.finishedAt <= at)
      .reduce((left, { spec }) => silentOn(left, spec), lesson),
  );
}
