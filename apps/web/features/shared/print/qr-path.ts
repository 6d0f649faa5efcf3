/** A code's dark cells, as `qrcode` gives them. */
interface Modules {
  readonly size: number;
  readonly get: (row: number, column: number) => number | boolean;
}

export interface QrShape {
  /** Cells along an edge. */
  readonly size: number;
  /** Dark cells as one path, a unit each. */
  readonly path: string;
}

/** One path for all dark cells: a run of them in a row is one box. */
export function qrPath(modules: Modules): QrShape {
  const { size } = modules;
  let path = '';
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column < size;) {
      let end = column;
      while (end < size && modules.get(row, end)) end += 1;
      if (end > column) path += `M${column} ${row}h${end - column}v1h${column - end}z`;
      column = Math.max(end, column + 1);
    }
  }
  return { size, path };
}
