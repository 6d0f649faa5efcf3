import { countWords, durationWords } from '@round-mint/core/format';
import type { RouteStep } from '@round-mint/core/steps';
import type { Paper } from '@/features/shared/print/paper';

interface RouteOnPaper {
  /** The ring or the piece, and the size. */
  readonly about: string;
  readonly steps: readonly RouteStep[];
  /** So many are done: they are left out. */
  readonly done: number;
}

/** A sheet for the wall: every step to come with a box to tick, where to stop, and its caution where it first stands. */
export function routePaper(
  { about, steps, done }: RouteOnPaper,
  linesOfStep: (step: RouteStep) => readonly string[],
): Paper {
  const toCome = steps.slice(done);
  const anneals = toCome.filter(({ kind }) => kind === 'anneal').length;
  const told = new Set<string>();
  const cautionOf = ({ caution }: RouteStep) => {
    if (!caution || told.has(caution)) return [];
    told.add(caution);
    return [`Take care: ${caution}`];
  };
  const amount =
    done === 0
      ? countWords(steps.length, 'step')
      : `${toCome.length} of ${countWords(steps.length, 'step')} to come`;
  return {
    title: `Route: ${about}`,
    blocks: [
      { kind: 'title', text: about },
      { kind: 'text', text: `${amount}, ${countWords(anneals, 'anneal')}` },
      { kind: 'gap' },
      ...toCome.map((step, i) => ({
        kind: 'task' as const,
        label: `${done + i + 1}. ${step.title}`,
        value: durationWords(step.handsOnMin + step.waitMin),
        notes: [
          ...linesOfStep(step),
          ...(step.risks ?? []).map(({ message }) => `Take care: ${message}`),
          ...cautionOf(step),
        ],
      })),
    ],
  };
}
