import { fitEllipse, flattened, type Ellipse, type PicturePoint } from './ellipse';
import { greyAt, type GreyImage } from './grey-image';

/** Ways out from the middle along which the rim is measured. */
export const RAYS = 240;
/** How far to either side of where it is thought to be, of the radius: less each round, and never as far as its shadow. */
const REACHES = [0.016, 0.01, 0.007, 0.007] as const;
/** A change of less than this share of the usual one is the grain of the picture, not the rim. */
const FAINT = 0.4;
const PASSES = 4;

/** A rim as it was measured. */
export interface MeasuredRim {
  /** In pixels of the picture. */
  readonly ellipse: Ellipse;
  /** In which share of the way round the rim was seen. */
  readonly seen: number;
  /** How far the places where it was seen lie off the ellipse, of its radius, in the mean. */
  readonly spread: number;
}

interface Sighting extends PicturePoint {
  /** By how much it gets lighter outward, or darker where it is less than nothing. */
  readonly change: number;
}

/** Where shades change most along a way out, to a part of a pixel. */
function steepestAlong(image: GreyImage, from: PicturePoint, to: PicturePoint): Sighting {
  const steps = Math.max(6, Math.ceil(2 * Math.hypot(to.x - from.x, to.y - from.y)));
  const shade = (step: number) =>
    greyAt(image, from.x + ((to.x - from.x) * step) / steps, from.y + ((to.y - from.y) * step) / steps);
  const changes = Array.from({ length: steps + 1 }, (_, i) => shade(i + 1) - shade(i - 1));
  let best = 1;
  for (let i = 1; i < steps; i++) {
    if (Math.abs(changes[i] ?? 0) > Math.abs(changes[best] ?? 0)) best = i;
  }
  const [before, here, after] = [changes[best - 1] ?? 0, changes[best] ?? 0, changes[best + 1] ?? 0];
  const curve = before - 2 * here + after;
  const part = curve === 0 ? 0 : Math.max(-0.5, Math.min(0.5, (before - after) / (2 * curve)));
  const place = (best + part) / steps;
  return {
    x: from.x + (to.x - from.x) * place,
    y: from.y + (to.y - from.y) * place,
    change: here,
  };
}

/** The rim along ways out from the middle; what changes to the other side than most, or hardly, is something else. */
function sightings(image: GreyImage, ellipse: Ellipse, reach: number): readonly Sighting[] {
  const { toPicture } = flattened(ellipse);
  const all = Array.from({ length: RAYS }, (_, ray) => {
    const turn = (2 * Math.PI * ray) / RAYS;
    const at = (far: number) => toPicture({ x: far * Math.cos(turn), y: far * Math.sin(turn) });
    return steepestAlong(image, at(1 - reach), at(1 + reach));
  });
  const usual = medianOf(all.map(({ change }) => change));
  return all.filter(({ change }) => change / usual > FAINT);
}

/** How far places lie off an ellipse, of its radius. */
function offsOf(points: readonly PicturePoint[], ellipse: Ellipse): readonly number[] {
  const { toCircle } = flattened(ellipse);
  return points.map((point) => {
    const { x, y } = toCircle(point);
    return Math.hypot(x, y) - 1;
  });
}

function medianOf(values: readonly number[]): number {
  return Float64Array.from(values).sort()[Math.floor(values.length / 2)] ?? 0;
}

/** Finer than this no picture tells it. */
const FINEST = 0.0005;
/** What lies so many times as far off as is usual was something else. */
const FARTHEST_OFF = 3;

/** How far off is usual, of the radius: from the middle one, so that the far ones do not count. */
function scaleOf(offs: readonly number[]): number {
  return Math.max(FINEST, 1.5 * medianOf(offs));
}

/** Fits an ellipse to what was seen, what lies far off counting less each time. */
export function measureRim(image: GreyImage, start: Ellipse): MeasuredRim | undefined {
  let ellipse = start;
  let result: MeasuredRim | undefined;
  for (const reach of REACHES) {
    const points = sightings(image, ellipse, reach);
    let weights = new Float64Array(points.length).fill(1);
    for (let pass = 0; pass < PASSES; pass++) {
      const fitted = fitEllipse(points, weights);
      if (!fitted) return undefined;
      ellipse = fitted;
      const offs = offsOf(points, fitted).map(Math.abs);
      const scale = scaleOf(offs);
      weights = Float64Array.from(offs, (off) => (off > 4 * scale ? 0 : 1 / Math.max(1, off / scale)));
    }
    const all = offsOf(points, ellipse).map(Math.abs);
    const offs = all.filter((off) => off < FARTHEST_OFF * scaleOf(all));
    const spread = Math.sqrt(offs.reduce((sum, off) => sum + off * off, 0) / Math.max(1, offs.length));
    result = { ellipse, seen: offs.length / RAYS, spread };
  }
  return result;
}
