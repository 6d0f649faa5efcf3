import type { Endpoint, ResponseOf } from '@round-mint/contract/endpoint';
import type { BaseQueryApi, FetchBaseQueryError } from '@reduxjs/toolkit/query';
import { z } from 'zod';
import { askWhich } from './ask-which';
import type { baseQuery } from './base-query';
import { call } from './call';
import { isAway } from './is-away';
import { chosenChanges, mergedChanges, type Fields } from './merge-changes';
import { callOfThing, shownThing } from './things';
import { thingGone, thingKept, type ThingKind, type UnsentThing } from './unsent-things-slice';

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
type Answer<T> = { data: T; error?: undefined } | { error: FetchBaseQueryError; data?: undefined };

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

/** Sends something new; while the server is away it is kept in the browser, and shown as the server would answer it. */
async function sendNew(
  thing: Omit<UnsentThing, 'at'>,
  send: Send,
  { dispatch }: Pick<BaseQueryApi, 'dispatch'>,
): Promise<Answer<object>> {
  const made = { ...thing, at: new Date().toISOString() };
  const { data, error } = await send(callOfThing(made));
  if (!error) {
    // What is sent again by hand need not wait any longer for being sent by itself.
    dispatch(thingGone(thing.id));
    return { data: data as object };
  }
  if (!isAway(error)) return { error };
  dispatch(thingKept(made));
  return { data: shownThing(made) };
}

/**
 * Keeps a thing, new or changed.
 * @param kind what a new one waits as while the server is away; left out, it does not
 */
export function savedBy<Calls extends Keeping>(calls: Calls, kind?: ThingKind) {
  type Item = ResponseOf<Calls['create']>;
  return async (
    { isNew, base, version: _version, ...mine }: SavedThing,
    queryApi: BaseQueryApi,
    _options: object,
    sendAny: (sent: Parameters<Send>[0]) => unknown,
  ): Promise<Answer<Item>> => {
    const send = sendAny as Send;
    const id = String(mine['id']);
    const result = await (isNew && kind
      ? sendNew({ kind, id, body: mine }, send, queryApi)
      : isNew
        ? send(call<Endpoint>(calls.create, { body: mine }))
        : base
          ? sendChange(calls, { mine, base }, send, queryApi)
          : send(call<Endpoint>(calls.replace, { params: { id }, body: mine })));
    // What the server answers is what the call is declared to answer.
    return result.error ? { error: result.error } : { data: result.data as Item };
  };
}

/** Adds something new that is never changed. */
export function addedBy<Asked>(
  kind: ThingKind,
  toThing: (asked: Asked) => { readonly body: object } & Pick<UnsentThing, 'ringId' | 'shelfId' | 'label'>,
) {
  return async (
    asked: Asked,
    queryApi: BaseQueryApi,
    _options: object,
    send: (sent: Parameters<Send>[0]) => unknown,
  ): Promise<Answer<never>> => {
    const { body, ...of } = toThing(asked);
    const { id } = body as { readonly id?: unknown };
    const thing = { kind, id: String(id), ...of, body: { ...body } };
    return (await sendNew(thing, send as Send, queryApi)) as Answer<never>;
  };
}
