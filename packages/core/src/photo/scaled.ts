import type { Ellipse } from './ellipse';

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
