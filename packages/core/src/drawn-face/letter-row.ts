import { curveThrough, distanceFrom, type FaceSpot } from './height-field';
import { LETTER_HEIGHT, linesOf } from './letters';

/** A row of letters round a rim, as a picture that closes on itself: how high each place stands, 0 to 1. */
export interface LetterRow {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly height: Float32Array;
}

/** Of the row's height. */
const TALL = 0.66;
const STROKE = 0.13;
const SOFT = 0.05;

interface Stroke {
  readonly from: FaceSpot;
  readonly to: FaceSpot;
}

/** The strokes of a text in its letters' own measure, and how long it is with the room behind it. */
function strokesOf(text: string): { readonly strokes: readonly Stroke[]; readonly long: number } {
  const { lines, long } = linesOf(text);
  const strokes = lines.flatMap(({ spots, curved }) => {
    const places = curved ? curveThrough(spots, 3) : spots;
    return places.slice(1).map((to, i) => ({ from: places[i] ?? to, to }));
  });
  return { strokes, long };
}

function raiseStroke({ widthPx, heightPx, height }: LetterRow, { from, to }: Stroke): void {
  const reach = (STROKE / 2 + SOFT) * heightPx;
  const top = Math.max(0, Math.floor(Math.min(from.y, to.y) - reach));
  const bottom = Math.min(heightPx - 1, Math.ceil(Math.max(from.y, to.y) + reach));
  for (let row = top; row <= bottom; row++) {
    for (let x = Math.floor(Math.min(from.x, to.x) - reach); x <= Math.max(from.x, to.x) + reach; x++) {
      const off = distanceFrom(x, row, from, to) / heightPx;
      const level = Math.min(1, Math.max(0, (STROKE / 2 + SOFT / 2 - off) / SOFT));
      const at = row * widthPx + (((x % widthPx) + widthPx) % widthPx);
      height[at] = Math.max(height[at] ?? 0, level);
    }
  }
}

/**
 * Letters that run once round a rim, the text as often as it fits.
 * @param aspect how many times as long the row is as it is high
 */
export function letterRow(text: string, aspect: number, heightPx: number): LetterRow {
  const widthPx = Math.round(aspect * heightPx);
  const row = { widthPx, heightPx, height: new Float32Array(widthPx * heightPx) };
  const { strokes, long } = strokesOf(text);
  if (strokes.length === 0) return row;
  const scale = (TALL * heightPx) / LETTER_HEIGHT;
  const times = Math.max(1, Math.round(widthPx / (long * scale)));
  // Letters are drawn apart or together until the text closes.
  const along = widthPx / times / long;
  const foot = (heightPx * (1 + TALL)) / 2;
  for (let nth = 0; nth < times; nth++) {
    const put = ({ x, y }: FaceSpot) => ({ x: (nth * widthPx) / times + x * along, y: foot - y * scale });
    for (const { from, to } of strokes) raiseStroke(row, { from: put(from), to: put(to) });
  }
  return row;
}
