/** A picture's pixels as a canvas gives them. */
export interface Pixels {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rgba: Uint8ClampedArray;
}

/** Measures of a picture once its longest side fits. */
export function fitted(
  widthPx: number,
  heightPx: number,
  longestPx: number,
): Pick<Pixels, 'widthPx' | 'heightPx'> {
  const share = Math.min(1, longestPx / Math.max(widthPx, heightPx));
  return {
    widthPx: Math.max(1, Math.round(widthPx * share)),
    heightPx: Math.max(1, Math.round(heightPx * share)),
  };
}

/** A picture on a canvas, and what it measured as a file. */
export interface DrawnPicture {
  readonly canvas: HTMLCanvasElement;
  readonly fileWidthPx: number;
  readonly fileHeightPx: number;
}

/**
 * Draws a picture as the camera was held: its turn is told in its notes, which do not survive.
 * @param longestPx it is made smaller where a side is longer
 * @throws when the file is no picture that this browser knows
 */
export async function drawPicture(file: Blob, longestPx = Infinity): Promise<DrawnPicture> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' });
  const { widthPx, heightPx } = fitted(bitmap.width, bitmap.height, longestPx);
  const canvas = document.createElement('canvas');
  canvas.width = widthPx;
  canvas.height = heightPx;
  canvas.getContext('2d', { willReadFrequently: true })?.drawImage(bitmap, 0, 0, widthPx, heightPx);
  const drawn = { canvas, fileWidthPx: bitmap.width, fileHeightPx: bitmap.height };
  bitmap.close();
  return drawn;
}

/** A picture's pixels, and what it measured as a file. */
export interface ReadPicture extends Pixels, Pick<DrawnPicture, 'fileWidthPx' | 'fileHeightPx'> {}

/** Reads a picture's pixels; see {@link drawPicture}. */
export async function readPixels(file: Blob, longestPx = Infinity): Promise<ReadPicture> {
  const { canvas, fileWidthPx, fileHeightPx } = await drawPicture(file, longestPx);
  const { width: widthPx, height: heightPx } = canvas;
  const context = canvas.getContext('2d');
  if (!context) throw new Error('this browser cannot draw');
  return {
    widthPx,
    heightPx,
    rgba: context.getImageData(0, 0, widthPx, heightPx).data,
    fileWidthPx,
    fileHeightPx,
  };
}

/** Lays a picture on a canvas, which takes its size. */
export function paint(canvas: HTMLCanvasElement, { widthPx, heightPx, rgba }: Pixels): void {
  canvas.width = widthPx;
  canvas.height = heightPx;
  canvas.getContext('2d')?.putImageData(new ImageData(new Uint8ClampedArray(rgba), widthPx, heightPx), 0, 0);
}

/** A picture as a PNG file. */
export function pngOf(pixels: Pixels): Promise<Blob> {
  const canvas = document.createElement('canvas');
  paint(canvas, pixels);
  return fileOf(canvas, 'image/png');
}

/** A photograph made smaller, as a file without its notes. @throws when the file is no picture that this browser knows */
export async function smallerJpeg(file: Blob, longestPx: number): Promise<Uint8Array> {
  const { canvas } = await drawPicture(file, longestPx);
  return new Uint8Array(await (await fileOf(canvas, 'image/jpeg')).arrayBuffer());
}

/** A picture as a file of its own that is as small as a photograph; what is see-through becomes white paper. */
export async function jpegOf(pixels: Pixels): Promise<Uint8Array> {
  const [drawn, paper] = [document.createElement('canvas'), document.createElement('canvas')];
  paint(drawn, pixels);
  paper.width = pixels.widthPx;
  paper.height = pixels.heightPx;
  const context = paper.getContext('2d');
  if (!context) throw new Error('this browser cannot draw');
  context.fillStyle = '#ffffff';
  context.fillRect(0, 0, paper.width, paper.height);
  context.drawImage(drawn, 0, 0);
  return new Uint8Array(await (await fileOf(paper, 'image/jpeg')).arrayBuffer());
}

function fileOf(canvas: HTMLCanvasElement, type: 'image/png' | 'image/jpeg'): Promise<Blob> {
  return new Promise((resolve, reject) => {
    canvas.toBlob(
      (blob) => (blob ? resolve(blob) : reject(new Error('the picture could not be made'))),
      type,
      0.9,
    );
  });
}
