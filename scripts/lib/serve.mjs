import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { buildIfNeeded, installIfNeeded } from './build.mjs';
import { ROOT, say } from './run.mjs';

const OLDEST_NODE = [20, 19];

function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  const [needMajor, needMinor] = OLDEST_NODE;
  if (major > needMajor || (major === needMajor && minor >= needMinor)) return;
  console.error(`Round Mint needs Node ${OLDEST_NODE.join('.')} or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

/**
 * Installs and builds what is missing, and serves a workshop.
 * @param {{ folder: string, demo: boolean }} workshop the folder it lies in unless DATA_DIR says otherwise, and whether
 *   it is the made-up one
 */
export async function serveWorkshop({ folder, demo }) {
  checkNode();
  await installIfNeeded();
  await buildIfNeeded();
  say('Starting …');
  const server = spawn(
    process.execPath,
    ['--enable-source-maps', join(ROOT, 'apps/server/dist/server.mjs'), ...process.argv.slice(2)],
    {
      stdio: 'inherit',
      env: { DATA_DIR: join(ROOT, folder), ...process.env, ROUND_MINT_DEMO: demo ? '1' : '0' },
    },
  );
  // A signal meant for this command is meant for the server; it closes its database and ends by itself.
  for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
  server.on('close', (code) => process.exit(code ?? 1));
}
