import { angleOnFace, faceMap, type FaceTurn, wallLineOfOutline } from '../faces';
import { degToRad } from '../numeric';
import type { RgbaImage } from '../photo/grey-image';
import type { WallOutline } from '../steps';
import { heightAt, type Relief } from './relief';
import { lookAt, newSpot, type RingLook } from './surface';

/** One side of a band, laid flat: its rim edge above, the top of the outside face in its middle. */
export interface BandScene {
  readonly outline: WallOutline;
  readonly side: 'outside' | 'inside';
  readonly relief: Relief;
  readonly faceRadiusMm: number;
  readonly turn: FaceTurn;
  readonly look: RingLook;
  /** How much is trimmed away below the rim edge, mm. */
  readonly lipMm: number;
}

/** What a band measures when it is laid flat: a tapered one as it is half-way up. */
export interface BandSize {
  readonly widthMm: number;
  readonly lengthMm: number;
}

export function bandSize({ outline, side }: Pick<BandScene, 'outline' | 'side'>): BandSize {
  const map = faceMap(wallLineOfOutline(outline), { side });
  const middle = map.toFace({ heightMm: map.widthMm / 2, roundMm: 0 });
  return {
    widthMm: map.widthMm,
    lengthMm: 2 * Math.PI * map.bandRadiusMm(middle?.radiusMm ?? map.rimRadiusMm),
  };
}

const NEXT = 1 / 420;
/** Light from above left, and how much slopes change it. */
const LIGHT = { even: 0.84, up: 0.018, left: 0.012 } as const;
const PALE = 0.45;
const SLICE_ROWS = 16;

/**
 * A band's side as a picture, to scale; each slice yields its progress, 0 to 1. What is trimmed away is pale.
 * @param pxPerMm of the picture
 */
export function* bandPicture(scene: BandScene, pxPerMm: number): Generator<number, RgbaImage> {
  const { outline, side, relief, faceRadiusMm, turn, look, lipMm } = scene;
  const map = faceMap(wallLineOfOutline(outline), { side, lipMm });
  const { widthMm, lengthMm } = bandSize(scene);
  const [widthPx, heightPx] = [Math.round(lengthMm * pxPerMm), Math.max(1, Math.round(widthMm * pxPerMm))];
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  const spot = newSpot();
  const high = (far: number, angle: number) => heightAt(relief, far * Math.sin(angle), far * Math.cos(angle));
  for (let row = 0; row < heightPx; row++) {
    if (row % SLICE_ROWS === 0) yield row / heightPx;
    const heightMm = widthMm * (1 - (row + 0.5) / heightPx);
    const faceMm = map.toFace({ heightMm, roundMm: 0 })?.radiusMm ?? 0;
    const far = faceMm / faceRadiusMm;
    const seen = heightMm > widthMm - lipMm ? PALE : 1;
    for (let column = 0; column < widthPx; column++) {
      const toTheRight = degToRad(360 * ((column + 0.5) / widthPx - 0.5));
      // Looked at from inside, the band runs the other way round.
      const angle = angleOnFace(side === 'inside' ? -toTheRight : toTheRight, side, turn);
      const height = high(far, angle);
      const up = (high(far + NEXT, angle) - high(far - NEXT, angle)) / (2 * NEXT);
      const right = (high(far, angle + NEXT / far) - high(far, angle - NEXT / far)) / (2 * NEXT);
      lookAt(look, side, height, far * Math.sin(angle), far * Math.cos(angle), spot);
      const slope = Math.max(-0.4, Math.min(0.5, LIGHT.left * right - LIGHT.up * up));
      const light = (LIGHT.even + slope) * (0.84 + 0.24 * height);
      const at = 4 * (row * widthPx + column);
      for (let i = 0; i < 3; i++) rgba[at + i] = 255 * (spot.colour[i] ?? 0) * light;
      rgba[at + 3] = 255 * seen;
    }
  }
  return { widthPx, heightPx, rgba };
}
