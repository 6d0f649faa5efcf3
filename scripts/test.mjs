import { mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { buildIfNeeded, installIfNeeded } from './lib/build.mjs';
import { chromiumIfNeeded } from './lib/chromium.mjs';
import { makeDemoFolder } from './lib/demo-folder.mjs';
import { memoryFolder } from './lib/memory-folder.mjs';
import { postgresFolder } from './lib/postgres.mjs';
import { ROOT, run, say } from './lib/run.mjs';

/** What was counted, over all kinds of test. */
const counts = { passed: 0, failed: 0 };
/** How long each stage took. */
const stages = [];

async function timed(name, work) {
  const from = performance.now();
  say(`${name} …`);
  try {
    return await work();
  } finally {
    stages.push({ name, seconds: (performance.now() - from) / 1000 });
  }
}

/** A check that passes or fails as a whole. */
async function check(name, command, args) {
  const { code } = await timed(name, () => run(command, args));
  counts[code === 0 ? 'passed' : 'failed'] += 1;
  if (code !== 0) console.error(`✕ ${name} failed`);
}

/** A run of tests that leaves a report; a run that dies without one counts as a failure. */
async function suite(name, command, args, options, report, read) {
  const { code } = await timed(name, () => run(command, args, options));
  try {
    const { passed, failed } = read(JSON.parse(await readFile(report, 'utf8')));
    counts.passed += passed;
    counts.failed += failed;
    if (code !== 0 && failed === 0) counts.failed += 1;
  } catch {
    counts.failed += 1;
    console.error(`✕ ${name} left no report`);
  }
}

function jestCounts({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) {
  return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites };
}

function playwrightCounts({ stats: { expected, unexpected, flaky } }) {
  return { passed: expected, failed: unexpected + flaky };
}

await installIfNeeded();
await chromiumIfNeeded();
const reports = join(ROOT, 'node_modules/.cache/round-mint');
await mkdir(reports, { recursive: true });

/** Runs pieces of work, the next one whenever a core is free. */
async function inTwoLanes(works) {
  const left = [...works];
  const lane = async () => {
    for (let work = left.shift(); work; work = left.shift()) await work();
  };
  await Promise.all([lane(), lane()]);
}

let buildProblem;
async function build() {
  try {
    await timed('Build', buildIfNeeded);
  } catch (error) {
    buildProblem = error;
    return;
  }
  await check('Size at the start', process.execPath, ['scripts/measure-app.mjs']);
}
// The longest first.
await inTwoLanes([
  build,
  () => check('Type check', process.execPath, ['scripts/typecheck.mjs']),
  () => check('Lint', 'npm', ['run', '--silent', 'lint']),
  () => check('Format', 'npm', ['run', '--silent', 'format:check', '--', '--log-level', 'warn']),
  () => check('Boundaries', 'npm', ['run', '--silent', 'boundaries']),
  () => check('Unused code', 'npm', ['run', '--silent', 'unused']),
]);

// After the build, whose files are kept from one run to the next.
const memory = await memoryFolder();
if (memory) process.env['TMPDIR'] = memory.folder;

const unit = join(reports, 'unit.json');
await suite(
  'Unit and API tests',
  process.execPath,
  // Every test file of the server starts a database: it is compiled once, not again for speed.
  ['--liftoff-only', 'node_modules/jest/bin/jest.js', '--json', `--outputFile=${unit}`],
  { env: { NODE_OPTIONS: '--experimental-vm-modules --no-warnings' } },
  unit,
  jestCounts,
);
if (buildProblem) {
  console.error(`✕ the app could not be built: ${buildProblem}`);
  counts.failed += 1;
}
const app = join(reports, 'app.json');
async function componentTests() {
  await suite(
    'Component tests',
    'npx',
    ['jest', '--json', `--outputFile=${app}`],
    { cwd: join(ROOT, 'apps/web') },
    app,
    jestCounts,
  );
}
let demo;
/** What waits more than it computes goes beside what computes. */
async function databases() {
  if (!buildProblem)
    await check('Pulled plugs', process.execPath, ['scripts/soak.mjs', '--rounds', '10', '--seed', '1']);
  await postgres();
  // What the browser tests copy; where it cannot be made, they say so.
  if (!buildProblem) demo = await timed('Demo data', makeDemoFolder).catch(() => undefined);
}
async function postgres() {
  if (!postgresFolder()) return;
  const onPostgres = join(reports, 'postgres.json');
  await suite(
    'API tests on PostgreSQL',
    process.execPath,
    ['scripts/test-postgres.mjs', '--short', '--json', `--outputFile=${onPostgres}`],
    {},
    onPostgres,
    jestCounts,
  );
}
await Promise.all([componentTests(), databases()]);

await suite(
  'Browser tests',
  'npx',
  ['playwright', 'test', '-c', 'e2e'],
  demo ? { env: { ROUND_MINT_TEMPLATE: demo.dataDir } } : {},
  join(ROOT, 'e2e/test-results/report.json'),
  playwrightCounts,
);
await demo?.remove();
await memory?.remove();

console.log(
  '\nSeconds each stage took (checks run beside the build, pulled plugs, PostgreSQL and demo data beside the component tests):',
);
for (const { name, seconds } of stages) console.log(`${seconds.toFixed(0).padStart(5)}  ${name}`);
console.log(`\n${counts.passed} passed, ${counts.failed} failed`);
process.exit(counts.failed === 0 ? 0 : 1);
