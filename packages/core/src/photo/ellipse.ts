import { degToRad, leastSquares, radToDeg, withinTurnDeg } from '../numeric';

/** A place in a picture: to the right and down from its top left, in pixels. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

/** A circle seen at a slant, in pixels of its picture. */
export interface Ellipse {
  readonly centreX: number;
  readonly centreY: number;
  /** Half the longest and half the shortest way across. */
  readonly majorPx: number;
  readonly minorPx: number;
  /** Which way the longest lies, clockwise from the picture's right, 0 to 180. */
  readonly majorDeg: number;
}

export function circle({ x, y }: PicturePoint, radiusPx: number): Ellipse {
  return { centreX: x, centreY: y, majorPx: radiusPx, minorPx: radiusPx, majorDeg: 0 };
}

/** Half across, as if it were seen straight on at the same distance in the mean. */
export function meanRadiusPx({ majorPx, minorPx }: Ellipse): number {
  return (majorPx + minorPx) / 2;
}

/** How far the camera was tilted from looking straight down, degrees. */
export function tiltDeg({ majorPx, minorPx }: Ellipse): number {
  return radToDeg(Math.acos(Math.min(1, minorPx / majorPx)));
}

/**
 * Turns places of a picture into places of the circle before it was tilted, and back: 1 is on the ellipse. The circle is
 * drawn out again along the short way only, so it is not turned.
 */
export function flattened({ centreX, centreY, majorPx, minorPx, majorDeg }: Ellipse) {
  const [cos, sin] = [Math.cos(degToRad(majorDeg)), Math.sin(degToRad(majorDeg))];
  const turned = (x: number, y: number, alongScale: number, acrossScale: number) => {
    const along = (x * cos + y * sin) * alongScale;
    const across = (y * cos - x * sin) * acrossScale;
    return { x: along * cos - across * sin, y: along * sin + across * cos };
  };
  return {
    toCircle: ({ x, y }: PicturePoint): PicturePoint =>
      turned(x - centreX, y - centreY, 1 / majorPx, 1 / minorPx),
    toPicture: ({ x, y }: PicturePoint): PicturePoint => {
      const off = turned(x, y, majorPx, minorPx);
      return { x: centreX + off.x, y: centreY + off.y };
    },
  };
}

/** A x² + B xy + C y² + D x + E y + F = 0, with A + C = 1. */
type Conic = readonly [a: number, b: number, d: number, e: number, f: number];

/** @returns undefined where the curve is no ellipse */
function ellipseOf([a, b, d, e, f]: Conic): Ellipse | undefined {
  const c = 1 - a;
  const roundness = 4 * a * c - b ** 2;
  if (roundness <= 0) return undefined;
  const centreX = (b * e - 2 * c * d) / roundness;
  const centreY = (b * d - 2 * a * e) / roundness;
  const level = -(f + (d * centreX + e * centreY) / 2);
  const spread = Math.hypot(a - c, b);
  const [long, short] = [level / ((1 - spread) / 2), level / ((1 + spread) / 2)];
  if (!(short > 0) || !Number.isFinite(long)) return undefined;
  const majorDeg = radToDeg(Math.atan2(-b, c - a) / 2);
  return {
    centreX,
    centreY,
    majorPx: Math.sqrt(long),
    minorPx: Math.sqrt(short),
    majorDeg: withinTurnDeg(majorDeg, 180),
  };
}

/**
 * The ellipse nearest to five places or more by least squares of the curve's own equation, which for one that is nearly
 * round is as good as by distances.
 * @param weights of each place; left out, all count alike
 * @returns undefined where no ellipse goes through them
 */
export function fitEllipse(
  points: readonly PicturePoint[],
  weights?: ArrayLike<number>,
): Ellipse | undefined {
  if (points.length < 5) return undefined;
  const middle = points.reduce((sum, { x, y }) => ({ x: sum.x + x, y: sum.y + y }), { x: 0, y: 0 });
  const [midX, midY] = [middle.x / points.length, middle.y / points.length];
  const scale = Math.max(...points.map(({ x, y }) => Math.hypot(x - midX, y - midY))) || 1;
  // Around their middle and of size one: there the equations are at their steadiest.
  const near = points.map(({ x, y }) => ({ x: (x - midX) / scale, y: (y - midY) / scale }));
  const conic = leastSquares(
    near.map(({ x, y }) => [x * x - y * y, x * y, x, y, 1]),
    near.map(({ y }) => -y * y),
    { weights },
  );
  const [a, b, d, e, f] = conic ?? [];
  if (a === undefined || b === undefined || d === undefined || e === undefined || f === undefined)
    return undefined;
  const small = ellipseOf([a, b, d, e, f]);
  return (
    small && {
      ...small,
      centreX: midX + small.centreX * scale,
      centreY: midY + small.centreY * scale,
      majorPx: small.majorPx * scale,
      minorPx: small.minorPx * scale,
    }
  );
}
