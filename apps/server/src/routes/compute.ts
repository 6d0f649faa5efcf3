import { coinRingRequestSchema, landRequestSchema, routeRequestSchema } from '@round-mint/contract/coin-ring';
import { sizeRequestSchema } from '@round-mint/contract/size';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf } from '../http/validate';
import { computeCoinRing, computeLand, computeRoute, computeSize } from '../services/compute';

export function computeRouter(db: Database): Router {
  const router = Router();
  router.post('/size', (request, response) => {
    response.json(computeSize(bodyOf(sizeRequestSchema, request)));
  });
  router.post('/coin-ring', async (request, response) => {
    response.json(await computeCoinRing(db, bodyOf(coinRingRequestSchema, request)));
  });
  router.post('/route', async (request, response) => {
    response.json(await computeRoute(db, bodyOf(routeRequestSchema, request)));
  });
  router.post('/land', async (request, response) => {
    response.json(await computeLand(db, bodyOf(landRequestSchema, request)));
  });
  return router;
}
