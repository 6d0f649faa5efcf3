import { ringEventsInputSchema, ringInputSchema, ringListQuerySchema } from '@round-mint/contract/rings';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf, idOf, queryOf } from '../http/validate';
import { getRing, listRings } from '../services/ring-store';
import { logEvents, removeRing, restoreRing, startRing } from '../services/rings';

export function ringsRouter(db: Database): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    const { status, ...query } = queryOf(ringListQuerySchema, request);
    response.json(await listRings(db, query, status));
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await startRing(db, bodyOf(ringInputSchema, request)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await getRing(db, idOf(request, 'ring')));
  });
  router.delete('/:id', async (request, response) => {
    await removeRing(db, idOf(request, 'ring'));
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restoreRing(db, idOf(request, 'ring')));
  });
  router.get('/:id/events', async (request, response) => {
    const { events } = await getRing(db, idOf(request, 'ring'));
    response.json({ items: events });
  });
  router.post('/:id/events', async (request, response) => {
    const { events } = bodyOf(ringEventsInputSchema, request);
    response.json(await logEvents(db, idOf(request, 'ring'), events));
  });
  return router;
}
