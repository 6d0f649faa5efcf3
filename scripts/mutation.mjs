import { writeFileSync } from 'node:fs';
import { readdir, readFile, writeFile } from 'node:fs/promises';
import { dirname, join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { ROOT, run } from './lib/run.mjs';
import { mutantsOf } from './mutation/mutants.mjs';

/**
 * Changes the code a little, many times, and tells which changes no test noticed. Not part of `npm test`.
 * `npm run mutation -- [FOLDER …] [--count N] [--seed S] [--from M]`; without folders core and the server's services.
 */
const { values, positionals } = parseArgs({
  allowPositionals: true,
  options: {
    count: { type: 'string', default: '20' },
    seed: { type: 'string', default: '1' },
    // Goes on with a long sample that was broken off after so many.
    from: { type: 'string', default: '0' },
  },
});
const folders = positionals.length > 0 ? positionals : ['packages/core/src', 'apps/server/src/services'];

/** Mulberry32: the same seed draws the same changes. */
function randomFrom(seed) {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

async function sourcesBelow(path) {
  const entries = await readdir(join(ROOT, path), { withFileTypes: true, recursive: true });
  return entries
    .filter(
      (entry) =>
        entry.isFile() &&
        /\.ts$/.test(entry.name) &&
        !/\.(test|bench)\.ts$|^test-|^index\.ts$/.test(entry.name),
    )
    .map((entry) => relative(ROOT, join(entry.parentPath ?? entry.path, entry.name)))
    .sort();
}

function sample(all, count, random) {
  const left = [...all];
  return Array.from(
    { length: Math.min(count, left.length) },
    () => left.splice(Math.floor(random() * left.length), 1)[0],
  );
}

/** The test project that a source belongs to, as jest.config.cjs names it. */
function projectOf(path) {
  return path.split('/')[1];
}

/** Whether tests fail; the nearest are asked first: beside the change, the rest of its project, then all others that reach it. */
async function noticed(path) {
  const options = {
    capture: true,
    echo: false,
    env: { NODE_OPTIONS: '--experimental-vm-modules --no-warnings' },
  };
  const jest = ['jest', '--ci', '--bail', '--silent', '--passWithNoTests'];
  const own = projectOf(path);
  const beside = `${dirname(path)}/`;
  const asked = [
    ['--selectProjects', own, '--testPathPattern', beside],
    ['--selectProjects', own, '--testPathIgnorePatterns', beside, '--findRelatedTests', path],
    ['--ignoreProjects', own, '--findRelatedTests', path],
  ];
  for (const args of asked) {
    const { code } = await run('npx', [...jest, ...args], options);
    if (code !== 0) return true;
  }
  return false;
}

const files = (await Promise.all(folders.map(sourcesBelow))).flat();
const all = [];
for (const path of files) all.push(...mutantsOf(path, await readFile(join(ROOT, path), 'utf8')));
const chosen = sample(all, Number(values.count), randomFrom(Number(values.seed))).slice(Number(values.from));
const equivalent = JSON.parse(await readFile(join(ROOT, 'scripts/mutation/equivalent.json'), 'utf8'));
/** What has to be put back when the run is broken off. */
let changed;
for (const signal of ['SIGINT', 'SIGTERM']) {
  process.on(signal, () => {
    if (changed) writeFileSync(changed.file, changed.text);
    process.exit(1);
  });
}
/** By the folder that the changed file lies in. */
const counts = new Map();
const none = { caught: 0, missed: 0, equivalent: 0 };
for (const { path, line, was, from, until, to } of chosen) {
  const file = join(ROOT, path);
  const text = await readFile(file, 'utf8');
  const name = `${path}:${line}  ${was}  →  ${to}`;
  const known = equivalent.find(
    (one) => one.path === path && one.was === was && text.split('\n')[line - 1].includes(one.within),
  );
  let verdict = 'equivalent';
  if (!known) {
    changed = { file, text };
    try {
      await writeFile(file, text.slice(0, from) + to + text.slice(until));
      verdict = (await noticed(path)) ? 'caught' : 'missed';
    } finally {
      await writeFile(file, text);
    }
  }
  const place = dirname(path);
  const before = counts.get(place) ?? none;
  counts.set(place, { ...before, [verdict]: before[verdict] + 1 });
  console.log(`${verdict.padEnd(10)} ${name}`);
}
const tell = (place, { caught, missed, equivalent: same }) =>
  console.log(`${place}: ${caught} caught, ${missed} missed, ${same} equivalent`);
console.log('');
for (const [place, count] of [...counts].sort()) tell(place, count);
const total = { ...none };
for (const count of counts.values())
  for (const verdict of Object.keys(total)) total[verdict] += count[verdict];
tell(`\nOf ${all.length} possible changes`, total);
