import type { Finish } from '../steps';
import { planWork, type WorkBench, type WorkPlan } from '../work';
import type { Attempt, WayPiece } from './way';

/** What is wanted of an attempt. */
export interface AttemptWish {
  readonly targetInsideDiameterMm: number;
  readonly finish: Finish;
}

/** The plan of an attempt; undefined where the piece cannot become it. */
export function planAttempt(
  piece: WayPiece,
  { work, other }: Attempt,
  { targetInsideDiameterMm, finish }: AttemptWish,
  bench: WorkBench,
): WorkPlan | undefined {
  try {
    const plan = planWork({ work, piece, targetInsideDiameterMm, finish, other }, bench, piece.may);
    return plan.feasible ? plan : undefined;
  } catch (error) {
    // Measures that no ring of this kind can have.
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}
