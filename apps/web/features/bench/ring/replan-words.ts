import { STEP_WORDS } from '@/features/shared/words/step-words';
import { stopAt } from '@round-mint/core/bench';
import type { NewRoute, OutOfReach } from '@round-mint/core/replan';
import type { StepKind } from '@round-mint/core/steps';

const WHY: Readonly<Record<OutOfReach, string>> = {
  'rim-would-grow': 'the rim would have to grow past the coin.',
  'rim-too-small': 'the rim would be crowded further than it can be.',
  'edge-too-thin': 'the cut edge would come out too thin.',
  'no-route': 'no tool of your kit leads there from here.',
};

export function outOfReachWords(why: OutOfReach): string {
  return WHY[why];
}

function countWords(kind: StepKind, difference: number): string {
  const name = STEP_WORDS[kind] ?? kind;
  const count = Math.abs(difference);
  return `${count} ${name}${count > 1 ? 's' : ''} ${difference > 0 ? 'more' : 'fewer'}`;
}

/** Counts worth a word: what the hands do, not what always follows. */
const COUNTED: readonly StepKind[] = ['anneal', 'stretch', 'reduce', 'stepped', 'curl', 'straighten'];

/** A change of a band's width that is worth a word, mm. */
const WIDTH_WORTH_MM = 0.1;

/** What is different from the route before, in a few sentences. */
export function replanWords(
  { change, steps }: NewRoute,
  size: (mm: number) => string,
  length: (mm: number) => string,
  /** Whether what comes next is told with it. */
  { next: withNext = true }: { readonly next?: boolean } = {},
): string {
  const { next, counts, annealNow, beforeCurlMm, reveal, bandWidthMm } = change;
  const formed = steps.find(({ kind }) => kind !== 'anneal');
  const parts = [
    annealNow && withNext ? 'Anneal now.' : undefined,
    next && formed && withNext
      ? `${annealNow ? 'Then' : 'Next'}: ${formed.title.toLowerCase()}, to ${size(stopAt(formed, 'us')?.insideDiameterMm ?? formed.after.cutInsideDiameterMm)}.`
      : undefined,
    ...COUNTED.flatMap((kind) => {
      const difference = counts[kind];
      return difference ? [`${countWords(kind, difference)}.`] : [];
    }),
    beforeCurlMm ? `Curl from ${size(beforeCurlMm.to)} instead of ${size(beforeCurlMm.from)}.` : undefined,
    reveal ? `Stop at line ${reveal.to.toFixed(1)} instead of ${reveal.from.toFixed(1)}.` : undefined,
    Math.abs(bandWidthMm.to - bandWidthMm.from) > WIDTH_WORTH_MM
      ? `Band ${length(bandWidthMm.to)} wide instead of ${length(bandWidthMm.from)}.`
      : undefined,
  ];
  return parts.filter(Boolean).join(' ');
}
