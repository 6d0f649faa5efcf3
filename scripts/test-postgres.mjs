import { join } from 'node:path';
import { installIfNeeded } from './lib/build.mjs';
import { postgresIfNeeded, startPostgres } from './lib/postgres.mjs';
import { ROOT, run, say } from './lib/run.mjs';

/** What is worth to be tried on another database: everything that is asked of it. */
const ALL =
  'apps/server/src/(routes|archive|backup|db/(postgres|writes-at-once)|learning/learner|services/ring-summaries)';
/** What differs most: locks, transactions, archives. */
const SHORT =
  'apps/server/src/(routes/(resource|keeping|rings)|archive/archive|db/(postgres|writes-at-once)|learning/learner|services/ring-summaries)';

await installIfNeeded();
await postgresIfNeeded();
const [first, ...rest] = process.argv.slice(2);
const short = first === '--short';
say('Starting PostgreSQL …');
const postgres = await startPostgres();
try {
  const { code } = await run(
    process.execPath,
    [
      ...['--liftoff-only', join(ROOT, 'node_modules/jest/bin/jest.js'), '--selectProjects', 'server'],
      ...['--testPathPattern', short ? SHORT : ALL, ...(short ? rest : [first, ...rest].filter(Boolean))],
    ],
    { env: { NODE_OPTIONS: '--experimental-vm-modules --no-warnings', TEST_POSTGRES: postgres.url } },
  );
  process.exitCode = code;
} finally {
  await postgres.stop();
}
