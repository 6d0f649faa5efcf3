import { letterRow, type LetterRow } from '../drawn-face';
import type { ProfilePoint } from './ring-profile';

/** How the rim of the piece is struck: it becomes the rim edge. */
export type RimStrike = 'reeded' | 'plain' | 'lettered';

/** Reeds of a struck rim lie so far apart, mm. */
const REED_MM = 0.85;

/** How many reeds go round a piece's rim; none where it is not reeded. */
export function reedsOf(rim: RimStrike, faceRadiusMm: number): number {
  return rim === 'reeded' ? Math.round((2 * Math.PI * faceRadiusMm) / REED_MM) : 0;
}

const ROW_PX = 36;

/** Letters sunk into a rim edge. */
export interface RimLetters {
  readonly row: LetterRow;
  /** Between these points of the edge it is flat. */
  readonly flatFrom: number;
  readonly flatMm: number;
}

/** The row that was made last: a ring that is turned is drawn again and again. */
let kept: { readonly text: string; readonly aspect: number; readonly row: LetterRow } | undefined;

function rowOf(text: string, aspect: number): LetterRow {
  if (kept?.text !== text || kept.aspect !== aspect)
    kept = { text, aspect, row: letterRow(text, aspect, ROW_PX) };
  return kept.row;
}

/** The letters of a rim edge; the piece's own words are not known, so that its issuer's name stands for them. */
export function rimLetters(rimEdge: readonly ProfilePoint[], text: string): RimLetters | undefined {
  const flatFrom = rimEdge.length / 2 - 1;
  const [outer, inner] = [rimEdge[flatFrom], rimEdge[flatFrom + 1]];
  if (!outer || !inner) return undefined;
  const flatMm = Math.hypot(outer.radiusMm - inner.radiusMm, outer.heightMm - inner.heightMm);
  const roundMm = Math.PI * (outer.radiusMm + inner.radiusMm);
  if (flatMm < 0.3) return undefined;
  return { row: rowOf(text, roundMm / flatMm), flatFrom, flatMm };
}

/** How high a place of the row stands, 0 to 1. @param across 0 at the outside, 1 at the inside, where letters have their heads */
export function letterHeight(
  { widthPx, heightPx, height }: LetterRow,
  round: number,
  across: number,
): number {
  if (across < 0 || across > 1) return 0;
  const x = ((round / (2 * Math.PI)) % 1) * widthPx + (round < 0 ? widthPx : 0);
  const y = (1 - across) * (heightPx - 1);
  const [column, row] = [Math.floor(x), Math.min(heightPx - 2, Math.floor(y))];
  const [right, down] = [x - column, y - row];
  const valueAt = (atRow: number, atColumn: number) => height[atRow * widthPx + (atColumn % widthPx)] ?? 0;
  const above = valueAt(row, column) * (1 - right) + valueAt(row, column + 1) * right;
  const below = valueAt(row + 1, column) * (1 - right) + valueAt(row + 1, column + 1) * right;
  return above * (1 - down) + below * down;
}
