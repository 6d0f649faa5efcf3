import { readFile, rm } from 'node:fs/promises';
import { availableParallelism } from 'node:os';
import { join } from 'node:path';
import { finishApp } from './app-files.mjs';
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

/** Pages that the app shows as its handbook. */
const HANDBOOK = ['docs/craft.md', 'docs/glossary.md'];

async function packagesIn(lockfile) {
  const text = await readFile(join(ROOT, lockfile), 'utf8').catch(() => '{}');
  return JSON.parse(text).packages ?? {};
}

/**
 * Whether npm's own record of what lies in node_modules holds what the lockfile names, whoever installed it; packages
 * for other machines are optional.
 */
async function isInstalled() {
  const named = Object.entries(await packagesIn('package-lock.json'));
  const present = await packagesIn('node_modules/.package-lock.json');
  return named.every(
    ([path, { version, optional }]) => path === '' || optional || present[path]?.version === version,
  );
}

/** Installs what the lockfile names, when it is not there yet. */
export async function installIfNeeded() {
  if (await isInstalled()) return;
  say('Installing packages; the first time takes some minutes …');
  await must('npm', ['ci', '--no-audit', '--no-fund']);
}

async function bundleServer() {
  const out = join(ROOT, 'apps/server/dist');
  await rm(out, { recursive: true, force: true });
  const source = join(ROOT, 'apps/server/src');
  await bundleForNode(
    { server: join(source, 'main.ts'), 'learning-thread': join(source, 'learning/thread.ts') },
    out,
  );
}

/** Builds app and server where their sources changed. */
export async function buildIfNeeded() {
  await whenStale('web', [...PACKAGES, 'apps/web', ...HANDBOOK], 'apps/web/dist/index.html', async () => {
    say('Building the app; the first time takes some minutes …');
    const cores = String(availableParallelism());
    await must(
      'npx',
      ['expo', 'export', '--platform', 'web', '--output-dir', 'dist', '--max-workers', cores],
      { cwd: join(ROOT, 'apps/web') },
    );
    await finishApp(join(ROOT, 'apps/web/dist'));
  });
  await whenStale('server', [...PACKAGES, 'apps/server'], 'apps/server/dist/server.mjs', async () => {
    say('Building the server …');
    await bundleServer();
  });
}
