import type { ListQuery } from '@round-mint/contract/common';
import type { Endpoint } from '@round-mint/contract/endpoint';
import type { Router } from 'express';
import type { z } from 'zod';
import { serveAny, type AnyCall } from '../http/serve';
import type { Resource } from '../services/resource';

/** The calls of a plain resource, as the contract declares them. */
interface ResourceCalls<Input, Item, Change> {
  readonly list: Endpoint & { readonly query: z.ZodType<ListQuery> };
  readonly create: Endpoint & { readonly request: z.ZodType<Input>; readonly response: z.ZodType<Item> };
  readonly get: Endpoint & { readonly response: z.ZodType<Item> };
  readonly replace: Endpoint & { readonly request: z.ZodType<Change>; readonly response: z.ZodType<Item> };
  readonly archive: Endpoint;
  readonly restore: Endpoint & { readonly response: z.ZodType<Item> };
}

const idOf = ({ params }: AnyCall) => String(params['id']);

/** Serves the calls of a plain resource: list, add, read, change, archive, bring back. */
export function serveResource<Input, Item, Change = Input>(
  router: Router,
  calls: ResourceCalls<Input, Item, Change>,
  resource: Omit<Resource<Input, Item>, 'replace'> & {
    readonly replace: (id: string, change: Change, version?: number) => Promise<Item>;
  },
): void {
  // Query and bodies were checked by the schemas whose types these are.
  serveAny(router, calls.list, ({ query }) => resource.list(query as ListQuery));
  serveAny(router, calls.create, ({ body }) => resource.create(body as Input));
  serveAny(router, calls.get, (call) => resource.get(idOf(call)));
  serveAny(router, calls.replace, (call) =>
    resource.replace(idOf(call), { ...(call.body as Change), id: idOf(call) }, call.version),
  );
  serveAny(router, calls.archive, (call) => resource.remove(idOf(call)));
  serveAny(router, calls.restore, (call) => resource.restore(idOf(call)));
}
