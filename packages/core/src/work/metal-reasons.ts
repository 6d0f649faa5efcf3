import type { Reasoned } from '../forming';
import { metalById, type MetalId } from '../metal';
import { workReason } from './reason-words';

/** What a metal says against work that heats and bends it. */
export function metalReasons(metal: MetalId): readonly Reasoned[] {
  const { name, refusal, notes, heat } = metalById(metal);
  if (refusal) return [workReason('metal-refused', 'refuse', { metal: name, why: refusal })];
  return [
    ...(heat === 'unplated-only' ? [workReason('unplated-only', 'warn', { metal: name })] : []),
    ...notes.map((note) => workReason('metal-note', 'note', { note })),
  ];
}

/** Metals that solder does not take at this bench. */
export function solderReasons(metal: MetalId): readonly Reasoned[] {
  const { name, heat } = metalById(metal);
  if (metal !== 'aluminium' && heat !== 'never') return [];
  return [workReason('cannot-solder', 'refuse', { metal: name })];
}
