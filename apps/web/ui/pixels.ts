/** A picture's pixels as a canvas gives them. */
export interface Pixels {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rgba: Uint8ClampedArray;
}

function canvasOf(widthPx: number, heightPx: number): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  return canvas;
}

/**
 * Reads a picture's pixels, turned as its notes say.
 * @param longestPx it is made smaller where a side is longer
 * @throws when the file is no picture that this browser knows
 */
export async function readPixels(file: Blob, longestPx = Infinity): Promise<Pixels> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const share = Math.min(1, longestPx / Math.max(bitmap.width, bitmap.height));
  const widthPx = Math.max(1, Math.round(bitmap.width * share));
  const heightPx = Math.max(1, Math.round(bitmap.height * share));
  const context = canvasOf(widthPx, heightPx).getContext('2d', { willReadFrequently: true });
  if (!context) throw new Error('this browser cannot draw');
  context.drawImage(bitmap, 0, 0, widthPx, heightPx);
  bitmap.close();
  return { widthPx, heightPx, rgba: context.getImageData(0, 0, widthPx, heightPx).data };
}

/** Lays a picture on a canvas, which takes its size. */
export function paint(canvas: HTMLCanvasElement, { widthPx, heightPx, rgba }: Pixels): void {
  canvas.width = widthPx;
  canvas.height = heightPx;
  canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(rgba), widthPx, heightPx), 0, 0);
}

/** A picture as a PNG file. */
export function pngOf(pixels: Pixels): Promise<Blob> {
  return new Promise((resolve, reject) => {
    const canvas = document.createElement('canvas');
    paint(canvas, pixels);
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('the picture could not be made'))));
  });
}
