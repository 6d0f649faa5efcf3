import { degToRad } from '../numeric';
import type { PictureCentre } from '../photo';
import { seededRandom } from '../uncertainty';
import { takePhotograph, type Photograph, type PhotographOptions } from './test-photograph';

/** A photograph of a punched piece, and where its hole really is. */
export interface PunchedPhotograph extends Photograph {
  /** As its maker believes it: within half a hundredth. */
  readonly holeMm: number;
  /** From the middle of the rim to the middle of the hole, in the picture's right and down, mm. */
  readonly off: { readonly rightMm: number; readonly downMm: number };
}

/** Off the middle by as much at the most, mm. */
const MOST_OFF_MM = 0.8;
/** A phone is sharp from here on, mm. */
const NEAREST_MM = 90;

/** A photograph of a piece of some diameter with a hole somewhat off its middle, by seed. */
export function takePunched(
  diameterMm: number,
  options: Omit<PhotographOptions, 'hole' | 'nearestRadii'>,
): PunchedPhotograph {
  const random = seededRandom(1000 + options.seed);
  const radius = 0.4 + 0.25 * random();
  const [off, way] = [(2 * MOST_OFF_MM * random()) / diameterMm, 2 * Math.PI * random()];
  const hole = { radius, right: off * Math.cos(way), down: off * Math.sin(way) };
  const photograph = takePhotograph({ ...options, nearestRadii: (2 * NEAREST_MM) / diameterMm, hole });
  const [from, to] = [
    photograph.toPicture({ x: 0, y: 0 }),
    photograph.toPicture({ x: hole.right, y: hole.down }),
  ];
  const seen = Math.atan2(to.y - from.y, to.x - from.x);
  const offMm = (off * diameterMm) / 2;
  return {
    ...photograph,
    holeMm: diameterMm * radius * (1 + 0.01 * (random() - 0.5)),
    off: { rightMm: offMm * Math.cos(seen), downMm: offMm * Math.sin(seen) },
  };
}

/** How far what a picture told lies from where the hole is, mm. */
export function offByMm({ offMm, wideDeg }: PictureCentre, { off }: PunchedPhotograph): number {
  // The hole lies across from the wide side.
  const way = degToRad(wideDeg + 180);
  return Math.hypot(offMm * Math.sin(way) - off.rightMm, -offMm * Math.cos(way) - off.downMm);
}
