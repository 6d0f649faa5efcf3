import type { Endpoint, ResponseOf } from '@round-mint/contract/endpoint';
import type { BaseQueryApi, FetchBaseQueryError } from '@reduxjs/toolkit/query';
import { z } from 'zod';
import { askWhich } from './ask-which';
import type { baseQuery } from './base-query';
import { call } from './call';
import { chosenChanges, mergedChanges, type Fields } from './merge-changes';

/** A stored thing as it was when a change of it began. */
export interface Base {
  readonly version: number;
}

const staleSchema = z.object({
  status: z.literal(412),
  data: z.object({ error: z.object({ current: z.looseObject({ version: z.number() }) }) }),
});

/** The calls that keep a thing. */
interface Keeping {
  readonly create: Endpoint;
  readonly replace: Endpoint & { readonly request: z.ZodType };
}

interface SavedThing extends Fields {
  readonly isNew: boolean;
  readonly base?: Base | undefined;
}

type Send = (sent: Parameters<typeof baseQuery>[0]) => ReturnType<typeof baseQuery>;
type Answer<T> = { data: T } | { error: FetchBaseQueryError };

/** Those fields of a stored thing that a change may hold: what follows from others is not sent. */
function changeable(schema: z.ZodType, thing: object): Fields {
  const issues = schema.safeParse(thing).error?.issues ?? [];
  const unknown = new Set(issues.flatMap((issue) => (issue.code === 'unrecognized_keys' ? issue.keys : [])));
  return Object.fromEntries(Object.entries(thing).filter(([key]) => !unknown.has(key)));
}

/**
 * Sends a change with the version that it was made from. Where another device has changed the thing meanwhile, what each
 * changed alone is put together; only what both changed is asked about.
 */
async function sendChange(
  { replace }: Keeping,
  { mine, base }: { readonly mine: Fields; readonly base: Base },
  send: Send,
  { dispatch }: Pick<BaseQueryApi, 'dispatch'>,
) {
  let change = mine;
  let from: object & Base = base;
  for (;;) {
    const id = String(change['id']);
    const headers = { 'if-match': `"${from.version}"` };
    const result = await send({ ...call<Endpoint>(replace, { params: { id }, body: change }), headers });
    const stale = staleSchema.safeParse(result.error);
    if (!stale.success) return result;
    const { current } = stale.data.data.error;
    const merged = mergedChanges(
      changeable(replace.request, from),
      change,
      changeable(replace.request, current),
    );
    const chosen = merged.both.length === 0 ? {} : await askWhich(dispatch, merged.both);
    // Left to think about: the form stays as it is, and so does the thing.
    if (!chosen) return result;
    change = chosenChanges(merged, chosen);
    from = current;
  }
}

/** Keeps a thing, new or changed. */
export function savedBy<Calls extends Keeping>(calls: Calls) {
  return async (
    { isNew, base, version: _version, ...mine }: SavedThing,
    queryApi: BaseQueryApi,
    _options: object,
    send: (sent: Parameters<Send>[0]) => unknown,
  ): Promise<Answer<ResponseOf<Calls['create']>>> => {
    const sendOne = send as Send;
    const id = String(mine['id']);
    const { data, error } = await (isNew
      ? sendOne(call<Endpoint>(calls.create, { body: mine }))
      : base
        ? sendChange(calls, { mine, base }, sendOne, queryApi)
        : sendOne(call<Endpoint>(calls.replace, { params: { id }, body: mine })));
    // What the server answers is what the call is declared to answer.
    return error ? { error } : { data: data as ResponseOf<Calls['create']> };
  };
}
