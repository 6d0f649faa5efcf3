import { placesAlong, type Meridian } from './meridian';
import type { AlongWall } from './share';
import { alongWall } from './strain';

/** Values of the fibres at the five places. */
export function atPlaces(wall: Meridian, values: readonly number[]): AlongWall {
  const fibres = placesAlong(wall);
  let i = 1;
  return alongWall((place) => {
    while (i < fibres.length - 1 && (fibres[i] ?? 0) < place) i++;
    const [from, to] = [fibres[i - 1] ?? 0, fibres[i] ?? 0];
    const [a, b] = [values[i - 1] ?? 0, values[i] ?? 0];
    return a + ((b - a) * (place - from)) / (to - from);
  });
}

/** How much each place's hoop is stretched or shrunk between two walls, ln, without sign. */
export function hoopsBetween(from: Meridian, to: Meridian): AlongWall {
  const hoops = to.meanRadiusMm.map((radius, i) =>
    Math.abs(Math.log(radius / (from.meanRadiusMm[i] ?? radius))),
  );
  return atPlaces(to, hoops);
}

/** A wall that leans less stands upright. */
const UPRIGHT_DEG = 8;

/** Whether a wall stands upright: it is no funnel any more. */
export function standsUpright(wall: Meridian): boolean {
  return Math.abs(atPlaces(wall, wall.leanDeg)[2]) <= UPRIGHT_DEG;
}

/** Thickness half-way between the edges, mm. */
export function middleThicknessMm(wall: Meridian): number {
  return atPlaces(wall, wall.thicknessMm)[2];
}
