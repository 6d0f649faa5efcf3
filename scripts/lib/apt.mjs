import { must, run } from './run.mjs';

/**
 * Installs a program from Debian's packages.
 * @param {string} name of the package
 */
export async function installPackage(name) {
  const sudo = process.getuid?.() === 0 ? [] : ['sudo'];
  const apt = (...args) => [...sudo, 'apt-get', ...args];
  const [update, ...updateArgs] = apt('update');
  await run(update, updateArgs);
  const [install, ...installArgs] = apt('install', '-y', '--no-install-recommends', name);
  await must(install, installArgs, { env: { DEBIAN_FRONTEND: 'noninteractive' } });
}
