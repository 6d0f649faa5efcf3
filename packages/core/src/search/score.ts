import { countWords, durationWords } from '../format';
import { paretoFront } from './pareto';
import { WHY_WORDS } from './why-words';

/** What a way to make a ring is judged by, whatever it is made of. */
export interface Judged {
  /** Off the width that is aimed at, mm: wider is more; undefined where any will do. */
  readonly widthOffMm: number | undefined;
  /** Chance that the ring is lost, 0 to 1. */
  readonly lost: number;
  /** Chance that its size needs another pass, 0 to 1. */
  readonly anotherPass: number;
  readonly anneals: number;
  readonly minutes: number;
  readonly missingTools: readonly string[];
  /** What makes it less than it might be, and no loss: edges that are left as filed, a step that shows. */
  readonly shortcomings: number;
}

/** What each thing takes off a hundred points: a millimetre off the width weighs as much as three anneals. */
const TAKES = {
  widthMm: 9,
  lost: 60,
  /** A pass more to its size, and an anneal before it now and then (our assumption). */
  anotherPass: 3,
  anneal: 3,
  minute: 0.15,
  missingTool: 20,
  /** Less comfort, or less good to look at: worth two anneals (our assumption). */
  shortcoming: 7,
} as const;
/** Less than this off is as wide as wanted, mm. */
const AS_WANTED_MM = 0.1;

/** Points of a way to make a ring; more is better, at most a hundred. */
export function pointsOf(judged: Judged): number {
  const { widthOffMm, lost, anotherPass, anneals, minutes, missingTools, shortcomings } = judged;
  return (
    100 -
    TAKES.widthMm * Math.abs(widthOffMm ?? 0) -
    TAKES.lost * lost -
    TAKES.anotherPass * anotherPass -
    TAKES.anneal * anneals -
    TAKES.minute * minutes -
    TAKES.shortcoming * shortcomings -
    TAKES.missingTool * missingTools.length
  );
}

/** Points as they are shown: 0 to 100. */
export function scoreOf(judged: Judged): number {
  return Math.max(0, Math.min(100, pointsOf(judged)));
}

/** Why a way has its points, in words. @param more what else is to be said of it */
export function whyWords(judged: Judged, more: readonly string[]): string {
  const { widthOffMm, anneals, minutes, lost, missingTools } = judged;
  const off = widthOffMm !== undefined && Math.abs(widthOffMm) < AS_WANTED_MM ? 0 : widthOffMm;
  const parts = [
    ...(off === undefined ? [] : [WHY_WORDS.width(off)]),
    countWords(anneals, WHY_WORDS.anneal),
    durationWords(minutes),
    WHY_WORDS.lost(lost),
    ...more,
    ...(missingTools.length > 0 ? [WHY_WORDS.needs(missingTools)] : []),
  ];
  return `${parts.join(', ')}.`;
}

/** What ways are compared by; smaller is better, but for the score. */
interface Compared {
  readonly widthErrorMm: number;
  readonly lost: number;
  readonly annealCount: number;
  readonly minutes: number;
  readonly price: number | undefined;
  readonly score: number;
}

/** Ways to make a ring, the best first, each with whether no other beats it. */
export function ranked<Way extends Compared>(
  ways: readonly Way[],
): readonly (Way & { readonly onFront: boolean })[] {
  const front = paretoFront(
    ways.map((one) => [one.widthErrorMm, one.lost, one.annealCount, one.minutes, one.price ?? 0]),
  );
  return ways
    .map((one, i) => ({ ...one, onFront: front[i] ?? false }))
    .sort((one, other) => other.score - one.score);
}
