import type { Random } from '../uncertainty';
import type { Edges } from './edges';
import { circle, type Ellipse } from './ellipse';
import { likelyMiddles, RADIUS_SHARE } from './likely-middles';
import { edgesAround, pointsNear, ringsIn, type Around, type Ring } from './rings-around';
import { bestEllipse, grown, ON_IT, shifted } from './sampled-fits';

/** A circle is there if it is seen in this share of the way round. */
const LEAST_SEEN = 0.38;
/** Less is seen of any ring by chance. */
const BY_CHANCE = 0.5;
/** A rim that its shadow hides on one side is still seen half as well as the best of the circles, or nearly so. */
const NEARLY_AS_WELL = 0.4;
/** How far out circles round the same middle are looked for, of the radius of the one that was found. */
const NEAREST = 0.5;
const FARTHEST = 1.6;
/** Half of how far edges of one circle may lie apart, of its radius: seen at a slant, and drawn out again. */
const APART = { slant: 0.04, flat: ON_IT } as const;
/** Rings that are followed round one middle. */
const RINGS = 3;

/** Circles round one middle. A face has many: its rim, beads, the ends of its letters. */
interface Circles {
  readonly ellipse: Ellipse;
  readonly around: Around;
  readonly rings: readonly Ring[];
  /** How well all of them are seen together. */
  readonly score: number;
}

function circlesRound(edges: Edges, ellipse: Ellipse): Circles {
  const around = edgesAround(edges, ellipse, NEAREST, FARTHEST);
  const rings = ringsIn(around, NEAREST, FARTHEST, APART.flat);
  const score = rings.reduce((sum, { seen }) => sum + Math.max(0, seen - BY_CHANCE) ** 2, 0);
  return { ellipse, around, rings, score };
}

/** The circles round about the same middle as one that was found roughly. */
function steadied(edges: Edges, found: Ellipse, random: Random): Circles {
  const first = circlesRound(edges, found);
  const fitted = first.rings
    .filter(({ seen }) => seen > LEAST_SEEN)
    .toSorted((a, b) => b.seen - a.seen)
    .slice(0, RINGS)
    .flatMap(({ out }) => {
      const places = pointsNear(first.around, out, 2 * APART.flat);
      return bestEllipse(places, grown(found, out), random) ?? [];
    })
    .map((ellipse) => circlesRound(edges, ellipse));
  return [first, ...fitted].reduce((best, one) => (one.score > best.score ? one : best));
}

/**
 * Circles round one middle, the outermost first. What a rim and the edge of its shadow make together is nearly an ellipse,
 * too, but it lies round another middle than the circles on the face.
 */
function fromOutside({ ellipse: base, around, rings }: Circles, random: Random): readonly Ellipse[] {
  const best = Math.max(0, ...rings.map(({ seen }) => seen));
  return rings
    .filter(({ seen }) => seen >= Math.max(LEAST_SEEN, NEARLY_AS_WELL * best))
    .flatMap(({ out }) => shifted(pointsNear(around, out, 1.5 * APART.flat), grown(base, out), random) ?? []);
}

/** Circles round about the same middle as one that is known well, and outside it, the outermost first. */
export function circlesOutside(edges: Edges, known: Ellipse, random: Random): readonly Ellipse[] {
  const { rings, ...circles } = circlesRound(edges, known);
  return fromOutside({ ...circles, rings: rings.filter(({ out }) => out > 1 + 2 * APART.flat) }, random);
}

/** Circles that a picture may show: for each likely middle those round it, the outermost first; the likeliest middle first. */
export function likelyCircles(
  edges: Edges,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
  random: Random,
): readonly (readonly Ellipse[])[] {
  const shorterPx = Math.min(widthPx, heightPx);
  return likelyMiddles(edges, widthPx, heightPx)
    .flatMap((middle) => {
      // Of radius one, so that everything is told in pixels.
      const around = edgesAround(edges, circle(middle, 1), 0.1 * shorterPx, 0.65 * shorterPx);
      return ringsIn(around, RADIUS_SHARE.min * shorterPx, RADIUS_SHARE.max * shorterPx, APART.slant)
        .toSorted((a, b) => b.seen - a.seen)
        .slice(0, RINGS)
        .flatMap(({ out }) => {
          const places = pointsNear(around, out, 1.5 * APART.slant);
          const found = bestEllipse(places, circle(middle, out), random);
          return found ? [steadied(edges, found, random)] : [];
        });
    })
    .toSorted((a, b) => b.score - a.score)
    .map((circles) => fromOutside(circles, random));
}
