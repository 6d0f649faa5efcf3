import type { ShelfRing } from '@round-mint/contract/shelf';
import { saleInputSchema } from '@round-mint/contract/shelf';
import type { SaleWay } from '@round-mint/core/trade';
import { format } from 'date-fns/format';
import type { UnsentThing } from '@/store/unsent-things-slice';

/** A ring that was sold on a day. */
export interface Taking {
  readonly id: string;
  readonly name: string;
  readonly price: number;
  readonly way: SaleWay;
  readonly at: string;
  /** Kept in this browser, not yet with the server. */
  readonly isWaiting: boolean;
}

const dayOf = (at: string) => format(new Date(at), 'yyyy-MM-dd');

/** A sale that waits for the server; none where what is kept is no sale. */
function waitingSale({ kind, label = '', body }: UnsentThing): readonly Taking[] {
  const sale = kind === 'sale' ? saleInputSchema.safeParse(body).data : undefined;
  if (!sale) return [];
  const { id, price, way, at } = sale;
  return [{ id, price, way, at, name: label, isWaiting: true }];
}

/**
 * What was taken on a day, latest first: what the server knows, and what waits for it here.
 * @param day such as 2026-12-04
 */
export function takingsOn(
  day: string,
  gone: readonly ShelfRing[],
  things: readonly UnsentThing[],
): readonly Taking[] {
  const known = gone.flatMap(({ id, ring, price, sale, goneAt }): Taking[] =>
    sale && goneAt !== null
      ? [{ id, name: ring.name, price, way: sale.way, at: goneAt, isWaiting: false }]
      : [],
  );
  return [...things.flatMap(waitingSale), ...known]
    .filter(({ at }) => dayOf(at) === day)
    .toSorted((a, b) => b.at.localeCompare(a.at));
}

/** What was taken at the table, and by other ways. */
export function totalsOf(takings: readonly Taking[]): { readonly market: number; readonly others: number } {
  const sum = (some: readonly Taking[]) => some.reduce((total, { price }) => total + price, 0);
  return {
    market: sum(takings.filter(({ way }) => way === 'market')),
    others: sum(takings.filter(({ way }) => way !== 'market')),
  };
}
