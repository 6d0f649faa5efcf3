import type { DiscountInput, StoredDiscount } from '@round-mint/contract/discounts';
import { and, eq, isNull, ne, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { discounts } from '../db/schema';
import { HttpError } from '../http/errors';
import { createResources, type Resources } from './resources';

/** @throws HttpError 409 where another discount has a code */
async function refuseTaken(tx: Database, code: string, ownId: string | undefined): Promise<void> {
  const others = ownId === undefined ? undefined : ne(discounts.id, ownId);
  const [taken] = await tx
    .select({ id: discounts.id })
    .from(discounts)
    .where(and(isNull(discounts.archivedAt), sql`upper(${discounts.code}) = upper(${code})`, others));
  if (taken) throw new HttpError('code-taken');
}

/** Discounts as a resource: no two that are not archived have the same code. */
export function createDiscounts(db: Database): Resources['discounts'] {
  const plain = createResources(db).discounts;
  /** Writes while no other does: of two that take the same code at once, one is told. */
  const alone = (write: (tx: Database, own: typeof plain) => Promise<StoredDiscount>) =>
    db.transaction(async (tx) => {
      await tx.execute(sql`lock table ${discounts} in share row exclusive mode`);
      return write(tx, createResources(tx).discounts);
    });
  return {
    ...plain,
    create: (input: DiscountInput) =>
      alone(async (tx, own) => {
        await refuseTaken(tx, input.code, input.id);
        return own.create(input);
      }),
    replace: (id: string, input: DiscountInput, version?: number) =>
      alone(async (tx, own) => {
        await refuseTaken(tx, input.code, id);
        return own.replace(id, input, version);
      }),
    restore: (id: string) =>
      alone(async (tx, own) => {
        const [archived] = await tx
          .select({ code: discounts.code })
          .from(discounts)
          .where(eq(discounts.id, id));
        if (archived) await refuseTaken(tx, archived.code, id);
        return own.restore(id);
      }),
  };
}
