import { coinRingRequestSchema, landRequestSchema, routeRequestSchema } from '@round-mint/contract/coin-ring';
import { scheduleRequestSchema } from '@round-mint/contract/day-plan';
import { dieChartRequestSchema } from '@round-mint/contract/die-charts';
import { priceInputSchema } from '@round-mint/contract/price';
import { platingRequestSchema } from '@round-mint/contract/recipes';
import { searchRequestSchema } from '@round-mint/contract/search';
import { exchangeRequestSchema } from '@round-mint/contract/shop';
import { sizeRequestSchema } from '@round-mint/contract/size';
import {
  coinBandRequestSchema,
  densityRequestSchema,
  handleRequestSchema,
  resizeRequestSchema,
  rollingRequestSchema,
  spinnerRequestSchema,
  stripRequestSchema,
} from '@round-mint/contract/works-compute';
import { goldLining } from '@round-mint/core/finishing';
import { spinnerBlanks } from '@round-mint/core/strip';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf } from '../http/validate';
import { computeCoinRing, computeLand, computeRoute, computeSize } from '../services/compute';
import {
  computeCoinBand,
  computeDensity,
  computeHandle,
  computeResize,
  computeRolling,
  computeStrip,
} from '../services/compute-works';
import { computeExchange, computePrice, computeSchedule } from '../services/compute-trade';
import { computeDieChart } from '../services/die-charts';
import { computeSearch } from '../services/search';

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
  router.post('/search', async (request, response) => {
    response.json(await computeSearch(db, bodyOf(searchRequestSchema, request)));
  });
  router.post('/die-chart', (request, response) => {
    response.json(computeDieChart(bodyOf(dieChartRequestSchema, request)));
  });
  router.post('/plating', (request, response) => {
    response.json(goldLining(bodyOf(platingRequestSchema, request)));
  });
  router.post('/handle', async (request, response) => {
    response.json(await computeHandle(db, bodyOf(handleRequestSchema, request)));
  });
  router.post('/strip', (request, response) => {
    response.json(computeStrip(bodyOf(stripRequestSchema, request)));
  });
  router.post('/spinner', (request, response) => {
    response.json(spinnerBlanks(bodyOf(spinnerRequestSchema, request)));
  });
  router.post('/coin-band', async (request, response) => {
    response.json(await computeCoinBand(db, bodyOf(coinBandRequestSchema, request)));
  });
  router.post('/rolling', (request, response) => {
    response.json(computeRolling(bodyOf(rollingRequestSchema, request)));
  });
  router.post('/resize', async (request, response) => {
    response.json(await computeResize(db, bodyOf(resizeRequestSchema, request)));
  });
  router.post('/schedule', async (request, response) => {
    response.json(await computeSchedule(bodyOf(scheduleRequestSchema, request)));
  });
  router.post('/price', (request, response) => {
    response.json(computePrice(bodyOf(priceInputSchema, request)));
  });
  router.post('/part-exchange', async (request, response) => {
    response.json(await computeExchange(db, bodyOf(exchangeRequestSchema, request)));
  });
  router.post('/density', (request, response) => {
    response.json(computeDensity(bodyOf(densityRequestSchema, request)));
  });
  return router;
}
