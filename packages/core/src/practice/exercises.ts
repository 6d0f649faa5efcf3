import type { CurlWish, FinishingSchool, WallWish } from '../forming';
import { type BenchTraits, DEFAULT_TRAITS } from '../steps';
import { SIZE_SYSTEMS } from '../size';
import type { Coin } from '../stock';

/** A piece that a learner may take. */
export interface PracticePiece extends Coin {
  readonly name: string;
}

/** What there is to learn, from the easiest to the hardest. */
export interface Exercise {
  readonly id: string;
  readonly grade: 1 | 2 | 3 | 4 | 5;
  readonly title: string;
  readonly task: string;
  /** What it is about: told at the end. */
  readonly about: string;
  readonly pieces: readonly PracticePiece[];
  readonly holesMm: readonly number[];
  readonly targetMm: number;
  readonly wall: WallWish;
  readonly school: FinishingSchool;
  readonly widthMm: { readonly min: number; readonly max: number };
  /** How far the metal may differ from the table: the learner does not know. */
  readonly hidden: {
    readonly traits: BenchTraits;
    /** Spread, as logarithms, of what it bears, and of what a hand adds to a stop, mm. */
    readonly bearsLog: number;
    readonly handMm: number;
    /** How deep an edge really goes against what the hand meant: every die has its own way with the marks. */
    readonly pushGain: number;
  };
  readonly pushersMm: readonly number[];
}

/** How its edges are to be turned in; undefined where the band stays straight. */
export function curlAsked({ wall }: Pick<Exercise, 'wall'>): CurlWish | undefined {
  return wall.kind === 'rounded' ? wall.curl : undefined;
}

const us = SIZE_SYSTEMS.us.toDiameterMm;
const BRENN: PracticePiece = {
  name: 'Silver brenn',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  metal: 'silver-900',
};
const SMALL_BRENN: PracticePiece = {
  name: 'Small silver brenn',
  diameterMm: 24.6,
  rimThicknessMm: 1.75,
  massG: 7.77,
  metal: 'silver-900',
};
const COPPER_QUILL: PracticePiece = {
  name: 'Copper quill',
  diameterMm: 33.5,
  rimThicknessMm: 2.2,
  massG: 16.16,
  metal: 'copper',
};
const LARGE_BRENN: PracticePiece = {
  name: 'Large silver brenn',
  diameterMm: 37.7,
  rimThicknessMm: 2.6,
  massG: 27.24,
  metal: 'silver-900',
};
const HOLES = [9.5, 11.1, 12.7, 14.3, 15.9] as const;

export const EXERCISES: readonly Exercise[] = [
  {
    id: 'first-band',
    grade: 1,
    title: 'A first band',
    task: 'Make a straight band from the silver brenn. The hole is up to you.',
    about: 'A piece near its natural size needs least work, and a stop in time saves a correction.',
    pieces: [BRENN],
    holesMm: HOLES,
    targetMm: us(9),
    wall: { kind: 'straight' },
    school: 'over-stretch',
    widthMm: { min: 8, max: 10 },
    hidden: { traits: DEFAULT_TRAITS, bearsLog: 0.1, handMm: 0.05, pushGain: 1 },
    pushersMm: [],
  },
  {
    id: 'which-coin',
    grade: 2,
    title: 'Which coin?',
    task: 'A straight band for a little finger. Take the piece and the hole that suit it.',
    about: 'A coin too large for the finger has to be crushed down to it; a small one hardly works at all.',
    pieces: [SMALL_BRENN, BRENN, LARGE_BRENN],
    holesMm: HOLES,
    targetMm: us(5),
    wall: { kind: 'straight' },
    school: 'over-stretch',
    widthMm: { min: 6.5, max: 8.5 },
    hidden: {
      traits: { ...DEFAULT_TRAITS, shareShift: 0.02 },
      bearsLog: 0.12,
      handMm: 0.08,
      pushGain: 1,
    },
    pushersMm: [],
  },
  {
    id: 'hard-copper',
    grade: 3,
    title: 'Copper that hardens early',
    task: 'A straight band from copper. This piece has been worked before: feel when it wants the flame.',
    about: 'Metal tells when it is full: anneal when it turns stiff, not by the count of strokes.',
    pieces: [COPPER_QUILL],
    holesMm: HOLES,
    targetMm: us(11),
    wall: { kind: 'straight' },
    school: 'over-stretch',
    widthMm: { min: 9, max: 12.5 },
    hidden: {
      traits: { ...DEFAULT_TRAITS, allowanceFactor: { copper: 0.6 } },
      bearsLog: 0.15,
      handMm: 0.08,
      pushGain: 1,
    },
    pushersMm: [],
  },
  {
    id: 'from-where-to-curl',
    grade: 4,
    title: 'From what size to turn the edges in?',
    task: 'A rounded band from the silver brenn, half round, in the 25° die. Choose the straight size to turn its edges in from.',
    about:
      'How deep the edges are pushed decides the size, and every die has its own way: push a little, read, and work out the rest.',
    pieces: [BRENN],
    holesMm: HOLES,
    targetMm: us(9.5),
    wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
    school: 'over-stretch',
    widthMm: { min: 7.5, max: 10 },
    hidden: {
      traits: DEFAULT_TRAITS,
      bearsLog: 0.15,
      handMm: 0.1,
      pushGain: 0.88,
    },
    pushersMm: [],
  },
  {
    id: 'big-coin-small-finger',
    grade: 5,
    title: 'Big coin, small finger',
    task: 'The large brenn as a straight band: too tight for dies alone. Pushers under tape, annealed before each.',
    about: 'A long reduction goes pusher by pusher, and the rim bears only so much in one.',
    pieces: [LARGE_BRENN],
    holesMm: HOLES,
    targetMm: us(10),
    wall: { kind: 'straight' },
    school: 'over-stretch',
    widthMm: { min: 11, max: 15 },
    hidden: {
      traits: { ...DEFAULT_TRAITS, shareShift: -0.02 },
      bearsLog: 0.18,
      handMm: 0.1,
      pushGain: 1,
    },
    pushersMm: [27, 25.5, 24, 22.5, 21, 20, 19],
  },
];

export function exerciseById(id: string): Exercise | undefined {
  return EXERCISES.find((exercise) => exercise.id === id);
}
