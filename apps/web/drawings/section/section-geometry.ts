import { sectionLines, type SectionLines, type SectionPoint, type WallOutline } from '@round-mint/core/steps';

function at(values: readonly number[], index: number): number {
  return values[index] ?? 0;
}

/** From millimetres to the drawing: x from the axis, y up. */
export interface SectionScale {
  readonly pxPerMm: number;
  readonly x: (mm: number) => number;
  readonly y: (mm: number) => number;
}

interface Sheet {
  readonly width: number;
  readonly height: number;
  readonly marginPx: number;
  /** Left free round the walls, mm. */
  readonly roomMm: number;
}

/** One scale at which all of several walls fit a sheet. */
export function scaleFor(
  outlines: readonly WallOutline[],
  { width, height, marginPx, roomMm }: Sheet,
): SectionScale {
  const points = outlines.flatMap((outline) => {
    const { inside, outside } = sectionLines(outline);
    return [...inside, ...outside];
  });
  const xs = points.map(({ x }) => x);
  const ys = points.map(({ y }) => y);
  const least = Math.max(0, Math.min(...xs) - roomMm);
  const reach = Math.max(...xs) + roomMm;
  const low = Math.min(...ys) - roomMm;
  const high = Math.max(...ys) + roomMm;
  const pxPerMm = Math.min((width - 2 * marginPx) / (reach - least), (height - 2 * marginPx) / (high - low));
  const left = (width - (reach - least) * pxPerMm) / 2;
  return {
    pxPerMm,
    x: (mm) => left + (mm - least) * pxPerMm,
    y: (mm) => height - marginPx - (mm - low) * pxPerMm,
  };
}

/** The closed outline as an SVG path. */
export function outlinePath({ inside, outside }: SectionLines, scale: SectionScale): string {
  return partPath([...inside, ...[...outside].reverse()], scale);
}

/** A closed figure as an SVG path. */
export function partPath(points: readonly SectionPoint[], scale: SectionScale): string {
  return `${points
    .map(({ x, y }, i) => `${i === 0 ? 'M' : 'L'}${scale.x(x).toFixed(2)} ${scale.y(y).toFixed(2)}`)
    .join(' ')} Z`;
}

/** Strain along the wall as gradient stops from cut edge (0) to rim edge (1); the share says how strong, −1 to 1. */
export function strainStops(
  outline: WallOutline,
): readonly { readonly offset: number; readonly share: number }[] {
  const width = at(outline.arcMm, outline.arcMm.length - 1) || 1;
  const strongest = 0.6;
  return outline.arcMm.map((arc, i) => ({
    offset: arc / width,
    share: Math.max(-1, Math.min(1, at(outline.strainLog, i) / strongest)),
  }));
}

/** Height of an edge's name and the value under it, with the air that they need, px. */
const LABEL_TALL_PX = 38;

/**
 * Where the names of the two edges begin, px from the top: beside their edges, and where a low wall leaves too little room
 * between them, the upper one higher.
 * @param rimY the rim edge's upper end
 * @param cutY the cut edge's lower end
 */
export function edgeLabelLevels(
  rimY: number,
  cutY: number,
): { readonly rimY: number; readonly cutY: number } {
  const lower = cutY - 22;
  return { rimY: Math.min(rimY + 14, lower - LABEL_TALL_PX), cutY: lower };
}
