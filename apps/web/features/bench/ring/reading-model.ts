import { doubtReading, type ReadingDoubt } from '@round-mint/core/ring';
import { axialHeightMm, type RouteStep } from '@round-mint/core/steps';
import {
  edgesFromReading,
  MM_PER_US_SIZE,
  predictReading,
  type MandrelReading,
  type ReadingMark,
  type SizeSystemId,
  writeAmount,
} from '@round-mint/core/size';
import type { BenchRing } from '@/features/shared/ring/bench-model';

/** What the plan expects to be read during a step, at the mark that the maker reads. */
export function expectedAt({ ring }: BenchRing, step: RouteStep, mark: ReadingMark): MandrelReading {
  if (mark === 'leading' && step.reading) return step.reading;
  const heightMm = axialHeightMm(step.outline);
  return predictReading(step.after, heightMm, mark, { mmPerUsSize: ring.mandrelMmPerUsSize });
}

const WORDS: Readonly<Record<ReadingDoubt['code'], (amount: string, edge: string) => string>> = {
  'rim-past-coin': () => 'The ring would be wider outside than the coin was. The rim never grows.',
  'rim-grew': (amount, edge) => `The ${edge} would have grown by ${amount}. A die only brings it in.`,
  'size-jumped': (amount, edge) => `The ${edge} lies ${amount} outside of where this step begins and ends.`,
};

/** What is strange about a reading, in words; undefined when nothing is. */
export function doubtWords(
  { ring, coinRing, edges: names, state }: BenchRing,
  step: RouteStep,
  read: MandrelReading,
  mark: ReadingMark,
  system: SizeSystemId,
): string | undefined {
  const heightMm = axialHeightMm(step.outline);
  const edges = edgesFromReading(read, heightMm, mark, { mmPerUsSize: ring.mandrelMmPerUsSize });
  const leading = { rimDownMm: edges.rimInsideDiameterMm, cutDownMm: edges.cutInsideDiameterMm };
  const doubt = doubtReading(step, state.edges, leading, coinRing?.coin.diameterMm ?? Infinity);
  return doubt && WORDS[doubt.code](writeAmount(doubt.byUs * MM_PER_US_SIZE, system), names[doubt.edge]);
}
