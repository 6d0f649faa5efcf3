import { formerFor, type Temper } from '../handle';
import type { MetalId } from '../metal';
import type { StepBlank } from '../steps';
import type { Reasoned } from '../forming';
import type { BandMove } from './band-steps';
import { narrowMove, SAME_WIDTH_MM } from './joint-moves';
import type { CoinBandWork, SpinnerWork, StripPiece } from './kinds';
import { FLAT_WORDS } from './move-words';
import type { OtherPart } from './plan-shape';
import { workReason } from './reason-words';

type Parts = Pick<SpinnerWork | CoinBandWork, 'temper' | 'borders' | 'hallmark'>;

/** Soft unless the maker wants it hard. */
export function temperOf({ temper }: Parts): Temper {
  return temper === 'hard' ? 'hard' : 'soft';
}

/** How much a strip springs open again when it is bent to a size, mm of diameter (craft §6). */
export function springsBackMm(
  insideDiameterMm: number,
  thicknessMm: number,
  metal: MetalId,
  temper: Temper,
): number {
  return insideDiameterMm - formerFor(insideDiameterMm, thicknessMm, metal, temper);
}

/** Marks inside and borders outside: what is stamped is stamped flat. */
export function stampMoves({ borders, hallmark }: Parts, blank: StepBlank): readonly BandMove[] {
  return [
    ...(borders
      ? [
          {
            kind: 'flatten',
            ...FLAT_WORDS.borders,
            handsOnMin: 12,
            blank,
          } as const,
        ]
      : []),
    ...(hallmark
      ? [
          {
            kind: 'flatten',
            ...FLAT_WORDS.marks,
            handsOnMin: 4,
            blank,
          } as const,
        ]
      : []),
  ];
}

/** What the flame has left soft is made hard again. */
export function hardenMove(blank: StepBlank): BandMove {
  return { kind: 'flatten', ...FLAT_WORDS.harden, handsOnMin: 6, blank };
}

/** All that is done to a part while it is flat: narrowed where the strip is wider, marked, stamped. */
export function flatMoves(
  parts: Parts,
  stripWidthMm: number,
  widthMm: number,
  blank: StepBlank,
): readonly BandMove[] {
  return [
    ...(stripWidthMm > widthMm + SAME_WIDTH_MM ? [narrowMove(widthMm, blank)] : []),
    ...stampMoves(parts, blank),
  ];
}

/** What a strip says against being the other part. @param takesMm length that this part and, of the same strip, the first take */
export function otherPartReasons(
  part: string,
  { piece }: OtherPart,
  widthMm: number,
  takesMm: number,
): readonly Reasoned[] {
  const reasons: Reasoned[] = [];
  if (piece.section === 'round') reasons.push(workReason('not-flat', 'refuse', { part }));
  if (piece.widthMm < widthMm - SAME_WIDTH_MM) {
    reasons.push(workReason('too-narrow', 'refuse', { part, wantedMm: widthMm, widthMm: piece.widthMm }));
  }
  if (piece.lengthMm < takesMm) {
    reasons.push(workReason('too-short', 'refuse', { part, takesMm, leftMm: piece.lengthMm }));
  }
  return reasons;
}

/** A work with its other part as the strip in stock really is. */
export function withOther<W extends SpinnerWork | CoinBandWork>(work: W, piece: StripPiece | undefined): W {
  if (!piece) return work;
  const { thicknessMm, metal } = piece;
  return work.kind === 'spinner'
    ? { ...work, outerThicknessMm: thicknessMm, outerMetal: metal }
    : { ...work, stripThicknessMm: thicknessMm, stripMetal: metal };
}
