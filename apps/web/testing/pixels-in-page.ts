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

/** The smallest of all JPEG files: a grey pixel. */
const GREY_PIXEL =
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////wgALCAABAAEBAREA/8QAFBABAAAAAAAAAAAAAAAAAAAAAP/aAAgBAQABPxA=';

export async function jpegOf(): Promise<Uint8Array> {
  return Uint8Array.from(Buffer.from(GREY_PIXEL, 'base64'));
}

/** There is nothing to lay it on. */
export function paint(): void {
  return undefined;
}
