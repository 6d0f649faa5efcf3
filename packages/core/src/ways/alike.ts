import { likenessOf } from '../search';
import type { WayPiece } from './way';

/** Pieces of any kind that come out alike whatever is made of them, as one. */
export interface AlikeWayPieces {
  /** The first of them. */
  readonly piece: WayPiece;
  /** How many of them there are. */
  readonly count: number;
}

/** All that a ring of a piece, its price and its look follow from. */
function likeness(piece: WayPiece): string {
  if (piece.kind === 'coin') return likenessOf(piece);
  const { kind, name, metal, year, price, may } = piece;
  const measures =
    piece.kind === 'handle'
      ? [piece.stations, piece.enamel]
      : [piece.section, piece.thicknessMm, piece.widthMm, piece.lengthMm];
  return JSON.stringify([kind, name, metal, year, price, may, measures]);
}

/** Pieces with equal ones put together, in their order. */
export function alikeWayPieces(pieces: readonly WayPiece[]): readonly AlikeWayPieces[] {
  const groups = new Map<string, AlikeWayPieces>();
  for (const piece of pieces) {
    const key = likeness(piece);
    const known = groups.get(key);
    groups.set(key, { piece: known?.piece ?? piece, count: (known?.count ?? 0) + piece.quantity });
  }
  return [...groups.values()];
}
