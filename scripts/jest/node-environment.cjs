const { TestEnvironment } = require('jest-environment-node');
const { outsidePackage } = require('./packages-outside.cjs');

/**
 * Properties are tried on the same made-up inputs each time, so that a change is judged by what it changed. To look for
 * new counterexamples: `SEED=random npm run test:unit`, or SEED and a number to see one again.
 */
const SEED = process.env.SEED ?? '20261128';
if (SEED !== 'random') outsidePackage('fast-check').configureGlobal({ seed: Number(SEED) });

// The promises of a test's own functions are of its context: the router takes them, and says each time that it need not.
process.env.NO_DEPRECATION = 'router';

/** Kinds that packages outside tell apart: a test's are the same as theirs. */
const SHARED = { Date, Error, Promise, Map, Set, Uint8Array, Uint8ClampedArray, Float32Array, Float64Array };

module.exports = class extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, SHARED, { outsidePackage });
  }
};
