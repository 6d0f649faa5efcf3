import type { z } from 'zod';
import type { Endpoint } from './endpoint';

/** The five calls of a plain resource that can be taken back after deletion. */
export function resource(
  path: string,
  one: string,
  schemas: { readonly input: z.ZodType; readonly item: z.ZodType; readonly list: z.ZodType },
): readonly Endpoint[] {
  const byId = `${path}/{id}`;
  return [
    { method: 'get', path, summary: `List every ${one}`, response: schemas.list, list: true },
    {
      method: 'post',
      path,
      summary: `Add a ${one}`,
      request: schemas.input,
      response: schemas.item,
      creates: true,
    },
    { method: 'get', path: byId, summary: `One ${one}`, response: schemas.item },
    { method: 'put', path: byId, summary: `Change a ${one}`, request: schemas.input, response: schemas.item },
    { method: 'delete', path: byId, summary: `Archive a ${one}; restore brings it back` },
    { method: 'post', path: `${byId}/restore`, summary: `Bring a ${one} back`, response: schemas.item },
  ];
}
