import { halfWidthAt, profileOf, USUAL_WIDTH_MM, type Profile, type Station } from '../handle';
import { smoothStep } from '../numeric';
import type { RgbaImage } from '../photo/grey-image';
import { lit, type Colour } from './lit';

/** What is struck on a handle: waves along it, or a twisted edge round it, both dying out towards the neck. */
export const HANDLE_PATTERNS = ['waves', 'rope'] as const;
export type HandlePattern = (typeof HANDLE_PATTERNS)[number];

/** A made-up handle, as it is seen from above. */
export interface HandleDesign {
  readonly pattern: HandlePattern;
  /** Along the handle, and across it. */
  readonly stations: readonly Station[];
}

/** Its tip is rounded over so much, mm. */
const TIP_MM = 7;
/** A drawing is wider than the handle by so much on both sides, mm. */
export const HANDLE_MARGIN_MM = 2;

/** Half the width of a made-up handle at a place along it, mm. */
export function halfWidthMm({ stations }: HandleDesign, atMm: number): number {
  return tippedHalfMm(profileOf(stations), atMm);
}

function tippedHalfMm(profile: Profile, atMm: number): number {
  const toTip = Math.min(1, Math.max(0, atMm / TIP_MM));
  return halfWidthAt(profile, atMm) * Math.sqrt(1 - (1 - toTip) ** 2);
}

/** A ridge so wide, mm, at a distance from its middle: 1 on top. */
const ridge = (offMm: number, wideMm: number): number =>
  1 - smoothStep(wideMm / 2 - 0.15, wideMm / 2 + 0.15, Math.abs(offMm));

/** How high a place of a handle stands above its plain surface, 0 to 1. @param acrossMm from its middle line */
function heightOn(
  design: HandleDesign,
  lengthMm: number,
  atMm: number,
  acrossMm: number,
  halfMm: number,
): number {
  const fromEdge = halfMm - Math.abs(acrossMm);
  // The pattern is rich by the tip and ends where the neck begins.
  const rich = 1 - smoothStep(0.3, 0.42, atMm / lengthMm);
  const thread = 0.75 * ridge(fromEdge - 1.1, 0.45) * (1 - smoothStep(0.75, 0.9, atMm / lengthMm));
  if (design.pattern === 'rope') {
    const turns = Math.cos((2 * Math.PI * (atMm + Math.sign(acrossMm) * acrossMm * 0.9)) / 2.1);
    const rope = (1 - smoothStep(1, 1.5, fromEdge)) * (0.55 + 0.45 * turns);
    const drop = ridge(Math.hypot((atMm - 15) / 1.9, acrossMm) - 2.6, 1.1);
    const leaf =
      ridge(Math.abs(acrossMm) - 2.2 * Math.sin(Math.PI * smoothStep(20, 40, atMm)), 0.7) *
      smoothStep(20, 22, atMm) *
      (1 - smoothStep(38, 40, atMm));
    return Math.max(rope * (0.35 + 0.65 * rich), rich * drop, rich * leaf);
  }
  const wave = (phase: number, amplitude: number) =>
    ridge(acrossMm - amplitude * halfMm * Math.sin((2 * Math.PI * atMm) / 13 + phase), 0.9);
  return Math.max(
    thread,
    rich * wave(0, 0.42),
    rich * wave(Math.PI, 0.42),
    rich * 0.7 * wave(Math.PI / 2, 0.2),
  );
}

/**
 * A made-up handle as it is photographed from straight above, its tip at the left; see-through beside it.
 * @param pxPerMm of the picture, which is wider than the handle by {@link HANDLE_MARGIN_MM} on both sides
 */
export function drawHandle(design: HandleDesign, pxPerMm: number, metal: Colour): RgbaImage {
  const { stations } = design;
  const profile = profileOf(stations);
  const { lengthMm } = profile;
  const widestMm = Math.max(...stations.map(({ widthMm = USUAL_WIDTH_MM }) => widthMm));
  const widthPx = Math.round(lengthMm * pxPerMm);
  const heightPx = Math.round((widestMm + 2 * HANDLE_MARGIN_MM) * pxPerMm);
  const height = new Float32Array(widthPx * heightPx);
  const isOn = new Uint8Array(widthPx * heightPx);
  for (let column = 0; column < widthPx; column++) {
    const atMm = (column + 0.5) / pxPerMm;
    const halfMm = tippedHalfMm(profile, atMm);
    for (let row = 0; row < heightPx; row++) {
      const acrossMm = (heightPx / 2 - row - 0.5) / pxPerMm;
      if (Math.abs(acrossMm) > halfMm) continue;
      isOn[row * widthPx + column] = 1;
      height[row * widthPx + column] = heightOn(design, lengthMm, atMm, acrossMm, halfMm);
    }
  }
  return lit({ widthPx, heightPx, height, isOn, slope: 0.05 * pxPerMm }, metal);
}
