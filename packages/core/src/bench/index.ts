export { ADVICE_CODES, STANDINGS } from './codes';
export { benchWord, sayingBench, wordAlong } from './bench-word';
export type { BenchWord } from './bench-word';
export {
  alongRoute,
  AS_PLANNED,
  deriveRoute,
  PENDING,
  findingOf,
  storedState,
  ringInWork,
} from './derive-route';
export type { DerivedRoute, Finding } from './derive-route';
export { gaugesOf } from './gauges';
export type { Gauge } from './gauges';
export { keptRoute } from './kept-route';
export { readingDecides } from './reading-decides';
export { mayAnneal, mayReduce } from './ring-at-bench';
export type { BenchTools, RingAtBench } from './ring-at-bench';
export { inPlanOrder, lastTouchedFirst } from './plan-order';
export { isRead, nextWords, pastMark, placeWords, stopAt, stopWords, toMark, wayRoundWords } from './stop-at';
export type { StopAt } from './stop-at';
