import { existsSync, readdirSync } from 'node:fs';
import { mkdir, writeFile } from 'node:fs/promises';
import { basename, join, relative } from 'node:path';
import ownGlobals from './own-globals.cjs';
import { whenStale } from '../lib/fresh.mjs';
import { ROOT } from '../lib/run.mjs';

const FOLDER = 'node_modules/.cache/round-mint/bundled-packages';
const MADE_FROM = ['packages/core/src', 'packages/contract/src', 'package-lock.json', 'scripts/jest'];

/** What the app may import: "core/size" and so on, with the file behind it. */
function entries() {
  const core = join(ROOT, 'packages/core/src');
  const contract = join(ROOT, 'packages/contract/src');
  const subjects = readdirSync(core).flatMap((name) => {
    const codes = join(core, name, 'codes.ts');
    const subject = [`core/${name}`, join(core, name, 'index.ts')];
    return existsSync(codes) ? [subject, [`core/${name}/codes`, codes]] : [subject];
  });
  const calls = readdirSync(contract, { withFileTypes: true })
    .filter((entry) => entry.isFile() && !entry.name.endsWith('.test.ts'))
    .map(({ name }) => [`contract/${basename(name, '.ts')}`, join(contract, name)]);
  return [...subjects, ...calls];
}

/**
 * Bundles core and contract into one script, and writes for each entry one that hands it on: read as one, they take a
 * quarter of the time that some three hundred modules take in each test file, and nothing of them has to be compiled.
 */
export default async function bundlePackages() {
  await whenStale('packages-for-tests', MADE_FROM, `${FOLDER}/all.js`, async () => {
    const { build } = await import('esbuild');
    const names = entries();
    await build({
      stdin: {
        contents: names
          .map(([, file], i) => `export * as entry${i} from ${JSON.stringify(file)};`)
          .join('\n'),
        resolveDir: ROOT,
      },
      outfile: join(ROOT, FOLDER, 'all.js'),
      bundle: true,
      platform: 'node',
      format: 'cjs',
      target: 'node20',
      sourcemap: 'inline',
      banner: { js: ownGlobals.OWN_GLOBALS },
      external: ['zod'],
      logLevel: 'warning',
    });
    for (const [i, [name]] of names.entries()) {
      const path = join(ROOT, FOLDER, `${name}.js`);
      await mkdir(join(path, '..'), { recursive: true });
      const all = relative(join(path, '..'), join(ROOT, FOLDER, 'all.js'));
      await writeFile(path, `module.exports = require(${JSON.stringify(all)}).entry${i};\n`);
    }
  });
}
