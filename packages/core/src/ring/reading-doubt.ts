import { MM_PER_US_SIZE, type EdgeDiameters, type MandrelReading } from '../size';
import type { RouteStep, StepKind } from '../steps';

/** A reading that can hardly be, and by how much. */
export interface ReadingDoubt {
  readonly code: 'rim-past-coin' | 'rim-grew' | 'size-jumped';
  readonly edge: 'rim' | 'cut';
  /** US sizes. */
  readonly byUs: number;
}

/** Steps that open a ring; under all others the rim can only come in. */
const OPENING: readonly StepKind[] = ['stretch', 'straighten', 'trim', 'true-up', 'read', 'bend', 'close'];
/** A misread of a quarter size is nothing to ask about. */
const ROUNDING_US = 0.3;
/** Further than this outside of where the step begins and ends is more than a slip of the hand, US sizes. */
const JUMP_US = 2;

/**
 * Whether a reading contradicts what metal does: then the maker is asked once before it is kept.
 * @param edges where the edges stood before
 * @param read both ways round, at the leading edge
 */
export function doubtReading(
  step: RouteStep,
  edges: EdgeDiameters,
  read: MandrelReading,
  coinDiameterMm: number,
): ReadingDoubt | undefined {
  const rimThicknessMm = step.outline.thicknessMm.at(-1) ?? 0;
  const pastCoinUs = (read.rimDownMm + 2 * rimThicknessMm - coinDiameterMm) / MM_PER_US_SIZE;
  if (pastCoinUs > ROUNDING_US) return { code: 'rim-past-coin', edge: 'rim', byUs: pastCoinUs };
  const grownUs = (read.rimDownMm - edges.rimInsideDiameterMm) / MM_PER_US_SIZE;
  if (!OPENING.includes(step.kind) && grownUs > ROUNDING_US)
    return { code: 'rim-grew', edge: 'rim', byUs: grownUs };
  const sides = [
    {
      edge: 'rim',
      readMm: read.rimDownMm,
      ends: [edges.rimInsideDiameterMm, step.after.rimInsideDiameterMm],
    },
    {
      edge: 'cut',
      readMm: read.cutDownMm,
      ends: [edges.cutInsideDiameterMm, step.after.cutInsideDiameterMm],
    },
  ] as const;
  for (const { edge, readMm, ends } of sides) {
    // What the mandrel reads of the larger edge is held back by the smaller one: only past the ends is a jump.
    const overUs = (readMm - Math.max(...ends)) / MM_PER_US_SIZE;
    const underUs =
      (Math.min(...ends, edges.cutInsideDiameterMm, step.after.cutInsideDiameterMm) - readMm) /
      MM_PER_US_SIZE;
    const byUs = Math.max(overUs, underUs);
    if (byUs > JUMP_US) return { code: 'size-jumped', edge, byUs };
  }
  return undefined;
}
