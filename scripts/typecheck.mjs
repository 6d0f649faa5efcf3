import { run } from './lib/run.mjs';

const PROJECTS = ['packages/core', 'packages/contract', 'apps/server', 'apps/web', 'e2e'];

let failed = false;
for (const project of PROJECTS) {
  const { code } = await run('npx', ['tsc', '--noEmit', '-p', project]);
  failed ||= code !== 0;
}
process.exit(failed ? 1 : 0);
