import type { Way, WorkWay } from '@round-mint/core/ways';
import type { Writers } from '@/features/shared/settings/use-settings';
import { PLAN_KIND_WORDS } from '@/features/shared/words/plan-kinds';

/** A kind of work among others, in a word or two. */
export function workWords(kind: WorkWay['kind']): string {
  return PLAN_KIND_WORDS[kind].tab.toLowerCase();
}

/** What is made of a piece: a coin ring is told by its hole. */
export function madeWords(way: Way, write: Writers): string {
  return way.kind === 'coin' ? `hole ${write.length(way.holeMm)}` : workWords(way.kind);
}
