import { build } from 'esbuild';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { ROOT } from './lib/run.mjs';

/** Benchmarks run bundled, as the page runs them. */
async function load(name) {
  const outfile = join(ROOT, 'node_modules/.cache/round-mint', `${name}.mjs`);
  await mkdir(join(outfile, '..'), { recursive: true });
  await build({
    entryPoints: [join(ROOT, 'scripts/bench', `${name}.ts`)],
    outfile,
    bundle: true,
    format: 'esm',
    platform: 'node',
  });
  return import(pathToFileURL(outfile).href);
}

const { planFigures } = await load('plan.bench');
const figures = planFigures();
const [, base] = figures[0];
console.log('What the page computes at every change, and how many shortcut formulas that is worth:\n');
for (const [name, ms] of figures) {
  console.log(
    `${name.padEnd(40)} ${ms.toFixed(5).padStart(10)} ms  ${Math.round(ms / base)
      .toLocaleString('en')
      .padStart(10)} ×`,
  );
}
