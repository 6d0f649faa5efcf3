import { HttpError } from '../http/errors';

const APP1 = 0xe1;
const START_OF_SCAN = 0xda;

function refused(message: string): HttpError {
  return new HttpError('invalid', message, [{ path: 'jpegBase64', message }]);
}

/**
 * Takes a JPEG only when it holds the picture and nothing about where it was taken.
 * @throws HttpError 400 when it is no JPEG, or still has the camera's notes (an APP1 segment)
 */
export function checkedJpeg(base64: string): Buffer {
  const file = Buffer.from(base64, 'base64');
  if (file[0] !== 0xff || file[1] !== 0xd8) throw refused('must be a JPEG file in base64');
  for (let at = 2; at + 4 <= file.length && file[at] === 0xff;) {
    const marker = file[at + 1] ?? 0;
    if (marker === START_OF_SCAN) break;
    if (marker === APP1)
      throw refused('still holds the camera’s notes, such as where it was taken: redraw it first');
    at += 2 + file.readUInt16BE(at + 2);
  }
  return file;
}
