import type { CsvImportResult } from '@round-mint/contract/csv';
import { toolInputSchema, type StoredTool, type ToolInput } from '@round-mint/contract/kit';
import { stockInputSchema, type StockInput, type StockItem } from '@round-mint/contract/stock';
import { asc, isNull } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import Papa from 'papaparse';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { kit, stock } from '../db/schema';
import { HttpError } from '../http/errors';
import { KIT_COLUMNS, readCell, STOCK_COLUMNS, writeCell, type Column } from './csv-columns';
import { createResources, stockItem, storedTool } from './resources';

type Fields = Readonly<Record<string, unknown>>;
type Row = CsvImportResult['rows'][number];

/** How one kind of stored thing goes to a table and back. */
interface Table<Input, Item> {
  readonly columns: readonly Column[];
  /** An item as the cells name its fields. */
  readonly flat: (item: Item) => Fields;
  /** Cells as the contract's input. */
  readonly input: (fields: Fields) => unknown;
  readonly schema: z.ZodType<Input>;
}

/** Fields that may be empty text: an empty cell means just that. */
const MAY_BE_EMPTY = ['issuer', 'grade', 'origin', 'legalNote', 'notes'];

const STOCK_TABLE: Table<StockInput, StockItem> = {
  columns: STOCK_COLUMNS,
  flat: (item) => item,
  input: (fields) => ({
    ...Object.fromEntries(MAY_BE_EMPTY.map((name) => [name, ''])),
    ...(fields['kind'] === 'handle' ? { enamel: [] } : {}),
    ...fields,
  }),
  schema: stockInputSchema,
};

const KIT_TABLE: Table<ToolInput, StoredTool> = {
  columns: KIT_COLUMNS,
  flat: ({ id, name, spec }) => ({ id, name, ...spec }),
  input: ({ id, name, ...spec }) => ({ ...(id === undefined ? {} : { id }), name, spec }),
  schema: toolInputSchema,
};

function cellsOf<Input, Item>({ columns, flat }: Table<Input, Item>, item: Item): Record<string, string> {
  const fields = flat(item);
  return Object.fromEntries(columns.map(({ name, cell }) => [name, writeCell(fields[name], cell)]));
}

function csvOf<Input, Item>(table: Table<Input, Item>, items: readonly Item[]): string {
  const rows = items.map((item) => cellsOf(table, item));
  return Papa.unparse(
    { fields: table.columns.map(({ name }) => name), data: rows },
    { newline: '\r\n', escapeFormulae: true },
  );
}

function livingRows(db: Database, table: PgTable & { createdAt: never; id: never; archivedAt: never }) {
  return db
    .select()
    .from(table)
    .where(isNull(table.archivedAt))
    .orderBy(asc(table.createdAt), asc(table.id)) as unknown as Promise<Record<string, unknown>[]>;
}

const livingStock = async (db: Database) => (await livingRows(db, stock as never)).map(stockItem);
const livingKit = async (db: Database) => (await livingRows(db, kit as never)).map(storedTool);

export async function stockCsv(db: Database): Promise<string> {
  return csvOf(STOCK_TABLE, await livingStock(db));
}

export async function kitCsv(db: Database): Promise<string> {
  return csvOf(KIT_TABLE, await livingKit(db));
}

/** @throws HttpError 400 when it is no table, or has a head that means nothing here */
function tableRows(csv: string, columns: readonly Column[]): readonly Record<string, string>[] {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const heads = meta.fields ?? [];
  const unknown = heads.filter((head) => !columns.some(({ name }) => name === head));
  const accepted = columns.map(({ name }) => name).join(', ');
  if (unknown.length > 0 || !heads.includes('name')) {
    const message = `The first row must name columns; these are known: ${accepted}.${unknown.length > 0 ? ` Not known: ${unknown.join(', ')}.` : ''}`;
    throw new HttpError('invalid', message, [{ path: 'csv', message }]);
  }
  const broken = errors.find(({ type }) => type !== 'Delimiter');
  if (broken) {
    const message = `Row ${(broken.row ?? 0) + 2}: ${broken.message}.`;
    throw new HttpError('invalid', message, [{ path: 'csv', message }]);
  }
  return data;
}

interface ReadRow<Input> extends Row {
  readonly input: Input | undefined;
}

function readRow<Input, Item extends { readonly id: string; readonly name: string }>(
  table: Table<Input, Item>,
  cells: Readonly<Record<string, string>>,
  row: number,
  items: readonly Item[],
): ReadRow<Input> {
  const name = cells['name']?.trim() ?? '';
  const id = cells['id']?.trim() ?? '';
  // A row without an id means the piece of that name, if there is just one.
  const namesakes = items.filter((item) => item.name === name);
  const known =
    id === '' ? (namesakes.length === 1 ? namesakes[0] : undefined) : items.find((item) => item.id === id);
  const before = known && cellsOf(table, known);
  // Columns that the file leaves out stay as they are.
  const merged = Object.fromEntries(
    table.columns.map((column) => [column.name, cells[column.name] ?? before?.[column.name] ?? '']),
  );
  const fields = Object.fromEntries(
    table.columns
      .map((column) => [column.name, readCell(merged[column.name] ?? '', column)] as const)
      .filter(([, value]) => value !== undefined),
  );
  const kept = known && 'evidence' in known ? { evidence: known.evidence } : {};
  const result = table.schema.safeParse(
    table.input({ ...kept, ...fields, ...(known ? { id: known.id } : {}) }),
  );
  if (!result.success) {
    const problems = result.error.issues.flatMap((issue) =>
      issue.code === 'unrecognized_keys'
        ? issue.keys.map((key) => ({ path: key, message: 'does not belong to this kind' }))
        : [{ path: issue.path.join('.'), message: issue.message }],
    );
    return { row, name, action: 'refused', changes: [], problems, input: undefined };
  }
  const after = Object.fromEntries(
    table.columns.map((column) => [column.name, writeCell(fields[column.name], column.cell)]),
  );
  const changes = before
    ? table.columns
        .filter((column) => column.name !== 'id' && before[column.name] !== after[column.name])
        .map((column) => ({
          column: column.name,
          from: before[column.name] ?? '',
          to: after[column.name] ?? '',
        }))
    : [];
  const action = known ? (changes.length > 0 ? 'change' : 'same') : 'add';
  return { row, name, action, changes, problems: [], input: result.data };
}

interface Stored<Input> {
  readonly create: (input: Input) => Promise<unknown>;
  readonly replace: (id: string, input: Input) => Promise<unknown>;
}

/** Takes a file in, all rows or none; a dry run only tells what each row would do. */
async function takeIn<Input extends { id?: string | undefined }, Item extends { id: string; name: string }>(
  csv: string,
  dryRun: boolean,
  table: Table<Input, Item>,
  items: readonly Item[],
  stored: Stored<Input>,
): Promise<CsvImportResult> {
  const read = tableRows(csv, table.columns).map((cells, i) => readRow(table, cells, i + 2, items));
  const whole = read.every(({ action }) => action !== 'refused');
  const taken = whole && !dryRun;
  if (taken) {
    for (const { action, input } of read) {
      if (!input) continue;
      if (action === 'add') await stored.create(input);
      if (action === 'change' && input.id !== undefined) await stored.replace(input.id, input);
    }
  }
  return { dryRun, taken, rows: read.map(({ input: _input, ...row }) => row) };
}

export function importStockCsv(db: Database, csv: string, dryRun: boolean): Promise<CsvImportResult> {
  return db.transaction(async (tx) =>
    takeIn(csv, dryRun, STOCK_TABLE, await livingStock(tx), createResources(tx).stock),
  );
}

export function importKitCsv(db: Database, csv: string, dryRun: boolean): Promise<CsvImportResult> {
  return db.transaction(async (tx) =>
    takeIn(csv, dryRun, KIT_TABLE, await livingKit(tx), createResources(tx).kit),
  );
}
