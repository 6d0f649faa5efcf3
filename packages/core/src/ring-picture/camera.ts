import { degToRad } from '../numeric';

/** How a ring is looked at: it lies on its cut edge, its axis upright. */
export interface RingView {
  readonly widthPx: number;
  readonly heightPx: number;
  /** How far the ring is turned about its axis: what was at the right comes to the front. */
  readonly turnDeg: number;
  /** How far from above it is looked at: 0 from the side, 90 from straight above. */
  readonly tiltDeg: number;
  /** 1 fits the ring into the picture. */
  readonly zoom?: number | undefined;
}

/** The camera stands so many of the ring's radii away: as a hand holds a ring to look at it. */
const AWAY = 6.5;
/** Of the picture, what the ring leaves free. */
const MARGIN = 0.075;

export type Vector = [x: number, y: number, z: number];

export interface Camera {
  /** From the ring's own place to one where x is right, y up, and z towards the camera. */
  readonly toView: (x: number, y: number, z: number, out: Vector) => void;
  /** From there to the picture; z becomes how near it is. */
  readonly toPicture: (x: number, y: number, z: number, out: Vector) => void;
  /** Where the sight through a place of the picture meets the ground; null above the horizon. */
  readonly groundAt: (pictureX: number, pictureY: number) => readonly [x: number, z: number] | null;
}

/** What has to be in the picture, mm. */
export interface Extent {
  readonly radiusMm: number;
  readonly heightMm: number;
  /** Something round that stands to the right of it, as one looks at it. */
  readonly beside?:
    { readonly rightMm: number; readonly radiusMm: number; readonly heightMm: number } | undefined;
}

const LOOKED_AT = 48;

/** How large a ring may be drawn so that all of it is in the picture, and how far its middle is moved down for that. */
function fitted(
  toView: Camera['toView'],
  { widthPx, heightPx, zoom = 1 }: RingView,
  { radiusMm, heightMm, beside }: Extent,
  awayMm: number,
): { readonly pxPerMm: number; readonly shift: number; readonly shiftRight: number } {
  const at: Vector = [0, 0, 0];
  let [left, right, low, high] = [Infinity, -Infinity, Infinity, -Infinity];
  const take = (reachMm: number, tallMm: number, asideMm: number) => {
    for (let i = 0; i < 2 * LOOKED_AT; i++) {
      const round = (Math.PI * i) / (LOOKED_AT / 2);
      const up = i < LOOKED_AT ? 0 : tallMm;
      toView(reachMm * Math.sin(round), up, reachMm * Math.cos(round), at);
      const scale = awayMm / (awayMm - at[2]);
      left = Math.min(left, (at[0] + asideMm) * scale);
      right = Math.max(right, (at[0] + asideMm) * scale);
      low = Math.min(low, at[1] * scale);
      high = Math.max(high, at[1] * scale);
    }
  };
  take(radiusMm, heightMm, 0);
  if (beside) take(beside.radiusMm, beside.heightMm, beside.rightMm);
  const free = 1 - 2 * MARGIN;
  const pxPerMm = zoom * Math.min((free * widthPx) / (right - left), (free * heightPx) / (high - low));
  return { pxPerMm, shift: (pxPerMm * (high + low)) / 2, shiftRight: (pxPerMm * (left + right)) / 2 };
}

/** A camera that has all of a ring in its picture. */
export function cameraOn(view: RingView, extent: Extent): Camera {
  const { radiusMm, heightMm, beside } = extent;
  const [turn, tilt] = [degToRad(view.turnDeg), degToRad(view.tiltDeg)];
  const [cosTurn, sinTurn] = [Math.cos(turn), Math.sin(turn)];
  const [cosTilt, sinTilt] = [Math.cos(tilt), Math.sin(tilt)];
  const awayMm = AWAY * Math.max(radiusMm, beside ? (beside.rightMm + beside.radiusMm) / 2 : 0);
  const middleUp = heightMm / 2;
  const toView = (x: number, y: number, z: number, out: Vector) => {
    const right = x * cosTurn - z * sinTurn;
    const front = x * sinTurn + z * cosTurn;
    out[0] = right;
    out[1] = (y - middleUp) * cosTilt - front * sinTilt;
    out[2] = (y - middleUp) * sinTilt + front * cosTilt;
  };
  const { pxPerMm, shift, shiftRight } = fitted(toView, view, extent, awayMm);
  const [middleX, middleY] = [view.widthPx / 2 - shiftRight, view.heightPx / 2];
  return {
    toView,
    toPicture: (x, y, z, out) => {
      const scale = (pxPerMm * awayMm) / (awayMm - z);
      out[0] = middleX + x * scale;
      out[1] = middleY - y * scale + shift;
      out[2] = 1 / (awayMm - z);
    },
    groundAt: (pictureX, pictureY) => {
      // From the camera through the picture's place, in the view; then back to the ring's own place.
      const rightPart = (pictureX - middleX) / (pxPerMm * awayMm);
      const upPart = (middleY - pictureY + shift) / (pxPerMm * awayMm);
      // A sight: [rightPart·t, upPart·t, awayMm − t]; its height above the ground falls evenly.
      const fall = sinTilt - upPart * cosTilt;
      if (fall <= 1e-6) return null;
      const far = (middleUp + awayMm * sinTilt) / fall;
      const front = (awayMm - far) * cosTilt - upPart * far * sinTilt;
      const right = rightPart * far;
      return [right * cosTurn + front * sinTurn, front * cosTurn - right * sinTurn];
    },
  };
}
