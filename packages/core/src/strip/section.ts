import { PROFILE_FILLS } from '../resize';
import type { STRIP_SECTIONS } from './codes';

export type StripSection = (typeof STRIP_SECTIONS)[number];

interface SectionShape {
  /** Share of width times thickness that is metal. */
  readonly fills: number;
  /** How high its middle lies over its inside, as a share of the thickness: what keeps its length in a bend. */
  readonly middle: number;
}

/** The centroid of a half circle lies 4/(3π) of its height up. */
const HALF_ROUND_MIDDLE = 4 / (3 * Math.PI);

export const SECTION_SHAPES: Readonly<Record<StripSection, SectionShape>> = {
  rect: { fills: 1, middle: 0.5 },
  round: { fills: Math.PI / 4, middle: 0.5 },
  d: { fills: PROFILE_FILLS.d, middle: HALF_ROUND_MIDDLE },
  court: { fills: PROFILE_FILLS.court, middle: 0.5 },
};
