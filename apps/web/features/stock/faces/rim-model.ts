import type { FacePicture } from '@round-mint/contract/stock-faces';
import { degToRad, radToDeg } from '@round-mint/core/numeric';
import { circle, tiltDeg, type Ellipse, type PicturePoint } from '@round-mint/core/photo';

/** The four handles on a rim: at the ends of its longest and of its shortest way across. */
export const HANDLES = ['long', 'short', 'long-far', 'short-far'] as const;
export type Handle = (typeof HANDLES)[number];

/** A circle in the middle of a picture: where nothing round was found. */
export function middleCircle(widthPx: number, heightPx: number): Ellipse {
  return circle({ x: widthPx / 2, y: heightPx / 2 }, Math.min(widthPx, heightPx) * 0.4);
}

function axisOf({ majorDeg }: Ellipse, handle: Handle): PicturePoint {
  const angle = degToRad(handle.startsWith('long') ? majorDeg : majorDeg + 90);
  const sign = handle.endsWith('far') ? -1 : 1;
  return { x: sign * Math.cos(angle), y: sign * Math.sin(angle) };
}

/** Where a handle is in the picture. */
export function handleAt(rim: Ellipse, handle: Handle): PicturePoint {
  const axis = axisOf(rim, handle);
  const far = handle.startsWith('long') ? rim.majorPx : rim.minorPx;
  return { x: rim.centreX + axis.x * far, y: rim.centreY + axis.y * far };
}

const LEAST_PX = 20;

/**
 * The rim after a handle was pulled somewhere: what lies across from it stays where it is. One of the longest way also
 * turns the rim; one of the shortest moves along its own way only.
 */
export function pulled(rim: Ellipse, handle: Handle, to: PicturePoint): Ellipse {
  const isLong = handle.startsWith('long');
  const axis = axisOf(rim, handle);
  const far = isLong ? rim.majorPx : rim.minorPx;
  const still = { x: rim.centreX - axis.x * far, y: rim.centreY - axis.y * far };
  const [right, down] = [to.x - still.x, to.y - still.y];
  if (!isLong) {
    const minorPx = Math.max(LEAST_PX, (right * axis.x + down * axis.y) / 2);
    return inOrder({
      ...rim,
      centreX: still.x + axis.x * minorPx,
      centreY: still.y + axis.y * minorPx,
      minorPx,
    });
  }
  const across = Math.max(2 * LEAST_PX, Math.hypot(right, down));
  const sign = handle.endsWith('far') ? -1 : 1;
  return inOrder({
    centreX: still.x + right / 2,
    centreY: still.y + down / 2,
    majorPx: across / 2,
    minorPx: rim.minorPx,
    majorDeg: radToDeg(Math.atan2(sign * down, sign * right)),
  });
}

/** The longest way across is the longer of the two. */
function inOrder(rim: Ellipse): Ellipse {
  if (rim.majorPx >= rim.minorPx) return rim;
  return { ...rim, majorPx: rim.minorPx, minorPx: rim.majorPx, majorDeg: rim.majorDeg + 90 };
}

/** Moves the whole rim. */
export function moved(rim: Ellipse, to: PicturePoint): Ellipse {
  return { ...rim, centreX: to.x, centreY: to.y };
}

/** Where 12 o'clock is on the rim, for a face turned by so much. */
export function topAt(rim: Ellipse, topDeg: number): PicturePoint {
  const angle = degToRad(topDeg);
  return { x: rim.centreX + rim.majorPx * Math.sin(angle), y: rim.centreY - rim.majorPx * Math.cos(angle) };
}

/** How far a face is turned whose 12 o'clock is somewhere, degrees clockwise. */
export function topDegOf(rim: Ellipse, at: PicturePoint): number {
  return radToDeg(Math.atan2(at.x - rim.centreX, rim.centreY - at.y));
}

/** A rim as the interface takes it. */
export function rimFields(rim: Ellipse, topDeg: number): Omit<FacePicture, 'base64'> {
  return {
    centreX: rim.centreX,
    centreY: rim.centreY,
    radius: rim.majorPx,
    tilt: { deg: Math.min(60, tiltDeg(rim)), longestDeg: rim.majorDeg % 360 },
    topDeg: topDeg % 360,
  };
}
