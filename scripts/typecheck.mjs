import { fileURLToPath } from 'node:url';
import { run } from './lib/run.mjs';

const PROJECTS = ['packages/core', 'packages/contract', 'apps/server', 'apps/web', 'e2e', 'scripts'];
/** The native compiler: the one in JavaScript stays for the tools that call it as a library. */
const COMPILER = fileURLToPath(new URL('bin/tsc', import.meta.resolve('typescript-7/package.json')));

let failed = false;
for (const project of PROJECTS) {
  const { code } = await run(process.execPath, [COMPILER, '--noEmit', '-p', project]);
  failed ||= code !== 0;
}
process.exit(failed ? 1 : 0);
