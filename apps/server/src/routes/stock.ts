import { stock } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { countStock, listCounts } from '../services/counting';
import { createResources } from '../services/resources';
import { serveResource } from './resource';

/** Pieces of stock, and how many of each there are. */
export function stockRouter(db: Database): Router {
  const router = Router();
  serveResource(router, stock, createResources(db).stock);
  serve(router, stock.counts, ({ params, query }) => listCounts(db, params.id, query));
  serve(router, stock.count, ({ params, body }) => countStock(db, params.id, body));
  return router;
}
