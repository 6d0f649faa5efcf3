import { bentOutline, profileOf, type Station } from '@round-mint/core/handle';

export interface Shape {
  readonly path: string;
  readonly widthMm: number;
  readonly heightMm: number;
  /** Least x and y of the shape, mm. */
  readonly left: number;
  readonly top: number;
}

interface Point {
  readonly x: number;
  readonly y: number;
}

function pathOf(points: readonly Point[]): string {
  return `${points.map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${x.toFixed(3)} ${y.toFixed(3)}`).join(' ')} Z`;
}

function shapeOf(points: readonly Point[]): Shape {
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const left = Math.min(...xs);
  const top = Math.min(...ys);
  return {
    path: pathOf(points),
    left,
    top,
    widthMm: Math.max(...xs) - left,
    heightMm: Math.max(...ys) - top,
  };
}

/** The blank from its side: flat, or bent round the finger. */
export function sideShape(stations: readonly Station[], bentToMm: number | null): Shape {
  const profile = profileOf(stations);
  const { inside, outside } = bentOutline(
    profile,
    { fromMm: 0, toMm: profile.lengthMm },
    bentToMm ?? Infinity,
  );
  return shapeOf([...inside, ...[...outside].reverse()]);
}

/** The blank from above: its width along its length. */
export function topShape(stations: readonly Station[], widthMm: number): Shape {
  const middle = (stations.at(-1)?.atMm ?? 0) / 2;
  const side = (sign: 1 | -1) =>
    stations.map((station) => ({ x: station.atMm - middle, y: (sign * (station.widthMm ?? widthMm)) / 2 }));
  return shapeOf([...side(1), ...[...side(-1)].reverse()]);
}
