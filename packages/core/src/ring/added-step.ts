import { stepDefaults, stillStep, type RouteStep, type StepKind } from '../steps';
import { expectedReading } from './expected-reading';

/** What a step is called that the maker puts in. */
const TITLES: Readonly<Record<StepKind, string>> = {
  cut: 'Punch the hole',
  deburr: 'Deburr it again',
  anneal: 'Anneal once more',
  fold: 'Fold a little further',
  flatten: 'Press it level',
  stretch: 'A touch with the stretcher',
  reduce: 'A touch in the die',
  stepped: 'A pass under tape',
  straighten: 'A touch on cone and lid',
  curl: 'Turn the edges in a little',
  trim: 'Trim the lip',
  'true-up': 'True up',
  read: 'Read it',
  sand: 'Sand it',
  pickle: 'Pickle it',
  patina: 'Darken it',
  plate: 'Line it',
  polish: 'Polish it',
  bend: 'Bend it a little further',
  close: 'Close it a little further',
  solder: 'Solder it',
  roll: 'A pass through the rolls',
  saw: 'Saw it',
  file: 'File it',
  assemble: 'Put it together',
};

/** Steps after which a ring is read. */
const READ: readonly StepKind[] = ['stretch', 'reduce', 'straighten', 'curl', 'true-up', 'read'];

/**
 * A step that the maker puts into a route: of no size of its own, so that what it does is told by a reading.
 * @param before the step it follows; left out, the first of the route comes after it
 * @param first the route's first step, for how the piece stands before it
 */
export function addedStep(kind: StepKind, before: RouteStep | undefined, first: RouteStep): RouteStep {
  const { handsOnMin, waitMin, lookFor, caution, waits } = stepDefaults(kind);
  const standing = before ?? { ...first, after: first.before };
  const added = stillStep(standing, {
    kind,
    title: TITLES[kind],
    instruction: 'Put in at the bench. A little at a time, then look.',
    lookFor,
    handsOnMin,
    waitMin,
    ...(caution ? { caution } : {}),
    ...(waits ? { waits } : {}),
  });
  if (kind === 'roll' && before?.rolling) {
    const { toMm } = before.rolling;
    return { ...added, rolling: { ...before.rolling, fromMm: toMm } };
  }
  return before && READ.includes(kind) ? { ...added, reading: expectedReading(before) } : added;
}
