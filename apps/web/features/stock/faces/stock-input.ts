import type { CoinStock, CoinStockInput } from '@round-mint/contract/stock';

/** A stored piece as it is sent back: what the server alone writes stays out. */
export function coinInput(piece: CoinStock): CoinStockInput & { readonly id: string } {
  const {
    createdAt: _createdAt,
    updatedAt: _updatedAt,
    version: _version,
    obverseFaceId: _obverse,
    reverseFaceId: _reverse,
    ...input
  } = piece;
  return input;
}
