import type { Pixels } from '@/ui/pixels';

/** Component tests have no canvas: every picture is a small grey one. */
export async function readPixels(): Promise<Pixels> {
  return { widthPx: 16, heightPx: 16, rgba: new Uint8ClampedArray(4 * 16 * 16).fill(128) };
}

/** The picture's measures, as a file. */
export async function pngOf({ widthPx, heightPx }: Pixels): Promise<Blob> {
  return new Blob([`${widthPx}x${heightPx}`], { type: 'image/png' });
}

/** There is nothing to lay it on. */
export function paint(): void {
  return undefined;
}
