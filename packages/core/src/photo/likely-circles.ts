import { leastSquares } from '../numeric';
import type { Random } from '../uncertainty';
import type { Edges } from './edges';
import { circle, fitEllipse, flattened, meanRadiusPx, type Ellipse, type PicturePoint } from './ellipse';
import { likelyMiddles } from './likely-middles';

/** An edge of a circle changes along the way from its middle, also where it is seen at a slant: cosine of some 20°. */
const ALIGNED = 0.94;
/** Parts of the way round in which an edge is looked for. */
const SECTORS = 72;
/** A circle is there if it is seen in this share of them. */
const LEAST_SEEN = 0.38;
/** Less is seen of any ring by chance. */
const BY_CHANCE = 0.5;
/** A rim that its shadow hides on one side is still seen half as well as the best of the circles, or nearly so. */
const NEARLY_AS_WELL = 0.4;
/** How far out circles round the same middle are looked for, of the radius of the one that was found. */
const NEAREST = 0.5;
const FARTHEST = 1.6;
/** Half of how far edges of one circle may lie apart, of its radius: seen at a slant, and drawn out again. */
const APART = { slant: 0.04, flat: 0.012 } as const;
/** Rings that are followed round one middle. */
const RINGS = 3;
const TRIES = 80;
/** As many edges tell how good a try is. */
const SAMPLED = 300;
/** Pieces are seen from above: not more than some 35° off. */
const LEAST_ROUND = 0.82;
/** A better fit moves the middle and changes the radius by no more than this share of it. */
const MOST_MOVED = 0.2;
/** Circles on one face lie round one middle: a camera near by shifts them by no more than this. */
const MOST_OFF = 0.015;

/** Edges as a circle sees them; arrays run side by side. */
interface Around {
  readonly points: readonly PicturePoint[];
  /** How far out, of its radius. */
  readonly far: Float32Array;
  /** In which part of the way round. */
  readonly sector: Uint8Array;
}

/** Edges that change along the way from the middle of a circle, so far out, of its radius. */
function edgesAround(edges: Edges, ellipse: Ellipse, nearest: number, farthest: number): Around {
  const { toCircle } = flattened(ellipse);
  const points: PicturePoint[] = [];
  const far: number[] = [];
  const sector: number[] = [];
  for (let i = 0; i < edges.x.length; i++) {
    const point = { x: edges.x[i] ?? 0, y: edges.y[i] ?? 0 };
    const place = toCircle(point);
    const out = Math.hypot(place.x, place.y);
    if (out < nearest || out > farthest) continue;
    const next = toCircle({ x: point.x + (edges.towardX[i] ?? 0), y: point.y + (edges.towardY[i] ?? 0) });
    const [stepX, stepY] = [next.x - place.x, next.y - place.y];
    const along = Math.abs(stepX * place.x + stepY * place.y) / (out * Math.hypot(stepX, stepY));
    if (along < ALIGNED) continue;
    const turn = Math.atan2(place.y, place.x) / (2 * Math.PI) + 1;
    points.push(point);
    far.push(out);
    sector.push(Math.floor(turn * SECTORS) % SECTORS);
  }
  return { points, far: Float32Array.from(far), sector: Uint8Array.from(sector) };
}

/** In which share of the way round edges are seen so far out, or so near to it. */
function seenAt({ far, sector }: Around, out: number, apart: number): number {
  const seen = new Uint8Array(SECTORS);
  for (let i = 0; i < far.length; i++) {
    if (Math.abs((far[i] ?? 0) / out - 1) <= apart) seen[sector[i] ?? 0] = 1;
  }
  return seen.reduce((sum, one) => sum + one, 0) / SECTORS;
}

interface Ring {
  readonly out: number;
  readonly seen: number;
}

/** How far out rings are seen better than just inside and outside of them, from the outermost inward. */
function ringsIn(around: Around, nearest: number, farthest: number, apart: number): readonly Ring[] {
  const rings: Ring[] = [];
  for (let out = farthest; out >= nearest; out *= 1 - apart / 2) {
    rings.push({ out, seen: seenAt(around, out, apart) });
  }
  return rings.filter(({ seen }, i) => {
    const [before, after] = [rings[i - 1]?.seen ?? 0, rings[i + 1]?.seen ?? 0];
    return seen > 0 && seen >= before && seen > after;
  });
}

function pointsNear({ points, far }: Around, out: number, apart: number): readonly PicturePoint[] {
  return points.filter((_, i) => Math.abs((far[i] ?? 0) / out - 1) <= apart);
}

/** Whether one ellipse may be a better fit to what another was begun with. */
function isLikely(ellipse: Ellipse, start: Ellipse, mostMoved: number): boolean {
  const most = mostMoved * meanRadiusPx(start);
  return (
    ellipse.minorPx / ellipse.majorPx > LEAST_ROUND &&
    Math.hypot(ellipse.centreX - start.centreX, ellipse.centreY - start.centreY) < most &&
    Math.abs(meanRadiusPx(ellipse) - meanRadiusPx(start)) < most
  );
}

/** The ellipse that most of some places lie on, by many tries of five of them each. */
function bestEllipse(
  places: readonly PicturePoint[],
  start: Ellipse,
  mostMoved: number,
  random: Random,
): Ellipse | undefined {
  if (places.length < 5) return undefined;
  const pick = () => places[Math.floor(random() * places.length)];
  const sample = places.length <= SAMPLED ? places : Array.from({ length: SAMPLED }, pick);
  const onto = (ellipse: Ellipse, some: readonly (PicturePoint | undefined)[]) => {
    const { toCircle } = flattened(ellipse);
    return some.flatMap((place) => {
      if (!place) return [];
      const { x, y } = toCircle(place);
      return Math.abs(Math.hypot(x, y) - 1) < APART.flat ? [place] : [];
    });
  };
  let best: { ellipse: Ellipse; count: number } | undefined;
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const ellipse = fitEllipse([pick(), pick(), pick(), pick(), pick()].flatMap((place) => place ?? []));
    if (!ellipse || !isLikely(ellipse, start, mostMoved)) continue;
    const count = onto(ellipse, sample).length;
    if (count > (best?.count ?? 0)) best = { ellipse, count };
  }
  const fitted = best && fitEllipse(onto(best.ellipse, places));
  return fitted && isLikely(fitted, start, mostMoved) ? fitted : best?.ellipse;
}

/**
 * An ellipse of the same shape that most of some places lie on, by many tries of three of them: circles on one face differ
 * only in size, and a camera near by shifts them a little.
 */
function shifted(places: readonly PicturePoint[], start: Ellipse, random: Random): Ellipse | undefined {
  const { toCircle, toPicture } = flattened(start);
  const flat = places.map(toCircle);
  const onto = (middle: PicturePoint, radius: number) =>
    flat.filter(({ x, y }) => Math.abs(Math.hypot(x - middle.x, y - middle.y) / radius - 1) < APART.flat / 2);
  let best: { middle: PicturePoint; radius: number; count: number } | undefined;
  for (let attempt = 0; attempt < TRIES; attempt++) {
    const three = [0, 1, 2].flatMap(() => flat[Math.floor(random() * flat.length)] ?? []);
    // x² + y² = 2·middle·(x, y) + (radius² − middle²)
    const solved = leastSquares(
      three.map(({ x, y }) => [2 * x, 2 * y, 1]),
      three.map(({ x, y }) => x * x + y * y),
    );
    const [x, y, rest] = solved ?? [];
    if (x === undefined || y === undefined || rest === undefined) continue;
    const radius = Math.sqrt(Math.max(0, rest + x * x + y * y));
    if (Math.hypot(x, y) > MOST_OFF || Math.abs(radius - 1) > 2 * APART.flat) continue;
    const count = onto({ x, y }, radius).length;
    if (count > (best?.count ?? 0)) best = { middle: { x, y }, radius, count };
  }
  if (!best) return undefined;
  const { x: centreX, y: centreY } = toPicture(best.middle);
  return { ...grown(start, best.radius), centreX, centreY };
}

function grown(ellipse: Ellipse, by: number): Ellipse {
  return { ...ellipse, majorPx: ellipse.majorPx * by, minorPx: ellipse.minorPx * by };
}

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
      return bestEllipse(places, grown(found, out), MOST_MOVED, random) ?? [];
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
      return ringsIn(around, 0.12 * shorterPx, 0.62 * shorterPx, APART.slant)
        .toSorted((a, b) => b.seen - a.seen)
        .slice(0, RINGS)
        .flatMap(({ out }) => {
          const places = pointsNear(around, out, 1.5 * APART.slant);
          const found = bestEllipse(places, circle(middle, out), MOST_MOVED, random);
          return found ? [steadied(edges, found, random)] : [];
        });
    })
    .toSorted((a, b) => b.score - a.score)
    .map((circles) => fromOutside(circles, random));
}
