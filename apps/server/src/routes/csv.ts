import { csvImportSchema, type CsvImportResult } from '@round-mint/contract/csv';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf } from '../http/validate';
import { importKitCsv, importStockCsv, kitCsv, stockCsv } from '../services/csv';

interface Table {
  readonly name: 'stock' | 'kit';
  readonly write: (db: Database) => Promise<string>;
  readonly take: (db: Database, csv: string, dryRun: boolean) => Promise<CsvImportResult>;
}

const TABLES: readonly Table[] = [
  { name: 'stock', write: stockCsv, take: importStockCsv },
  { name: 'kit', write: kitCsv, take: importKitCsv },
];

/** Stock and kit as CSV files, out and in; `?dryRun=1` only tells what each row would do. */
export function csvRouter(db: Database): Router {
  const router = Router();
  for (const { name, write, take } of TABLES) {
    router.get(`/${name}.csv`, async (_request, response) => {
      response
        .type('text/csv')
        .attachment(`round-mint-${name}.csv`)
        .send(await write(db));
    });
    router.post(`/${name}/import`, async (request, response) => {
      const { csv } = bodyOf(csvImportSchema, request);
      response.json(await take(db, csv, request.query['dryRun'] === '1'));
    });
  }
  return router;
}
