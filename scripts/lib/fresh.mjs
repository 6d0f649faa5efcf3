import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, readdir, readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ROOT } from './run.mjs';

const SKIPPED = new Set(['node_modules', 'dist', '.expo', '.cache', 'test-results']);

async function* filesBelow(path) {
  const full = join(ROOT, path);
  if (!existsSync(full)) return;
  const entries = await readdir(full, { withFileTypes: true }).catch(() => null);
  if (!entries) {
    yield path;
    return;
  }
  for (const entry of entries.sort((a, b) => (a.name < b.name ? -1 : 1))) {
    if (SKIPPED.has(entry.name)) continue;
    const child = join(path, entry.name);
    if (entry.isDirectory()) yield* filesBelow(child);
    else if (!/\.(test|bench)\.tsx?$/.test(entry.name)) yield child;
  }
}

/**
 * One fingerprint of all that a result is made from.
 * @param {readonly string[]} paths files and folders, from the project's folder
 */
export async function fingerprint(paths) {
  const hash = createHash('sha256');
  for (const path of paths) {
    for await (const file of filesBelow(path)) {
      hash.update(file);
      hash.update(await readFile(join(ROOT, file)));
    }
  }
  return hash.digest('hex');
}

const STAMPS = join(ROOT, 'node_modules', '.cache', 'round-mint');

/**
 * Does a piece of work only when what it is made from has changed since it last succeeded.
 * @param result a file that must exist for the work to count as done
 * @returns whether the work was done now
 */
export async function whenStale(name, paths, result, work) {
  const mark = await fingerprint(paths);
  const stamp = join(STAMPS, name);
  const known = existsSync(stamp) ? await readFile(stamp, 'utf8') : '';
  if (known === mark && existsSync(join(ROOT, result))) return false;
  await work();
  await mkdir(STAMPS, { recursive: true });
  await writeFile(stamp, mark);
  return true;
}
