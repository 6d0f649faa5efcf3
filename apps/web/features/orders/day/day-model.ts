import { durationWords } from '@round-mint/core/format';
import type { DayJob } from '@round-mint/contract/day-plan';
import type { Settings } from '@round-mint/contract/settings';
import { closingMin, dayOf, workMinutes, type Pin, type Schedule } from '@round-mint/core/schedule';
import type { Run } from '@/drawings/day/lane-shape';
import { verbOf } from '@/features/shared/ring/bench-model';
import { calendarOf } from '@/features/orders/promise/shop-model';
import { dayNumber, momentWords } from '@/features/shared/words/wall-clock';

/** "Anneal · Ferry crew, no. 3", "Anneal 3 rings", "3 rings into the pickle" */
export function runWords({ blocks }: Run, names: ReadonlyMap<string, string>): string {
  const [first] = blocks;
  if (!first) return '';
  const rings = [...new Set(blocks.map(({ jobId }) => names.get(jobId) ?? '–'))];
  const verbs = [...new Set(blocks.map(verbOf))];
  if (rings.length === 1) return `${verbs.join(', ')} · ${rings[0]}`;
  return first.lane === 'bath'
    ? `${rings.length} into ${first.setUp}: ${rings.join(', ')}`
    : `${verbs.join(', ')} ${rings.length} rings: ${rings.join(', ')}`;
}

/** What a go of the hands is called where its place does not tell whose hands they are. */
export function whoseRunWords(run: Run, names: ReadonlyMap<string, string>): string {
  const words = runWords(run, names);
  return run.byHelper ? `Helper: ${words}` : words;
}

/** The pins that hold a go of the hands: any of its steps may be the pinned one. */
export function pinsOf({ blocks }: Pick<Run, 'blocks'>, pins: readonly Pin[]): readonly Pin[] {
  return pins.filter((pin) => blocks.some(({ jobId, step }) => jobId === pin.jobId && step === pin.step));
}

/** The pins with this go of the hands at another time: its first step holds it, and nothing else of it. */
export function pinnedAt(run: Pick<Run, 'blocks'>, pins: readonly Pin[], startMin: number): readonly Pin[] {
  const [first] = run.blocks;
  return first ? [...unpinned(run, pins), { jobId: first.jobId, step: first.step, startMin }] : pins;
}

/** The pins without those that hold this go of the hands. */
export function unpinned(run: Pick<Run, 'blocks'>, pins: readonly Pin[]): readonly Pin[] {
  const held = new Set(pinsOf(run, pins));
  return pins.filter((pin) => !held.has(pin));
}

/** Days on which anything is done, as days since 1 January 1970. */
export function daysOf({ blocks }: Schedule): readonly number[] {
  return [...new Set(blocks.map(({ startMin }) => dayOf(startMin)))].sort((a, b) => a - b);
}

/** When each ring will be ready, beside its date. */
export interface JobEnd {
  readonly job: DayJob;
  readonly endMin: number;
  readonly dueMin: number | undefined;
  readonly lateMin: number;
}

export function jobEnds(
  { blocks }: Pick<Schedule, 'blocks'>,
  jobs: readonly DayJob[],
  settings: Pick<Settings, 'hours' | 'daysOff'>,
): readonly JobEnd[] {
  const calendar = calendarOf(settings);
  return jobs
    .flatMap((job) => {
      const ends = blocks.filter(({ jobId }) => jobId === job.id).map(({ endMin }) => endMin);
      if (ends.length === 0) return [];
      const endMin = Math.max(...ends);
      const dueMin = job.dueOn === null ? undefined : closingMin(calendar, dayNumber(job.dueOn));
      return [{ job, endMin, dueMin, lateMin: Math.max(0, endMin - (dueMin ?? Infinity)) }];
    })
    .sort((a, b) => a.endMin - b.endMin);
}

/** What the plan comes to, against the simple list. */
export function gainWords(
  { score, simple }: Schedule,
  settings: Pick<Settings, 'hours' | 'daysOff'>,
  nowMin: number,
): { readonly done: string; readonly against: string } {
  const calendar = calendarOf(settings);
  const minutes = (endMin: number) => workMinutes(calendar, nowMin, endMin);
  const won = minutes(simple.score.endMin) - minutes(score.endMin);
  const setUps = simple.score.setUpMin - score.setUpMin;
  const late = simple.score.lateMin - score.lateMin;
  const wins = [
    late > 0 ? `${durationWords(late)} less lateness` : undefined,
    won > 0 ? `done ${durationWords(won)} of work sooner` : undefined,
    setUps > 0 ? `${durationWords(setUps)} less of setting up` : undefined,
  ].filter(Boolean);
  return {
    done: `All done ${momentWords(score.endMin)}`,
    against:
      wins.length === 0
        ? 'As good as first come, first done: there is nothing to win today.'
        : `Against first come, first done: ${wins.join(', ')}.`,
  };
}
