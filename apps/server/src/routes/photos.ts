import { photos } from '@round-mint/contract/endpoints-bench';
import { Router } from 'express';
import type { Database } from '../db/database';
import { serve } from '../http/serve';
import { addPhoto, listPhotos, photoFile, removePhoto, restorePhoto } from '../services/photos';

/** A picture never changes: what was fetched once may be kept. */
export const CACHED = 'private, max-age=31536000, immutable';

/** The pictures of rings. */
export function photosRouter(db: Database): Router {
  const router = Router();
  serve(router, photos.list, async ({ params }) => ({
    items: await listPhotos(db, params.id),
    nextCursor: null,
  }));
  serve(router, photos.add, ({ params, body }) => addPhoto(db, params.id, body));
  serve(router, photos.file, async ({ params, response }) => {
    const file = await photoFile(db, params.id);
    response.type('image/jpeg').set('cache-control', CACHED).send(file);
  });
  serve(router, photos.archive, ({ params }) => removePhoto(db, params.id));
  serve(router, photos.restore, ({ params }) => restorePhoto(db, params.id));
  return router;
}
