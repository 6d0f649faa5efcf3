/**
 * Bundles a test file with the workspace code that it imports into one module: run as one, it takes about a quarter of
 * the processor time that hundreds of small modules take in a test's own context. Packages from the registry stay outside.
 */
const { build } = require('esbuild');
const { createHash } = require('node:crypto');
const { readdirSync, readFileSync } = require('node:fs');
const { join } = require('node:path');
const { pathToFileURL } = require('node:url');

const { OWN_GLOBALS } = require('./own-globals.cjs');
const { handedOn, isOutside } = require('./packages-outside.cjs');

const ROOT = join(__dirname, '../..');
const SOURCES = ['packages/core/src', 'packages/contract/src', 'apps/server/src', 'scripts/jest'];

function* filesBelow(folder) {
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) yield* filesBelow(path);
    else yield path;
  }
}

/** One fingerprint of everything that may be bundled: any change makes every bundle anew. */
function fingerprint() {
  const hash = createHash('sha256');
  for (const source of SOURCES) {
    for (const file of filesBelow(join(ROOT, source))) hash.update(file).update(readFileSync(file));
  }
  return hash.digest('hex');
}
let known;

/** Modules that look for files beside themselves find them where they were written. */
const ownAddress = {
  name: 'own-address',
  setup({ onLoad }) {
    onLoad({ filter: /\.ts$/ }, ({ path }) => {
      const text = readFileSync(path, 'utf8');
      if (!text.includes('import.meta.url')) return undefined;
      const address = JSON.stringify(pathToFileURL(path).href);
      return { contents: text.replaceAll('import.meta.url', address), loader: 'ts' };
    });
  },
};

module.exports = {
  getCacheKey: (_text, path) =>
    createHash('sha256')
      .update((known ??= fingerprint()))
      .update(OWN_GLOBALS)
      .update(path)
      .digest('hex'),
  async processAsync(_text, path) {
    const { outputFiles } = await build({
      entryPoints: [path],
      bundle: true,
      write: false,
      platform: 'node',
      format: 'esm',
      target: 'node20',
      sourcemap: 'inline',
      sourcesContent: false,
      banner: { js: OWN_GLOBALS },
      plugins: [
        ownAddress,
        {
          name: 'packages-stay-outside',
          setup({ onResolve, onLoad }) {
            onResolve({ filter: /^[^./]/ }, ({ path: name }) => {
              if (name.startsWith('node:')) return { external: true };
              return isOutside(name) ? { path: name, namespace: 'outside' } : undefined;
            });
            onLoad({ filter: /.*/, namespace: 'outside' }, ({ path: name }) => ({
              contents: handedOn(name),
            }));
          },
        },
      ],
      logLevel: 'silent',
    });
    return { code: outputFiles[0].text };
  },
  process() {
    throw new Error('tests are modules: run jest with --experimental-vm-modules');
  },
};
