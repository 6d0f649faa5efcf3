import type { ListQuery } from '@round-mint/contract/common';
import { and, asc, desc, ilike, isNotNull, isNull, or, sql, type SQL } from 'drizzle-orm';
import type { PgColumn, PgSelect } from 'drizzle-orm/pg-core';
import { setImmediate } from 'node:timers/promises';
import { HttpError } from '../http/errors';

/** So many are read at once where all are wanted: few enough that other calls hardly wait. */
const PAGE_ROWS = 50;

/** What a list can be searched and sorted by. */
export interface ListColumns {
  readonly search: readonly PgColumn[];
  /** What else a word may match. */
  readonly alsoMatches?: (word: string) => SQL | undefined;
  readonly sort: Readonly<Record<string, PgColumn>>;
  readonly defaultSort: string;
  readonly id: PgColumn;
  /** Left out where nothing is ever archived. */
  readonly archivedAt?: PgColumn | undefined;
  /** The archived ones instead of the others. */
  readonly archived?: boolean;
}

export interface ListClauses {
  readonly where: SQL | undefined;
  readonly orderBy: readonly SQL[];
  readonly limit: number;
  readonly offset: number;
}

function readCursor(cursor: string | undefined): number {
  if (cursor === undefined) return 0;
  const text = Buffer.from(cursor, 'base64url').toString();
  if (!/^\d{1,9}$/.test(text)) {
    throw new HttpError('invalid', 'cursor is not one that this list gave out', [
      { path: 'cursor', message: 'is not one that this list gave out' },
    ]);
  }
  return Number(text);
}

/** Signs that mean something to LIKE are taken literally. */
export function literalPattern(text: string): string {
  return `%${text.replace(/[\\%_]/g, '\\$&')}%`;
}

/** What has no value comes last, whichever way round. */
function ordered(column: PgColumn, turned: boolean): SQL {
  if (!turned) return asc(column);
  return column.notNull ? desc(column) : sql`${column} desc nulls last`;
}

/** Turns `?q=&sort=&limit=&cursor=` into query clauses. @throws HttpError for a field that the list is not sorted by */
export function listClauses(query: ListQuery, columns: ListColumns): ListClauses {
  const sort = query.sort ?? columns.defaultSort;
  const { archivedAt, archived = false } = columns;
  const turned = sort.startsWith('-');
  const column = columns.sort[turned ? sort.slice(1) : sort];
  if (!column) {
    const message = `must be one of: ${Object.keys(columns.sort).join(', ')}`;
    throw new HttpError('invalid', `sort ${message}`, [{ path: 'sort', message }]);
  }
  const words = (query.q ?? '').split(/\s+/).filter(Boolean);
  const matches = words.map((word) =>
    or(...columns.search.map((field) => ilike(field, literalPattern(word))), columns.alsoMatches?.(word)),
  );
  // All of them null, it changes nothing but lets the index be used that begins with it.
  const first = archivedAt && !archived ? [asc(archivedAt)] : [];
  return {
    where: and(archivedAt && (archived ? isNotNull(archivedAt) : isNull(archivedAt)), ...matches),
    orderBy: [...first, ordered(column, turned), asc(columns.id)],
    limit: query.limit,
    offset: readCursor(query.cursor),
  };
}

/** A whole list, however many pages it has. */
export async function everyPage<T>(
  fetchPage: (query: ListQuery) => Promise<{ items: readonly T[]; nextCursor: string | null }>,
  sort?: string,
): Promise<readonly T[]> {
  const all: T[] = [];
  let cursor: string | undefined;
  do {
    const { items, nextCursor } = await fetchPage({ limit: PAGE_ROWS, sort, cursor });
    all.push(...items);
    cursor = nextCursor ?? undefined;
    // Other calls are answered between the pages.
    await setImmediate();
  } while (cursor);
  return all;
}

/** The rows of a page, and one more, which tells whether there is a next page. @param query a selection, made `$dynamic` */
export function pageRows<Query extends PgSelect>(
  query: Query,
  { where, orderBy, limit, offset }: ListClauses,
) {
  return query
    .where(where)
    .orderBy(...orderBy)
    .limit(limit + 1)
    .offset(offset);
}

/** A page of what {@link pageRows} read. */
export function page<T>(rows: readonly T[], clauses: ListClauses): { items: T[]; nextCursor: string | null } {
  const more = rows.length > clauses.limit;
  return {
    items: rows.slice(0, clauses.limit),
    nextCursor: more ? Buffer.from(String(clauses.offset + clauses.limit)).toString('base64url') : null,
  };
}
