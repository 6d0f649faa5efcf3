import { stopAt, wayRoundWords, type BenchWord } from '@round-mint/core/bench';
import { expectedReading } from '@round-mint/core/ring';
import type { SizeSystemId } from '@round-mint/core/size';
import type { RouteStep, StepWait } from '@round-mint/core/steps';
import type { DoneNeed } from '@/features/bench/ring/done-needs';
import { verbOf, type BenchRing } from '@/features/shared/ring/bench-model';

/** A bath that a step waits for and whose clock has not been started: the first press starts it. */
export function bathToStart({ state, step }: Pick<BenchRing, 'state' | 'step'>): StepWait | undefined {
  const bath = step?.waits?.find((wait) => wait.bath !== undefined);
  const begun = state.waits.some((wait) => wait.step === state.step && wait.what === bath?.what);
  return begun ? undefined : bath;
}

/** What is asked before a step is done, in words that can be read from far off; a second press answers some with yes. */
export function askWords(need: DoneNeed, { stored, step }: BenchRing, size: (mm: number) => string): string {
  switch (need) {
    case 'held':
      return 'Held: the customer decides first.';
    case 'thin':
      return 'It gets thin: leave this view and say why you go on.';
    case 'unread':
      return 'Not read yet. Once more: go on unread.';
    case 'done': {
      const read = stored.openReading;
      if (!step || !read) return 'Once more: go on.';
      const mark = expectedReading(step);
      const lastMm = Math.min(read.leading.rimDownMm, read.leading.cutDownMm);
      const markMm = Math.min(mark.rimDownMm, mark.cutDownMm);
      return `Last read ${size(lastMm)}, the mark is ${size(markMm)}. Once more: go on from ${size(lastMm)}.`;
    }
  }
}

/** Whether a second press goes on all the same. */
export function mayGoOn(need: DoneNeed): boolean {
  return need === 'unread' || need === 'done';
}

/** What the voice says when a step comes up: its verb, where to stop, which edge down. */
export function spokenStep(
  step: RouteStep,
  { step: told, stopAt: stop, advice }: BenchWord,
  edges: BenchRing['edges'],
): string {
  const warning = told?.toolWarning ? ` ${told.toolWarning}` : '';
  if (!stop) return `${verbOf(step)}. ${step.instruction}${warning}`;
  const edge = stop.edgeDown === 'either' ? '' : `, ${edges[stop.edgeDown]} down`;
  const more = advice.code === 'stop-at' ? '' : ` ${advice.message}`;
  return `${verbOf(step)}. ${step.kind === 'read' ? 'It should read' : 'Stop at'} ${stop.mark}${edge}.${more}${warning}`;
}

/** The mark and which way round it is read; undefined where nothing is read. */
export function markOf(
  step: RouteStep,
  system: SizeSystemId,
  edges: BenchRing['edges'],
): { readonly mark: string; readonly way: string } | undefined {
  const stop = stopAt(step, system);
  return stop && { mark: stop.mark, way: wayRoundWords(stop, system, edges) };
}
