import type { Ellipse, PicturePoint } from './ellipse';
import type { FoundOutline } from './find-outline';

/** An ellipse of one picture in another that is so many times as large. */
export function scaled({ majorDeg, ...ellipse }: Ellipse, by: number): Ellipse {
  // A pixel's middle is half a pixel from its corner, in the small picture and in the large one.
  const place = (at: number) => (at + 0.5) * by - 0.5;
  return {
    centreX: place(ellipse.centreX),
    centreY: place(ellipse.centreY),
    majorPx: ellipse.majorPx * by,
    minorPx: ellipse.minorPx * by,
    majorDeg,
  };
}

/** An outline of one picture in another that is so many times as large; its places are counted from the picture's corner. */
export function scaledOutline({ tip, end, outline, sure }: FoundOutline, by: number): FoundOutline {
  const place = ({ x, y }: PicturePoint): PicturePoint => ({ x: x * by, y: y * by });
  return {
    tip: place(tip),
    end: place(end),
    outline: outline.map(({ share, leftPx, rightPx }) => ({
      share,
      leftPx: leftPx * by,
      rightPx: rightPx * by,
    })),
    sure,
  };
}
