import { API_PATH } from '@round-mint/contract/endpoint';
import { workshop } from '@round-mint/contract/endpoints-workshop';
import { isIP } from 'node:net';
import { hostname } from 'node:os';
import type { Request, RequestHandler } from 'express';
import { HttpError } from './errors';

/** Calls that only look. */
const READING = new Set(['GET', 'HEAD', 'OPTIONS']);

/** A host without its port: "bench.local:4173", "[::1]:80". */
function nameOf(host: string): string {
  const bracketed = /^\[([^\]]+)\]/.exec(host)?.[1];
  return (bracketed ?? host.replace(/:\d+$/, '')).toLowerCase();
}

/** Names that this machine goes by on every network. */
export function ownNames(): readonly string[] {
  const own = hostname().toLowerCase();
  return ['localhost', own, `${own.split('.')[0]}.local`];
}

/**
 * Answers only under names of this machine: a foreign name that was made to point here (name rebinding) would let
 * foreign pages read. A bare address cannot be pointed elsewhere.
 * @param more names that the maker allows besides
 */
export function knownHostsOnly(more: readonly string[]): RequestHandler {
  const known = new Set([...ownNames(), ...more.map((name) => name.toLowerCase())]);
  return (request, _response, next) => {
    const name = nameOf(request.headers.host ?? '');
    if (isIP(name) === 0 && !known.has(name)) throw new HttpError('unknown-host');
    next();
  };
}

/** Whether a request comes from a page of another origin, as browsers tell it; scripts and tools tell nothing. */
function isForeign({ headers }: Request): boolean {
  const { origin, host = '' } = headers;
  const site = headers['sec-fetch-site'];
  if (site !== undefined && site !== 'same-origin' && site !== 'none') return true;
  if (origin === undefined) return false;
  try {
    return new URL(origin).host !== host.toLowerCase();
  } catch {
    // "null": a page that hides where it comes from.
    return true;
  }
}

/** Foreign pages may not write, whatever they send. */
export const ownPagesOnly: RequestHandler = (request, _response, next) => {
  if (!READING.has(request.method) && isForeign(request)) throw new HttpError('foreign-page');
  next();
};

/** Whether a request brings a zip: the workshop's own file, and nothing else, may come so. */
export function isZip(request: Request): boolean {
  const asked = request.baseUrl + request.path;
  return asked === API_PATH + workshop.importAll.path && request.is('application/zip') !== false;
}

/** A body is JSON and says so: forms and plain text, which foreign pages may send without asking, are none. */
export const jsonOnly: RequestHandler = (request, _response, next) => {
  const { 'content-length': length, 'transfer-encoding': chunked } = request.headers;
  const hasBody = chunked !== undefined || Number(length ?? 0) > 0;
  if (!READING.has(request.method) && hasBody && !request.is('application/json') && !isZip(request)) {
    throw new HttpError('not-json');
  }
  next();
};
