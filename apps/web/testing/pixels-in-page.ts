import type { Pixels, ReadPicture } from '@/ui/pixels';

export { fitted } from '../ui/pixels';

/** Component tests have no canvas: every picture is a small grey one. */
export async function readPixels(): Promise<ReadPicture> {
  const [widthPx, heightPx] = [16, 16];
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx).fill(128);
  return { widthPx, heightPx, rgba, fileWidthPx: widthPx, fileHeightPx: heightPx };
}

/** The picture's measures, as a file. */
export async function pngOf({ widthPx, heightPx }: Pixels): Promise<Blob> {
  return new Blob([`${widthPx}x${heightPx}`], { type: 'image/png' });
}

/** There is nothing to lay it on. */
export function paint(): void {
  return undefined;
}
