import type { StepKind } from './step-kind';
import { BATH_WORDS, STEP_WORDS, WAIT_WORDS } from './step-words';
import type { BenchTraits } from './traits';
import type { StepWait } from './waits';

interface StepTimes {
  readonly handsOnMin: number;
  readonly waitMin: number;
  readonly waits?: readonly StepWait[];
}

/** Words and times that belong to a kind of step. */
interface StepDefaults extends StepTimes {
  readonly lookFor: string;
  readonly caution?: string;
}

/** Minutes of a kind of step, and what it waits for: defaults, until the log has timed some. */
const STEP_TIMES: Readonly<Record<StepKind, StepTimes>> = {
  cut: { handsOnMin: 6, waitMin: 0 },
  deburr: { handsOnMin: 4, waitMin: 0 },
  anneal: {
    handsOnMin: 3,
    waitMin: 2,
    waits: [
      { what: WAIT_WORDS.marker, shortSec: 60 },
      { what: WAIT_WORDS.cooling, shortSec: 60, longSec: 120 },
    ],
  },
  fold: { handsOnMin: 4, waitMin: 0 },
  flatten: { handsOnMin: 2, waitMin: 0 },
  straighten: { handsOnMin: 6, waitMin: 0 },
  stretch: { handsOnMin: 5, waitMin: 0 },
  reduce: { handsOnMin: 4, waitMin: 0 },
  stepped: { handsOnMin: 12, waitMin: 0 },
  curl: { handsOnMin: 4, waitMin: 0 },
  trim: { handsOnMin: 6, waitMin: 0 },
  file: { handsOnMin: 8, waitMin: 0 },
  'true-up': { handsOnMin: 4, waitMin: 0 },
  read: { handsOnMin: 1, waitMin: 0 },
  pickle: {
    handsOnMin: 2,
    waitMin: 10,
    waits: [{ what: WAIT_WORDS.pickle, bath: BATH_WORDS.pickle, shortSec: 300, longSec: 900 }],
  },
  sand: { handsOnMin: 12, waitMin: 0 },
  patina: {
    handsOnMin: 5,
    waitMin: 8,
    waits: [{ what: WAIT_WORDS.patina, bath: BATH_WORDS.sulphur, shortSec: 420, longSec: 600 }],
  },
  polish: { handsOnMin: 10, waitMin: 0 },
  plate: { handsOnMin: 8, waitMin: 0 },
  saw: { handsOnMin: 5, waitMin: 0 },
  bend: { handsOnMin: 6, waitMin: 0 },
  close: { handsOnMin: 4, waitMin: 0 },
  solder: {
    handsOnMin: 6,
    waitMin: 2,
    waits: [{ what: WAIT_WORDS.cooling, shortSec: 60, longSec: 120 }],
  },
  roll: { handsOnMin: 2, waitMin: 0 },
  assemble: { handsOnMin: 8, waitMin: 0 },
};

/** Words and times of a kind of step. @param traits whose minutes are taken, where the log knows them */
export function stepDefaults(kind: StepKind, traits?: BenchTraits): StepDefaults {
  const defaults = { ...STEP_TIMES[kind], ...STEP_WORDS[kind] };
  const handsOnMin = traits?.handsOnMin[kind];
  return handsOnMin === undefined ? defaults : { ...defaults, handsOnMin };
}

/** Hands-on minutes of a kind of step before any was timed. */
export function defaultMinutes(kind: StepKind): number {
  return STEP_TIMES[kind].handsOnMin;
}
