import { GAUGED, type Gauged } from '../steps';
import { huberWeight } from './huber-sum';
import { discounted, type Sighting } from './sighting';
import { FEWEST_RINGS, SURE_DEVIATIONS } from './traits';
import { PULL, valueOf, type LearntValue } from './values';

/** What is seen of springback after each: a pull gives back downward, a reduction upward. */
type SeenSprings = Readonly<Record<Gauged, readonly Sighting[]>>;

const ROUNDS = 8;

/** Sums of one kind's sightings: of their weights, slopes and what they are off by. */
interface Sums {
  readonly weight: number;
  readonly slope: number;
  readonly off: number;
  readonly slopeOff: number;
  /** With the pull of the springback. */
  readonly slopeSquare: number;
}

function sumsOf(sightings: readonly Sighting[], change: number, gaugeMm: number): Sums {
  let [weight, slope, off, slopeOff, slopeSquare] = [0, 0, 0, 0, 1 / PULL.springback ** 2];
  for (const one of sightings) {
    const held = huberWeight(Math.abs(one.off - gaugeMm - one.slope * change) / one.sigma);
    const counts = ((one.weight ?? 1) * held) / one.sigma ** 2;
    weight += counts;
    slope += counts * one.slope;
    off += counts * one.off;
    slopeOff += counts * one.slope * one.off;
    slopeSquare += counts * one.slope ** 2;
  }
  return { weight, slope, off, slopeOff, slopeSquare };
}

const changeAt = ({ slope, slopeOff, slopeSquare }: Sums, gaugeMm: number) =>
  (slopeOff - gaugeMm * slope) / slopeSquare;

/** Springback of both, and the offset that goes through both alike. */
interface JointFit {
  readonly changes: Readonly<Record<Gauged, number>>;
  readonly gaugeMm: number;
  readonly sigmaMm: number;
}

/**
 * Least squares over both kinds at once, wild sightings held back in rounds (Huber 1964). For any offset the springbacks
 * that fit best are known; put in, the offset is the root of one straight line.
 * @param offset whether there may be one
 */
function jointFit({ stretch, reduce }: SeenSprings, offset: boolean): JointFit {
  let fit: JointFit = { changes: { stretch: 0, reduce: 0 }, gaugeMm: 0, sigmaMm: PULL.gaugeMm };
  for (let round = 0; round < ROUNDS; round++) {
    const sums = {
      stretch: sumsOf(stretch, fit.changes.stretch, fit.gaugeMm),
      reduce: sumsOf(reduce, fit.changes.reduce, fit.gaugeMm),
    };
    let [pushed, held] = [0, 1 / PULL.gaugeMm ** 2];
    for (const { weight, slope, off, slopeOff, slopeSquare } of Object.values(sums)) {
      pushed += off - (slope * slopeOff) / slopeSquare;
      held += weight - slope ** 2 / slopeSquare;
    }
    const gaugeMm = offset ? pushed / held : 0;
    fit = {
      changes: { stretch: changeAt(sums.stretch, gaugeMm), reduce: changeAt(sums.reduce, gaugeMm) },
      gaugeMm,
      sigmaMm: Math.sqrt(1 / held),
    };
  }
  return fit;
}

const ringsIn = (sightings: readonly Sighting[]) => new Set(sightings.map(({ ringId }) => ringId)).size;

/**
 * By how much the mandrel reads more than tools are taken to by their own scales. A springback that is not what was
 * expected takes pulls one way or reductions the other; an offset makes both springbacks look wrong, in opposite ways.
 * @returns undefined where the log does not tell it from springback
 */
export function gaugeValue(seen: SeenSprings, kept: ReadonlySet<string>): LearntValue | undefined {
  if (GAUGED.some((kind) => ringsIn(seen[kind]) < FEWEST_RINGS)) return undefined;
  const weighed = { stretch: discounted(seen.stretch, 'tool'), reduce: discounted(seen.reduce, 'tool') };
  const { changes: alone } = jointFit(weighed, false);
  const { changes, gaugeMm, sigmaMm } = jointFit(weighed, true);
  if (alone.stretch * alone.reduce >= 0 || Math.abs(gaugeMm) < SURE_DEVIATIONS * sigmaMm) return undefined;
  const left = GAUGED.flatMap((kind) =>
    seen[kind].map((one) => ({ ...one, off: one.off - one.slope * changes[kind], slope: 1 })),
  );
  return valueOf({ key: 'gauge', what: 'gauge' }, 0, left, PULL.gaugeMm, kept);
}

/** Springbacks with what the mandrel reads too much taken off. */
export function ungauged(sightings: readonly Sighting[], gaugeMm: number): readonly Sighting[] {
  return gaugeMm === 0 ? sightings : sightings.map((one) => ({ ...one, off: one.off - gaugeMm }));
}
