import { HttpError } from '../http/errors';

/** As long as an edge may be, and as many pixels as a picture may have: a few bytes may claim many more. */
const MOST_EDGE_PX = 4000;
const MOST_PIXELS = 12_000_000;

const START_OF_IMAGE = 0xd8;
const END_OF_IMAGE = 0xd9;
const START_OF_SCAN = 0xda;
const ADOBE = 0xee;

/** Baseline, extended and progressive: what every browser draws. */
const FRAMES = new Set([0xc0, 0xc1, 0xc2]);
/** Tables that the picture is drawn by: Huffman, quantisation, restart interval. */
const TABLES = new Set([0xc4, 0xdb, 0xdd]);

/** Makers' notes of every kind, and comments: what a picture is drawn without. */
const isNote = (marker: number) => (marker >= 0xe0 && marker <= 0xef) || marker === 0xfe;
const isRestart = (marker: number) => marker >= 0xd0 && marker <= 0xd7;

function refused(message: string): HttpError {
  return new HttpError('invalid', message, [{ path: 'jpegBase64', message }]);
}

const cutOff = () => refused('is cut off: the picture has no end');

/** A JPEG that holds its picture and nothing else. */
export interface CleanJpeg {
  readonly jpeg: Buffer;
  readonly widthPx: number;
  readonly heightPx: number;
}

/** The colours of four-part pictures are read by Adobe's segment; only its known twelve bytes are kept. */
function isAdobe(marker: number, segment: Buffer): boolean {
  return marker === ADOBE && segment.length === 14 && segment.toString('latin1', 2, 7) === 'Adobe';
}

function sizeOf(frame: Buffer): Pick<CleanJpeg, 'widthPx' | 'heightPx'> {
  if (frame.length < 8) throw cutOff();
  const [heightPx, widthPx] = [frame.readUInt16BE(3), frame.readUInt16BE(5)];
  const fits = (edge: number) => edge >= 1 && edge <= MOST_EDGE_PX;
  if (!fits(widthPx) || !fits(heightPx) || widthPx * heightPx > MOST_PIXELS) {
    throw refused(
      `must be at most ${MOST_EDGE_PX} pixels along an edge, and ${MOST_PIXELS / 1e6} million in all`,
    );
  }
  return { widthPx, heightPx };
}

/** Where a scan's data end: at the next marker that is none of its own. */
function endOfScan(file: Buffer, from: number): number {
  for (let at = from; ; at += 2) {
    at = file.indexOf(0xff, at);
    const marker = at === -1 ? undefined : file[at + 1];
    if (marker === undefined) throw cutOff();
    if (marker !== 0 && !isRestart(marker)) return at;
  }
}

/**
 * Takes the picture out of a JPEG (ITU-T T.81) and leaves the rest behind: where it was taken and with what, previews,
 * comments, and whatever follows its end.
 * @throws HttpError 400 when it is no JPEG, is damaged, too large, or of a kind that not every browser draws
 */
export function cleanJpeg(file: Buffer): CleanJpeg {
  if (file[0] !== 0xff || file[1] !== START_OF_IMAGE) throw refused('must be a JPEG file in base64');
  const kept: Buffer[] = [file.subarray(0, 2)];
  let size: Pick<CleanJpeg, 'widthPx' | 'heightPx'> | undefined;
  let hasScan = false;
  for (let at = 2; ;) {
    if (file[at] !== 0xff) throw cutOff();
    const marker = file[at + 1] ?? 0;
    if (marker === 0xff) {
      // Filling before a marker.
      at += 1;
      continue;
    }
    if (marker === END_OF_IMAGE) break;
    const length = at + 4 <= file.length ? file.readUInt16BE(at + 2) : 0;
    let end = at + 2 + length;
    if (length < 2 || end > file.length) throw cutOff();
    const segment = file.subarray(at + 2, end);
    if (FRAMES.has(marker)) {
      if (size) throw refused('must hold one picture');
      size = sizeOf(segment);
    } else if (marker === START_OF_SCAN) {
      end = endOfScan(file, end);
      hasScan = true;
    } else if (!TABLES.has(marker) && !isNote(marker)) {
      throw refused('is a kind of JPEG that not every browser shows: save it as an ordinary one');
    }
    if (!isNote(marker) || isAdobe(marker, segment)) kept.push(file.subarray(at, end));
    at = end;
  }
  if (!size || !hasScan) throw cutOff();
  return { jpeg: Buffer.concat([...kept, Buffer.from([0xff, END_OF_IMAGE])]), ...size };
}
