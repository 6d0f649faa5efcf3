import { compute } from '@round-mint/contract/endpoints-compute';
import { goldLining } from '@round-mint/core/finishing';
import { spinnerBlanks } from '@round-mint/core/strip';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { computeCoinRing, computeLand, computeRoute, computeSize } from '../services/compute';
import { computeFaceMap } from '../services/compute-faces';
import { computeForm } from '../services/compute-form';
import { computeExchange, computePrice, computeSchedule } from '../services/compute-trade';
import {
  computeCoinBand,
  computeDensity,
  computeHandle,
  computeResize,
  computeRolling,
  computeStrip,
} from '../services/compute-works';
import { computeDieChart } from '../services/die-charts';
import { computeSearch } from '../services/search';

/** What is computed without storing anything. */
export function computeRouter(db: Database): Router {
  const router = Router();
  serve(router, compute.size, ({ body }) => computeSize(body));
  serve(router, compute.coinRing, ({ body }) => computeCoinRing(db, body));
  serve(router, compute.route, ({ body }) => computeRoute(db, body));
  serve(router, compute.form, ({ body }) => computeForm(body));
  serve(router, compute.faceMap, ({ body }) => computeFaceMap(db, body));
  serve(router, compute.land, ({ body }) => computeLand(db, body));
  serve(router, compute.search, ({ body }) => computeSearch(db, body));
  serve(router, compute.dieChart, ({ body }) => computeDieChart(body));
  serve(router, compute.plating, ({ body }) => goldLining(body));
  serve(router, compute.handle, ({ body }) => computeHandle(db, body));
  serve(router, compute.strip, ({ body }) => computeStrip(body));
  serve(router, compute.spinner, ({ body }) => spinnerBlanks(body));
  serve(router, compute.coinBand, ({ body }) => computeCoinBand(db, body));
  serve(router, compute.rolling, ({ body }) => computeRolling(body));
  serve(router, compute.resize, ({ body }) => computeResize(db, body));
  serve(router, compute.density, ({ body }) => computeDensity(body));
  serve(router, compute.schedule, ({ body }) => computeSchedule(body));
  serve(router, compute.price, ({ body }) => computePrice(body));
  serve(router, compute.partExchange, ({ body }) => computeExchange(db, body));
  return router;
}
