import type { RgbaImage } from '../photo/grey-image';

/** Of a picture, numbers row by row from the top left. */
export interface TiledPicture {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly valueAt: (index: number) => number;
}

/**
 * A picture in figures: the mean of each of so many tiles across and down, a line of them for each row. What moves by a
 * little, or is left out, changes the tiles it lies in.
 */
export function tileMeans(
  { widthPx, heightPx, valueAt }: TiledPicture,
  { across = 8, down = 8, digits = 4 } = {},
): readonly string[] {
  const sums = new Float64Array(across * down);
  const counts = new Float64Array(across * down);
  for (let i = 0; i < widthPx * heightPx; i++) {
    const column = Math.floor(((i % widthPx) * across) / widthPx);
    const row = Math.floor((Math.floor(i / widthPx) * down) / heightPx);
    const tile = row * across + column;
    sums[tile] = (sums[tile] ?? 0) + valueAt(i);
    counts[tile] = (counts[tile] ?? 0) + 1;
  }
  return Array.from({ length: down }, (_, row) =>
    Array.from({ length: across }, (__, column) => {
      const tile = row * across + column;
      return ((sums[tile] ?? 0) / (counts[tile] ?? 1)).toFixed(digits);
    }).join(' '),
  );
}

/** Red, green, blue and what is seen through of a picture, each in tiles. */
export function pictureTiles(
  { widthPx, heightPx, rgba }: RgbaImage,
  size?: Parameters<typeof tileMeans>[1],
): readonly (readonly string[])[] {
  return [0, 1, 2, 3].map((colour) =>
    tileMeans({ widthPx, heightPx, valueAt: (i) => rgba[4 * i + colour] ?? NaN }, { digits: 2, ...size }),
  );
}
