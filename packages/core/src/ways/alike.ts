import { likenessOf } from '../search';
import type { WayPiece } from './way';

/** All that a ring of a piece, its price and its look follow from, whatever is made of it. */
export function wayLikeness(piece: WayPiece): string {
  if (piece.kind === 'coin') return likenessOf(piece);
  const { kind, name, metal, year, price, may } = piece;
  const measures =
    piece.kind === 'handle'
      ? [piece.stations, piece.enamel]
      : [piece.section, piece.thicknessMm, piece.widthMm, piece.lengthMm];
  return JSON.stringify([kind, name, metal, year, price, may, measures]);
}
