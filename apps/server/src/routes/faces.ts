import { faces } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { faceFile, pieceFaces, removeFace, setFace } from '../services/faces';
import { CACHED } from './photos';

/** How the two faces of a piece look. */
export function facesRouter(db: Database): Router {
  const router = Router();
  serve(router, faces.list, ({ params }) => pieceFaces(db, params.id));
  serve(router, faces.set, ({ params, body }) => setFace(db, params.id, params.face, body));
  serve(router, faces.remove, ({ params }) => removeFace(db, params.id, params.face));
  serve(router, faces.file, async ({ params, query, response }) => {
    const file = await faceFile(db, params.id, query.sidePx === undefined ? undefined : Number(query.sidePx));
    response.type('image/jpeg').set('cache-control', CACHED).send(file);
  });
  return router;
}
