import { Router } from 'express';
import type { z } from 'zod';
import { bodyOf, idOf, listQueryOf } from '../http/validate';
import type { Resource } from '../services/resource';

/** List, add, read, change, archive, bring back: the calls of a plain resource. */
export function resourceRouter<Input, Item>(
  resource: Resource<Input, Item>,
  inputSchema: z.ZodType<Input>,
): Router {
  const router = Router();
  router.get('/', async (request, response) => {
    response.json(await resource.list(listQueryOf(request)));
  });
  router.post('/', async (request, response) => {
    response.status(201).json(await resource.create(bodyOf(inputSchema, request)));
  });
  router.get('/:id', async (request, response) => {
    response.json(await resource.get(idOf(request, resource.name)));
  });
  router.put('/:id', async (request, response) => {
    const id = idOf(request, resource.name);
    response.json(await resource.replace(id, { ...bodyOf(inputSchema, request), id }));
  });
  router.delete('/:id', async (request, response) => {
    await resource.remove(idOf(request, resource.name));
    response.status(204).end();
  });
  router.post('/:id/restore', async (request, response) => {
    response.json(await resource.restore(idOf(request, resource.name)));
  });
  return router;
}
