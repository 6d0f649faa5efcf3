import type { Edges } from './edges';
import type { PicturePoint } from './ellipse';

/** How large a piece is in a picture of it: its radius, of the shorter side. */
export const RADIUS_SHARE = { min: 0.12, max: 0.62 } as const;
/** Side of the cells in which votes are counted. */
const CELL_PX = 4;
/** As many middles are followed further. */
const MIDDLES = 3;

interface Votes {
  readonly columns: number;
  readonly rows: number;
  readonly count: Float32Array;
}

/** Every edge votes for all places that it may lie round: along the way its shade changes, to either side. */
function countVotes(
  edges: Edges,
  widthPx: number,
  heightPx: number,
  farthestPx: number,
  nearestPx: number,
): Votes {
  const columns = Math.ceil(widthPx / CELL_PX);
  const rows = Math.ceil(heightPx / CELL_PX);
  const count = new Float32Array(columns * rows);
  for (let i = 0; i < edges.x.length; i++) {
    for (const sign of [-1, 1]) {
      const stepX = sign * (edges.towardX[i] ?? 0);
      const stepY = sign * (edges.towardY[i] ?? 0);
      for (let far = nearestPx; far < farthestPx; far += CELL_PX) {
        const column = Math.floor(((edges.x[i] ?? 0) + far * stepX) / CELL_PX);
        const row = Math.floor(((edges.y[i] ?? 0) + far * stepY) / CELL_PX);
        if (column < 0 || row < 0 || column >= columns || row >= rows) break;
        const cell = row * columns + column;
        count[cell] = (count[cell] ?? 0) + 1;
      }
    }
  }
  return { columns, rows, count };
}

/** Votes of a cell and those beside it: one that is seen at a slant spreads its votes. */
function gathered({ columns, rows, count }: Votes): Votes {
  const around = count.map((_, cell) => {
    let sum = 0;
    for (const down of [-columns, 0, columns]) {
      for (const right of [-1, 0, 1]) sum += count[cell + down + right] ?? 0;
    }
    return sum;
  });
  return { columns, rows, count: around };
}

/** Middles that many edges point to or away from, the likeliest first. */
export function likelyMiddles(edges: Edges, widthPx: number, heightPx: number): readonly PicturePoint[] {
  const shorterPx = Math.min(widthPx, heightPx);
  const nearestPx = shorterPx * RADIUS_SHARE.min;
  const farthestPx = shorterPx * RADIUS_SHARE.max;
  const { columns, rows, count } = gathered(countVotes(edges, widthPx, heightPx, farthestPx, nearestPx));
  const reach = Math.ceil(nearestPx / CELL_PX / 2);
  return Array.from({ length: MIDDLES }, () => {
    let best = 0;
    for (let cell = 1; cell < count.length; cell++) if ((count[cell] ?? 0) > (count[best] ?? 0)) best = cell;
    const [column, row] = [best % columns, Math.floor(best / columns)];
    // What lies near is the same middle.
    for (let y = Math.max(0, row - reach); y <= Math.min(rows - 1, row + reach); y++) {
      count.fill(
        0,
        y * columns + Math.max(0, column - reach),
        y * columns + Math.min(columns, column + reach + 1),
      );
    }
    return { x: (column + 0.5) * CELL_PX, y: (row + 0.5) * CELL_PX };
  });
}
