import type { RgbaImage } from './grey-image';

/** Adds a quarter of each of the four pixels around a place, by how near they are, to a sum of red, green and blue. */
export function addColour(
  { widthPx, heightPx, rgba }: RgbaImage,
  x: number,
  y: number,
  sum: Float64Array,
): void {
  const left = Math.min(Math.max(x, 0), widthPx - 1);
  const top = Math.min(Math.max(y, 0), heightPx - 1);
  const column = Math.min(Math.floor(left), Math.max(0, widthPx - 2));
  const row = Math.min(Math.floor(top), Math.max(0, heightPx - 2));
  const [right, down] = [left - column, top - row];
  const at = 4 * (row * widthPx + column);
  const [next, under] = [widthPx > 1 ? 4 : 0, heightPx > 1 ? 4 * widthPx : 0];
  for (let colour = 0; colour < 3; colour++) {
    const above = (rgba[at + colour] ?? 0) * (1 - right) + (rgba[at + next + colour] ?? 0) * right;
    const below =
      (rgba[at + under + colour] ?? 0) * (1 - right) + (rgba[at + under + next + colour] ?? 0) * right;
    sum[colour] = (sum[colour] ?? 0) + above * (1 - down) + below * down;
  }
}
