import { existsSync } from 'node:fs';
import { makeDemoFolder } from '../scripts/lib/demo-folder.mjs';

/**
 * Makes the made-up workshop once; every test works on a copy of its own. A test run that has made it already names its
 * folder: two browsers would wait for it here.
 */
export default async function makeTemplate(): Promise<(() => Promise<void>) | undefined> {
  if (existsSync(process.env['ROUND_MINT_TEMPLATE'] ?? '')) return undefined;
  const { dataDir, remove } = await makeDemoFolder();
  process.env['ROUND_MINT_TEMPLATE'] = dataDir;
  return remove;
}
