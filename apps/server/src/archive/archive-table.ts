import type { ArchivePart } from '@round-mint/contract/archive-zip';
import { getTableColumns, type SQL } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';
import { isoTime } from '../services/resource';

export type Row = Readonly<Record<string, unknown>>;

/** A thing as it stands on a line of an archive. */
export interface Line {
  readonly archivedAt: string | null;
  readonly item: Row & { readonly id: string | number };
}

/** Another thing that a thing is part of: without it, it means nothing. */
interface Owner {
  readonly part: ArchivePart;
  /** Its id, as a field of the item. */
  readonly field: string;
}

/** How one table of the workshop goes into an archive and comes back. */
export interface ArchiveTable {
  readonly part: ArchivePart;
  readonly table: PgTable & { readonly id: PgColumn };
  /** Grows with every write of a row: pages go by it, so that what changes meanwhile comes again, later. */
  readonly position: PgColumn;
  readonly columns: Readonly<Record<string, PgColumn | SQL>>;
  /** Whether its things can be archived. */
  readonly hasArchive: boolean;
  /** As many rows as are read and checked within a slice of the server's time. */
  readonly pageRows: number;
  readonly toItem: (row: never) => object;
  readonly toRow: (item: never) => Row;
  readonly owner?: Owner;
  /** What is kept as a file of its own; it never changes. */
  readonly file?: {
    readonly column: PgColumn;
    readonly folder: string;
    readonly ending: string;
    /** Whether it becomes smaller; pictures do not. */
    readonly compress: boolean;
    /** The row's fields that come with the file. @throws for a file that is not what it should be */
    readonly toRow: (bytes: Buffer) => Row;
  };
  /** What else a thing keeps, once its row is there. */
  readonly onTaken?: (tx: Database, item: never) => Promise<void>;
}

const PAGE_ROWS = 100;

type Spec = Pick<ArchiveTable, 'part' | 'table' | 'toItem' | 'toRow'> & Partial<ArchiveTable>;

/** A table with what most tables have: pages by version, every column but files. */
export function archiveTable(spec: Spec): ArchiveTable {
  const all: Record<string, PgColumn> = getTableColumns(spec.table);
  const position = spec.position ?? all['version'];
  if (!position) throw new Error(`the table of ${spec.part} counts no writes`);
  const columns =
    spec.columns ??
    Object.fromEntries(Object.entries(all).filter(([, column]) => column !== spec.file?.column));
  return { pageRows: PAGE_ROWS, hasArchive: 'archivedAt' in all, ...spec, position, columns };
}

interface Life {
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly version?: number;
}

/** When a thing was made, changed and archived, beside what its row is made from. */
export function withLife<Input>(toRow: (input: Input) => object) {
  return ({ createdAt, updatedAt, version: _version, ...item }: Input & Life): Row => {
    // What a thing is made from is what it shows, less these.
    const input = item as unknown as Input;
    return { ...toRow(input), createdAt, updatedAt };
  };
}

/** A row as a line of an archive. A version is of one workshop only: it stays there. */
export function lineOf(spec: ArchiveTable, row: Row): Line {
  const { archivedAt } = row;
  const { version: _version, ...item } = spec.toItem(row as never) as Line['item'] & { version?: number };
  return { archivedAt: archivedAt ? isoTime(archivedAt) : null, item };
}
