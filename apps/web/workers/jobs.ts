import {
  searchStock,
  sizeMap,
  type RingWish,
  type SearchPiece,
  type SizeMapQuestion,
} from '@round-mint/core/search';
import { ringChances, type ChancesQuestion } from '@round-mint/core/uncertainty';
import type { Kit } from '@round-mint/core/route';

export interface SearchQuestion {
  readonly stock: readonly SearchPiece[];
  readonly kit: Kit;
  readonly wish: RingWish;
}

/** Work that takes longer than the page may be held up; each yields its progress, 0 to 1. */
export const JOBS = {
  chances: (question: ChancesQuestion) => ringChances(question),
  search: ({ stock, kit, wish }: SearchQuestion) => searchStock(stock, kit, wish),
  sizeMap: (question: SizeMapQuestion) => sizeMap(question),
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
