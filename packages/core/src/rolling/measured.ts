import {
  barThicknessMm,
  barVolumeMm3,
  barWidthMm,
  rolledSectionMm2,
  spreadLog,
  WIRE_SPREAD,
  type Bar,
} from './bar';

/** A bar between two passes, by the calliper; width and length where they were measured too. */
export interface RolledReading {
  readonly thicknessMm: number;
  /** Over all. */
  readonly widthMm?: number | undefined;
  readonly lengthMm?: number | undefined;
}

/** A bar rolled to a thickness: width over all, section and length. */
export interface RolledShape {
  readonly widthMm: number;
  readonly sectionMm2: number;
  readonly lengthMm: number;
}

/**
 * What a bar is at a thickness: by the rule, and on from what was last measured of it where it was.
 * @param spread of this bench, against the rule
 */
export function rolledShape(
  bar: Bar,
  thicknessMm: number,
  spread = 1,
  read: RolledReading = { thicknessMm: barThicknessMm(bar) },
): RolledShape {
  const grown = (mm: number) => Math.exp(spread * spreadLog(bar, mm));
  const readWidthMm = read.widthMm ?? barWidthMm(bar) * grown(read.thicknessMm);
  const widthMm = readWidthMm * (grown(thicknessMm) / grown(read.thicknessMm));
  const sectionMm2 = rolledSectionMm2(bar, thicknessMm, widthMm);
  const volumeMm3 =
    read.lengthMm === undefined
      ? barVolumeMm3(bar)
      : read.lengthMm * rolledSectionMm2(bar, read.thicknessMm, readWidthMm);
  return { widthMm, sectionMm2, lengthMm: volumeMm3 / sectionMm2 };
}

/**
 * Round wire that is as wide as wanted when it is rolled to a thickness, mm: d = (w h^s)^(1/(1 + s)) from the spread
 * w = d (d/h)^s.
 */
export function wireForMm(widthMm: number, thicknessMm: number, spread = 1): number {
  const s = WIRE_SPREAD * spread;
  return (widthMm * thicknessMm ** s) ** (1 / (1 + s));
}

/** Metal neither comes nor goes between rolls: figures that make so much more or less of it are misread. */
const SAME_METAL = 0.08;
/** Rolls make nothing thicker; a calliper errs by so much, mm. */
const THICKER_MM = 0.05;

export type RolledDoubt =
  | { readonly code: 'thicker'; readonly byMm: number }
  /** Share by which the figures make more metal than there is; below nothing, less. */
  | { readonly code: 'other-volume'; readonly share: number };

/** What is strange about a reading; undefined where nothing is. @param fromMm thickness before the pass */
export function doubtRolled(bar: Bar, fromMm: number, read: RolledReading): RolledDoubt | undefined {
  const byMm = read.thicknessMm - fromMm;
  if (byMm > THICKER_MM) return { code: 'thicker', byMm };
  const { widthMm, lengthMm, thicknessMm } = read;
  if (widthMm === undefined || lengthMm === undefined) return undefined;
  const share = (rolledSectionMm2(bar, thicknessMm, widthMm) * lengthMm) / barVolumeMm3(bar) - 1;
  return Math.abs(share) > SAME_METAL ? { code: 'other-volume', share } : undefined;
}
