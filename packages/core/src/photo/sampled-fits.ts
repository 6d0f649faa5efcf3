import { leastSquares } from '../numeric';
import type { Random } from '../uncertainty';
import { fitEllipse, flattened, meanRadiusPx, type Ellipse, type PicturePoint } from './ellipse';

const TRIES = 80;
/** As many places tell how good a try is. */
const SAMPLED = 300;
/** How far places of one circle may lie off it, of its radius. */
export const ON_IT = 0.012;
/** Pieces are seen from above: not more than some 35° off. */
const LEAST_ROUND = 0.82;
/** A better fit moves the middle and changes the radius by no more than this share of it. */
const MOST_MOVED = 0.2;
/** Circles on one face lie round one middle: a camera near by shifts them by no more than this. */
const MOST_OFF = 0.015;

/** Whether one ellipse may be a better fit to what another was begun with. */
function isLikely(ellipse: Ellipse, start: Ellipse): boolean {
  const most = MOST_MOVED * meanRadiusPx(start);
  return (
    ellipse.minorPx / ellipse.majorPx > LEAST_ROUND &&
    Math.hypot(ellipse.centreX - start.centreX, ellipse.centreY - start.centreY) < most &&
    Math.abs(meanRadiusPx(ellipse) - meanRadiusPx(start)) < most
  );
}

/** Of many tries the one that most agree with. @param attempt undefined where it came to nothing */
function bestOfTries<Fit>(attempt: () => Fit | undefined, agreeing: (fit: Fit) => number): Fit | undefined {
  let best: { fit: Fit; count: number } | undefined;
  for (let tried = 0; tried < TRIES; tried++) {
    const fit = attempt();
    if (!fit) continue;
    const count = agreeing(fit);
    if (count > (best?.count ?? 0)) best = { fit, count };
  }
  return best?.fit;
}

/** The ellipse that most of some places lie on, by many tries of five of them each. */
export function bestEllipse(
  places: readonly PicturePoint[],
  start: Ellipse,
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
      return Math.abs(Math.hypot(x, y) - 1) < ON_IT ? [place] : [];
    });
  };
  const best = bestOfTries(
    () => {
      const ellipse = fitEllipse([pick(), pick(), pick(), pick(), pick()].flatMap((place) => place ?? []));
      return ellipse && isLikely(ellipse, start) ? ellipse : undefined;
    },
    (ellipse) => onto(ellipse, sample).length,
  );
  const fitted = best && fitEllipse(onto(best, places));
  return fitted && isLikely(fitted, start) ? fitted : best;
}

/** A circle on a face, or beside it; 1 is the radius of the ellipse it is told by. */
export interface FlatCircle {
  readonly middle: PicturePoint;
  readonly radius: number;
}

/** The circle through three places. */
export function circleThrough(three: readonly PicturePoint[]): FlatCircle | undefined {
  // x² + y² = 2·middle·(x, y) + (radius² − middle²)
  const solved = leastSquares(
    three.map(({ x, y }) => [2 * x, 2 * y, 1]),
    three.map(({ x, y }) => x * x + y * y),
  );
  const [x, y, rest] = solved ?? [];
  if (x === undefined || y === undefined || rest === undefined) return undefined;
  return { middle: { x, y }, radius: Math.sqrt(Math.max(0, rest + x * x + y * y)) };
}

/** Whether a circle is nearly the one of radius one round the origin. */
function isNearlySame({ middle: { x, y }, radius }: FlatCircle): boolean {
  return Math.hypot(x, y) <= MOST_OFF && Math.abs(radius - 1) <= 2 * ON_IT;
}

/**
 * An ellipse of the same shape that most of some places lie on, by many tries of three of them: circles on one face differ
 * only in size, and a camera near by shifts them a little.
 */
export function shifted(
  places: readonly PicturePoint[],
  start: Ellipse,
  random: Random,
): Ellipse | undefined {
  const { toCircle, toPicture } = flattened(start);
  const flat = places.map(toCircle);
  const best = bestOfTries(
    () => {
      const circle = circleThrough([0, 1, 2].flatMap(() => flat[Math.floor(random() * flat.length)] ?? []));
      return circle && isNearlySame(circle) ? circle : undefined;
    },
    ({ middle, radius }) =>
      flat.filter(({ x, y }) => Math.abs(Math.hypot(x - middle.x, y - middle.y) / radius - 1) < ON_IT / 2)
        .length,
  );
  if (!best) return undefined;
  const { x: centreX, y: centreY } = toPicture(best.middle);
  return { ...grown(start, best.radius), centreX, centreY };
}

export function grown(ellipse: Ellipse, by: number): Ellipse {
  return { ...ellipse, majorPx: ellipse.majorPx * by, minorPx: ellipse.minorPx * by };
}
