import type { Reason } from '../forming';
import { metalById, type MetalId } from '../metal';
import type { Finish } from '../steps';
import { finishReason } from './reason-words';

/** Metals that the flame colours (craft §8). */
const COLOURED_BY_FLAME: readonly MetalId[] = ['copper', 'bronze'];
/** Metals that liver of sulphur darkens: silver, copper and most of its alloys (craft §8; brass poorly, our assumption). */
const DARKENED: readonly MetalId[] = ['copper', 'bronze', 'clad'];

/** What a metal says against a finish. */
export function finishReasons(finish: Finish, metal: MetalId): readonly Reason[] {
  const { name } = metalById(metal);
  if (finish === 'fire-scale' && !COLOURED_BY_FLAME.includes(metal)) {
    return [finishReason('finish-needs-copper', 'refuse', { metal: name })];
  }
  if (finish === 'satin' && metal === 'silver-plate') return [finishReason('finish-wears-plate', 'warn')];
  if (finish !== 'dark') return [];
  if (metal === 'silver-plate') return [finishReason('finish-shows-wear', 'warn')];
  if (metal.startsWith('silver-') || DARKENED.includes(metal)) return [];
  return [finishReason('finish-may-not-take', 'warn', { metal: name })];
}
