import type { SearchPiece } from './wish';

/** Pieces that come out alike whatever is made of them, as one. */
export interface AlikePieces<Piece> {
  /** The first of them that is in stock. */
  readonly piece: Piece;
  /** How many of them there are. */
  readonly count: number;
}

/** All that a ring, its price and its look follow from. */
export function likenessOf(piece: SearchPiece): string {
  const { name, diameterMm, rimThicknessMm, massG, metal, form, year, price, outsideFace, mustStay } = piece;
  const measures = [diameterMm, rimThicknessMm, massG, metal, form];
  return JSON.stringify([name, measures, year, price, outsideFace, mustStay]);
}

/** A drawer with equal pieces put together, in its order. A piece without a count is one. @param likeness alike for equal ones */
export function alikeBy<Piece extends { readonly quantity?: number | undefined }>(
  stock: readonly Piece[],
  likeness: (piece: Piece) => string,
): readonly AlikePieces<Piece>[] {
  const groups = new Map<string, AlikePieces<Piece>>();
  for (const piece of stock) {
    const count = piece.quantity ?? 1;
    if (count === 0) continue;
    const key = likeness(piece);
    const known = groups.get(key);
    groups.set(key, { piece: known?.piece ?? piece, count: (known?.count ?? 0) + count });
  }
  return [...groups.values()];
}
