import { rm } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { bundleForNode } from './bundle.mjs';
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
  const out = join(ROOT, 'apps/server/dist');
  await rm(out, { recursive: true, force: true });
  await bundleForNode(join(ROOT, 'apps/server/src/main.ts'), join(out, 'server.mjs'));
}

/** Builds app and server where their sources changed. */
export async function buildIfNeeded() {
  await whenStale('web', [...PACKAGES, 'apps/web'], 'apps/web/dist/index.html', async () => {
    say('Building the app; the first time takes some minutes …');
    const cores = String(availableParallelism());
    await must(
      'npx',
      ['expo', 'export', '--platform', 'web', '--output-dir', 'dist', '--max-workers', cores],
      { cwd: join(ROOT, 'apps/web') },
    );
  });
  await whenStale('server', [...PACKAGES, 'apps/server'], 'apps/server/dist/server.mjs', async () => {
    say('Building the server …');
    await bundleServer();
  });
}
