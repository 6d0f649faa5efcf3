import { checkedJpeg } from './jpeg';

const base64 = (...bytes: number[]) => Buffer.from(bytes).toString('base64');

describe('a JPEG from the app', () => {
  it('may hold segments about the picture, up to where the picture begins', () => {
    // SOI, APP0 of four bytes, start of scan.
    const file = base64(0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, 0xda, 0xff, 0xe1);
    expect([...checkedJpeg(file)]).toHaveLength(12);
  });

  it('must not hold the camera’s notes, wherever among the segments', () => {
    const first = base64(0xff, 0xd8, 0xff, 0xe1, 0, 4, 1, 2);
    const second = base64(0xff, 0xd8, 0xff, 0xe0, 0, 4, 1, 2, 0xff, 0xe1, 0, 4, 1, 2);
    expect(() => checkedJpeg(first)).toThrow(/camera’s notes/);
    expect(() => checkedJpeg(second)).toThrow(/camera’s notes/);
  });

  it('may be cut off in the middle of a segment’s head', () => {
    expect([...checkedJpeg(base64(0xff, 0xd8, 0xff, 0xe0, 0))]).toHaveLength(5);
  });

  it('has to be one', () => {
    expect(() => checkedJpeg(base64(0x89, 0x50, 0x4e, 0x47))).toThrow(/must be a JPEG/);
  });
});
