import { readingDecides, type BenchWord } from '@round-mint/core/bench';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { thinRouteOf } from './ThinEdgeNotice';

/** What has to be settled before a step is done. */
export type DoneNeed =
  /** The customer's word. */
  | 'held'
  /** A reading off the mark: asked about once; past it, the rest follows from it already. */
  | 'done'
  /** A cut edge that gets thinner than is comfortable: the maker's own word. */
  | 'thin'
  /** A reading, where all that follows hangs on one. */
  | 'unread';

/** @returns undefined where the step may be done */
export function doneNeed(
  { stored, state }: Pick<BenchRing, 'stored' | 'state'>,
  { derived, toGo, standing }: Pick<BenchWord, 'derived' | 'toGo' | 'standing'>,
  held: boolean,
): DoneNeed | undefined {
  if (held) return 'held';
  const putRight = derived.kind === 'changed' && derived.fromStep === state.step && standing !== 'on-mark';
  if (stored.stepReading && (toGo || putRight)) return 'done';
  if (thinRouteOf(derived)) return 'thin';
  return !stored.stepReading && readingDecides(state.steps, state.step) ? 'unread' : undefined;
}
