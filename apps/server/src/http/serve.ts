import {
  fillPath,
  paramNames,
  paramSchema,
  type Endpoint,
  type ParamsOf,
  type ResponseOf,
} from '@round-mint/contract/endpoint';
import type { Request, Response, Router } from 'express';
import type { z } from 'zod';
import { HttpError, invalid, notFound } from './errors';
import { createHeavyQueue } from './heavy';

type ReadAs<T> = T extends z.ZodType ? z.output<T> : undefined;

/** What a call asked, checked against its declaration. */
export interface Call<E extends Endpoint> {
  readonly params: ParamsOf<E>;
  readonly query: ReadAs<E['query']>;
  readonly body: ReadAs<E['request']>;
  /** Of a guarded call: the version that its change was made from; undefined where it does not say. */
  readonly version: number | undefined;
  readonly request: Request;
  /** For calls that answer something else than JSON. */
  readonly response: Response;
}

/** A value and all within it, whether or not it may be changed. */
type Readable<T> = T extends readonly (infer Item)[]
  ? readonly Readable<Item>[]
  : T extends object
    ? { readonly [Key in keyof T]: Readable<T[Key]> }
    : T;

/** What a call is answered with: nothing where it has no JSON to say. */
type Answer<E extends Endpoint> = E extends { readonly response: z.ZodType } ? Readable<ResponseOf<E>> : void;

function parse(schema: z.ZodType, value: unknown): unknown {
  const result = schema.safeParse(value);
  if (!result.success) throw invalid(result.error);
  return result.data;
}

/** Parameters of the path; one that cannot exist is simply not found. */
function paramsOf(endpoint: Endpoint, request: Request): Readonly<Record<string, string>> {
  return Object.fromEntries(
    paramNames(endpoint).map((name) => {
      const value = paramSchema(endpoint, name).safeParse(request.params[name]);
      if (!value.success) throw notFound(endpoint.thing ?? name);
      return [name, value.data];
    }),
  );
}

/** The version that `If-Match` names; `*` and nothing match every one. @throws HttpError 400 for anything else */
function versionIn(request: Request): number | undefined {
  const told = request.get('if-match')?.trim();
  if (told === undefined || told === '*') return undefined;
  const digits = /^(?:W\/)?"?(\d{1,15})"?$/.exec(told)?.[1];
  if (digits === undefined) throw new HttpError('no-version');
  return Number(digits);
}

/** What came as a body. A thing may be sent back as it was answered: which version that was, the header says. */
function sentIn({ guarded = false }: Endpoint, { body }: Request): unknown {
  if (!guarded || !isObject(body)) return body ?? {};
  const { version: _shown, ...rest } = body;
  return rest;
}

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A call whose declaration is not known to the type checker. */
export interface AnyCall {
  readonly params: Readonly<Record<string, string>>;
  readonly query: unknown;
  readonly body: unknown;
  readonly version: number | undefined;
  readonly request: Request;
  readonly response: Response;
}

function callOf(endpoint: Endpoint, request: Request, response: Response): AnyCall {
  return {
    params: paramsOf(endpoint, request),
    query: endpoint.query && parse(endpoint.query, request.query),
    body: endpoint.request && parse(endpoint.request, sentIn(endpoint, request)),
    version: endpoint.guarded ? versionIn(request) : undefined,
    request,
    response,
  };
}

const inTurn = createHeavyQueue();

/** As {@link serve}, for declarations that are handed on in general. */
export function serveAny(router: Router, endpoint: Endpoint, handle: (call: AnyCall) => unknown): void {
  const path = fillPath(endpoint, (name) => `:${name}`);
  router[endpoint.method](path, async (request, response) => {
    const call = callOf(endpoint, request, response);
    const answer = await (endpoint.heavy ? inTurn(response, () => handle(call)) : handle(call));
    if (endpoint.media) return;
    if (!endpoint.response) response.status(204).end();
    else response.status(endpoint.creates ? 201 : 200).json(answer);
  });
}

/**
 * Serves a call of the interface as it is declared: its path, parameters, query and body are checked, its answer is
 * sent with its status.
 */
export function serve<const E extends Endpoint>(
  router: Router,
  endpoint: E,
  handle: (call: Call<E>) => Answer<E> | Promise<Answer<E>>,
): void {
  // What was checked was checked by this very declaration.
  serveAny(router, endpoint, (call) => handle(call as Call<E>));
}
