import { existsSync } from 'node:fs';
import { must, run, say } from './run.mjs';

const CHROMIUM = '/usr/bin/chromium';

/** Debian's Chromium for the browser tests; installed from its packages when it is missing. */
export async function chromiumIfNeeded() {
  if (existsSync(process.env.CHROMIUM ?? CHROMIUM)) return;
  say('Installing Chromium from Debian’s packages …');
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => [...sudo, 'apt-get', ...args];
  const [update, ...updateArgs] = apt('update');
  await run(update, updateArgs);
  const [install, ...installArgs] = apt('install', '-y', '--no-install-recommends', 'chromium');
  await must(install, installArgs, { env: { DEBIAN_FRONTEND: 'noninteractive' } });
}
