import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';

export function otherFace(face: PieceFace): PieceFace {
  return face === 'obverse' ? 'reverse' : 'obverse';
}

/** The id of a face's picture, where there is one. */
export function faceIdOf(piece: CoinStock, face: PieceFace): string | undefined {
  return (face === 'obverse' ? piece.obverseFaceId : piece.reverseFaceId) ?? undefined;
}
