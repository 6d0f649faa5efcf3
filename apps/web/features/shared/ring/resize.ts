import { base64Of } from '@/ui/base64';

/** Longest side of a kept picture, px: enough to see a scratch, small enough to keep many. */
const LONGEST_PX = 1600;
const JPEG_QUALITY = 0.82;

export interface ResizedPhoto {
  readonly jpegBase64: string;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** Measures of a picture once its longest side fits. */
export function fittedSize(widthPx: number, heightPx: number): { widthPx: number; heightPx: number } {
  const share = Math.min(1, LONGEST_PX / Math.max(widthPx, heightPx));
  return {
    widthPx: Math.max(1, Math.round(widthPx * share)),
    heightPx: Math.max(1, Math.round(heightPx * share)),
  };
}

/**
 * Redraws a picture smaller. The camera's notes, position among them, do not survive: only what is seen is drawn.
 * @throws when the file is no picture that this browser knows
 */
export async function resized(file: Blob): Promise<ResizedPhoto> {
  // As the camera was held: its turn is told in the notes that are about to go.
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const { widthPx, heightPx } = fittedSize(bitmap.width, bitmap.height);
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, widthPx, heightPx);
  bitmap.close();
  const blob = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', JPEG_QUALITY),
  );
  if (!blob) throw new Error('the picture could not be redrawn');
  return { jpegBase64: await base64Of(blob), widthPx, heightPx };
}
