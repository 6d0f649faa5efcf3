import { execFileSync, spawn } from 'node:child_process';
import { existsSync, readdirSync } from 'node:fs';
import { chmod, chown, mkdtemp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { delimiter, join } from 'node:path';
import { setTimeout as sleep } from 'node:timers/promises';
import { installPackage } from './apt.mjs';
import { must, run, say } from './run.mjs';

/** Where Debian's packages put PostgreSQL's programs, beside the usual places. */
const DEBIAN = '/usr/lib/postgresql';
/** Debian's user for it: PostgreSQL does not run as root. */
const USER = 'postgres';
const READY_WITHIN_MS = 30_000;

/** The folder with PostgreSQL's programs; undefined where there are none. */
export function postgresFolder() {
  const versions = existsSync(DEBIAN) ? readdirSync(DEBIAN).map((name) => join(DEBIAN, name, 'bin')) : [];
  return [...(process.env.PATH ?? '').split(delimiter), ...versions].find((folder) =>
    existsSync(join(folder, 'initdb')),
  );
}

/** Installs PostgreSQL from Debian's packages when it is missing. */
export async function postgresIfNeeded() {
  if (postgresFolder()) return;
  say('Installing PostgreSQL from Debian’s packages …');
  await installPackage('postgresql');
}

/** @returns {Promise<number>} a port that nobody listens on */
function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = /** @type {import('node:net').AddressInfo} */ (server.address());
      server.close(() => resolve(port));
    });
  });
}

/** A command as PostgreSQL may be run: not as root. */
function asUser(command, args) {
  return process.getuid?.() === 0 ? ['runuser', ['-u', USER, '--', command, ...args]] : [command, args];
}

/** Whether a server takes queries. */
async function answers(url) {
  const { default: pg } = await import('pg');
  const client = new pg.Client({ connectionString: url });
  try {
    await client.connect();
    await client.query('select 1');
    return true;
  } catch {
    return false;
  } finally {
    await client.end().catch(() => undefined);
  }
}

/**
 * Starts a PostgreSQL server that is gone when it is stopped.
 * @returns {Promise<{ url: string, stop: () => Promise<void>, kill: () => Promise<void>, restart: () => Promise<void> }>}
 */
export async function startPostgres() {
  const bin = postgresFolder();
  if (!bin) throw new Error('PostgreSQL is not installed.');
  const folder = await mkdtemp(join(tmpdir(), 'round-mint-postgres-'));
  await chmod(folder, 0o700);
  if (process.getuid?.() === 0) {
    await chown(folder, Number(execFileSync('id', ['-u', USER])), -1);
  }
  const data = join(folder, 'data');
  const [init, initArgs] = asUser(join(bin, 'initdb'), ['-D', data, '-A', 'trust', '-U', USER, '--no-sync']);
  await must(init, initArgs, { capture: true, echo: false, cwd: folder });
  const port = await freePort();
  const [command, args] = asUser(join(bin, 'postgres'), [
    ...['-D', data, '-p', String(port), '-k', folder, '-c', 'listen_addresses=127.0.0.1'],
    ...['-c', 'max_connections=200'],
  ]);
  const url = `postgres://${USER}@127.0.0.1:${port}/postgres`;
  let server;
  const start = async () => {
    server = spawn(command, args, { stdio: 'ignore', cwd: folder });
    server.unref();
    const from = Date.now();
    while (!(await answers(url))) {
      if (Date.now() - from > READY_WITHIN_MS) throw new Error('PostgreSQL does not start');
      await sleep(200);
    }
  };
  const [control, stopArgs] = asUser(join(bin, 'pg_ctl'), ['-D', data, 'stop', '-m']);
  const end = (mode) => run(control, [...stopArgs, mode], { capture: true, echo: false, cwd: folder });
  await start();
  return {
    url,
    /** As a pulled plug would. */
    kill: async () => {
      await end('immediate');
    },
    restart: start,
    stop: async () => {
      await end('immediate');
      server.kill('SIGKILL');
      await rm(folder, { recursive: true, force: true });
    },
  };
}
