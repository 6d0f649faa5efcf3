import { cp } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { ROOT } from './run.mjs';

/** Bundles a server program into one file, with the migrations beside it. */
export async function bundleForNode(entryPoint, outfile) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: [entryPoint],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    // The embedded database finds its own files beside its code; the native driver is optional.
    external: ['@electric-sql/pglite', 'pg-native'],
    // Packages of the older module kind ask for `require`.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  });
  await cp(join(ROOT, 'apps/server/src/db/migrations'), join(dirname(outfile), 'migrations'), {
    recursive: true,
  });
}
