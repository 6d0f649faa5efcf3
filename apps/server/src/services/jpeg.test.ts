import { smallJpeg } from '../testing/small-jpeg';
import { cleanJpeg } from './jpeg';

const plain = smallJpeg();
const clean = (base64: string) => cleanJpeg(Buffer.from(base64, 'base64'));
const cleaned = (base64: string) => clean(base64).jpeg.toString('base64');
/** A file with some of its bytes changed. */
function changed(base64: string, change: (bytes: Buffer) => Buffer): string {
  return change(Buffer.from(base64, 'base64')).toString('base64');
}

describe('a JPEG', () => {
  it('is kept as it is where it holds its picture alone, and tells its size', () => {
    expect(cleaned(plain)).toBe(plain);
    expect(clean(smallJpeg({ widthPx: 1200, heightPx: 900 }))).toMatchObject({
      widthPx: 1200,
      heightPx: 900,
    });
  });

  it('loses the camera’s notes, previews, comments, and what follows its end', () => {
    // APP0, APP1 (Exif), APP2 (profile), APP13, APP14 that is not Adobe's own, and a comment.
    const noted = smallJpeg({
      before: [0xe0, 0xe1, 0xe2, 0xed, 0xee, 0xfe],
      behind: [0x50, 0x4b, 3, 4, 0xff, 0xe1],
    });
    expect(cleaned(noted)).toBe(plain);
  });

  it('loses notes between its scans as well', () => {
    const end = Buffer.from([0xff, 0xd9]);
    const scan = (bytes: Buffer) => bytes.subarray(bytes.indexOf(Buffer.from([0xff, 0xda])), -2);
    const note = Buffer.from([0xff, 0xfe, 0, 4, 0x68, 0x69]);
    const twice = (...between: Buffer[]) =>
      changed(plain, (bytes) => Buffer.concat([bytes.subarray(0, -2), ...between, scan(bytes), end]));
    expect(cleaned(twice(note))).toBe(twice());
  });

  it('keeps the segment by which four-part colours are read, whole', () => {
    const adobe = [0xff, 0xee, 0, 14, ...Buffer.from('Adobe'), 0, 100, 0, 0, 0, 0, 2];
    const file = changed(plain, (bytes) =>
      Buffer.concat([bytes.subarray(0, 2), Buffer.from(adobe), bytes.subarray(2)]),
    );
    expect(cleaned(file)).toBe(file);
  });

  it.each([
    ['another kind of file', Buffer.from('GIF89a').toString('base64'), /must be a JPEG/],
    ['one without an end', changed(plain, (bytes) => bytes.subarray(0, -2)), /cut off/],
    ['one cut off in a segment’s head', changed(plain, (bytes) => bytes.subarray(0, 5)), /cut off/],
    ['one without a picture', changed(plain, () => Buffer.from([0xff, 0xd8, 0xff, 0xd9])), /cut off/],
    [
      'a segment that claims more than there is',
      changed(plain, (bytes) => bytes.fill(0xff, 4, 6)),
      /cut off/,
    ],
    ['a kind few browsers draw', changed(plain, (bytes) => bytes.fill(0xc9, 3, 4)), /not every browser/],
    [
      'two pictures',
      changed(plain, (bytes) => Buffer.concat([bytes.subarray(0, 15), bytes.subarray(2)])),
      /one picture/,
    ],
    ['an edge of no pixels', smallJpeg({ widthPx: 0 }), /4000 pixels/],
    ['an edge too long', smallJpeg({ heightPx: 4001 }), /4000 pixels/],
    ['too many pixels', smallJpeg({ widthPx: 4000, heightPx: 3001 }), /12 million/],
  ])('is refused: %s', (_what, file, words) => {
    expect(() => clean(file)).toThrow(words);
  });
});
