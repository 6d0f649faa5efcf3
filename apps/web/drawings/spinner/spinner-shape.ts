import type { SpinnerBlanks } from '@round-mint/core/strip';

interface Bands {
  readonly parts: SpinnerBlanks;
  readonly innerThicknessMm: number;
  readonly outerThicknessMm: number;
  readonly outerWidthMm: number;
}

type Corner = readonly [x: number, y: number];

/** Both walls in section, one side of the axis: x outward from the inside of the finger, y along it, mm. */
export interface SpinnerShape {
  readonly inner: readonly Corner[];
  readonly outer: readonly Corner[];
  readonly deepMm: number;
  readonly tallMm: number;
}

/** The part of the inner band's edge that leans out, mm. */
const LEAN_MM = 0.9;

/** The inner wall with its flared edges, and the outer one that turns between them. */
export function spinnerShape({
  parts,
  innerThicknessMm,
  outerThicknessMm,
  outerWidthMm,
}: Bands): SpinnerShape {
  const tall = parts.innerWidthMm;
  const { flareEachSideMm: lean } = parts;
  const clearance = (parts.outerInsideDiameterMm - parts.innerOutsideDiameterMm) / 2;
  const t = innerThicknessMm;
  const from = t + clearance;
  const to = from + outerThicknessMm;
  const low = (tall - outerWidthMm) / 2;
  const high = low + outerWidthMm;
  return {
    inner: [
      [lean, 0],
      [0, LEAN_MM],
      [0, tall - LEAN_MM],
      [lean, tall],
      [t + lean, tall],
      [t, tall - LEAN_MM],
      [t, LEAN_MM],
      [t + lean, 0],
    ],
    outer: [
      [from, low],
      [from, high],
      [to, high],
      [to, low],
    ],
    deepMm: Math.max(to, t + lean),
    tallMm: tall,
  };
}
