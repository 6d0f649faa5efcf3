import type { StepKind } from '@round-mint/core/steps';

/** What a step is about, physically: the only meaning of colour. */
export type StepForce = 'heat' | 'force' | 'hand';

interface Silhouette {
  /** Strokes in a 24 × 24 box. */
  readonly strokes: string;
  readonly about: StepForce;
}

const TROUGH = 'M4 10 H20 L18 20 H6 Z';

/** A shape for each kind of step; a file for what has none of its own. */
const SILHOUETTES: Partial<Readonly<Record<StepKind, Silhouette>>> = {
  cut: { about: 'force', strokes: 'M12 3 V13 M8 9 L12 13 L16 9 M3 20 H9 M15 20 H21 M9 16 V20 M15 16 V20' },
  deburr: { about: 'hand', strokes: 'M3 18 H21 M6 18 C8 12 10 12 12 18 M12 18 C14 12 16 12 18 18 M5 7 H19' },
  anneal: {
    about: 'heat',
    strokes: 'M12 3 C13 8 18 10 18 15 A6 6 0 0 1 6 15 C6 12 8 11 9 8 C10 10 11 11 12 12 C13 9 12 6 12 3 Z',
  },
  fold: { about: 'force', strokes: 'M3 6 L8 19 H16 L21 6 M9 4 H15 M12 4 V11' },
  flatten: { about: 'force', strokes: 'M3 7 H21 M3 17 H21 M12 2 V7 M12 22 V17 M6 12 C9 10 15 14 18 12' },
  stretch: {
    about: 'force',
    strokes: 'M9 5 V19 M15 5 V19 M9 12 H2 M5 9 L2 12 L5 15 M15 12 H22 M19 9 L22 12 L19 15',
  },
  reduce: {
    about: 'force',
    strokes: 'M4 4 V20 M20 4 V20 M4 12 H10 M7 9 L10 12 L7 15 M20 12 H14 M17 9 L14 12 L17 15',
  },
  stepped: { about: 'force', strokes: 'M7 3 H17 V8 H15 V13 H13.5 V18 H10.5 V13 H9 V8 H7 Z M4 21 H20' },
  straighten: {
    about: 'force',
    strokes: 'M6 20 L10 4 M18 20 L14 4 M3 20 H21 M12 16 V8 M9.5 10.5 L12 8 L14.5 10.5',
  },
  curl: { about: 'force', strokes: 'M9 3 C16 7 16 17 9 21 M4 8 L8 4 M4 16 L8 20' },
  trim: { about: 'hand', strokes: 'M4 20 L15 9 M13 7 L17 11 L20 8 L16 4 Z M4 20 H10' },
  'true-up': { about: 'hand', strokes: 'M10 3 H14 L17 21 H7 Z M8.5 12 H15.5 M4 12 H6 M18 12 H20' },
  read: { about: 'hand', strokes: 'M10 3 H14 L17 21 H7 Z M11 8 H13 M10.5 12 H13.5 M10 16 H14' },
  pickle: { about: 'hand', strokes: `${TROUGH} M7 14 H17 M9 4 V8 M15 4 V8` },
  sand: { about: 'hand', strokes: 'M4 15 L20 9 V14 L4 20 Z M6 8 H6.2 M10 6.5 H10.2 M14 5 H14.2' },
  patina: {
    about: 'hand',
    strokes: `${TROUGH} M7 14 C9 12 10 16 12 14 C14 12 15 16 17 14 M10 7 C10 5 12 6 12 3`,
  },
  plate: { about: 'hand', strokes: 'M12 9 a6 6 0 1 0 0.1 0 M12 12 a3 3 0 1 0 0.1 0 M15 2 L12 12 M13 2 H18' },
  saw: {
    about: 'hand',
    strokes: 'M4 8 H20 V12 L18 10 L16 12 L14 10 L12 12 L10 10 L8 12 L6 10 L4 12 Z M7 18 H17',
  },
  bend: { about: 'force', strokes: 'M4 8 C4 22 20 22 20 8 M12 9 m-4 0 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0' },
  close: {
    about: 'force',
    strokes: 'M11 4 A8.5 8.5 0 1 0 13 4 M4 4 L9 4 M7 2 L9 4 L7 6 M20 4 L15 4 M17 2 L15 4 L17 6',
  },
  solder: {
    about: 'heat',
    strokes: 'M3 19 H11 M13 19 H21 M12 19 V16 M12 3 C12.6 6 15 7 15 10 A3 3 0 0 1 9 10 C9 8 10.5 7 12 3 Z',
  },
  roll: {
    about: 'force',
    strokes:
      'M12 6 m-4 0 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0 M12 18 m-4 0 a4 4 0 1 0 8 0 a4 4 0 1 0 -8 0 M2 10.5 V13.5 M2 12 H22',
  },
  assemble: { about: 'force', strokes: 'M8 3 L10 6 V18 L8 21 M16 3 L14 6 V18 L16 21 M4 8 V16 M20 8 V16' },
  polish: {
    about: 'hand',
    strokes: 'M12 12 m-6 0 a6 6 0 1 0 12 0 a6 6 0 1 0 -12 0 M12 3 V6 M21 12 H18 M12 21 V18 M3 12 H6',
  },
};

const FALLBACK: Silhouette = { about: 'hand', strokes: 'M5 12 H19 M5 8 V16' };

export function silhouetteOf(kind: StepKind): Silhouette {
  return SILHOUETTES[kind] ?? FALLBACK;
}
