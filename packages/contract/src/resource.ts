import type { z } from 'zod';
import { archivableListQuerySchema } from './common';
import { endpoint, type Endpoint } from './endpoint';

/** The calls of a plain resource: list, add, read, change, archive, bring back. */
export function resource<
  const Path extends string,
  Input extends z.ZodType,
  Item extends z.ZodType,
  List extends z.ZodType,
>(
  path: Path,
  thing: string,
  { input, item, list }: { readonly input: Input; readonly item: Item; readonly list: List },
) {
  const byId = `${path}/{id}` as const;
  return {
    list: endpoint({
      method: 'get',
      path,
      summary: `List every ${thing}`,
      query: archivableListQuerySchema,
      response: list,
    }),
    create: endpoint({
      method: 'post',
      path,
      summary: `Add a ${thing}`,
      request: input,
      response: item,
      creates: true,
    }),
    get: endpoint({
      method: 'get',
      path: byId,
      summary: `One ${thing}`,
      thing,
      response: item,
      errors: ['not-found'],
    }),
    replace: endpoint({
      method: 'put',
      path: byId,
      summary: `Change a ${thing}; If-Match with its version refuses a stale write`,
      thing,
      request: input,
      response: item,
      errors: ['not-found', 'changed-meanwhile', 'no-version'],
      guarded: true,
    }),
    archive: endpoint({
      method: 'delete',
      path: byId,
      summary: `Archive a ${thing}; restore brings it back`,
      thing,
      errors: ['not-found'],
    }),
    restore: endpoint({
      method: 'post',
      path: `${byId}/restore`,
      summary: `Bring a ${thing} back`,
      thing,
      response: item,
      errors: ['not-found'],
    }),
  } satisfies Readonly<Record<string, Endpoint>>;
}
