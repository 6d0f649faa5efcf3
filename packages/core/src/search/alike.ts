import type { SearchPiece } from './wish';

/** Pieces that come out alike whatever is made of them, as one. */
export interface AlikePieces {
  /** The first of them that is in stock. */
  readonly piece: SearchPiece;
  /** How many of them there are. */
  readonly count: number;
}

/** All that a ring, its price and its look follow from. */
export function likenessOf(piece: SearchPiece): string {
  const { name, diameterMm, rimThicknessMm, massG, metal, form, year, price, outsideFace, mustStay } = piece;
  const measures = [diameterMm, rimThicknessMm, massG, metal, form];
  return JSON.stringify([name, measures, year, price, outsideFace, mustStay]);
}

/** A drawer with equal pieces put together, in its order. A piece without a count is one. */
export function alikePieces(stock: readonly SearchPiece[]): readonly AlikePieces[] {
  const groups = new Map<string, AlikePieces>();
  for (const piece of stock) {
    const count = piece.quantity ?? 1;
    if (count === 0) continue;
    const likeness = likenessOf(piece);
    const known = groups.get(likeness);
    groups.set(likeness, known ? { ...known, count: known.count + count } : { piece, count });
  }
  return [...groups.values()];
}
