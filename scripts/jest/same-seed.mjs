import * as fc from 'fast-check';

/**
 * Properties are tried on the same made-up inputs each time, so that a change is judged by what it changed. To look for
 * new counterexamples: `SEED=random npm run test:unit`, or SEED and a number to see one again.
 */
const SEED = process.env.SEED ?? '20261128';
if (SEED !== 'random') fc.configureGlobal({ seed: Number(SEED) });
