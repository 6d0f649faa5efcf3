import { degToRad } from '../numeric';
import type { WallOutline } from './step';

/** A point of the drawing, mm: distance from the ring's axis, and height above the cut edge. */
export interface SectionPoint {
  readonly x: number;
  readonly y: number;
}

export interface SectionLines {
  readonly inside: readonly SectionPoint[];
  readonly outside: readonly SectionPoint[];
  readonly heightMm: number;
}

function at(values: readonly number[], index: number): number {
  return values[index] ?? 0;
}

/** The two faces of the wall in section, from cut edge to rim edge. */
export function sectionLines(outline: WallOutline): SectionLines {
  const { arcMm, meanRadiusMm, thicknessMm, leanDeg } = outline;
  const inside: SectionPoint[] = [];
  const outside: SectionPoint[] = [];
  let height = 0;
  arcMm.forEach((arc, i) => {
    if (i > 0) {
      const lean = (at(leanDeg, i - 1) + at(leanDeg, i)) / 2;
      height += (arc - at(arcMm, i - 1)) * Math.cos(degToRad(lean));
    }
    const lean = degToRad(at(leanDeg, i));
    const half = at(thicknessMm, i) / 2;
    const radius = at(meanRadiusMm, i);
    inside.push({ x: radius - half * Math.cos(lean), y: height + half * Math.sin(lean) });
    outside.push({ x: radius + half * Math.cos(lean), y: height - half * Math.sin(lean) });
  });
  return { inside, outside, heightMm: height };
}
