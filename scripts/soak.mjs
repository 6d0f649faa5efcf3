import { mkdtemp, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { parseArgs } from 'node:util';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { postgresIfNeeded, startPostgres } from './lib/postgres.mjs';
import { makeOlderFolder } from './soak/older-folder.mjs';
import { createRandom } from './lib/random.mjs';
import { startServer } from './lib/spawned-server.mjs';
import { createLedger, findLosses, writeOnce } from './soak/writes.mjs';

// Writes to a workshop and pulls the plug, again and again: what was acknowledged has to be there, once.
const { values } = parseArgs({
  options: {
    rounds: { type: 'string', default: '200' },
    seed: { type: 'string', default: String(Date.now() % 1_000_000) },
    postgres: { type: 'boolean', default: false },
  },
});
const rounds = Number(values.rounds);
const random = createRandom(Number(values.seed));
const WRITERS = 6;

await installIfNeeded();
await buildIfNeeded();
const base = await mkdtemp(join(tmpdir(), 'round-mint-soak-'));
const folder = join(base, 'data');
if (values.postgres) await postgresIfNeeded();
const postgres = values.postgres ? await startPostgres() : undefined;
const env = postgres ? { DATABASE_URL: postgres.url } : {};
const ledger = createLedger();
let lost = 0;
let killedAtStart = 0;

/** Writes until the server is gone. */
async function writeUntilGone(url) {
  for (;;) {
    try {
      await writeOnce(url, ledger, random);
    } catch (error) {
      if (!error.refused) return;
      // A refusal is an answer, and none is expected of these.
      console.error(`✕ ${error.message} ${JSON.stringify(error.answer)}`);
      lost += 1;
    }
  }
}

async function round() {
  if (random.next() < 0.25) {
    // The plug is pulled while it starts.
    const starting = startServer(folder, env);
    await sleep(random.whole(50, 2500));
    await starting.kill();
    killedAtStart += 1;
  }
  const server = startServer(folder, env);
  const url = await server.ready;
  const wrong = await findLosses(url, ledger);
  for (const one of wrong) console.error(`✕ ${one}`);
  lost += wrong.length;
  const writers = Array.from({ length: WRITERS }, () => writeUntilGone(url));
  await sleep(random.whole(200, 2000));
  if (postgres && random.next() < 0.3) {
    await postgres.kill();
    await server.kill();
    await Promise.all(writers);
    await postgres.restart();
    return;
  }
  await server.kill();
  await Promise.all(writers);
}

/** A folder of an older version, killed while it is taken over. */
async function migrationRounds(times) {
  for (let i = 0; i < times; i++) {
    const older = join(base, `older-${i}`);
    const name = await makeOlderFolder(older);
    const starting = startServer(older);
    await sleep(random.whole(600, 4000));
    await starting.kill();
    const server = startServer(older);
    const url = await server.ready;
    const found = await (await fetch(`${url}/api/v1/stock`)).json();
    if (found.items.length !== 1 || found.items[0].name !== name) {
      console.error(`✕ an older folder was not taken over whole: ${JSON.stringify(found).slice(0, 200)}`);
      lost += 1;
    }
    const copies = (await readdir(join(older, 'backups'))).filter((file) =>
      file.endsWith('-before-upgrade.zip'),
    );
    if (copies.length === 0) {
      console.error('✕ an older folder was taken over without a copy');
      lost += 1;
    }
    await server.kill();
    await rm(older, { recursive: true, force: true });
  }
}

console.log(`Seed ${values.seed}.`);
try {
  for (let i = 0; i < rounds; i++) {
    await round();
    if ((i + 1) % 10 === 0) console.log(`${i + 1} rounds, ${lost} wrong`);
  }
  if (!postgres) await migrationRounds(Math.max(1, Math.floor(rounds / 10)));
  const last = startServer(folder, env);
  const wrong = await findLosses(await last.ready, ledger);
  for (const one of wrong) console.error(`✕ ${one}`);
  lost += wrong.length;
  await last.kill();
} finally {
  await postgres?.stop();
  await rm(base, { recursive: true, force: true });
}
const kept = [...ledger.acknowledged.values()].reduce((sum, ids) => sum + ids.size, 0);
const counted = [...ledger.counts.values()].reduce((sum, { certain }) => sum + certain, 0);
console.log(
  `${rounds} rounds, killed ${killedAtStart} times while starting: ${kept} things and ${counted} counts acknowledged, ${lost} wrong`,
);
process.exit(lost === 0 ? 0 : 1);
