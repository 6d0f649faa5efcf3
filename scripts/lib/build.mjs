import { cp, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { whenStale } from './fresh.mjs';
import { must, ROOT, say } from './run.mjs';

const PACKAGES = [
  'packages/core/src',
  'packages/contract/src',
  'package-lock.json',
  'packages/core/package.json',
  'packages/contract/package.json',
];

/** Installs what the lockfile names, when it is not there yet. */
export async function installIfNeeded() {
  await whenStale('install', ['package-lock.json'], 'node_modules/esbuild/package.json', async () => {
    say('Installing packages; the first time takes some minutes …');
    await must('npm', ['ci', '--no-audit', '--no-fund']);
  });
}

async function bundleServer() {
  const { build } = await import('esbuild');
  const out = join(ROOT, 'apps/server/dist');
  await rm(out, { recursive: true, force: true });
  await build({
    entryPoints: [join(ROOT, 'apps/server/src/main.ts')],
    outfile: join(out, 'server.mjs'),
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
  await cp(join(ROOT, 'apps/server/src/db/migrations'), join(out, 'migrations'), { recursive: true });
}

/** Builds app and server where their sources changed. */
export async function buildIfNeeded() {
  await whenStale('web', [...PACKAGES, 'apps/web'], 'apps/web/dist/index.html', async () => {
    say('Building the app; the first time takes some minutes …');
    await must('npx', ['expo', 'export', '--platform', 'web', '--output-dir', 'dist'], {
      cwd: join(ROOT, 'apps/web'),
    });
  });
  await whenStale('server', [...PACKAGES, 'apps/server'], 'apps/server/dist/server.mjs', async () => {
    say('Building the server …');
    await bundleServer();
  });
}
