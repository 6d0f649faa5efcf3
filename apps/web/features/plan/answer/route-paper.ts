import { countWords, durationWords } from '@round-mint/core/format';
import type { RouteStep } from '@round-mint/core/steps';
import type { Paper } from '@/features/shared/print/paper';

/** A sheet for the wall: every step with a box to tick, where to stop, and its caution where it first stands. */
export function routePaper(
  about: string,
  steps: readonly RouteStep[],
  linesOfStep: (step: RouteStep) => readonly string[],
): Paper {
  const anneals = steps.filter(({ kind }) => kind === 'anneal').length;
  const told = new Set<string>();
  const cautionOf = ({ caution }: RouteStep) => {
    if (!caution || told.has(caution)) return [];
    told.add(caution);
    return [`Take care: ${caution}`];
  };
  return {
    title: `Route: ${about}`,
    blocks: [
      { kind: 'title', text: about },
      { kind: 'text', text: `${countWords(steps.length, 'step')}, ${countWords(anneals, 'anneal')}` },
      { kind: 'gap' },
      ...steps.map((step, i) => ({
        kind: 'task' as const,
        label: `${i + 1}. ${step.title}`,
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
