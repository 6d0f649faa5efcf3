import type { FacePicture } from '@round-mint/contract/stock-faces';
import { degToRad } from '@round-mint/core/numeric';
import { scaled, squareFace, type Ellipse, type RgbaImage } from '@round-mint/core/photo';
import sharp, { type Metadata } from 'sharp';
import { HttpError } from '../http/errors';
import { inSlices } from './in-slices';

/** Side of a kept face. */
export const FACE_PX = 1024;
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
  const file = Buffer.from(picture.base64, 'base64');
  const { width, height, orientation = 1 } = await lookAt(file);
  const [widthPx, heightPx] = orientation >= 5 ? [height, width] : [width, height];
  refuseRimOutside(picture, widthPx, heightPx);
  // The square needs no more pixels than it has; fewer are quicker.
  const scale = Math.min(1, FACE_PX / 2 / picture.radius);
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
  const rim = scaled(rimIn(picture), info.width / widthPx);
  return faceJpeg(await inSlices(squareFace(image, rim, picture.topDeg, FACE_PX)));
}

/** A face as it is kept. @param square see-through beyond the rim; made as large as is asked for */
export async function faceJpeg({ rgba, widthPx, heightPx }: RgbaImage, sidePx = FACE_PX): Promise<Buffer> {
  return sharp(rgba, { raw: { width: widthPx, height: heightPx, channels: 4 } })
    .flatten({ background: '#808080' })
    .resize(sidePx, sidePx)
    .jpeg({ quality: JPEG_QUALITY })
    .toBuffer();
}

/** A kept face for a list. */
export async function smallerFace(jpeg: Buffer, sidePx: number): Promise<Buffer> {
  return sharp(jpeg)
    .resize(sidePx, sidePx, { withoutEnlargement: true })
    .jpeg({ quality: JPEG_QUALITY })
    .toBuffer();
}
