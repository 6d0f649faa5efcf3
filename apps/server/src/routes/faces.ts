import { faces } from '@round-mint/contract/endpoints-workshop';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { faceFile, pieceFaces, removeFace, removeTop, setFace, setTop } from '../services/faces';
import { CACHED } from './photos';

/** How the two faces of a coin look, and a handle from above. */
export function facesRouter(db: Database): Router {
  const router = Router();
  serve(router, faces.list, ({ params }) => pieceFaces(db, params.id));
  serve(router, faces.set, ({ params, body }) => setFace(db, params.id, params.face, body));
  serve(router, faces.remove, ({ params }) => removeFace(db, params.id, params.face));
  serve(router, faces.setTop, ({ params, body }) => setTop(db, params.id, body));
  serve(router, faces.removeTop, ({ params }) => removeTop(db, params.id));
  serve(router, faces.file, async ({ params, query, response }) => {
    const file = await faceFile(db, params.id, query.sidePx === undefined ? undefined : Number(query.sidePx));
    response.type('image/jpeg').set('cache-control', CACHED).send(file);
  });
  return router;
}
