import { cp } from 'node:fs/promises';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

/**
 * Bundles programs of the server, each into one file, with the migrations beside them.
 * @param {Readonly<Record<string, string>>} programs where each begins, by the name of its file
 * @param {string} outdir
 */
export async function bundleForNode(programs, outdir) {
  const { build } = await import('esbuild');
  await build({
    entryPoints: programs,
    outdir,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    sourcemap: true,
    // The embedded database and the threads find files beside their own code; the native driver is optional.
    external: ['@electric-sql/pglite', 'piscina', 'sharp', 'pg-native'],
    // Packages of the older module kind ask for `require`.
    banner: {
      js: "import { createRequire } from 'node:module'; const require = createRequire(import.meta.url);",
    },
    logLevel: 'warning',
  });
  await cp(join(ROOT, 'apps/server/src/db/migrations'), join(outdir, 'migrations'), {
    recursive: true,
  });
}
