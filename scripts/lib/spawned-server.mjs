import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const SERVER = join(ROOT, 'apps/server/dist/server.mjs');
const READY = /Round Mint is ready at (http:\/\/\S+)/;
const READY_WITHIN_MS = 120_000;
/** Compiled once, not again for speed: for a server that does not live long. */
const SHORT_LIVED = ['--liftoff-only'];

/**
 * Starts the built server on a folder, to be killed.
 * @param {string} dataDir
 * @param {NodeJS.ProcessEnv} [env]
 * @param {readonly string[]} [program] another one that tells its address in the same words
 * @param {readonly string[]} [flags] of the runtime; none where its speed is what counts
 */
export function startServer(dataDir, env = {}, program = [SERVER], flags = SHORT_LIVED) {
  const child = spawn(process.execPath, [...flags, ...program], {
    env: { ...process.env, DATA_DIR: dataDir, PORT: '0', ROUND_MINT_DEMO: '0', ...env },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  const over = once(child, 'exit');
  /** @type {Promise<string>} */
  const ready = new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error(`The server does not start:\n${said}`)), READY_WITHIN_MS);
    for (const stream of [child.stdout, child.stderr]) {
      stream.on('data', (data) => {
        said += data;
        const url = READY.exec(said)?.[1];
        if (url) resolve(url);
      });
    }
    child.on('exit', () => {
      clearTimeout(timer);
      reject(new Error(`The server ended:\n${said}`));
    });
  });
  // One that is killed before it is ready is nobody's concern.
  ready.catch(() => undefined);
  return {
    ready,
    said: () => said,
    pid: child.pid,
    /** As Ctrl and C would. */
    end: async () => {
      child.kill('SIGTERM');
      await over;
    },
    /** As a pulled plug would. */
    kill: async () => {
      child.kill('SIGKILL');
      await over;
    },
  };
}
