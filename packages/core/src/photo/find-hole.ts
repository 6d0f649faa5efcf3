import { seededRandom, type Random } from '../uncertainty';
import { findEdges, type Edges } from './edges';
import { flattened, meanRadiusPx, type Ellipse, type PicturePoint } from './ellipse';
import {
  cropped,
  LOOK_PX,
  MEASURE_PX,
  pixelsInOne,
  shrink,
  soften,
  toGrey,
  type GreyImage,
  type RgbaImage,
} from './grey-image';
import { measureRim, type MeasuredRim } from './measure-rim';
import { ALIGNED, sectorOf, SECTORS } from './rings-around';
import { circleThrough, grown, ON_IT, type FlatCircle } from './sampled-fits';
import { scaled } from './scaled';

const MOST_EDGES = 6000;
/** How much of the picture is looked at, of the rim's radius to each side. */
const AROUND = 1.08;
/** A punch makes a hole of its own size; what is known of both is not known better. */
const SIZE_WITHIN = 0.08;
/** As far off the middle as a hole is looked for, of the rim's radius. */
const MOST_OFF = 0.22;
const TRIES = 600;
/** As many edges tell how good a try is. */
const SAMPLED = 900;
const PASSES = 3;
/** A hole is seen in so much of the way round, at the least. */
const LEAST_SEEN = 0.5;

interface FlatEdge extends PicturePoint {
  /** Unit vector towards the light, on the face. */
  readonly towardX: number;
  readonly towardY: number;
}

/** Edges as they lie on the face, of those where the edge of a hole may be. */
function edgesWithin(edges: Edges, rim: Ellipse, share: number): readonly FlatEdge[] {
  const { toCircle } = flattened(rim);
  const [nearest, farthest] = [share * (1 - SIZE_WITHIN) - MOST_OFF, share * (1 + SIZE_WITHIN) + MOST_OFF];
  return Array.from(edges.x, (x, i) => {
    const point = { x, y: edges.y[i] ?? 0 };
    const place = toCircle(point);
    const next = toCircle({ x: x + (edges.towardX[i] ?? 0), y: point.y + (edges.towardY[i] ?? 0) });
    const length = Math.hypot(next.x - place.x, next.y - place.y);
    return { ...place, towardX: (next.x - place.x) / length, towardY: (next.y - place.y) / length };
  }).filter(({ x, y }) => {
    const far = Math.hypot(x, y);
    return far > nearest && far < Math.min(0.97, farthest);
  });
}

/** How an edge lies to a circle: how far out of its radius, in which part of the way round, whether it is lighter outside. */
function asSeenFrom({ middle, radius }: FlatCircle, { x, y, towardX, towardY }: FlatEdge) {
  const [right, down] = [x - middle.x, y - middle.y];
  const far = Math.hypot(right, down);
  const along = (right * towardX + down * towardY) / far;
  const isOn = Math.abs(far / radius - 1) <= ON_IT && Math.abs(along) >= ALIGNED;
  return { isOn, sector: sectorOf({ x: right, y: down }), isLighterOutside: along > 0 };
}

/** The edges of a circle, of those that all get lighter to the same side of it, and in which share of the way round. */
function edgesOf(circle: FlatCircle, edges: readonly FlatEdge[]) {
  const all = edges.map((edge) => ({ edge, ...asSeenFrom(circle, edge) })).filter(({ isOn }) => isOn);
  const sides = [true, false].map((side) => all.filter(({ isLighterOutside }) => isLighterOutside === side));
  const [on = []] = sides.toSorted((a, b) => b.length - a.length);
  return {
    on: on.map(({ edge }) => edge),
    seen: new Set(on.map(({ sector }) => sector)).size / SECTORS,
  };
}

/** The circle of about a known size that most edges lie on, by many tries of three of them. */
function bestCircle(edges: readonly FlatEdge[], share: number, random: Random): FlatCircle | undefined {
  let best: { circle: FlatCircle; seen: number } | undefined;
  const every = Math.ceil(edges.length / SAMPLED);
  const sample = edges.filter((_, i) => i % every === 0);
  const pick = () => edges[Math.floor(random() * edges.length)];
  for (let tried = 0; tried < TRIES; tried++) {
    const circle = circleThrough([pick(), pick(), pick()].flatMap((edge) => edge ?? []));
    if (!circle || Math.abs(circle.radius / share - 1) > SIZE_WITHIN) continue;
    if (Math.hypot(circle.middle.x, circle.middle.y) > MOST_OFF) continue;
    const { seen } = edgesOf(circle, sample);
    if (seen > (best?.seen ?? LEAST_SEEN)) best = { circle, seen };
  }
  // Three places lie on it to a pixel each; all of them together tell it to a part of one.
  let circle = best?.circle;
  for (let pass = 0; circle && pass < PASSES; pass++) circle = circleThrough(edgesOf(circle, edges).on);
  return circle;
}

/** A hole and the rim round it, measured in the same picture, in its pixels. */
export interface MeasuredHole {
  readonly hole: MeasuredRim;
  readonly rim: MeasuredRim;
}

/**
 * Finds the hole of a punched piece in a photograph of it.
 * @param rim where the rim is
 * @param share diameter that the hole ought to have, of the rim's: it is looked for 8 % to either side
 * @returns null where no such hole is seen
 */
export function findHole(image: RgbaImage, rim: Ellipse, share: number): MeasuredHole | null {
  const reachPx = AROUND * rim.majorPx;
  const {
    image: near,
    left,
    top,
  } = cropped(image, rim.centreX - reachPx, rim.centreY - reachPx, 2 * reachPx);
  const fineness = pixelsInOne(near, MEASURE_PX);
  const fine = soften(toGrey(near, fineness));
  const nearRim = scaled({ ...rim, centreX: rim.centreX - left, centreY: rim.centreY - top }, 1 / fineness);
  const found = measureHole(fine, nearRim, share);
  if (!found) return null;
  const back = ({ ellipse, ...rest }: MeasuredRim): MeasuredRim => {
    const here = scaled(ellipse, fineness);
    return { ...rest, ellipse: { ...here, centreX: here.centreX + left, centreY: here.centreY + top } };
  };
  return { hole: back(found.hole), rim: back(found.rim) };
}

function measureHole(fine: GreyImage, rim: Ellipse, share: number): MeasuredHole | undefined {
  const coarser = pixelsInOne(fine, LOOK_PX);
  const small = coarser === 1 ? fine : shrink(fine, coarser);
  const edges = edgesWithin(findEdges(small, MOST_EDGES), scaled(rim, 1 / coarser), share);
  const circle = bestCircle(edges, share, seededRandom(1));
  if (!circle) return undefined;
  const { x: centreX, y: centreY } = flattened(rim).toPicture(circle.middle);
  const hole = measureRim(fine, { ...grown(rim, circle.radius), centreX, centreY });
  const again = measureRim(fine, rim);
  if (!hole || !again || Math.abs(meanRadiusPx(hole.ellipse) / meanRadiusPx(rim) / share - 1) > SIZE_WITHIN) {
    return undefined;
  }
  return { hole, rim: again };
}
