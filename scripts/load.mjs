import { randomUUID } from 'node:crypto';
import { cp, mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { ROOT, say } from './lib/run.mjs';
import { startServer } from './lib/spawned-server.mjs';
import { fillFolder } from './load/fill.mjs';

// A ten-year-old workshop under load, beside a bare server that does as little as can be done.
const { values } = parseArgs({
  options: {
    clients: { type: 'string', default: '50' },
    seconds: { type: 'string', default: '60' },
    rings: { type: 'string', default: '5000' },
    pieces: { type: 'string', default: '20000' },
    orders: { type: 'string', default: '2000' },
    folder: { type: 'string' },
  },
});

await installIfNeeded();
await buildIfNeeded();
const base = await mkdtemp(join(tmpdir(), 'round-mint-load-'));
const folder = join(base, 'data');

async function makeFolder() {
  if (values.folder) {
    await cp(values.folder, folder, { recursive: true, filter: (path) => !path.endsWith('.sock') });
    return;
  }
  say('Making the made-up workshop …');
  const first = startServer(folder, { ROUND_MINT_DEMO: '1' });
  await first.ready;
  await first.end();
  say('Filling it …');
  const filled = await fillFolder(folder, {
    rings: Number(values.rings),
    pieces: Number(values.pieces),
    orders: Number(values.orders),
  });
  say(
    Object.entries(filled)
      .map(([name, n]) => `${n} ${name}`)
      .join(', '),
  );
}

const percentile = (sorted, share) =>
  sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * share))] ?? 0;

/** Asks one thing from many clients for some seconds. @returns {Promise<{ p50: number, p95: number, p99: number, perSecond: number, failed: number }>} in ms */
async function measure(ask, seconds) {
  const times = [];
  let failed = 0;
  const until = performance.now() + seconds * 1000;
  const client = async () => {
    while (performance.now() < until) {
      const from = performance.now();
      const answer = await ask().catch(() => undefined);
      await answer?.arrayBuffer().catch(() => undefined);
      if (!answer?.ok) failed += 1;
      times.push(performance.now() - from);
    }
  };
  await Promise.all(Array.from({ length: Number(values.clients) }, client));
  const sorted = times.toSorted((a, b) => a - b);
  return {
    p50: percentile(sorted, 0.5),
    p95: percentile(sorted, 0.95),
    p99: percentile(sorted, 0.99),
    perSecond: times.length / seconds,
    failed,
  };
}

async function memoryMb(pid) {
  const status = await readFile(`/proc/${pid}/status`, 'utf8').catch(() => '');
  return Math.round(Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
}

const json = (body) => ({
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(body),
});

/** @throws when it is refused */
async function asked(address, request) {
  const answer = await fetch(address, request);
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${answer.status} ${text}`);
  return JSON.parse(text);
}

/** Takes one plan to the bench so many times: nobody logs hundreds of things on one ring. @returns {Promise<string[]>} their ids */
async function startRings(url, count) {
  const { items } = await asked(`${url}/rings?status=in-work&limit=1`);
  const [{ planId, stockId }] = items;
  const more = { id: randomUUID(), at: new Date().toISOString(), change: count, why: 'counted' };
  await asked(`${url}/stock/${stockId}/counts`, json(more));
  const ids = [];
  for (let n = 1; n <= count; n += 1) {
    ids.push((await asked(`${url}/rings`, json({ planId, name: `Load ${n}` }))).id);
  }
  return ids;
}

/** A minute after its start the server looks over its data and makes the day's backup: no part of what is measured. */
async function lookedOver(url) {
  await sleep(65_000);
  while ((await asked(`${url}/backups`)).running) await sleep(500);
}

/** Waits until nothing is left to learn. @returns how many rings taught it */
async function allLearnt(url) {
  for (;;) {
    const { toLearn, rings } = await asked(`${url}/learnt`);
    if (toLearn === 0 && rings > 0) return rings;
    await sleep(100);
  }
}

/** Leaves a finished ring out and waits until the log has learnt so. */
async function relearn(url) {
  const before = await allLearnt(url);
  const { items } = await asked(`${url}/log?limit=1`);
  const body = { kind: 'left-out', leftOut: !items[0].leftOut };
  const events = [{ id: randomUUID(), at: new Date().toISOString(), body }];
  await asked(`${url}/rings/${items[0].ringId}/events`, json({ events }));
  while ((await allLearnt(url)) === before) await sleep(20);
}

try {
  await makeFolder();
  const from = performance.now();
  const server = startServer(folder, { ROUND_MINT_DEMO: '1' }, undefined, []);
  const url = `${await server.ready}/api/v1`;
  const startMs = performance.now() - from;
  const bareProgram = [join(ROOT, 'scripts/load/bare-server.mjs'), join(base, 'bare')];
  const bare = startServer(join(base, 'bare'), {}, bareProgram, []);
  const bareUrl = await bare.ready;
  const learnFrom = performance.now();
  await allLearnt(url);
  console.log(
    `Learnt from all rings within ${((performance.now() - learnFrom) / 1000).toFixed(0)} s of the start.`,
  );
  await lookedOver(url);
  const ringIds = await startRings(url, Number(values.clients));
  let told = 0;
  const ringInTurn = () => ringIds[(told += 1) % ringIds.length];
  const note = () => ({
    events: [{ id: randomUUID(), at: new Date().toISOString(), body: { kind: 'note', text: 'x' } }],
  });
  const reads = [
    ['a page of stock', `${url}/stock?limit=50`],
    ['a page of rings', `${url}/rings?limit=50`],
    ['a page of the log', `${url}/log?limit=50`],
    ['a page of orders', `${url}/orders?limit=50`],
    ['a page of people', `${url}/people?limit=50`],
  ];
  const runs = [
    ['bare: fifty rows', () => fetch(`${bareUrl}/things`)],
    ...reads.map(([name, address]) => [name, () => fetch(address)]),
    ['bare: an insert', () => fetch(`${bareUrl}/events`, json({ a: 1 }))],
    ['an event of a ring', () => fetch(`${url}/rings/${ringInTurn()}/events`, json(note()))],
  ];
  const seconds = Number(values.seconds) / runs.length;
  console.log(`\n${values.clients} clients, ${seconds.toFixed(1)} s each; ms`);
  console.log(`${''.padEnd(22)}    p50    p95    p99   /s     × bare`);
  let bareRate = 0;
  for (const [name, ask] of runs) {
    const { p50, p95, p99, perSecond, failed } = await measure(ask, seconds);
    if (name.startsWith('bare')) bareRate = perSecond;
    const cells = [p50, p95, p99].map((ms) => ms.toFixed(0).padStart(6)).join(' ');
    const ratio = name.startsWith('bare') ? '' : (bareRate / perSecond).toFixed(1);
    console.log(
      `${name.padEnd(22)} ${cells} ${perSecond.toFixed(0).padStart(6)} ${ratio.padStart(8)}${failed > 0 ? ` ${failed} failed` : ''}`,
    );
  }
  console.log(`\nStart: ${(startMs / 1000).toFixed(1)} s; memory ${await memoryMb(server.pid)} MB`);
  /** How long something takes, and the longest that another call waited meanwhile. */
  const timed = async (name, work) => {
    let over = false;
    let longestMs = 0;
    const beside = (async () => {
      while (!over) {
        const began = performance.now();
        await fetch(`${url}/health`).then((answer) => answer.arrayBuffer());
        longestMs = Math.max(longestMs, performance.now() - began);
        await sleep(20);
      }
    })();
    const began = performance.now();
    const problem = await work().then(
      () => '',
      (error) => ` (no answer: ${error.cause?.code ?? error.message})`,
    );
    const seconds = ((performance.now() - began) / 1000).toFixed(1);
    over = true;
    await beside;
    console.log(`${name}: ${seconds} s, another call waited ${longestMs.toFixed(0)} ms at most${problem}`);
  };
  await timed('Learning from one ring more', () => relearn(url));
  await timed('Day plan', () => asked(`${url}/day-plan`));
  await timed('Shop numbers', () => asked(`${url}/shop-numbers`));
  await timed('Consumables', () => asked(`${url}/consumables`));
  await timed('Backup, read back', () => asked(`${url}/backups`, json({})));
  console.log(`Memory ${await memoryMb(server.pid)} MB`);
  await server.kill();
  await bare.kill();
} finally {
  await rm(base, { recursive: true, force: true });
}
