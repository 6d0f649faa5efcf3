import { createHash } from 'node:crypto';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join, relative, sep } from 'node:path';

const WORKER = 'service-worker.js';
const UNFILLED = /const APP = \{[^}]*\};/;

/**
 * Tells the service worker of a built app which files there are, so that it keeps all of them at the first visit.
 * @param folder of the exported app
 */
export async function nameAppFiles(folder) {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  const paths = entries
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name))
    .filter((path) => ![WORKER, 'metadata.json'].includes(relative(folder, path)))
    .sort();
  const hash = createHash('sha256');
  for (const path of paths) hash.update(relative(folder, path)).update(await readFile(path));
  const files = paths.map((path) => `/${relative(folder, path).split(sep).join('/')}`);
  const app = {
    version: hash.digest('hex').slice(0, 12),
    files: files.map((file) => (file === '/index.html' ? '/' : file)),
  };
  const worker = await readFile(join(folder, WORKER), 'utf8');
  if (!UNFILLED.test(worker)) throw new Error(`${WORKER} has no place for the app's files`);
  await writeFile(
    join(folder, WORKER),
    worker.replace(UNFILLED, () => `const APP = ${JSON.stringify(app)};`),
  );
}
