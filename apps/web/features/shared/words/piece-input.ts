import type { CoinStock, StockInput, StockItem } from '@round-mint/contract/stock';

/** What the server alone writes of any piece, and of coins and handles. */
type Shown =
  'createdAt' | 'updatedAt' | 'version' | 'obverseFaceId' | 'reverseFaceId' | 'topFaceId' | 'topOutline';

/** A stored piece as it is sent back: what the server alone writes stays out. */
export function pieceInputOf(piece: CoinStock): Omit<CoinStock, Shown>;
export function pieceInputOf(piece: StockItem): StockInput & { readonly id: string };
export function pieceInputOf(piece: StockItem): StockInput & { readonly id: string } {
  const { createdAt: _createdAt, updatedAt: _updatedAt, version: _version, ...input } = piece;
  if (input.kind === 'handle') {
    const { topFaceId: _face, topOutline: _outline, ...handle } = input;
    return handle;
  }
  if (input.kind !== 'coin') return input;
  const { obverseFaceId: _obverse, reverseFaceId: _reverse, ...coin } = input;
  return coin;
}
