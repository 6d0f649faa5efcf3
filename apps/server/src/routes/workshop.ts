import { workshop } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { sendCsv } from '../http/send-csv';
import { serve } from '../http/serve';
import { readLearnt } from '../services/learnt';
import { listLog, logCsv, logEntry, logSummary } from '../services/log';
import { changeSettings, readSettings } from '../services/settings';

/** The log and the settings. */
export function workshopRouter(db: Database): Router {
  const router = Router();
  serve(router, workshop.logSummary, () => logSummary(db));
  serve(router, workshop.logEntry, ({ params }) => logEntry(db, params.id));
  serve(router, workshop.log, ({ query }) => listLog(db, query));
  serve(router, workshop.learnt, () => readLearnt(db));
  serve(router, workshop.logCsv, async ({ response }) => sendCsv(response, 'log', await logCsv(db)));
  serve(router, workshop.settings, () => readSettings(db));
  serve(router, workshop.changeSettings, ({ body }) => changeSettings(db, body));
  return router;
}
