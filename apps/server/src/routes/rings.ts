import { rings } from '@round-mint/contract/endpoints-bench';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { readBenchWord } from '../services/bench-word';
import { getRing, listRings, listRingsInFull } from '../services/ring-store';
import { logEvents, removeRing, restoreRing, startRing } from '../services/rings';

/** Rings at the bench. */
export function ringsRouter(db: Database): Router {
  const router = Router();
  serve(router, rings.list, ({ query: { status, archived, ...query } }) =>
    listRings(db, query, { status, archived: archived === '1' }),
  );
  serve(router, rings.listInFull, ({ query: { status, archived, ...query } }) =>
    listRingsInFull(db, query, { status, archived: archived === '1' }),
  );
  serve(router, rings.start, ({ body }) => startRing(db, body));
  serve(router, rings.get, ({ params }) => getRing(db, params.id));
  serve(router, rings.bench, ({ params }) => readBenchWord(db, params.id));
  serve(router, rings.archive, ({ params }) => removeRing(db, params.id));
  serve(router, rings.restore, ({ params }) => restoreRing(db, params.id));
  serve(router, rings.events, async ({ params }) => ({ items: (await getRing(db, params.id)).events }));
  serve(router, rings.logEvents, ({ params, body }) => logEvents(db, params.id, body.events));
  return router;
}
