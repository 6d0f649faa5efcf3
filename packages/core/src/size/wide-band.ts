import { wideBandWords } from './size-words';

/** A proposal to make a wide band a little larger: to accept or refuse, never added silently (craft §1). */
export interface WideBandAllowance {
  /** US sizes to add, never under 0. */
  readonly usSizes: number;
  readonly reason: string;
}

/** Band widths, mm, from which the next allowance in US sizes holds. */
const STEPS: readonly { readonly fromMm: number; readonly usSizes: number }[] = [
  { fromMm: 10, usSizes: 0.75 },
  { fromMm: 8, usSizes: 0.5 },
  { fromMm: 6, usSizes: 0.25 },
];
const ROUNDED_INSIDE_US = 0.25;

/**
 * How much larger a wide band should be than the finger's size.
 * @param roundedInside a rounded inside takes a quarter size off
 */
export function wideBandAllowance(bandWidthMm: number, roundedInside: boolean): WideBandAllowance {
  const step = STEPS.find(({ fromMm }) => bandWidthMm >= fromMm)?.usSizes ?? 0;
  const usSizes = Math.max(0, step - (roundedInside ? ROUNDED_INSIDE_US : 0));
  return { usSizes, reason: wideBandWords(bandWidthMm, usSizes > 0, roundedInside) };
}
