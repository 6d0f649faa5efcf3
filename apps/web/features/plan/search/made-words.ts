import type { Way } from '@round-mint/core/ways';
import type { Writers } from '@/features/shared/settings/use-settings';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

/** What is made of a piece, in a word or two: a coin ring is told by its hole. */
export function madeWords(way: Way, write: Writers): string {
  return way.kind === 'coin'
    ? `hole ${write.length(way.holeMm)}`
    : PLAN_KIND_WORDS[way.kind].tab.toLowerCase();
}
