import { arcWidthMm, coarseMeridian, pushDepthMm } from '../forming';
import { costToGo } from '../route';
import { MM_PER_US_SIZE } from '../size';
import { act, edgesOf, goalFor, routeStateOf, startGame } from './game';
import type { Game, Moment, PracticeAction, PracticePieceState } from './game-state';
import { curlAsked, type Exercise } from './exercises';
import { LESSON_WORDS } from './lesson-words';

/** Points, a hundred in all. */
const POINTS = { whole: 15, size: 40, width: 20, time: 25 } as const;
/** A size this far off earns nothing, US sizes. */
const WORST_SIZE_US = 0.75;
const WORST_WIDTH_MM = 1.5;
/** A drop of fewer points is no moment to speak of. */
const WORTH_TELLING = 3;

export interface Score {
  readonly total: number;
  readonly whole: number;
  readonly size: number;
  readonly width: number;
  readonly time: number;
  /** Best that could be had, minutes and anneals. */
  readonly bestMin: number;
  readonly bestAnneals: number;
  readonly sizeOffUs: number;
  readonly bandWidthMm: number;
  /** What cost the most, and how much. */
  readonly costliest:
    { readonly moment: number; readonly action: PracticeAction; readonly points: number } | undefined;
  readonly lesson: string;
}

function share(off: number, worst: number): number {
  return Math.max(0, 1 - off / worst);
}

function widthOff(exercise: Exercise, widthMm: number): number {
  const { min, max } = exercise.widthMm;
  return Math.max(0, min - widthMm, widthMm - max);
}

/** What a perfect hand would still need; undefined when nothing leads to the ring any more. */
function toGo(exercise: Exercise, state: PracticePieceState) {
  const piece = routeStateOf(exercise, state);
  return costToGo({ ...piece, wall: coarseMeridian(piece.wall) }, goalFor(exercise, state));
}

interface BestRoute {
  readonly minutes: number;
  readonly anneals: number;
}

/** The best piece and hole of an exercise, and what they cost from the punch on. */
function bestRoute(exercise: Exercise): BestRoute {
  let best: BestRoute | undefined;
  exercise.pieces.forEach((_piece, piece) => {
    for (const holeMm of exercise.holesMm) {
      const taken = act(startGame(exercise, 0), { kind: 'take', piece, holeMm });
      const annealed = act(taken, { kind: 'anneal' });
      const rest = annealed.now && toGo(exercise, annealed.now);
      if (!rest) continue;
      const minutes = annealed.minutes + rest.minutes;
      if (!best || minutes < best.minutes) best = { minutes, anneals: rest.anneals + 1 };
    }
  });
  return best ?? { minutes: 1, anneals: 0 };
}

/** Points that could still be had after a moment, by a perfect hand. */
function valueOf(
  exercise: Exercise,
  state: PracticePieceState | undefined,
  usedMin: number,
  best: BestRoute,
): number {
  if (!state) return POINTS.whole + POINTS.size + POINTS.width + POINTS.time;
  const rest = toGo(exercise, state);
  if (!rest) return POINTS.whole;
  const time = Math.min(1, best.minutes / (usedMin + rest.minutes));
  const width = share(widthOff(exercise, arcWidthMm(state.wall) * widthToCome(state)), WORST_WIDTH_MM);
  return POINTS.whole + POINTS.size + POINTS.width * width + POINTS.time * time;
}

/** A washer's land is a little narrower than the band it becomes: craft's stretch at the middle is near nothing. */
function widthToCome({ folded }: PracticePieceState): number {
  return folded ? 1 : 1.05;
}

/** @param total points that the ended game came to */
function costliestOf(game: Game, best: BestRoute, total: number): Score['costliest'] {
  let used = 0;
  let before = valueOf(game.exercise, undefined, 0, best);
  let worst: { moment: number; action: PracticeAction; points: number } | undefined;
  game.moments.forEach(({ action, after, minutes }: Moment, moment) => {
    used += minutes;
    const last = moment === game.moments.length - 1;
    // The last move decides: a crack, or a stop at a wrong size.
    const value = last ? total : valueOf(game.exercise, after, used, best);
    const points = before - value;
    if (points > (worst?.points ?? WORTH_TELLING)) worst = { moment, action, points };
    before = value;
  });
  return worst;
}

function lessonOf(game: Game, sizeOffUs: number, costliest: Score['costliest']): string {
  const { exercise, ended } = game;
  if (ended === 'cracked') {
    return LESSON_WORDS.cracked;
  }
  if (ended === 'saddled') return LESSON_WORDS.saddled;
  if (Math.abs(sizeOffUs) > 0.25) {
    return sizeOffUs > 0 ? LESSON_WORDS.tooLarge : LESSON_WORDS.tooSmall;
  }
  switch (costliest?.action.kind) {
    case 'take':
      return exercise.pieces.length > 1 ? LESSON_WORDS.pieceAndHole : LESSON_WORDS.hole;
    case 'anneal':
      return LESSON_WORDS.anneal;
    case 'stretch':
      return LESSON_WORDS.stretched;
    case 'rim-in':
    case 'reduce':
    case 'push':
      return LESSON_WORDS.reduced;
    case 'curl':
      return LESSON_WORDS.curled;
    default:
      return exercise.about;
  }
}

/** Edges that are in by this much of what was asked for look it. */
const ROUND_ENOUGH = 0.6;

function isRounded(exercise: Exercise, now: PracticePieceState | undefined): boolean {
  const curl = curlAsked(exercise);
  if (!curl) return true;
  if (!now?.pushedBand) return false;
  return now.pushedMm * exercise.hidden.pushGain >= ROUND_ENOUGH * pushDepthMm(curl, now.pushedBand.widthMm);
}

/** A game that has ended, against the best route. */
export function judge(game: Game): Score {
  const { exercise, now, ended, minutes } = game;
  const best = bestRoute(exercise);
  const edges = now ? edgesOf(now) : { rimMm: 0, cutMm: 0 };
  const readMm = Math.min(edges.rimMm, edges.cutMm);
  const sizeOffUs = (readMm - exercise.targetMm) / MM_PER_US_SIZE;
  const bandWidthMm = now ? arcWidthMm(now.wall) : 0;
  const apart = Math.abs(edges.rimMm - edges.cutMm) / MM_PER_US_SIZE;
  const good = ended === 'finished';
  const curled = isRounded(exercise, now);
  // A band that was to be rounded and is not has no size yet.
  const sized = good && curled;
  const whole = good ? POINTS.whole : 0;
  const width = good ? POINTS.width * share(widthOff(exercise, bandWidthMm), WORST_WIDTH_MM) : 0;
  const size = sized ? POINTS.size * share(Math.max(Math.abs(sizeOffUs), apart / 2), WORST_SIZE_US) : 0;
  const time = size > 0 ? POINTS.time * Math.min(1, best.minutes / minutes) : 0;
  const total = Math.round(whole + size + width + time);
  const costliest = costliestOf(game, best, total);
  return {
    total,
    whole,
    size,
    width,
    time,
    bestMin: best.minutes,
    bestAnneals: best.anneals,
    sizeOffUs,
    bandWidthMm,
    costliest,
    lesson: curled || !good ? lessonOf(game, sizeOffUs, costliest) : LESSON_WORDS.notRounded,
  };
}
