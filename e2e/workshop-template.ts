import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer } from './server';

/** Makes the made-up workshop once; every test works on a copy of its own. */
export default async function makeTemplate(): Promise<() => Promise<void>> {
  const folder = await mkdtemp(join(tmpdir(), 'round-mint-template-'));
  const dataDir = join(folder, 'data');
  const server = await startServer(dataDir);
  await server.stop();
  if (!existsSync(dataDir)) throw new Error('the server left no data');
  process.env['ROUND_MINT_TEMPLATE'] = dataDir;
  return () => rm(folder, { recursive: true, force: true });
}
