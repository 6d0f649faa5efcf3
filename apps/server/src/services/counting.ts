import type { ListQuery } from '@round-mint/contract/common';
import type { CountInput, StockItem } from '@round-mint/contract/stock';
import { and, eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { stockCounts } from '../db/schema';
import { listClauses, page, pageRows } from './list';
import { createResources } from './resources';
import { changeCount, countOf } from './stock-counts';

/** A maker's own word on a count. */
export async function countStock(db: Database, stockId: string, input: CountInput): Promise<StockItem> {
  return db.transaction(async (tx) => {
    const resources = createResources(tx);
    await resources.stock.get(stockId);
    await changeCount(tx, stockId, input);
    return resources.stock.get(stockId);
  });
}

/** How the count of a piece came to be, latest first. */
export async function listCounts(db: Database, stockId: string, query: ListQuery) {
  await createResources(db).stock.get(stockId);
  const asked = listClauses(query, {
    id: stockCounts.id,
    search: [stockCounts.why],
    sort: { at: stockCounts.at, seq: stockCounts.seq },
    defaultSort: '-seq',
  });
  const clauses = { ...asked, where: and(asked.where, eq(stockCounts.stockId, stockId)) };
  const rows = await pageRows(db.select().from(stockCounts).$dynamic(), clauses);
  return page(rows.map(countOf), clauses);
}
