const segment = (marker: number, ...data: readonly number[]) => [0xff, marker, 0, data.length + 2, ...data];
const size = (px: number) => [px >> 8, px & 0xff];

/** What a small JPEG is made with. */
interface SmallJpeg {
  readonly widthPx?: number;
  readonly heightPx?: number;
  /** Segments before the picture, by their markers. */
  readonly before?: readonly number[];
  /** Bytes behind its end. */
  readonly behind?: readonly number[];
}

/** A JPEG as small as one may be, of a picture that nobody looks at; base64. */
export function smallJpeg({ widthPx = 8, heightPx = 6, before = [], behind = [] }: SmallJpeg = {}): string {
  return Buffer.from([
    ...[0xff, 0xd8],
    ...before.flatMap((marker) => segment(marker, 1, 2)),
    // A frame of one colour, a table, and a scan with a restart in it.
    ...segment(0xc0, 8, ...size(heightPx), ...size(widthPx), 1, 1, 0x11, 0),
    ...segment(0xdb, 0),
    ...segment(0xda, 1, 1, 0, 0, 63, 0),
    ...[0x11, 0xff, 0x00, 0x22, 0xff, 0xd0, 0x33],
    ...[0xff, 0xd9],
    ...behind,
  ]).toString('base64');
}
