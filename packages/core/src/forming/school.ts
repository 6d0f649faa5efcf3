import { OVER_STRETCH_MM } from './limits';

/**
 * How the wall is brought to its size (craft §3, finish the wall): stretched past it and reduced from both edges;
 * left tapered and swung upright on expansion cones; or taken straight to it and only trued.
 */
export const FINISHING_SCHOOLS = ['over-stretch', 'straighten', 'leave'] as const;
export type FinishingSchool = (typeof FINISHING_SCHOOLS)[number];

/** A maker names a school, or lets the route search take whichever serves this ring best. */
export type SchoolWish = FinishingSchool | 'best';

/** The school that most makers learn first, and the one that the finite-element study followed. */
export const DEFAULT_SCHOOL: FinishingSchool = 'over-stretch';

/** How far past its size before the curl a school takes the ring at least, mm. */
export function leastOverStretchMm(school: SchoolWish = DEFAULT_SCHOOL): number {
  return school === 'over-stretch' ? OVER_STRETCH_MM.min : 0;
}
