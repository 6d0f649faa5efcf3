import { kit, stock } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { sendCsv } from '../http/send-csv';
import { serve } from '../http/serve';
import { importKitCsv, importStockCsv, kitCsv, stockCsv } from '../services/csv';

/** Stock and kit as CSV files, out and in. */
export function csvRouter(db: Database): Router {
  const router = Router();
  serve(router, stock.exportCsv, async ({ response }) => sendCsv(response, 'stock', await stockCsv(db)));
  serve(router, kit.exportCsv, async ({ response }) => sendCsv(response, 'kit', await kitCsv(db)));
  serve(router, stock.importCsv, ({ body, query }) => importStockCsv(db, body.csv, query.dryRun === '1'));
  serve(router, kit.importCsv, ({ body, query }) => importKitCsv(db, body.csv, query.dryRun === '1'));
  return router;
}
