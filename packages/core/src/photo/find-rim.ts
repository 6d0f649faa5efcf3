import { seededRandom } from '../uncertainty';
import { findEdges } from './edges';
import type { Ellipse } from './ellipse';
import {
  LOOK_PX,
  MEASURE_PX,
  pixelsInOne,
  shrink,
  soften,
  toGrey,
  type GreyImage,
  type RgbaImage,
} from './grey-image';
import { circlesOutside, likelyCircles } from './likely-circles';
import { measureRim, type MeasuredRim } from './measure-rim';
import { scaled } from './scaled';

const MOST_EDGES = 4500;
/** Something round is there when it is seen in so many of the rays, and crisp when what was seen lies no farther apart. */
const GOOD = { seen: 0.35, spread: 0.0026 } as const;
const SURE_SEEN = 0.7;

export interface FoundRim extends MeasuredRim {
  /** False where it may well be somewhere else: the maker has to look. */
  readonly sure: boolean;
}

/** The best of the circles round one middle: the outermost that is crisp all along. */
function bestOf(image: GreyImage, likely: readonly Ellipse[]): FoundRim | undefined {
  let doubted: FoundRim | undefined;
  for (const rough of likely) {
    const found = measureRim(image, rough);
    if (!found || found.seen < GOOD.seen) continue;
    const isCrisp = found.spread <= GOOD.spread;
    // Something round lies farther out, and it cannot be told what.
    if (isCrisp) return { ...found, sure: !doubted && found.seen >= SURE_SEEN };
    doubted ??= { ...found, sure: false };
  }
  return doubted;
}

/**
 * Finds the rim of the one piece that a picture shows: edges, the circles they make, the outermost of them, and that
 * measured finely. Gradient edges, votes for the middle, random samples of five, least squares.
 * @returns null where nothing round is seen
 */
export function findRim(image: RgbaImage): FoundRim | null {
  const fineness = pixelsInOne(image, MEASURE_PX);
  const grey = toGrey(image, fineness);
  const coarser = pixelsInOne(grey, LOOK_PX);
  const small = soften(shrink(grey, coarser), 2);
  const fine = soften(grey);
  const edges = findEdges(small, MOST_EDGES);
  const random = seededRandom(1);
  const toFine = (ellipse: Ellipse) => scaled(ellipse, coarser);
  for (const circles of likelyCircles(edges, small, random)) {
    const first = bestOf(fine, circles.map(toFine));
    if (!first) continue;
    // Measured finely it shows better than before what lies round the same middle farther out.
    const farther = circlesOutside(edges, scaled(first.ellipse, 1 / coarser), random);
    const found = bestOf(fine, [...farther.map(toFine), first.ellipse]) ?? first;
    return { ...found, ellipse: scaled(found.ellipse, fineness) };
  }
  return null;
}
