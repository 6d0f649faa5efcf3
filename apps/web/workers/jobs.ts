import {
  searchStock,
  sizeMap,
  type RingWish,
  type SearchPiece,
  type SizeMapQuestion,
} from '@round-mint/core/search';
import { ringChances, type ChancesQuestion } from '@round-mint/core/uncertainty';
import { judge, type Game, type Score } from '@round-mint/core/practice';
import { replan, type Finding, type Kit, type Replan, type RingInWork } from '@round-mint/core/route';

export interface SearchQuestion {
  readonly stock: readonly SearchPiece[];
  readonly kit: Kit;
  readonly wish: RingWish;
}

export interface ReplanQuestion {
  readonly ring: RingInWork;
  readonly finding: Finding;
}

/** One answer, without stops on the way. */
function* inOneGo<T>(work: () => T): Generator<number, T> {
  yield 0;
  return work();
}

/** Work that takes longer than the page may be held up; each yields its progress, 0 to 1. */
export const JOBS = {
  chances: (question: ChancesQuestion) => ringChances(question),
  search: ({ stock, kit, wish }: SearchQuestion) => searchStock(stock, kit, wish),
  sizeMap: (question: SizeMapQuestion) => sizeMap(question),
  practiceScore: ({ game }: { readonly game: Game }) => inOneGo<Score>(() => judge(game)),
  replan: ({ ring, finding }: ReplanQuestion) => inOneGo<Replan>(() => replan(ring, finding)),
};

export type JobName = keyof typeof JOBS;
export type JobQuestion<N extends JobName> = Parameters<(typeof JOBS)[N]>[0];
export type JobAnswer<N extends JobName> =
  ReturnType<(typeof JOBS)[N]> extends Generator<number, infer T> ? T : never;

/** A job on its way; cancelled, it never answers. */
export interface RunningJob<T> {
  readonly answer: Promise<T>;
  readonly cancel: () => void;
}
