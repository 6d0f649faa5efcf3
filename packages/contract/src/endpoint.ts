import type { z } from 'zod';
import { idSchema } from './common';
import type { ErrorCode } from './error-codes';

/**
 * One call of the interface, declared once: the server's route, the app's request and the OpenAPI document are made
 * from it. Paths are below {@link API_PATH}.
 */
export interface Endpoint {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  /** With its parameters in braces: `/rings/{id}`. */
  readonly path: string;
  readonly summary: string;
  /** What the path names, as a message calls it: "There is no such ring." */
  readonly thing?: string;
  /** Parameters of the path that are not ids. */
  readonly params?: Readonly<Record<string, z.ZodType<string>>>;
  readonly query?: z.ZodType;
  readonly request?: z.ZodType;
  readonly response?: z.ZodType;
  /** Makes something new: answered with 201. */
  readonly creates?: boolean;
  /** Takes `If-Match` with the version that the change was made from. */
  readonly guarded?: boolean;
  /** Media type of the answer when it is not JSON. */
  readonly media?: string;
  /** Reads or computes much at once: only a few of these run at a time. */
  readonly heavy?: boolean;
  /** Failures of its own, beside those that any call may have. */
  readonly errors?: readonly ErrorCode[];
}

/** Where the interface lies on the server. */
export const API_PATH = '/api/v1';

/** Declares a call, with its types as they are written. */
export function endpoint<const E extends Endpoint>(declared: E): E {
  return declared;
}

type ParamName<Path extends string> = Path extends `${string}{${infer Name}}${infer Rest}`
  ? Name | ParamName<Rest>
  : never;

/** The parameters of a call's path: ids are text, others what their schema says. */
export type ParamsOf<E extends Endpoint> = {
  readonly [Name in ParamName<E['path']>]: E extends {
    readonly params: Readonly<Record<Name, z.ZodType<infer Value extends string>>>;
  }
    ? Value
    : string;
};
/** The query of a call as it is asked. */
export type QueryOf<E extends Endpoint> = E extends { readonly query: infer Q extends z.ZodType }
  ? z.input<Q>
  : undefined;
/** The body of a call as it is sent. */
export type RequestOf<E extends Endpoint> = E extends { readonly request: infer R extends z.ZodType }
  ? z.input<R>
  : undefined;
/** The answer of a call as it is read. */
export type ResponseOf<E extends Endpoint> = E extends { readonly response: infer R extends z.ZodType }
  ? z.output<R>
  : undefined;

const PARAM = /\{(\w+)\}/g;

/** Names of the parameters in a call's path, in their order. */
export function paramNames({ path }: Pick<Endpoint, 'path'>): readonly string[] {
  return [...path.matchAll(PARAM)].flatMap(([, name]) => name ?? []);
}

/** What a parameter of a call's path may be: an id, unless the call says otherwise. */
export function paramSchema({ params }: Pick<Endpoint, 'params'>, name: string): z.ZodType<string> {
  return params?.[name] ?? idSchema;
}

/** A call's path with each parameter replaced. */
export function fillPath({ path }: Pick<Endpoint, 'path'>, value: (name: string) => string): string {
  return path.replace(PARAM, (_all, name: string) => value(name));
}

/** The path of a call for given parameters, below {@link API_PATH}. */
export function pathFor<E extends Endpoint>(declared: E, params: ParamsOf<E>): string {
  const values = new Map<string, unknown>(Object.entries(params));
  return fillPath(declared, (name) => encodeURIComponent(String(values.get(name))));
}
