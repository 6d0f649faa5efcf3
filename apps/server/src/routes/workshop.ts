import { workshop } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { sendCsv } from '../http/send-csv';
import { serve } from '../http/serve';
import { exportArchive, importArchive } from '../services/archive';
import { readLearnt } from '../services/learnt';
import { listLog, logCsv } from '../services/log';
import { changeSettings, readSettings } from '../services/settings';

/** The log, the settings and the whole workshop as a file. */
export function workshopRouter(db: Database): Router {
  const router = Router();
  serve(router, workshop.log, ({ query }) => listLog(db, query));
  serve(router, workshop.learnt, () => readLearnt(db));
  serve(router, workshop.logCsv, async ({ response }) => sendCsv(response, 'log', await logCsv(db)));
  serve(router, workshop.settings, () => readSettings(db));
  serve(router, workshop.changeSettings, ({ body }) => changeSettings(db, body));
  serve(router, workshop.exportAll, ({ response }) => {
    response.attachment('round-mint-workshop.json');
    return exportArchive(db);
  });
  serve(router, workshop.importAll, ({ body, query }) => importArchive(db, body, query.dryRun === '1'));
  return router;
}
