import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import type { ShownTool } from '@round-mint/contract/kit';
import type { CoinStock } from '@round-mint/contract/stock';

interface Call {
  readonly method: string;
  readonly path: string;
  readonly query: URLSearchParams;
  readonly body: unknown;
}

type Answer = unknown | ((call: Call) => unknown);

/** Answers by "METHOD /path" below the interface's root; what is not listed is not found. */
export type Answers = Readonly<Record<string, Answer>>;

const ALWAYS: Answers = { 'GET /settings': DEFAULT_SETTINGS };

const ORIGIN = 'http://test';
const NodeRequest = globalThis.Request;

/** In a page an address may be relative; node wants it whole. */
class PageRequest extends NodeRequest {
  constructor(input: RequestInfo | URL, init?: RequestInit) {
    super(typeof input === 'string' ? new URL(input, ORIGIN) : input, init);
  }
}

/** An answer that is a refusal, in the contract's words. */
export function refusal(status: number, message: string): Response {
  return new Response(JSON.stringify({ error: { code: 'test', message } }), { status });
}

/**
 * Stands in for the server's interface.
 * @returns every call that was made, in order
 */
export function fakeServer(answers: Answers): Call[] {
  const calls: Call[] = [];
  const all = { ...ALWAYS, ...answers };
  globalThis.Request = PageRequest;
  globalThis.fetch = (async (request: Request) => {
    const url = new URL(request.url);
    const text = await request.text();
    const call = {
      method: request.method,
      path: url.pathname.replace('/api/v1', ''),
      query: url.searchParams,
      body: text ? (JSON.parse(text) as unknown) : undefined,
    };
    calls.push(call);
    const key = `${call.method} ${call.path}`;
    if (!(key in all)) return refusal(404, `no ${key}`);
    const answer = all[key];
    const value: unknown = await (typeof answer === 'function'
      ? (answer as (call: Call) => unknown)(call)
      : answer);
    return value instanceof Response
      ? value
      : new Response(JSON.stringify(value), { status: 200, headers: { 'content-type': 'application/json' } });
  }) as typeof fetch;
  return calls;
}

/** A list as the interface answers one. */
export function listOf<T>(...items: readonly T[]) {
  return { items, nextCursor: null };
}

const LIFE = { createdAt: '2026-03-01T10:00:00.000Z', updatedAt: '2026-03-01T10:00:00.000Z', version: 1 };

export function pieceOf(change: Partial<CoinStock> = {}): CoinStock {
  return {
    id: '00000001-0000-4000-8000-000000000001',
    kind: 'coin',
    name: 'Test brenn, 1948',
    issuer: 'Testland',
    year: 1948,
    metal: 'silver-900',
    diameterMm: 30.9,
    rimThicknessMm: 2.15,
    massG: 15.13,
    form: 'round',
    edge: 'reeded',
    outsideFace: 'obverse',
    grade: 'very fine',
    origin: '',
    price: 15,
    legalNote: '',
    notes: '',
    quantity: 6,
    ...LIFE,
    ...change,
  };
}

export function punchOf(diameterMm: number, n: number, change: Partial<ShownTool> = {}): ShownTool {
  return {
    id: `00000002-0000-4000-8000-00000000000${n}`,
    name: `${diameterMm} mm punch`,
    spec: { kind: 'punch', diameterMm, selfCentring: false },
    ...{ history: [], faults: [], renewedAt: null, oiledAt: null },
    ...LIFE,
    ...change,
  };
}
