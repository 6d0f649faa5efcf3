import { mkdir, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { loadBundled } from './lib/load-bundled.mjs';
import { ROOT } from './lib/run.mjs';

/** Holds the forming engine against the finite-element study and draws the plots of docs/validation.md. */
const { validationRows, validationPlot } = await loadBundled('scripts/validate/validate.ts');

const columns = ['after', 'figure', 'cases', 'mean', 'rms', 'worst', 'held to'];
const rows = validationRows().map(({ step, figure, unit, cases, mean, rms, worst, heldTo }) => {
  const digits = unit === '%' ? 2 : 3;
  const told = (value) => `${value.toFixed(digits)} ${unit}`;
  return [
    step,
    figure,
    String(cases),
    told(mean),
    told(rms),
    told(worst),
    rms <= heldTo ? `≤ ${heldTo}` : `missed ${heldTo}`,
  ];
});
const widths = columns.map((name, i) => Math.max(name.length, ...rows.map((row) => row[i].length)));
const line = (cells) => `| ${cells.map((cell, i) => cell.padEnd(widths[i])).join(' | ')} |`;
console.log([line(columns), line(widths.map((width) => '-'.repeat(width))), ...rows.map(line)].join('\n'));

await mkdir(join(ROOT, 'docs/validation'), { recursive: true });
await writeFile(join(ROOT, 'docs/validation/engine-against-study.svg'), validationPlot());
