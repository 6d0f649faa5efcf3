import { photoInputSchema } from '@round-mint/contract/photos';
import { Router } from 'express';
import type { Database } from '../db/database';
import { bodyOf, idOf } from '../http/validate';
import { addPhoto, listPhotos, photoFile, removePhoto, restorePhoto } from '../services/photos';

/** A picture never changes: what was fetched once may be kept. */
const KEPT = 'private, max-age=31536000, immutable';

/** A ring's pictures: `/rings/:id/photos`. */
export function ringPhotosRouter(db: Database): Router {
  const router = Router({ mergeParams: true });
  router.get('/', async (request, response) => {
    response.json({ items: await listPhotos(db, idOf(request, 'ring')), nextCursor: null });
  });
  router.post('/', async (request, response) => {
    const photo = bodyOf(photoInputSchema, request);
    response.status(201).json(await addPhoto(db, idOf(request, 'ring'), photo));
  });
  return router;
}

/** One picture: `/photos/:id`. */
export function photosRouter(db: Database): Router {
  const router = Router();
  router.get('/:id', async (request, response) => {
    const file = await photoFile(db, idOf(request, 'photo'));
    response.type('image/jpeg').set('cache-control', KEPT).send(file);
  });
  router.delete('/:id', async (request, response) => {
    await removePhoto(db, idOf(request, 'photo'));
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await restorePhoto(db, idOf(request, 'photo')));
  });
  return router;
}
