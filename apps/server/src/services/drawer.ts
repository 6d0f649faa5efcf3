import type { StockItem } from '@round-mint/contract/stock';
import { identify } from '@round-mint/core/identify';
import type { WayPiece } from '@round-mint/core/ways';
import { isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { stock } from '../db/schema';
import { stockItem } from './stored-rows';

/** A piece in stock that a ring may be made of, with what its test found. */
export type DrawerPiece = StockItem & WayPiece;

/** Everything in stock that a ring may be made of; a band that is to be another size is none. */
export async function readDrawer(db: Database): Promise<readonly DrawerPiece[]> {
  const rows = await db.select().from(stock).where(isNull(stock.archivedAt));
  return rows.map(stockItem).flatMap((piece): readonly DrawerPiece[] => {
    if (piece.kind === 'band') return [];
    return [{ ...piece, may: piece.evidence ? identify(piece.evidence).may : undefined }];
  });
}
