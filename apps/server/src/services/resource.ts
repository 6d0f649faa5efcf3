import type { ListQuery } from '@round-mint/contract/common';
import { and, eq, isNotNull, isNull } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { notFound } from '../http/errors';
import { listClauses, page, type ListColumns } from './list';

type ResourceTable = PgTable & { readonly id: PgColumn; readonly archivedAt: PgColumn };

/** How one kind of stored thing is kept. */
export interface ResourceSpec<Input extends { id?: string | undefined }, Item> {
  /** What to call one in a message: "piece of stock". */
  readonly name: string;
  readonly table: ResourceTable;
  readonly columns: Omit<ListColumns, 'id' | 'archivedAt'>;
  readonly toRow: (input: Input) => Readonly<Record<string, unknown>>;
  readonly toItem: (row: Record<string, unknown>) => Item;
}

export interface Resource<Input, Item> {
  readonly name: string;
  readonly list: (query: ListQuery) => Promise<{ items: Item[]; nextCursor: string | null }>;
  readonly get: (id: string) => Promise<Item>;
  readonly create: (input: Input) => Promise<Item>;
  readonly replace: (id: string, input: Input) => Promise<Item>;
  readonly remove: (id: string) => Promise<void>;
  readonly restore: (id: string) => Promise<Item>;
}

/** ISO with milliseconds and Z, whichever way the driver writes a time. */
export function isoTime(value: unknown): string {
  return new Date(String(value)).toISOString();
}

/** The plain life of a stored thing; every write is one statement or one transaction. */
export function createResource<Input extends { id?: string | undefined }, Item>(
  db: Database,
  spec: ResourceSpec<Input, Item>,
): Resource<Input, Item> {
  const { table, name, toItem, toRow } = spec;
  const columns = { ...spec.columns, id: table.id, archivedAt: table.archivedAt };
  const living = (id: string) => and(eq(table.id, id), isNull(table.archivedAt));

  const only = (rows: unknown[]): Item => {
    if (rows.length === 0) throw notFound(name);
    return toItem(rows[0] as Record<string, unknown>);
  };
  const change = async (where: ReturnType<typeof and>, values: Record<string, unknown>) =>
    db
      .update(table)
      .set({ ...values, updatedAt: new Date().toISOString() })
      .where(where)
      .returning();

  return {
    name,
    async list(query) {
      const clauses = listClauses(query, { ...columns, archived: query.archived === '1' });
      const rows = await db
        .select()
        .from(table)
        .where(clauses.where)
        .orderBy(...clauses.orderBy)
        .limit(clauses.limit + 1)
        .offset(clauses.offset);
      return page((rows as Record<string, unknown>[]).map(toItem), clauses);
    },
    async get(id) {
      return only(await db.select().from(table).where(living(id)));
    },
    async create(input) {
      const id = input.id ?? randomUUID();
      return db.transaction(async (tx) => {
        await tx
          .insert(table)
          .values({ ...toRow(input), id } as never)
          .onConflictDoNothing();
        return only(await tx.select().from(table).where(eq(table.id, id)));
      });
    },
    async replace(id, input) {
      return only(await change(living(id), toRow(input)));
    },
    async remove(id) {
      only(await change(living(id), { archivedAt: new Date().toISOString() }));
    },
    async restore(id) {
      return only(await change(and(eq(table.id, id), isNotNull(table.archivedAt)), { archivedAt: null }));
    },
  };
}
