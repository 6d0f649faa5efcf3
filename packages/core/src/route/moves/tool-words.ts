import { cutEdge, DEFAULT_FOLD_ANGLE_DEG, rimEdge } from '../../forming';
import { chooseReducingHole, chooseStretcher, stretcherEndsMm } from '../../kit';
import { counted, WALL_WORDS } from '../move-words';
import type { Goal, MoveWords } from './move';

/** Plate whose holes reduce a straight or leaning wall. */
export const PLATE_DEG = DEFAULT_FOLD_ANGLE_DEG;

/** What is said of a pull on the stretcher, or of a push into the plate. */
type Said = keyof typeof WALL_WORDS;

/** Words and tool of a pull on the stretcher. */
export function stretchWords(goal: Goal, said: Said): MoveWords {
  const { title, instruction } = WALL_WORDS[said];
  return {
    title: counted(title),
    instruction,
    tool: (before, after) =>
      chooseStretcher(goal.kit, cutEdge(before).insideDiameterMm, cutEdge(after).insideDiameterMm),
    handOverAtMm: stretcherEndsMm(goal.kit),
  };
}

/** Words and tool of a push into a hole of the reducing plate. */
export function reduceWords(goal: Goal, leading: 'rim' | 'both', said: Said, leavesLip = false): MoveWords {
  const { title, instruction } = WALL_WORDS[said];
  return {
    title: counted(title),
    instruction,
    leavesLip,
    tool: (_before, after) =>
      chooseReducingHole(goal.kit, rimEdge(after).outsideDiameterMm, PLATE_DEG, {
        kind: 'die',
        angleDeg: PLATE_DEG,
        leading,
      }),
  };
}
