import { OFF_MARK_MM, predictReading, type MandrelReading, type MandrelTaper } from '../size';
import { axialHeightMm, type RouteStep } from '../steps';
import { expectedReading } from './expected-reading';
import type { LoggedReading } from './ring-state';

/** What a reading says of the step it was taken in. */
export interface ReadingStanding {
  /** Part of the way, on the mark, past it, or somewhere that the step cannot lead. */
  readonly kind: 'part-way' | 'on-mark' | 'past' | 'off-plan';
  /** How far it has still to go, mm; 0 unless part of the way. */
  readonly toGoMm: number;
  /** Read less planned at the edge that is furthest off, mm. */
  readonly offMm: number;
  readonly edge: 'rim' | 'cut';
  /** Whether the other edge is as far off, the same way. */
  readonly both: boolean;
}

/** An edge that moves by less in a step is not what the step is about, mm. */
const MOVES_MM = 0.1;

/** Whether a reading meets what the plan expects after a step, either way round. */
export function isOnMark(step: RouteStep, { rimDownMm, cutDownMm }: MandrelReading): boolean {
  const expected = expectedReading(step);
  const offMm = Math.max(Math.abs(rimDownMm - expected.rimDownMm), Math.abs(cutDownMm - expected.cutDownMm));
  return offMm < OFF_MARK_MM;
}

/** Which way a step takes a size: up, down, or neither. */
export function wayOf(fromMm: number, toMm: number): 1 | 0 | -1 {
  const movesMm = toMm - fromMm;
  if (Math.abs(movesMm) < MOVES_MM) return 0;
  return movesMm > 0 ? 1 : -1;
}

type OneEdge = Omit<ReadingStanding, 'both'>;

interface Side {
  readonly edge: 'rim' | 'cut';
  readonly fromMm: number;
  readonly toMm: number;
  readonly readMm: number;
}

function standingOf({ edge, fromMm, toMm, readMm }: Side): OneEdge {
  const offMm = readMm - toMm;
  const told = (kind: ReadingStanding['kind'], toGoMm = 0): OneEdge => ({ kind, toGoMm, offMm, edge });
  if (Math.abs(offMm) < OFF_MARK_MM) return told('on-mark');
  const way = wayOf(fromMm, toMm);
  if (way === 0) return told('off-plan');
  if (Math.sign(offMm) === way) return told('past');
  const gone = (readMm - fromMm) * way;
  return gone > -OFF_MARK_MM ? told('part-way', Math.abs(offMm)) : told('off-plan');
}

/** What counts first. */
const RANK: readonly ReadingStanding['kind'][] = ['past', 'off-plan', 'part-way', 'on-mark'];

/**
 * Where a reading stands between where its step began and the step's mark (craft §13): a reading part of the way is
 * progress; past the mark, or where the step cannot lead, the rest follows from it.
 */
export function readingStanding(
  step: RouteStep,
  { from, leading }: Pick<LoggedReading, 'from' | 'leading'>,
  mandrel?: MandrelTaper,
): ReadingStanding {
  const began = predictReading(from, axialHeightMm(step.outline), 'leading', mandrel);
  const to = expectedReading(step);
  const sides: readonly Side[] = [
    { edge: 'rim', fromMm: began.rimDownMm, toMm: to.rimDownMm, readMm: leading.rimDownMm },
    { edge: 'cut', fromMm: began.cutDownMm, toMm: to.cutDownMm, readMm: leading.cutDownMm },
  ];
  const [first, second] = sides.map(standingOf) as [OneEdge, OneEdge];
  const both = Math.abs(first.offMm - second.offMm) < OFF_MARK_MM / 2;
  const ranked = RANK.indexOf(first.kind) - RANK.indexOf(second.kind);
  if (ranked !== 0) return { ...(ranked < 0 ? first : second), both };
  return { ...(Math.abs(first.offMm) > Math.abs(second.offMm) ? first : second), both };
}
