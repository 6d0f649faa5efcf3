import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { addressPart, fitting, headOf, queryOf, spoiled, textOf } from './fuzz/values.mjs';
import { openHalves, send } from './fuzz/send.mjs';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { createRandom } from './lib/random.mjs';
import { startServer } from './lib/spawned-server.mjs';

// Asks every call of the interface for what it does not take: none may be answered with 500, none may hang.
const { values } = parseArgs({
  options: {
    requests: { type: 'string', default: '100000' },
    seed: { type: 'string', default: String(Date.now() % 1_000_000) },
    connections: { type: 'string', default: '2000' },
  },
});
const random = createRandom(Number(values.seed));
const AT_ONCE = 24;
/** As many of the slowest answers are told. */
const SHOWN = 12;
/** Calls that would end the run: a stream, and who may come in. */
const LEFT_OUT = [/^\/changes$/, /^\/access/];

await installIfNeeded();
await buildIfNeeded();
const base = await mkdtemp(join(tmpdir(), 'round-mint-fuzz-'));
const server = startServer(join(base, 'data'), { ROUND_MINT_DEMO: '1' });
const url = new URL(await server.ready);
const port = Number(url.port);
const get = async (path) => (await (await fetch(`${url.href}api/v1${path}`)).json()).items ?? [];
const lists = await Promise.all(
  ['/stock', '/rings', '/orders', '/people', '/kit', '/plans', '/scrap'].map(get),
);
const ids = [...lists.flat().map(({ id }) => id), '00000000-0000-4000-8000-000000000000', 'seven'];
const { paths } = await (await fetch(`${url.href}api/v1/openapi.json`)).json();
const operations = Object.entries(paths)
  .filter(([path]) => !LEFT_OUT.some((left) => left.test(path)))
  .flatMap(([path, calls]) => Object.entries(calls).map(([method, call]) => ({ path, method, call })));

/** @type {Map<number, number>} */
const statuses = new Map();
const problems = [];
/** @type {{ ms: number, at: number, method: string, path: string, body: string | undefined }[]} */
const slowest = [];
let sent = 0;

function request() {
  const { path, method, call } = random.oneOf(operations);
  const address = path.replace(/\{\w+\}/g, () => addressPart(random, ids));
  // A restore would put everything back, over and over: it is only looked at.
  const query =
    path.includes('restore') && path.startsWith('/backups')
      ? 'dryRun=1'
      : queryOf(call.parameters ?? [], random);
  const schema = call.requestBody?.content?.['application/json']?.schema;
  const wanted = schema && fitting(schema, random, ids);
  const body = schema ? textOf(random.next() < 0.7 ? spoiled(wanted, random) : wanted, random) : undefined;
  return {
    port,
    method: method.toUpperCase(),
    path: `/api/v1${encodeURI(address).replaceAll('%25', '%')}${query ? `?${query}` : ''}`,
    head: headOf(random),
    body,
  };
}

async function ask() {
  while (sent < Number(values.requests)) {
    sent += 1;
    if (sent % 10_000 === 0) console.log(`${sent} requests, ${problems.length} problems`);
    const asked = request();
    const from = performance.now();
    const { status, text } = await send(asked);
    slowest.push({
      ms: performance.now() - from,
      at: from,
      method: asked.method,
      path: asked.path,
      body: asked.body,
    });
    slowest.sort((a, b) => b.ms - a.ms).splice(SHOWN);
    statuses.set(status, (statuses.get(status) ?? 0) + 1);
    if (status === 500 || status === 0 || status === 503) {
      problems.push({ ...asked, status, text: text.slice(0, 200) });
    }
  }
}

console.log(`Seed ${values.seed}, ${operations.length} calls.`);
const close = openHalves(port, Number(values.connections));
await Promise.all(Array.from({ length: AT_ONCE }, ask));
close();
const alive = await fetch(`${url.href}api/v1/health`)
  .then((answer) => answer.ok)
  .catch(() => false);
await server.kill();
await rm(base, { recursive: true, force: true });
for (const { method, path, body, status, head } of problems.slice(0, 20)) {
  console.error(
    `✕ ${status} ${method} ${path.slice(0, 200)} ${JSON.stringify(head)} ${String(body).slice(0, 300)}`,
  );
}
const errors = server
  .said()
  .split('\n')
  .filter((line) => /^\w*Error/.test(line));
for (const line of new Set(errors.slice(0, 200))) console.error(line.slice(0, 300));
const counted = [...statuses].toSorted(([a], [b]) => a - b).map(([status, n]) => `${status}: ${n}`);
console.log('Slowest:');
for (const { ms, at, method, path } of slowest) {
  console.log(`${ms.toFixed(0).padStart(7)} ms, from ${at.toFixed(0)}  ${method} ${path.slice(0, 100)}`);
}
console.log(`Answers: ${counted.join(', ')}`);
console.log(
  `${sent} requests, ${problems.length} of them 500, 503 or hung; the server ${alive ? 'lives' : 'is gone'}`,
);
process.exit(problems.length === 0 && alive ? 0 : 1);
