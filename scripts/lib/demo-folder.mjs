import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from './spawned-server.mjs';

/**
 * The made-up workshop as the built server leaves it in a new data folder.
 * @returns {Promise<{ dataDir: string, remove: () => Promise<void> }>} its folder, and how to be rid of it
 */
export async function makeDemoFolder() {
  const folder = await mkdtemp(join(tmpdir(), 'round-mint-template-'));
  const dataDir = join(folder, 'data');
  const server = startServer(dataDir, { ROUND_MINT_DEMO: '1' });
  await server.ready;
  await server.end();
  return { dataDir, remove: () => rm(folder, { recursive: true, force: true }) };
}
