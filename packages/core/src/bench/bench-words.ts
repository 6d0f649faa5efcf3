import { COMFORTABLE_CUT_EDGE_MM } from '../forming';
import { capital } from '../format';
import type { RouteStep } from '../steps';

/** What the bench says of a ring. Sizes and amounts are written in the maker's own system. */
export const BENCH_WORDS = {
  /** Behind what comes next: what that takes the cut edge to. */
  thin: (cutEdgeMm: number) =>
    ` It takes the cut edge to ${cutEdgeMm.toFixed(2)} mm, under ${COMFORTABLE_CUT_EDGE_MM} mm.`,
  next: ({ title, tool }: Pick<RouteStep, 'title' | 'tool'>) =>
    ` Next: ${title.toLowerCase()}${tool ? `, ${tool}` : ''}.`,
  asPlanned: ' What is still to come brings it to its size.',
  otherHole: 'The hole is another than planned.',
  /** @param edge that is off; undefined where both are */
  off: (edge: string | undefined, amount: string, isLarger: boolean) =>
    `${edge === undefined ? 'It reads' : capital(edge)} ${amount} ${isLarger ? 'larger' : 'smaller'} than its mark.`,
  uneven: (edge: string, amount: string, by: 'reduce' | 'open') =>
    `${capital(edge)} ${amount} larger than the other: ${by === 'reduce' ? 'bring it down in the die, under cloth, a little at a time.' : 'tap the smaller edge up on the mandrel.'}`,
  stopAt: (isReadOnly: boolean, mark: string) =>
    `${isReadOnly ? 'The mandrel should read' : 'Stop when the mandrel reads'} ${mark}.`,
  toGo: (amount: string, strokes: string | undefined) =>
    `${amount} to go${strokes === undefined ? '' : `: ${strokes}`}.`,
  onMark: 'On the mark.',
  annealFirst: 'Anneal before it is formed further.',
  cannotSoften: 'It cannot be softened: stop here, or take the next larger former.',
  finished: 'Finished.',
  allDone: 'All steps are done: read it, measure it, finish it.',
  outOfReach: (size: string, nearest: string | undefined) =>
    `${size} is out of reach.${nearest === undefined ? '' : ` Nearest that is still possible: ${nearest}.`}`,
} as const;

/** What was changed of a ring in work. */
export const CHANGED_WORDS = {
  target: (size: string) => `Now to ${size}.`,
  wall: (kind: string | undefined) => `Now ${kind ?? 'another'} instead.`,
  style: 'Now with ends that meet.',
  skipped: 'A step was left out.',
} as const;
