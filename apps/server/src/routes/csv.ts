import type { CsvTableName } from '@round-mint/contract/csv';
import type { csvTable } from '@round-mint/contract/csv-table';
import { consumables, orders, people, scrap } from '@round-mint/contract/endpoints-trade';
import { kit, stock } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { sendCsv } from '../http/send-csv';
import { serve } from '../http/serve';
import { readCsv, writeCsv } from '../services/csv';

type CsvCalls = Pick<ReturnType<typeof csvTable>, 'exportCsv' | 'importCsv'>;

const CALLS: readonly (readonly [CsvTableName, CsvCalls])[] = [
  ['stock', stock],
  ['kit', kit],
  ['people', people],
  ['orders', orders],
  ['scrap', scrap],
  ['supplies', consumables],
];

/** Stored lists as CSV files, out and in. */
export function csvRouter(db: Database): Router {
  const router = Router();
  for (const [name, { exportCsv, importCsv }] of CALLS) {
    serve(router, exportCsv, async ({ response }) => sendCsv(response, name, await writeCsv(db, name)));
    serve(router, importCsv, ({ body, query }) => readCsv(db, name, body.csv, query.dryRun === '1'));
  }
  return router;
}
