import { stripBlank, type StripBand } from './strip-blank';

/** Blank lengths by size and thickness: what hangs beside the saw. */
export interface LengthChart {
  readonly thicknessesMm: readonly number[];
  readonly rows: readonly { readonly insideDiameterMm: number; readonly lengthsMm: readonly number[] }[];
}

export function lengthChart(
  insideDiametersMm: readonly number[],
  thicknessesMm: readonly number[],
  { seamMm, textured, section }: Pick<StripBand, 'seamMm' | 'textured' | 'section'> = {},
): LengthChart {
  return {
    thicknessesMm,
    rows: insideDiametersMm.map((insideDiameterMm) => ({
      insideDiameterMm,
      lengthsMm: thicknessesMm.map(
        (thicknessMm) => stripBlank({ insideDiameterMm, thicknessMm, section, seamMm, textured }).lengthMm,
      ),
    })),
  };
}
