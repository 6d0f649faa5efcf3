import { createHash } from 'node:crypto';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { join, relative, sep } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants, gzip } from 'node:zlib';

const WORKER = 'service-worker.js';
const UNFILLED = /const APP = \{[^}]*\};/;
const SHARED = /<script src="([^"]*__common[^"]*)" defer><\/script>/;
const SCRIPTS = '_expo/static/js/web';
/** What packing makes smaller; fonts and pictures are packed already. */
const PACKED = /\.(js|css|html|svg|json|webmanifest)$/;

async function filesIn(folder) {
  const entries = await readdir(folder, { recursive: true, withFileTypes: true });
  return entries.filter((entry) => entry.isFile()).map((entry) => join(entry.parentPath, entry.name));
}

/**
 * The page as it is sent. The bundler runs at the start what any two places share; the first screen does without, so
 * it is only named, and the app runs it before the first place (`load-shared.ts`). Scripts of places and workers are
 * named too, under a rel that no browser knows: the app has them fetched once its first screen stands.
 */
async function writePage(folder) {
  const page = join(folder, 'index.html');
  const html = await readFile(page, 'utf8');
  const shared = SHARED.exec(html);
  if (!shared) throw new Error('index.html runs no shared code: what the bundler writes has changed');
  const lazy = (await readdir(join(folder, SCRIPTS)))
    .map((name) => `/${SCRIPTS}/${name}`)
    .filter((path) => !html.includes(path));
  const ahead = lazy.map((path) => `<link rel="later" as="script" href="${path}">`);
  const named = `<link rel="later" as="script" id="shared-code" href="${shared[1]}">`;
  await writeFile(
    page,
    html.replace(SHARED, '').replace('</head>', () => `${[named, ...ahead].join('\n')}</head>`),
  );
}

/** Tells the service worker which files there are, so that it keeps all of them at the first visit. */
async function nameFiles(folder) {
  const paths = (await filesIn(folder))
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

/** Beside each file of text, the same packed for browsers that take it: brotli where the address is safe, else gzip. */
async function packFiles(folder) {
  const brotli = promisify(brotliCompress);
  const zip = promisify(gzip);
  const texts = (await filesIn(folder)).filter((path) => PACKED.test(path));
  await Promise.all(
    texts.map(async (path) => {
      const content = await readFile(path);
      const params = { [constants.BROTLI_PARAM_SIZE_HINT]: content.length };
      await Promise.all([
        writeFile(`${path}.br`, await brotli(content, { params })),
        writeFile(`${path}.gz`, await zip(content, { level: 9 })),
      ]);
    }),
  );
}

/** @param folder of the exported app, which is made ready to be served */
export async function finishApp(folder) {
  await writePage(folder);
  await nameFiles(folder);
  await packFiles(folder);
}
