import { dryRunQuerySchema } from './common';
import { csvImportResultSchema, csvImportSchema } from './csv';
import { endpoint, type Endpoint } from './endpoint';

/** A stored list as a CSV file, out and in. */
export function csvTable<const Path extends string>(path: Path, name: string) {
  return {
    exportCsv: endpoint({
      method: 'get',
      path: `${path}.csv`,
      summary: `The ${name} as CSV`,
      media: 'text/csv',
      heavy: true,
    }),
    importCsv: endpoint({
      method: 'post',
      path: `${path}/import`,
      summary: `Take a CSV file of the ${name} in, all rows or none; a dry run only tells what each would do`,
      query: dryRunQuerySchema,
      request: csvImportSchema,
      response: csvImportResultSchema,
      heavy: true,
    }),
  } satisfies Readonly<Record<string, Endpoint>>;
}
