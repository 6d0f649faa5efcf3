import * as fc from 'fast-check';
import { movesWall } from '../steps';
import { doneTo, endMm, HALF_ROUND, readAt, says, silverRing, type PlannedRing } from './test-bench';

const RINGS: readonly PlannedRing[] = [
  silverRing({ kind: 'straight' }),
  silverRing({ kind: 'straight' }, 10.5),
  silverRing({ kind: 'tapered' }),
  silverRing(HALF_ROUND),
  silverRing({ kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'light' } }, 10),
];

/** A ring, a step of it that is read, and readings of it, each off by so much. */
const scene = fc
  .record({
    ring: fc.constantFrom(...RINGS),
    at: fc.nat(),
    offs: fc.array(fc.integer({ min: -6, max: 6 }), { minLength: 1, maxLength: 4 }),
  })
  .map(({ ring, at, offs }) => {
    const read = ring.steps.flatMap(({ kind, reading }, i) => (reading && kind !== 'fold' ? [i] : []));
    return { ring, step: read[at % read.length] ?? 0, offs };
  });

/** What the bench says after readings of one step, each off by quarter sizes. */
function after({ ring, step, offs }: { ring: PlannedRing; step: number; offs: readonly number[] }) {
  const done = doneTo(ring.steps, step);
  return says(ring, [...done, ...offs.map((quarters) => readAt(ring.steps[step], 0.2032 * quarters))]);
}

describe('whatever is read', () => {
  it('the rest is sensible: bounded, on the ring’s size, nothing idle, nothing stretched between curls', () => {
    fc.assert(
      fc.property(scene, (one) => {
        const word = after(one);
        if (word.standing === 'out-of-reach') return;
        const usual = one.ring.steps.length - one.step - 1;
        expect(word.rest.length).toBeLessThanOrEqual(usual + 8);
        const ends = endMm(word) ?? word.target.insideDiameterMm;
        expect(Math.abs(ends - word.target.insideDiameterMm)).toBeLessThan(0.21);
        const kinds = word.rest.map(({ kind }) => kind);
        const [first, last] = [kinds.indexOf('curl'), kinds.lastIndexOf('curl')];
        if (first >= 0) expect(kinds.slice(first, last)).not.toContain('stretch');
        if (word.derived.kind === 'changed') {
          word.derived.steps
            .filter(({ kind }) => ['stretch', 'reduce', 'curl', 'straighten', 'stepped'].includes(kind))
            .forEach((step) => expect(movesWall(step)).toBe(true));
        }
        // The last of the form comes before the finish.
        const polished = kinds.lastIndexOf('polish');
        expect(
          kinds.slice(polished + 1).filter((kind) => ['stretch', 'reduce', 'curl'].includes(kind)),
        ).toEqual([]);
      }),
      { numRuns: 1500 },
    );
  });

  it('only the last reading of a step counts for the route, as long as the gauge does not ask for more', () => {
    fc.assert(
      fc.property(scene, (one) => {
        const all = after(one);
        const last = after({ ...one, offs: one.offs.slice(-1) });
        if (all.standing === 'out-of-reach' || last.standing === 'out-of-reach') return;
        const anneals = (word: typeof all) => word.rest.filter(({ kind }) => kind === 'anneal').length;
        const formed = (word: typeof all) => word.rest.length - anneals(word);
        expect(Math.abs(formed(all) - formed(last))).toBeLessThanOrEqual(2);
      }),
      { numRuns: 400 },
    );
  });
});
