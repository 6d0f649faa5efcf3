import type { FacePicture, TopPicture } from '@round-mint/contract/stock-faces';
import { degToRad } from '@round-mint/core/numeric';
import { scaled, squareFace, straightStrip, type Ellipse, type RgbaImage } from '@round-mint/core/photo';
import sharp, { type Metadata } from 'sharp';
import { HttpError } from '../http/errors';
import { inSlices } from './in-slices';

/** Side of a kept face. */
export const FACE_PX = 1024;
/** Length of a kept handle. */
export const STRIP_PX = 1400;
const JPEG_QUALITY = 86;

const FORMATS = ['jpeg', 'png', 'webp'];
/** More pixels than any phone's camera has; a small file may claim many more. */
const MOST_PIXELS = 64_000_000;
/** A rim that is smaller than this shows no letters. */
const LEAST_RADIUS_PX = 40;

function refused(field: string, message: string): HttpError {
  return new HttpError('invalid', message, [{ path: `picture.${field}`, message }]);
}

const noPicture = () => refused('base64', 'must be a JPEG, PNG or WebP file that can be read to its end');

async function lookAt(file: Buffer): Promise<Metadata> {
  const found = await sharp(file, { limitInputPixels: false })
    .metadata()
    .catch(() => undefined);
  if (!found || !FORMATS.includes(found.format)) throw noPicture();
  if (found.width * found.height > MOST_PIXELS) {
    throw refused('base64', `must be at most ${MOST_PIXELS / 1e6} million pixels: make it smaller first`);
  }
  if ((found.pages ?? 1) > 1) throw refused('base64', 'must be one picture, not a film');
  return found;
}

/** The rim as an ellipse of its picture. */
function rimIn({ centreX, centreY, radius, tilt }: FacePicture): Ellipse {
  return {
    centreX,
    centreY,
    majorPx: radius,
    minorPx: radius * Math.cos(degToRad(tilt.deg)),
    majorDeg: tilt.longestDeg,
  };
}

/** @throws HttpError 400 where less than half the face is in the picture, or it is too small to show anything */
function refuseRimOutside(
  { centreX, centreY, radius }: FacePicture,
  widthPx: number,
  heightPx: number,
): void {
  if (radius < LEAST_RADIUS_PX) {
    throw refused('radius', `must be at least ${LEAST_RADIUS_PX} px: go nearer`);
  }
  if (centreX < 0 || centreY < 0 || centreX > widthPx || centreY > heightPx) {
    throw refused('centreX', `must lie in the picture, which is ${widthPx} by ${heightPx} px`);
  }
  if (radius > Math.max(widthPx, heightPx)) throw refused('radius', 'must not be larger than the picture');
}

/**
 * The square of a face out of a photograph: the camera's turn and tilt taken out, its top up. Colours of four inks become
 * those of a screen; position and other notes go.
 * @throws HttpError 400 for what is no picture, or not of a face
 */
export async function faceOfPicture(picture: FacePicture): Promise<Buffer> {
  const photograph = await sizeOf(picture.base64);
  refuseRimOutside(picture, photograph.widthPx, photograph.heightPx);
  const { image, scale } = await pixelsOf(photograph, FACE_PX / 2 / picture.radius);
  return faceJpeg(await inSlices(squareFace(image, scaled(rimIn(picture), scale), picture.topDeg, FACE_PX)));
}

interface Photograph {
  readonly file: Buffer;
  /** As it is shown: turned as its notes say. */
  readonly widthPx: number;
  readonly heightPx: number;
}

/** @throws HttpError 400 for what is no picture */
async function sizeOf(base64: string): Promise<Photograph> {
  const file = Buffer.from(base64, 'base64');
  const { width, height, orientation = 1 } = await lookAt(file);
  const [widthPx, heightPx] = orientation >= 5 ? [height, width] : [width, height];
  return { file, widthPx, heightPx };
}

/**
 * A photograph's pixels, turned as its notes say, smaller where so many are not needed.
 * @param wanted how large it is needed against what it is
 * @returns how large it is now
 */
async function pixelsOf(
  { file, widthPx }: Photograph,
  wanted: number,
): Promise<{ readonly image: RgbaImage; readonly scale: number }> {
  const scale = Math.min(1, wanted);
  const { data, info } = await sharp(file, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
    .autoOrient()
    .toColourspace('srgb')
    .resize({ width: Math.max(1, Math.round(widthPx * scale)), withoutEnlargement: true })
    .ensureAlpha()
    .raw()
    .toBuffer({ resolveWithObject: true })
    .catch(() => {
      throw noPicture();
    });
  const rgba = new Uint8ClampedArray(data.buffer, data.byteOffset, data.byteLength);
  const image = { widthPx: info.width, heightPx: info.height, rgba };
  return { image, scale: info.width / widthPx };
}

const LEAST_LONG_PX = 200;

/**
 * The strip of a handle out of a photograph from above, its tip at the left; see {@link faceOfPicture}.
 * @throws HttpError 400 for what is no picture, or not of a handle
 */
export async function stripOfPicture(picture: TopPicture): Promise<Buffer> {
  const { tipX, tipY, endX, endY, acrossPx, base64 } = picture;
  const photograph = await sizeOf(base64);
  const { widthPx, heightPx } = photograph;
  const longPx = Math.hypot(endX - tipX, endY - tipY);
  if (longPx < LEAST_LONG_PX)
    throw refused('endX', `must lie at least ${LEAST_LONG_PX} px from the tip: go nearer`);
  if (acrossPx > longPx) throw refused('acrossPx', 'must not be wider than the handle is long');
  const isIn = (x: number, y: number) => x >= 0 && y >= 0 && x <= widthPx && y <= heightPx;
  if (!isIn(tipX, tipY) || !isIn(endX, endY)) {
    throw refused('tipX', `both ends must lie in the picture, which is ${widthPx} by ${heightPx} px`);
  }
  const { image, scale } = await pixelsOf(photograph, STRIP_PX / longPx);
  const place = {
    tip: { x: tipX * scale, y: tipY * scale },
    end: { x: endX * scale, y: endY * scale },
    acrossPx: acrossPx * scale,
  };
  return stripJpeg(await inSlices(straightStrip(image, place, STRIP_PX)));
}

/** A handle as it is kept. @param strip see-through beside it where it was drawn */
export async function stripJpeg({ rgba, widthPx, heightPx }: RgbaImage): Promise<Buffer> {
  return sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .flatten({ background: '#808080' })
    .jpeg({ quality: JPEG_QUALITY })
    .toBuffer();
}

/** A face as it is kept. @param square see-through beyond the rim; made as large as is asked for */
export async function faceJpeg({ rgba, widthPx, heightPx }: RgbaImage, sidePx = FACE_PX): Promise<Buffer> {
  return sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .flatten({ background: '#808080' })
    .resize(sidePx, sidePx)
    .jpeg({ quality: JPEG_QUALITY })
    .toBuffer();
}

/** A kept picture for a list. */
export async function smallerFace(jpeg: Buffer, sidePx: number): Promise<Buffer> {
  return sharp(jpeg)
    .resize(sidePx, sidePx, { fit: 'inside', withoutEnlargement: true })
    .jpeg({ quality: JPEG_QUALITY })
    .toBuffer();
}
