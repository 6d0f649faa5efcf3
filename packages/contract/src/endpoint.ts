import type { z } from 'zod';

/** One call of the interface: what the OpenAPI document is made from. Paths are below `/api/v1`. */
export interface Endpoint {
  readonly method: 'get' | 'post' | 'put' | 'patch' | 'delete';
  readonly path: string;
  readonly summary: string;
  readonly request?: z.ZodType;
  readonly response?: z.ZodType;
  /** Makes something new: answered with 201. */
  readonly creates?: boolean;
  readonly list?: boolean;
  /** Media type of the answer when it is not JSON. */
  readonly media?: string;
}
