import { DEFAULT_SCHOOL, type FinishingSchool, type SchoolWish } from './codes';
import { OVER_STRETCH_MM } from './limits';

/** Rings that were begun before their school was kept with them were all over-stretched. */
export const SCHOOL_WHEN_UNKEPT: FinishingSchool = 'over-stretch';

/** How far past its size before the curl a school takes the ring at least, mm. */
export function leastOverStretchMm(school: SchoolWish = DEFAULT_SCHOOL): number {
  return school === 'over-stretch' ? OVER_STRETCH_MM.min : 0;
}
