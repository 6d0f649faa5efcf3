import type { Request, RequestHandler } from 'express';
import { isIP } from 'node:net';
import { HttpError } from './errors';

/** Who asks. */
export type Caller =
  | { readonly as: 'machine'; readonly deviceId: string | null }
  | { readonly as: 'device'; readonly deviceId: string }
  | { readonly as: 'stranger'; readonly deviceId: null };

const STRANGER: Caller = { as: 'stranger', deviceId: null };

/** Headers by which a proxy says that it asks for somebody else. */
const OF_PROXIES = ['forwarded', 'x-forwarded-for', 'x-real-ip', 'via'] as const;

/** Whether a host or an address is the machine's own, which no other device reaches. */
export function isLoopback(host: string | undefined): boolean {
  const address = (host ?? '').replace(/^::ffff:/, '');
  return address === '::1' || address === 'localhost' || (isIP(address) === 4 && address.startsWith('127.'));
}

/** Whether a request comes from the machine itself, and not through a proxy on it. */
export function isFromLoopback({ socket, headers }: Pick<Request, 'socket' | 'headers'>): boolean {
  return isLoopback(socket.remoteAddress) && OF_PROXIES.every((name) => headers[name] === undefined);
}

const callers = new WeakMap<Request, Caller>();

/** Who makes this request; a stranger where {@link recogniseCaller} has not looked. */
export function callerOf(request: Request): Caller {
  return callers.get(request) ?? STRANGER;
}

interface Doorkeeper {
  /** Whether the machine itself has to be paired. */
  readonly isLocked: () => Promise<boolean>;
  /** The paired device whose session comes with a request. */
  readonly deviceOf: (request: Request) => Promise<string | undefined>;
}

/** Who makes a request, by the doorkeeper's word. */
export async function whoAsks(request: Request, { isLocked, deviceOf }: Doorkeeper): Promise<Caller> {
  const deviceId = await deviceOf(request);
  const loopback = isFromLoopback(request);
  if (loopback && (deviceId !== undefined || !(await isLocked()))) {
    return { as: 'machine', deviceId: deviceId ?? null };
  }
  return deviceId === undefined ? STRANGER : { as: 'device', deviceId };
}

/** Finds out who makes each request. */
export function recogniseCaller(doorkeeper: Doorkeeper): RequestHandler {
  return async (request, _response, next) => {
    callers.set(request, await whoAsks(request, doorkeeper));
    next();
  };
}

/**
 * Turns strangers away.
 * @param open calls that anybody may make, as "GET /access"
 */
export function pairedOnly(open: ReadonlySet<string>): RequestHandler {
  return (request, _response, next) => {
    const call = `${request.method} ${request.path}`;
    if (callerOf(request).as === 'stranger' && !open.has(call)) throw new HttpError('not-paired');
    next();
  };
}

/** @throws HttpError 403 when it is not the machine itself that asks */
export function machineOnly(request: Request): void {
  if (callerOf(request).as !== 'machine') throw new HttpError('machine-only');
}
