import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { cp, mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const SERVER = fileURLToPath(new URL('../apps/server/dist/server.mjs', import.meta.url));
/** The embedded database compiled once, not again for speed: a test's server lives for seconds. */
const QUICK_TO_START = '--liftoff-only';
const READY = /Round Mint is ready at (http:\/\/\S+)/;

/** The real server, as the demo command starts it. */
export interface RunningServer {
  readonly url: string;
  readonly port: number;
  /** What it has written to its terminal so far. */
  readonly said: () => string;
  /** Ends it the hard way, as a power cut would. */
  readonly kill: () => Promise<void>;
  /** Asks it to end. */
  readonly stop: () => Promise<void>;
}

async function end(child: ChildProcess, signal: NodeJS.Signals): Promise<void> {
  if (child.exitCode !== null || child.signalCode !== null) return;
  child.kill(signal);
  await once(child, 'exit');
}

/** @param port 0 takes any free one @param more of the environment @param added to the command: `--lan` */
export function startServer(
  dataDir: string,
  port = 0,
  more: NodeJS.ProcessEnv = {},
  added: readonly string[] = [],
): Promise<RunningServer> {
  const child = spawn(process.execPath, [QUICK_TO_START, SERVER, ...added], {
    env: {
      ...process.env,
      DATA_DIR: dataDir,
      PORT: String(port),
      HOST: '127.0.0.1',
      ROUND_MINT_DEMO: '1',
      ...more,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  return new Promise((resolve, reject) => {
    const listen = (data: Buffer) => {
      output += data.toString();
      const url = READY.exec(output)?.[1];
      if (!url) return;
      resolve({
        url,
        port: Number(new URL(url).port),
        said: () => output,
        kill: () => end(child, 'SIGKILL'),
        stop: () => end(child, 'SIGTERM'),
      });
    };
    child.stdout.on('data', listen);
    child.stderr.on('data', listen);
    child.on('exit', () => reject(new Error(`the server ended before it was ready:\n${output}`)));
  });
}

/** A server on a copy of the made-up workshop, which goes when the server does. */
export interface OnCopy {
  readonly server: RunningServer;
  readonly dataDir: string;
  readonly remove: () => Promise<void>;
}

/** @param more of the environment @param added to the command */
export async function startOnCopy(
  more: NodeJS.ProcessEnv = {},
  added: readonly string[] = [],
): Promise<OnCopy> {
  const folder = await mkdtemp(join(tmpdir(), 'round-mint-e2e-'));
  const dataDir = join(folder, 'data');
  await cp(process.env['ROUND_MINT_TEMPLATE'] ?? '', dataDir, { recursive: true });
  const server = await startServer(dataDir, 0, more, added);
  return { server, dataDir, remove: () => rm(folder, { recursive: true, force: true }) };
}
