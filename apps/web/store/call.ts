import {
  API_PATH,
  pathFor,
  type Endpoint,
  type ParamsOf,
  type QueryOf,
  type RequestOf,
} from '@round-mint/contract/endpoint';
import type { z } from 'zod';

/** What a call needs beside its declaration: only what its path, query and body ask for. */
type CallInput<E extends Endpoint> = (keyof ParamsOf<E> extends never
  ? unknown
  : { readonly params: ParamsOf<E> }) &
  (E extends { readonly query: z.ZodType } ? { readonly query?: QueryOf<E> } : unknown) &
  (E extends { readonly request: z.ZodType } ? { readonly body: RequestOf<E> } : unknown);

interface Sent {
  readonly url: string;
  readonly method: string;
  readonly body?: unknown;
  readonly params?: Record<string, unknown>;
}

interface AnyInput {
  readonly params?: Readonly<Record<string, string>>;
  readonly query?: Record<string, unknown>;
  readonly body?: unknown;
}

/** A declared call as the store's base query sends it. */
export function call<E extends Endpoint>(endpoint: E, input: CallInput<E> & AnyInput): Sent {
  const { params, query, body }: AnyInput = input;
  return {
    url: pathFor<Endpoint>(endpoint, params ?? {}),
    method: endpoint.method.toUpperCase(),
    ...(body === undefined ? {} : { body }),
    ...(query === undefined ? {} : { params: query }),
  };
}

/** Where a file of the interface lies: for pictures, downloads and streams. */
export function addressOf<E extends Endpoint>(endpoint: E, params: ParamsOf<E>): string {
  return API_PATH + pathFor(endpoint, params);
}
