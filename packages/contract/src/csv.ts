import { z } from 'zod';

export const csvImportSchema = z.strictObject({
  csv: z
    .string({ error: 'must be the text of a CSV file' })
    .max(2_000_000, 'must be at most 2 million characters'),
});

/** Stored lists that go out and in as tables. */
export const CSV_TABLES = ['stock', 'kit', 'people', 'orders', 'scrap', 'supplies'] as const;
export type CsvTableName = (typeof CSV_TABLES)[number];

export const CSV_ACTIONS = ['add', 'change', 'same', 'refused'] as const;

/** So many rows may be refused before the rest of a file is left unread. */
export const MOST_REFUSED_ROWS = 100;
/** A file has at most so many rows. */
export const MOST_CSV_ROWS = 5000;

/** What each row of a CSV file would do, or did. */
export const csvImportResultSchema = z.object({
  dryRun: z.boolean(),
  /** Nothing is imported while a row is refused. */
  taken: z.boolean(),
  /** Rows that were not read any more, since too many before them were refused. */
  unread: z.number().int(),
  rows: z.array(
    z.object({
      /** As a spreadsheet counts, the heads being row 1. */
      row: z.number().int(),
      name: z.string(),
      action: z.enum(CSV_ACTIONS),
      /** Columns that differ from what is stored. */
      changes: z.array(z.object({ column: z.string(), from: z.string(), to: z.string() })),
      problems: z.array(z.object({ path: z.string(), message: z.string() })),
    }),
  ),
});
export type CsvImportResult = z.infer<typeof csvImportResultSchema>;
