import { build } from 'esbuild';
import { mkdir } from 'node:fs/promises';
import { basename, join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './run.mjs';

/** Loads a TypeScript module of the workspace, bundled with all that it imports. */
export async function loadBundled(path) {
  const outfile = join(ROOT, 'node_modules/.cache/round-mint', `${basename(path, '.ts')}.mjs`);
  await mkdir(join(outfile, '..'), { recursive: true });
  await build({ entryPoints: [join(ROOT, path)], outfile, bundle: true, format: 'esm', platform: 'node' });
  return import(pathToFileURL(outfile).href);
}
