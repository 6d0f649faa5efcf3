import { MOST_CSV_ROWS, MOST_REFUSED_ROWS, type CsvImportResult } from '@round-mint/contract/csv';
import { setImmediate } from 'node:timers/promises';
import Papa from 'papaparse';
import type { z } from 'zod';
import { HttpError } from '../http/errors';
import { readCell, writeCell, type Column } from './csv-columns';

type Fields = Readonly<Record<string, unknown>>;
type Row = CsvImportResult['rows'][number];

/** How one kind of stored thing goes to a table and back. */
export interface Table<Input, Item> {
  readonly columns: readonly Column[];
  /** The column that a table must have at least. */
  readonly key: string;
  /** Whether a row without an id means the one thing whose key is the same; otherwise it is new. */
  readonly foundByKey: boolean;
  /** What a row is called in the answer, from its cells. */
  readonly label: (cells: Readonly<Record<string, string>>) => string;
  /** An item as the cells name its fields. */
  readonly flat: (item: Item) => Fields;
  /** Cells as the contract's input. @param known what the row changes, if it is there already */
  readonly input: (fields: Fields, known: Item | undefined) => unknown;
  readonly schema: z.ZodType<Input>;
}

/** What a list needs to be written as a table. */
type Written<Item> = Pick<Table<never, Item>, 'columns' | 'flat'>;

function cellsOf<Item>({ columns, flat }: Written<Item>, item: Item): Record<string, string> {
  const fields = flat(item);
  return Object.fromEntries(columns.map(({ name, cell }) => [name, writeCell(fields[name], cell)]));
}

/** A whole table as a CSV file; what a spreadsheet would take for a formula is quoted. */
export function csvOf<Item>(table: Written<Item>, items: readonly Item[]): string {
  const rows = items.map((item) => cellsOf(table, item));
  return Papa.unparse(
    { fields: table.columns.map(({ name }) => name), data: rows },
    { newline: '\r\n', escapeFormulae: true },
  );
}

/** @throws HttpError 400 when it is no table, or has a head that means nothing here */
function tableRows(csv: string, columns: readonly Column[], key: string): readonly Record<string, string>[] {
  const { data, meta, errors } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
  });
  const heads = meta.fields ?? [];
  const unknown = heads.filter((head) => !columns.some(({ name }) => name === head));
  const accepted = columns.map(({ name }) => name).join(', ');
  if (unknown.length > 0 || !heads.includes(key)) {
    const message = `The first row must name columns, ${key} among them; these are known: ${accepted}.${unknown.length > 0 ? ` Not known: ${unknown.join(', ')}.` : ''}`;
    throw new HttpError('invalid', message, [{ path: 'csv', message }]);
  }
  const broken = errors.find(({ type }) => type !== 'Delimiter');
  if (broken) {
    const message = `Row ${(broken.row ?? 0) + 2}: ${broken.message}.`;
    throw new HttpError('invalid', message, [{ path: 'csv', message }]);
  }
  if (data.length > MOST_CSV_ROWS) {
    const message = `The file has ${data.length} rows; at most ${MOST_CSV_ROWS} are taken at once.`;
    throw new HttpError('invalid', message, [{ path: 'csv', message }]);
  }
  return data;
}

/** What a row changes; undefined where it is new. */
type Finder<Item> = (cells: Readonly<Record<string, string>>) => Item | undefined;

function finderOf<Input, Item extends { readonly id: string }>(
  table: Table<Input, Item>,
  items: readonly Item[],
): Finder<Item> {
  const byId = new Map(items.map((item) => [item.id, item]));
  const byKey = new Map<string, Item[]>();
  for (const item of table.foundByKey ? items : []) {
    const key = cellsOf(table, item)[table.key] ?? '';
    byKey.set(key, [...(byKey.get(key) ?? []), item]);
  }
  return (cells) => {
    const id = cells['id']?.trim() ?? '';
    if (id !== '') return byId.get(id);
    const alike = byKey.get(cells[table.key]?.trim() ?? '');
    return alike?.length === 1 ? alike[0] : undefined;
  };
}

interface ReadRow<Input> extends Row {
  readonly input: Input | undefined;
}

function readRow<Input, Item extends { readonly id: string }>(
  table: Table<Input, Item>,
  cells: Readonly<Record<string, string>>,
  row: number,
  find: Finder<Item>,
): ReadRow<Input> {
  const name = table.label(cells);
  const known = find(cells);
  const before = known && cellsOf(table, known);
  // Columns that the file leaves out stay as they are.
  const merged = Object.fromEntries(
    table.columns.map((column) => [column.name, cells[column.name] ?? before?.[column.name] ?? '']),
  );
  const fields = Object.fromEntries(
    table.columns
      .filter(({ readOnly }) => !readOnly)
      .map((column) => [column.name, readCell(merged[column.name] ?? '', column)] as const)
      .filter(([, value]) => value !== undefined),
  );
  const result = table.schema.safeParse(
    table.input({ ...fields, ...(known ? { id: known.id } : {}) }, known),
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
        .filter(
          ({ name: column, readOnly }) => !readOnly && column !== 'id' && before[column] !== after[column],
        )
        .map((column) => ({
          column: column.name,
          from: before[column.name] ?? '',
          to: after[column.name] ?? '',
        }))
    : [];
  const action = known ? (changes.length > 0 ? 'change' : 'same') : 'add';
  return { row, name, action, changes, problems: [], input: result.data };
}

/** So many rows are read before other calls are answered. */
const ROWS_A_SLICE = 100;

/** Where rows go that add or change something. */
interface Stored<Input> {
  readonly create: (input: Input) => Promise<unknown>;
  readonly replace: (id: string, input: Input) => Promise<unknown>;
}

/** Takes a file in, all rows or none; a dry run only tells what each row would do. */
export async function takeIn<Input extends { id?: string | undefined }, Item extends { readonly id: string }>(
  csv: string,
  dryRun: boolean,
  table: Table<Input, Item>,
  items: readonly Item[],
  stored: Stored<Input>,
): Promise<CsvImportResult> {
  const find = finderOf(table, items);
  const rows = tableRows(csv, table.columns, table.key);
  const read: ReadRow<Input>[] = [];
  let refused = 0;
  for (const [i, cells] of rows.entries()) {
    if (refused === MOST_REFUSED_ROWS) break;
    const row = readRow(table, cells, i + 2, find);
    if (row.action === 'refused') refused += 1;
    read.push(row);
    // Other calls are answered in between.
    if (i % ROWS_A_SLICE === 0) await setImmediate();
  }
  const taken = refused === 0 && !dryRun;
  if (taken) {
    for (const { action, input } of read) {
      if (!input) continue;
      if (action === 'add') await stored.create(input);
      if (action === 'change' && input.id !== undefined) await stored.replace(input.id, input);
    }
  }
  return {
    dryRun,
    taken,
    unread: rows.length - read.length,
    rows: read.map(({ input: _input, ...row }) => row),
  };
}
