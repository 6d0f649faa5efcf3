import { MM_PER_US_SIZE } from '../size';

/** Rim compression that folding and reducing dies alone can do (craft §3, default). */
export const FOLD_RIM_STRAIN_LIMIT = -0.47;
/** Rim compression that tape-wrapped stepped reduction can do (craft §3, default). */
export const STEPPED_RIM_STRAIN_LIMIT = -0.7;
/** Thinnest comfortable, strong cut edge, mm (craft §3, default): a maker may go below it. */
export const COMFORTABLE_CUT_EDGE_MM = 0.9;
/** An edge under this cuts the finger and tears on the stretcher, mm (our assumption): nobody goes below it. */
export const SHARP_CUT_EDGE_MM = 0.5;
/** The band is stretched past its size by this much before it is reduced, mm: 1½ US sizes at least, 3 at most. */
export const OVER_STRETCH_MM = { min: 1.5 * MM_PER_US_SIZE, max: 3 * MM_PER_US_SIZE } as const;
/** Reducing opens a lip inside the rim edge; trimming it raises the reading by 0.4 US size (craft §3, default). */
export const TRIM_GAIN_MM = 0.4 * MM_PER_US_SIZE;
/** Narrowest land that a punch leaves whole enough to fold, mm. */
export const NARROWEST_LAND_MM = 2;

/** How a coin becomes the ring asked for. */
export type FormingMethod = 'fold' | 'stepped' | 'none';

/** The method that a finished rim strain calls for. */
export function methodForRimStrain(strainRimEdge: number): FormingMethod {
  if (strainRimEdge >= FOLD_RIM_STRAIN_LIMIT) return 'fold';
  return strainRimEdge >= STEPPED_RIM_STRAIN_LIMIT ? 'stepped' : 'none';
}
