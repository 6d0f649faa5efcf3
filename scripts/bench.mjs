import { loadBundled } from './lib/load-bundled.mjs';

/** Benchmarks run bundled, as the page runs them. */
const load = (name) => loadBundled(`scripts/bench/${name}.ts`);

const { planFigures, workerFigures } = await load('plan.bench');

function print(title, figures, base) {
  console.log(`\n${title}\n`);
  for (const [name, ms] of figures) {
    const ratio = Math.round(ms / base).toLocaleString('en');
    console.log(`${name.padEnd(52)} ${ms.toFixed(5).padStart(12)} ms  ${ratio.padStart(12)} ×`);
  }
}

const figures = planFigures();
const [, shortcut] = figures[0];
print(
  'What the page computes at every change, and how many shortcut formulas that is worth:',
  figures,
  shortcut,
);
const route = figures.find(([name]) => name === 'route simulated, its moves known')[1];
print('What a worker computes, and how many route simulations that is worth:', workerFigures(), route);

const { benchFigures } = await load('bench-side.bench');
print('What the bench asks, and how many route simulations that is worth:', benchFigures(), route);

const { latenessAgainstExact, latenessAgainstRules, scheduleFigures, scheduleGains } =
  await load('schedule.bench');
print('What laying out days takes, and how many route simulations that is worth:', scheduleFigures(), route);
console.log('\nDay plan against first come, first done (1 is as much, less is better):\n');
for (const [name, setUp, span, late] of scheduleGains()) {
  const words = `set-up ${setUp.toFixed(2)}   until all is done ${span.toFixed(2)}   lateness ${late.toFixed(2)}`;
  console.log(`${name.padEnd(20)} ${words}`);
}

console.log('\nLateness above the least there is, by an exact search (0 is the least):\n');
for (const [name, mean, most, proven, cases] of latenessAgainstExact()) {
  const words = `mean ${(100 * mean).toFixed(1)} %   most ${(100 * most).toFixed(1)} %   proven ${proven} of ${cases}`;
  console.log(`${name.padEnd(20)} ${words}`);
}
console.log('\nLateness against the best rule of thumb (1 is as much, less is better):\n');
for (const [name, share, seconds] of latenessAgainstRules()) {
  console.log(`${name.padEnd(20)} ${share.toFixed(3)}   in ${seconds.toFixed(1)} s`);
}

const { hiddenBenches } = await load('learning.bench');
console.log(
  '\nHow far held-out rings of hidden benches were off as learnt, against by default (1 is as much):\n',
);
for (const [name, all, learnt] of hiddenBenches()) {
  const where = learnt === undefined ? '' : `   where there is something to learn ${learnt.toFixed(2)}`;
  console.log(`${name.padEnd(34)} all ${all.toFixed(2)}${where}`);
}

const { faceFigures, holesMeasured, rimsFound } = await load('faces.bench');
print('What the faces of a piece take, and how many route simulations that is worth:', faceFigures(), route);
const { within, sure, wrongSure } = rimsFound();
console.log(
  `\nOf 100 generated photographs the rim is found within 0.5 % of its radius in ${within}; sure of it in ${sure}, wrongly in ${wrongSure}.`,
);
const holes = holesMeasured();
console.log(
  `Of 100 generated photographs of punched pieces, tilted by up to 5°, ${holes.told} tell where the hole is; ${holes.within} of those within 0.08 mm, ${holes.asSaid} within what they say.`,
);
