import { readdir, readFile, stat } from 'node:fs/promises';
import { join } from 'node:path';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { ROOT } from './lib/run.mjs';
import { emptyAppSize } from './measure/empty-app.mjs';

// What the app fetches before its first screen, against an empty app of the same stack. Fails above the bound.
const WEB = join(ROOT, 'apps/web/dist');
const SCRIPTS = '_expo/static/js/web';
const MOST_TIMES_EMPTY = 1.2;

/** @returns bytes of a script as the build packed it, else as it is packed here */
async function packedBytes(path, ending, pack) {
  const packed = await stat(`${path}${ending}`).catch(() => undefined);
  return packed?.size ?? pack(await readFile(path)).length;
}

/** @param names of scripts @returns bytes of them, plain and packed each way that they are sent */
async function sizes(dist, names) {
  const total = { plain: 0, gzip: 0, brotli: 0 };
  for (const name of names) {
    const path = join(dist, SCRIPTS, name);
    total.plain += (await stat(path)).size;
    total.gzip += await packedBytes(path, '.gz', (code) => gzipSync(code, { level: 9 }));
    total.brotli += await packedBytes(path, '.br', brotliCompressSync);
  }
  return total;
}

/** Scripts that the page itself runs. */
async function startScripts(dist) {
  const page = await readFile(join(dist, 'index.html'), 'utf8');
  return [...page.matchAll(/<script src="[^"]*\/([^"/]+\.js)"/g)].map(([, name]) => name);
}

async function allScripts(dist) {
  return (await readdir(join(dist, SCRIPTS))).filter((name) => name.endsWith('.js'));
}

await installIfNeeded();
await buildIfNeeded();
const empty = await emptyAppSize(async (dist) => sizes(dist, await startScripts(dist)));
const times = (size) =>
  Object.keys(empty)
    .map(
      (way) =>
        `${(size[way] / 1024).toFixed(0).padStart(5)} KB ${way} (${(size[way] / empty[way]).toFixed(2)} ×)`,
    )
    .join('  ');
const start = await sizes(WEB, await startScripts(WEB));
console.log(`Empty app                  ${times(empty)}`);
console.log(`Round Mint, at the start   ${times(start)}`);
console.log(`Round Mint, all scripts    ${times(await sizes(WEB, await allScripts(WEB)))}`);
const over = ['gzip', 'brotli'].filter((way) => start[way] > MOST_TIMES_EMPTY * empty[way]);
if (over.length > 0) {
  console.error(`✕ more than ${MOST_TIMES_EMPTY} times the empty app: ${over.join(', ')}`);
  process.exitCode = 1;
}
