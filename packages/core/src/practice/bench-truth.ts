import { type BenchTraits, DEFAULT_TRAITS } from '../steps';

/** How a made-up bench really behaves, and how unsteady hand, metal and reading are: what a learner or the log has to find out. */
export interface BenchTruth {
  readonly traits: BenchTraits;
  /** Standard deviations. */
  readonly readingMm: number;
  /** By how much its mandrel reads too large, the same every time, mm: no scatter. */
  readonly gaugeMm?: number | undefined;
  /** By how much larger rings are at their end than they were trued up to, mm: no scatter. */
  readonly endsMm?: number | undefined;
  readonly handMm: number;
  /** Of a funnel's size from one fold to the next. */
  readonly foldMm: number;
  readonly widthShare: number;
  readonly edgeShare: number;
  readonly minutesLog: number;
  /** Of the strain at which metal cracks. */
  readonly crackLog: number;
}

/** A steady hand at a bench that behaves as the defaults say. */
export const STEADY_BENCH: BenchTruth = {
  traits: DEFAULT_TRAITS,
  readingMm: 0.05,
  handMm: 0.04,
  foldMm: 0.12,
  widthShare: 0.007,
  edgeShare: 0.02,
  minutesLog: 0.25,
  crackLog: 0.2,
};
