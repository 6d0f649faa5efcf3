import { archiveSchema } from '@round-mint/contract/archive';
import { settingsPatchSchema } from '@round-mint/contract/settings';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf, listQueryOf } from '../http/validate';
import { exportArchive, importArchive } from '../services/archive';
import { readLearnt } from '../services/learnt';
import { listLog, logCsv } from '../services/log';
import { changeSettings, readSettings } from '../services/settings';

/** The log, the settings and the whole workshop as a file. */
export function workshopRouter(db: Database): Router {
  const router = Router();
  router.get('/log', async (request, response) => {
    response.json(await listLog(db, listQueryOf(request)));
  });
  router.get('/learnt', async (_request, response) => {
    response.json(await readLearnt(db));
  });
  router.get('/log.csv', async (_request, response) => {
    response
      .type('text/csv')
      .attachment('round-mint-log.csv')
      .send(await logCsv(db));
  });
  router.get('/settings', async (_request, response) => {
    response.json(await readSettings(db));
  });
  router.patch('/settings', async (request, response) => {
    response.json(await changeSettings(db, bodyOf(settingsPatchSchema, request)));
  });
  router.get('/export', async (_request, response) => {
    response.attachment('round-mint-workshop.json').json(await exportArchive(db));
  });
  router.post('/import', async (request, response) => {
    const dryRun = request.query['dryRun'] === '1';
    response.json(await importArchive(db, bodyOf(archiveSchema, request), dryRun));
  });
  return router;
}
