import { cutEdge, DEFAULT_FOLD_ANGLE_DEG, rimEdge } from '../../forming';
import { chooseReducingHole, chooseStretcher, stretcherEndsMm } from '../../kit';
import { counted, type Goal, type MoveWords } from './move';

/** Plate whose holes reduce a straight or leaning wall. */
export const PLATE_DEG = DEFAULT_FOLD_ANGLE_DEG;

/** Words and tool of a pull on the stretcher. */
export function stretchWords(goal: Goal, title: string, instruction: string): MoveWords {
  return {
    title: counted(title),
    instruction,
    tool: (before, after) =>
      chooseStretcher(goal.kit, cutEdge(before).insideDiameterMm, cutEdge(after).insideDiameterMm),
    handOverAtMm: stretcherEndsMm(goal.kit),
  };
}

/** Words and tool of a push into a hole of the reducing plate. */
export function reduceWords(
  goal: Goal,
  leading: 'rim' | 'both',
  words: Pick<MoveWords, 'title' | 'instruction' | 'leavesLip'>,
): MoveWords {
  return {
    ...words,
    tool: (_before, after) =>
      chooseReducingHole(goal.kit, rimEdge(after).outsideDiameterMm, PLATE_DEG, {
        kind: 'die',
        angleDeg: PLATE_DEG,
        leading,
      }),
  };
}
