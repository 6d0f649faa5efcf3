import { OVER_STRETCH_MM } from './limits';

/**
 * How the wall is brought to its size (craft §3, finish the wall): stretched past it and reduced from both edges;
 * left tapered and swung upright on expansion cones; or taken straight to it and only trued.
 */
export const FINISHING_SCHOOLS = ['over-stretch', 'straighten', 'leave'] as const;
export type FinishingSchool = (typeof FINISHING_SCHOOLS)[number];

/** A maker names a school, or leaves it to what lacks no tool and stretches least. */
export type SchoolWish = FinishingSchool | 'best';

/**
 * Left out, the school that stretches past the size least and lacks no tool: a wall that touches all over is enough, and
 * stretching past it is a choice with its price in work and metal (craft §13).
 */
export const DEFAULT_SCHOOL: SchoolWish = 'best';

/** Rings that were begun before their school was kept with them were all over-stretched. */
export const SCHOOL_WHEN_UNKEPT: FinishingSchool = 'over-stretch';

/** How far past its size before the curl a school takes the ring at least, mm. */
export function leastOverStretchMm(school: SchoolWish = DEFAULT_SCHOOL): number {
  return school === 'over-stretch' ? OVER_STRETCH_MM.min : 0;
}
