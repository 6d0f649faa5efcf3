import { base64Of } from '@/ui/base64';
import { drawPicture, fitted } from '@/ui/pixels';

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
  return fitted(widthPx, heightPx, LONGEST_PX);
}

/**
 * Redraws a picture smaller. The camera's notes, position among them, do not survive: only what is seen is drawn.
 * @throws when the file is no picture that this browser knows
 */
export async function resized(file: Blob): Promise<ResizedPhoto> {
  const { canvas } = await drawPicture(file, LONGEST_PX);
  const { width: widthPx, height: heightPx } = canvas;
  const blob = await new Promise<Blob | null>((resolve) =>
    canvas.toBlob(resolve, 'image/jpeg', JPEG_QUALITY),
  );
  if (!blob) throw new Error('the picture could not be redrawn');
  return { jpegBase64: await base64Of(blob), widthPx, heightPx };
}
