import type { ListQuery } from '@round-mint/contract/common';
import { and, eq, isNotNull, isNull, type SQL } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { HttpError, notFound } from '../http/errors';
import { listClauses, page, pageRows, type ListColumns } from './list';

type ResourceTable = PgTable & { readonly id: PgColumn; readonly archivedAt: PgColumn };

/** How one kind of stored thing is kept. */
export interface ResourceSpec<Input extends { id?: string | undefined }, Item, Query = ListQuery> {
  /** What to call one in a message: "piece of stock". */
  readonly name: string;
  readonly table: ResourceTable;
  readonly columns: Omit<ListColumns, 'id' | 'archivedAt'>;
  readonly toRow: (input: Input) => Readonly<Record<string, unknown>>;
  readonly toItem: (row: Record<string, unknown>) => Item;
  /** Which of them a list asks for, beside what every list can ask. */
  readonly which?: (query: Query) => SQL | undefined;
  /** What else a change does, within its transaction. */
  readonly onReplace?: (tx: Database, before: Item, input: Input) => Promise<void>;
}

export interface Resource<Input, Item, Query = ListQuery> {
  readonly name: string;
  readonly list: (query: Query) => Promise<{ items: Item[]; nextCursor: string | null }>;
  readonly get: (id: string) => Promise<Item>;
  readonly create: (input: Input) => Promise<Item>;
  /** @param version of the thing that the change was made from: another one refuses it */
  readonly replace: (id: string, input: Input, version?: number) => Promise<Item>;
  readonly remove: (id: string) => Promise<void>;
  readonly restore: (id: string) => Promise<Item>;
}

/** ISO with milliseconds and Z, whichever way the driver writes a time. */
export function isoTime(value: unknown): string {
  return new Date(String(value)).toISOString();
}

interface Versioned {
  readonly version: number;
}

/** @throws HttpError 412 with what is there now, when the change was made from an earlier version of it */
function refuseStale(version: number, wanted: number | undefined, current: unknown): void {
  if (wanted !== undefined && wanted !== version) {
    throw new HttpError('changed-meanwhile', undefined, undefined, current);
  }
}

/** The plain life of a stored thing; every write is one statement or one transaction. */
export function createResource<
  Input extends { id?: string | undefined },
  Item extends Versioned,
  Query extends ListQuery = ListQuery,
>(db: Database, spec: ResourceSpec<Input, Item, Query>): Resource<Input, Item, Query> {
  const { table, name, toItem, toRow } = spec;
  const columns = { ...spec.columns, id: table.id, archivedAt: table.archivedAt };
  const living = (id: string) => and(eq(table.id, id), isNull(table.archivedAt));

  const only = (rows: unknown[]): Item => {
    if (rows.length === 0) throw notFound(name);
    return toItem(rows[0] as Record<string, unknown>);
  };
  const change = async (where: ReturnType<typeof and>, values: Record<string, unknown>, tx = db) =>
    tx
      .update(table)
      .set({ ...values, updatedAt: new Date().toISOString() })
      .where(where)
      .returning();

  return {
    name,
    async list(query) {
      const asked = listClauses(query, { ...columns, archived: query.archived === '1' });
      const clauses = { ...asked, where: and(asked.where, spec.which?.(query)) };
      const rows = await pageRows(db.select().from(table).$dynamic(), clauses);
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
        const rows = await tx.select().from(table).where(living(id));
        // It was there before, and was archived since: a second one would bring it back unasked.
        if (rows.length === 0) throw new HttpError('id-taken');
        return only(rows);
      });
    },
    async replace(id, input, version) {
      return db.transaction(async (tx) => {
        const rows = await tx.select().from(table).where(living(id)).for('update');
        const before = only(rows);
        refuseStale(before.version, version, before);
        await spec.onReplace?.(tx, before, input);
        return only(await change(living(id), toRow(input), tx));
      });
    },
    async remove(id) {
      only(await change(living(id), { archivedAt: new Date().toISOString() }));
    },
    async restore(id) {
      return only(await change(and(eq(table.id, id), isNotNull(table.archivedAt)), { archivedAt: null }));
    },
  };
}
