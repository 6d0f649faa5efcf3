import type { Reasoned } from '../forming';
import { metalById, type MetalId } from '../metal';

/** What a metal says against work that heats and bends it. */
export function metalReasons(metal: MetalId): readonly Reasoned[] {
  const { name, refusal, notes, heat } = metalById(metal);
  if (refusal) return [{ code: 'metal-refused', level: 'refuse', message: `${name}: ${refusal}` }];
  const plated: readonly Reasoned[] =
    heat === 'unplated-only'
      ? [
          {
            code: 'unplated-only',
            level: 'warn',
            message: `${name}: heat it only if it was never plated.`,
            instead: '“What is this piece?” under Stock finds out before anything is spoilt.',
          },
        ]
      : [];
  return [...plated, ...notes.map((message): Reasoned => ({ code: 'metal-note', level: 'note', message }))];
}

/** Metals that solder does not take at this bench. */
export function solderReasons(metal: MetalId): readonly Reasoned[] {
  const { name, heat } = metalById(metal);
  if (metal !== 'aluminium' && heat !== 'never') return [];
  return [
    {
      code: 'cannot-solder',
      level: 'refuse',
      message: `${name} cannot be soldered here.`,
      instead: 'Another metal, or an open band.',
    },
  ];
}
