import { mkdtemp, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { buildIfNeeded, installIfNeeded } from './build.mjs';
import { chromiumIfNeeded, chromiumPath } from './chromium.mjs';
import { ROOT } from './run.mjs';
import { startServer } from './spawned-server.mjs';

/**
 * Builds what is missing and opens a browser beside a server on a made-up workshop of its own.
 * @returns {Promise<{ url: string, browser: import('@playwright/test').Browser, close: () => Promise<void> }>}
 */
export async function openDemo() {
  await installIfNeeded();
  await buildIfNeeded();
  await chromiumIfNeeded();
  const dataDir = await mkdtemp(join(tmpdir(), 'round-mint-demo-'));
  const server = startServer(dataDir, { ROUND_MINT_DEMO: '1' });
  // Whatever fails ends the script: its server ends with it.
  process.on('exit', () => void server.kill());
  const url = await server.ready;
  const flags = JSON.parse(await readFile(join(ROOT, 'scripts/lib/chromium-flags.json'), 'utf8'));
  const { chromium } = await import('@playwright/test');
  const browser = await chromium.launch({ executablePath: chromiumPath(), args: flags });
  const close = async () => {
    await browser.close();
    await server.kill();
    await rm(dataDir, { recursive: true, force: true });
  };
  return { url, browser, close };
}
