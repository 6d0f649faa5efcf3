/** Curls that dies and dapping blocks make, degrees. */
export const CURL_RANGE_DEG = { min: 5, max: 45 } as const;

export const FEWEST_LAND_READINGS = 4;

/**
 * How the wall is brought to its size (craft §3, finish the wall): stretched past it and reduced from both edges;
 * left tapered and swung upright on expansion cones; or taken straight to it and only trued.
 */
export const FINISHING_SCHOOLS = ['over-stretch', 'straighten', 'leave'] as const;
export type FinishingSchool = (typeof FINISHING_SCHOOLS)[number];

/** A maker names a school, or leaves it to what lacks no tool and stretches least. */
export type SchoolWish = FinishingSchool | 'best';

/** How far edges are turned in, as makers say it. */
export const PUSH_DEPTHS = ['light', 'half', 'full'] as const;
export type PushDepth = (typeof PUSH_DEPTHS)[number];

/** How a rounded wall is made: both edges pushed to a depth, one after the other, into a cone or a hollow. */
export type CurlWish = { readonly depth: PushDepth } & (
  | { readonly dieAngleDeg: number; readonly hollowRadiusMm?: undefined }
  | { readonly hollowRadiusMm: number; readonly dieAngleDeg?: undefined }
);

export const WALL_KINDS = ['straight', 'rounded', 'tapered'] as const;

/**
 * Left out, the school that stretches past the size least and lacks no tool: a wall that touches all over is enough, and
 * stretching past it is a choice with its price in work and metal (craft §13).
 */
export const DEFAULT_SCHOOL: SchoolWish = 'best';

/** What most makers do when nothing else is asked for. */
export const USUAL_CURL: CurlWish = { dieAngleDeg: 25, depth: 'half' };
