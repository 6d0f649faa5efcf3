import { kit } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { createResources } from '../services/resources';
import { logToolEvents } from '../services/tool-events';
import { readToolPasses } from '../services/tool-passes';
import { serveResource } from './resource';

/** The tools, what happened to them, and how often each was used. */
export function kitRouter(db: Database): Router {
  const router = Router();
  serve(router, kit.logEvents, async ({ body }) => ({
    items: [...(await logToolEvents(db, body.events))],
    nextCursor: null,
  }));
  serve(router, kit.passes, () => readToolPasses(db));
  serveResource(router, kit, createResources(db).kit);
  return router;
}
