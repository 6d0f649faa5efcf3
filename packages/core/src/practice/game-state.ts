import type { Meridian, StraightBand } from '../forming';
import type { EdgeSpend } from '../steps';
import type { Exercise, PracticePiece } from './exercises';

/** What a learner can do. Sizes are where the hand means to stop, mm inside. */
export type PracticeAction =
  | { readonly kind: 'take'; readonly piece: number; readonly holeMm: number }
  | { readonly kind: 'anneal' }
  | { readonly kind: 'fold'; readonly share: number }
  | { readonly kind: 'stretch'; readonly toMm: number }
  | { readonly kind: 'rim-in'; readonly toMm: number }
  | { readonly kind: 'reduce'; readonly toMm: number }
  | { readonly kind: 'push'; readonly pusherMm: number }
  /** Both edges turned in, each pushed so far past the first touch of the exercise's die. */
  | { readonly kind: 'curl'; readonly depthMm: number }
  | { readonly kind: 'trim' }
  | { readonly kind: 'stop' };

/** How the metal feels under the hand. */
export type Feel = 'soft' | 'firm' | 'stiff' | 'groaning';

/** A piece on the practice bench, with what only the metal knows. */
export interface PracticePieceState {
  readonly piece: PracticePiece;
  readonly holeMm: number;
  readonly wall: Meridian;
  readonly spent: EdgeSpend;
  readonly lipMm: number;
  /** How far its edges have been pushed in by now: as the hand meant it, mm along the axis. */
  readonly pushedMm: number;
  /** The straight wall when the turning began. */
  readonly pushedBand: StraightBand | undefined;
  readonly folded: boolean;
}

/** Something that was done, and the piece before it. */
export interface Moment {
  readonly action: PracticeAction;
  readonly before: PracticePieceState | undefined;
  readonly after: PracticePieceState | undefined;
  readonly minutes: number;
}

export interface Game {
  readonly exercise: Exercise;
  readonly seed: number;
  readonly now: PracticePieceState | undefined;
  readonly feel: Feel;
  readonly minutes: number;
  readonly anneals: number;
  readonly moments: readonly Moment[];
  /** What the learner was last told. */
  readonly said: string;
  readonly ended: 'finished' | 'cracked' | 'saddled' | undefined;
}
