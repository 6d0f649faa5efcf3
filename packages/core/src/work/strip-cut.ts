import { rollingSchedule, type Bar, type RollingPass } from '../rolling';
import { DEFAULT_TRAITS, type BenchTraits } from '../steps';
import { SECTION_SHAPES, stripBlank, type StripLength } from '../strip';
import { SAME_WIDTH_MM } from './joint-moves';
import type { StripPiece, StripWork } from './kinds';

/** Rolled ends come out uneven, and no bench spreads quite by the rule: so much more is cut off (default), as a share. */
export const ROLLED_SPARE = 0.05;
/** A strip this near the wanted thickness is taken as it is, mm. */
export const SAME_THICKNESS_MM = 0.03;

/** The strip as a bar between rolls. */
export function barOf({ section, thicknessMm, widthMm, lengthMm }: StripPiece): Bar {
  return section === 'round'
    ? { shape: 'round', diameterMm: thicknessMm, lengthMm }
    : { shape: 'rect', thicknessMm, widthMm, lengthMm };
}

/** What of a strip becomes a band, and how it gets there. */
export interface StripCut extends StripLength {
  readonly thicknessMm: number;
  /** As it comes, or as the rolls leave it. */
  readonly rolledWidthMm: number;
  /** Of the band, mm. */
  readonly widthMm: number;
  readonly sectionMm2: number;
  readonly passes: readonly RollingPass[];
  /** What is cut off the strip, before it is rolled, mm. */
  readonly usesMm: number;
  /** The same as a bar. */
  readonly bar: Bar;
}

interface StripQuestion {
  readonly work: StripWork;
  readonly piece: StripPiece;
  readonly targetInsideDiameterMm: number;
}

export function cutStrip(
  { work, piece, targetInsideDiameterMm }: StripQuestion,
  { spreadFactor: spread }: BenchTraits = DEFAULT_TRAITS,
): StripCut {
  const { section, metal } = piece;
  const wantedMm = work.rolledToMm ?? piece.thicknessMm;
  const rolls = wantedMm < piece.thicknessMm - SAME_THICKNESS_MM;
  // A millimetre of it, for the share that each takes of the length.
  const start = barOf({ ...piece, lengthMm: 1 });
  const passes = rolls ? rollingSchedule({ start, targetThicknessMm: wantedMm, metal, spread }) : [];
  const last = passes.at(-1);
  const thicknessMm = last?.thicknessMm ?? piece.thicknessMm;
  const blank = stripBlank({
    insideDiameterMm: targetInsideDiameterMm,
    thicknessMm,
    // Between flat rolls it comes out flat.
    section: last ? 'rect' : section,
    seamMm: work.seamMm,
    textured: work.textured,
  });
  const usesMm = last ? (blank.lengthMm * (1 + ROLLED_SPARE)) / last.lengthMm : blank.lengthMm;
  const rolledWidthMm = last?.overallWidthMm ?? piece.widthMm;
  const widthMm =
    work.widthMm !== undefined && rolledWidthMm > work.widthMm + SAME_WIDTH_MM ? work.widthMm : rolledWidthMm;
  const sectionMm2 = last
    ? last.thicknessMm * last.widthMm
    : piece.thicknessMm * piece.widthMm * SECTION_SHAPES[section].fills;
  return {
    ...blank,
    thicknessMm,
    rolledWidthMm,
    widthMm,
    sectionMm2: sectionMm2 * (widthMm / rolledWidthMm),
    passes: passes.map((pass) => ({ ...pass, lengthMm: pass.lengthMm * usesMm })),
    usesMm,
    bar: barOf({ ...piece, lengthMm: usesMm }),
  };
}
