import { idSchema, listQuerySchema, type ListQuery } from '@round-mint/contract/common';
import type { Request } from 'express';
import type { z } from 'zod';
import { invalid, notFound } from './errors';

function parse<T extends z.ZodType>(schema: T, value: unknown): z.output<T> {
  const result = schema.safeParse(value);
  if (!result.success) throw invalid(result.error);
  return result.data;
}

/** The request's body, checked against the contract. @throws HttpError 400 with the fields that are wrong */
export function bodyOf<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  return parse(schema, request.body ?? {});
}

/** The query of a call, checked against the contract. */
export function queryOf<T extends z.ZodType>(schema: T, request: Request): z.output<T> {
  return parse(schema, request.query);
}

export function listQueryOf(request: Request): ListQuery {
  return queryOf(listQuerySchema, request);
}

/** The id in the path; one that cannot exist is simply not found. */
export function idOf(request: Request, what: string): string {
  const id = idSchema.safeParse(request.params['id']);
  if (!id.success) throw notFound(what);
  return id.data;
}
