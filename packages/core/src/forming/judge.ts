import { metalById, THIN_STOCK_MM } from '../metal';
import { checkFill, type Coin } from '../stock';
import type { Washer } from './finished';
import { COMFORTABLE_CUT_EDGE_MM, NARROWEST_LAND_MM, SHARP_CUT_EDGE_MM } from './limits';
import { cutEdge, rimEdge, type Meridian } from './meridian';
import { naturalInsideDiameterMm } from './natural-size';
import { hollowRoom } from './push';
import { RANGE_WORDS, rangeWords } from './range-words';
import { gravestFirst, type Reason, type ReasonCode } from './reason';
import { formingReason } from './reason-words';
import type { SchoolWish } from './codes';
import { leastOverStretchMm } from './school';
import { landMm, sizeLimits } from './size-limits';
import type { SizeRange } from './size-range';
import type { SizeWriter } from './size-writer';
import type { WallWish } from './wall';

/** How far the target may lie from the natural size before it is worth saying, mm. */
const FAR_FROM_NATURAL_MM = 4;

const FORM_REFUSALS = {
  'not-round': 'stock-not-round',
  holed: 'stock-holed',
  'ring-cored': 'stock-ring-cored',
} as const satisfies Readonly<Record<Exclude<Coin['form'], undefined | 'round'>, ReasonCode>>;

/** What is said of the piece itself, before any size. */
function judgePiece(coin: Coin, thicknessMm: number): readonly Reason[] {
  const { name, refusal, notes } = metalById(coin.metal);
  const reasons: Reason[] = [];
  if (refusal) reasons.push(formingReason('metal-refused', 'refuse', { metal: name, why: refusal }));
  if (coin.form && coin.form !== 'round') {
    reasons.push(formingReason(FORM_REFUSALS[coin.form], 'refuse'));
  }
  if (thicknessMm < THIN_STOCK_MM) reasons.push(formingReason('thin-stock', 'warn', { thicknessMm }));
  const fill = checkFill(coin);
  if (fill && !fill.ok) reasons.push(formingReason('fill-off', 'warn', { why: fill.message }));
  for (const note of refusal ? [] : notes) reasons.push(formingReason('metal-note', 'note', { note }));
  return reasons;
}

export interface JudgeInput {
  readonly coin: Coin;
  readonly washer: Washer;
  readonly wall: WallWish;
  readonly targetInsideDiameterMm: number;
  readonly finished: Meridian;
  readonly range: SizeRange | undefined;
  readonly writeSize: SizeWriter;
  /** Finishing school; left out, {@link DEFAULT_SCHOOL}. */
  readonly school?: SchoolWish | undefined;
}

/** What the range offers instead of a size it does not hold. */
function insteadOfSize({ range, writeSize: write }: JudgeInput): string {
  return range ? RANGE_WORDS.makes(rangeWords(range, write)) : RANGE_WORDS.none;
}

/** What is said of a cut edge: nothing while it is comfortable, a warning below, a refusal once it would be sharp. */
export function cutEdgeReasons(thicknessMm: number): readonly Reason[] {
  if (thicknessMm >= COMFORTABLE_CUT_EDGE_MM) return [];
  return thicknessMm < SHARP_CUT_EDGE_MM
    ? [formingReason('cut-edge-sharp', 'refuse', { thicknessMm })]
    : [{ ...formingReason('cut-edge-thin', 'warn', { thicknessMm }), limit: 'comfort' }];
}

/** Whether the ring goes into the hollow that is to turn its edges in, and meets its side. */
function judgeHollow({ wall, finished, targetInsideDiameterMm }: JudgeInput): readonly Reason[] {
  const room = hollowRoom(targetInsideDiameterMm, wall.curl, finished);
  if (!room) return [];
  if (room.in < 0) return [formingReason('hollow-too-small', 'refuse', room)];
  return room.onSide < 0 ? [formingReason('hollow-too-wide', 'refuse', room)] : [];
}

function judgeSize(input: JudgeInput): readonly Reason[] {
  const { washer, wall, targetInsideDiameterMm, finished, writeSize: write } = input;
  const reasons: Reason[] = [];
  const limits = sizeLimits(input);
  const instead = insteadOfSize(input);
  if (limits.rimWouldGrow) {
    const upTo =
      wall.kind === 'tapered'
        ? 'tapered'
        : leastOverStretchMm(input.school) > 0
          ? 'overStretched'
          : 'largest';
    const figures = { upTo, neededMm: limits.largestMm, diameterMm: washer.diameterMm, instead } as const;
    reasons.push(formingReason('rim-would-grow', 'refuse', figures));
  }
  if (limits.holeTooLarge) {
    reasons.push(formingReason('hole-larger-than-ring', 'refuse', { holeMm: washer.holeMm, instead }));
  }
  const { strainLog } = rimEdge(finished);
  if (limits.method === 'none') {
    reasons.push(formingReason('rim-too-compressed', 'refuse', { strainLog, instead }));
  } else if (limits.method === 'stepped') {
    reasons.push(formingReason('needs-stepped', 'note', { strainLog }));
  }
  reasons.push(...cutEdgeReasons(cutEdge(finished).thicknessMm));
  const naturalMm = naturalInsideDiameterMm(washer.diameterMm, washer.holeMm, washer.thicknessMm);
  const offMm = targetInsideDiameterMm - naturalMm;
  if (Math.abs(offMm) > FAR_FROM_NATURAL_MM) {
    reasons.push(formingReason('far-from-natural-size', 'note', { natural: write(naturalMm), offMm }));
  }
  return reasons;
}

/** Everything there is to say for and against a coin, a hole, a wall and a size; refusals first (craft §3). */
export function judgeCoinRing(input: JudgeInput): readonly Reason[] {
  const land = landMm(input.washer);
  const narrow =
    land < NARROWEST_LAND_MM
      ? [formingReason('land-too-narrow', 'refuse', { landMm: Math.max(0, land) })]
      : [];
  return gravestFirst([
    ...judgePiece(input.coin, input.washer.thicknessMm),
    ...narrow,
    ...judgeSize(input),
    ...judgeHollow(input),
  ]);
}

export function isFeasible(reasons: readonly Reason[]): boolean {
  return reasons.every(({ level }) => level !== 'refuse');
}
