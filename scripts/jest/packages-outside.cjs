/**
 * Packages from the registry are loaded once for each process that runs tests, not once for each test file: a test's
 * own context asks for them by `outsidePackage`.
 */
const { createRequire } = require('node:module');
const { join } = require('node:path');

const fromServer = createRequire(join(__dirname, '../../apps/server/package.json'));
/** Modules only, which cannot be asked for in one go: they become part of the test file. */
const MODULES_ONLY = new Set(['p-limit']);

const isOutside = (name) => !/^(\.|\/|node:|@round-mint\/)/.test(name) && !MODULES_ONLY.has(name);

/** What a package exports. */
const outsidePackage = (name) => fromServer(name);

/** A module that hands a package on, its default as a module of the same package has it. */
function handedOn(name) {
  const outside = outsidePackage(name);
  const names = Object.keys(outside).filter((key) => /^[A-Za-z_$][\w$]*$/.test(key) && key !== 'default');
  return [
    `const outside = globalThis.outsidePackage(${JSON.stringify(name)});`,
    'export default outside.__esModule && outside.default ? outside.default : outside;',
    ...names.map((key) => `const own_${key} = outside.${key}; export { own_${key} as ${key} };`),
  ].join('\n');
}

module.exports = { handedOn, isOutside, outsidePackage };
