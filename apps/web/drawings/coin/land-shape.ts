import { degToRad } from '@round-mint/core/numeric';

interface Point {
  readonly x: number;
  readonly y: number;
}

/** A point at a distance from the middle, the angle clockwise from 12 o'clock. */
export function landPoint(middle: number, angleDeg: number, px: number): Point {
  const angle = degToRad(angleDeg);
  return { x: middle + px * Math.sin(angle), y: middle - px * Math.cos(angle) };
}

const POINTS = 32;

/** The crescent that filing takes: deepest at the wide side, nothing opposite. */
export function filingPath(hole: Point, radiusPx: number, wideAngleDeg: number, depthPx: number): string {
  const point = (angleDeg: number, px: number): string => {
    const angle = degToRad(angleDeg);
    return `${(hole.x + px * Math.sin(angle)).toFixed(2)} ${(hole.y - px * Math.cos(angle)).toFixed(2)}`;
  };
  const turns = Array.from({ length: POINTS + 1 }, (_, i) => -90 + (180 * i) / POINTS);
  const outer = turns.map((turn) => {
    const depth = depthPx * Math.cos(degToRad(turn));
    return point(wideAngleDeg + turn, radiusPx + depth);
  });
  const inner = [...turns].reverse().map((turn) => point(wideAngleDeg + turn, radiusPx));
  return `M${[...outer, ...inner].join(' L')} Z`;
}
