import { doubtReading, type ReadingDoubt } from '@round-mint/core/ring';
import { axialHeightMm, type RouteStep } from '@round-mint/core/steps';
import { sizesInWords } from '@round-mint/core/format';
import {
  edgesFromReading,
  predictReading,
  type MandrelReading,
  type ReadingMark,
} from '@round-mint/core/size';
import type { BenchRing } from '@/features/shared/ring/bench-model';

/** What the plan expects to be read during a step, at the mark that the maker reads. */
export function expectedAt({ ring }: BenchRing, step: RouteStep, mark: ReadingMark): MandrelReading {
  if (mark === 'leading' && step.reading) return step.reading;
  const heightMm = axialHeightMm(step.outline);
  return predictReading(step.after, heightMm, mark, { mmPerUsSize: ring.mandrelMmPerUsSize });
}

const WORDS: Readonly<Record<ReadingDoubt['code'], (byUs: number, edge: string) => string>> = {
  'rim-past-coin': () => 'The ring would be wider outside than the coin was. The rim never grows.',
  'rim-grew': (byUs, edge) =>
    `The ${edge} would have grown by ${sizesInWords(byUs)}. A die only brings it in.`,
  'size-jumped': (byUs, edge) =>
    `The ${edge} lies ${sizesInWords(byUs)} outside of where this step begins and ends.`,
};

/** What is strange about a reading, in words; undefined when nothing is. */
export function doubtWords(
  { ring, coinRing, edges: names, state }: BenchRing,
  step: RouteStep,
  read: MandrelReading,
  mark: ReadingMark,
): string | undefined {
  const heightMm = axialHeightMm(step.outline);
  const edges = edgesFromReading(read, heightMm, mark, { mmPerUsSize: ring.mandrelMmPerUsSize });
  const leading = { rimDownMm: edges.rimInsideDiameterMm, cutDownMm: edges.cutInsideDiameterMm };
  const doubt = doubtReading(step, state.edges, leading, coinRing?.coin.diameterMm ?? Infinity);
  return doubt && WORDS[doubt.code](doubt.byUs, names[doubt.edge]);
}
