import { TRIM_GAIN_MM } from '../forming';
import type { DieChart } from '../kit';
import { type BenchTraits, DEFAULT_TRAITS } from '../steps';
import { courseOf, type CoursePoint } from './course';
import { joinedCharts } from './die-sightings';
import { elasticValues } from './elastic-values';
import type { Lesson } from './lesson';
import { lossValues } from './losses';
import { calibrations, widenedBy, type Calibration } from './calibration';
import { sinceRenewed, type Renewal } from './renewed';
import type { Sighting } from './sighting';
import { wallSightings, wallValues } from './wall-values';
import { widthSpreadOf, type WidthsHere } from './width-spread';
import { traitsOf } from './traits';
import {
  allowanceValues,
  minuteValues,
  notBelowNothing,
  PULL,
  sightingsBy,
  sightingsIn,
  valueOf,
  type LearntValue,
} from './values';

/** The course shows so many of the latest rings. */
const MOST_IN_COURSE = 200;

export interface Learnt {
  /** Rings that taught it. */
  readonly rings: number;
  readonly traits: BenchTraits;
  readonly values: readonly LearntValue[];
  /** How wide widths lie about their plans here. */
  readonly widths: WidthsHere;
  /** How often forecasts came true. */
  readonly calibration: readonly Calibration[];
  /** Of the latest rings. */
  readonly course: readonly CoursePoint[];
  /** Names of the rings that lie far from all others, by their ids. */
  readonly outlierNames: Readonly<Record<string, string>>;
  /** What pushers were seen to give, by readings that told their reveal. */
  readonly dieCharts: readonly DieChart[];
}

/** A bench that no ring has taught anything of. */
export const NOTHING_LEARNT: Learnt = {
  rings: 0,
  traits: DEFAULT_TRAITS,
  values: [],
  widths: widthSpreadOf([], 1).here,
  calibration: [],
  course: [],
  outlierNames: {},
  dieCharts: [],
};

function namesOf(lessons: readonly Lesson[], values: readonly LearntValue[]): Learnt['outlierNames'] {
  const outliers = new Set(values.flatMap((value) => value.outliers));
  return Object.fromEntries(
    lessons.filter(({ ringId }) => outliers.has(ringId)).map(({ ringId, name }) => [ringId, name]),
  );
}

/**
 * What the lessons of finished rings come to (craft §9): as much work as there are lessons, and no simulation.
 * @param unordered one of each ring, in any order
 * @param keptStandard keys of values that the maker wants at their defaults
 * @param renewals tools that were replaced: of them, only later rings teach
 */
export function learnFromLessons(
  unordered: readonly Lesson[],
  keptStandard: readonly string[] = [],
  renewals: readonly Renewal[] = [],
): Learnt {
  const all = [...sinceRenewed(unordered, renewals)].sort((a, b) => a.finishedAt.localeCompare(b.finishedAt));
  const lessons = all.filter(({ isLost }) => !isLost);
  const kept = new Set(keptStandard);
  const curls = sightingsBy(lessons, (lesson) => lesson.curls);
  const curlValues = [...curls].flatMap(([angle, sightings]) => {
    const name = { key: `curl-${angle}`, what: 'curl', of: `${angle}°` } as const;
    return valueOf(name, 1, sightings, PULL.curl, kept) ?? [];
  });
  const folds = sightingsBy(lessons, (lesson) => lesson.folds);
  const foldValues = [...folds].flatMap(([die, sightings]) => {
    const [angle, smallEnd] = die.split('-');
    const name = { key: `fold-${die}`, what: 'fold', of: `${angle}° die, ${smallEnd} mm` } as const;
    return valueOf(name, 0, sightings, PULL.foldMm, kept) ?? [];
  });
  // The wall a ring is walked to has the curl that its dies really gave: then only share and bench are left to explain it.
  const walls = wallSightings(lessons, traitsOf(curlValues).curlGain);
  const wall = wallValues(walls, kept);
  const trims = sightingsIn(lessons, (lesson) => lesson.trims);
  const trim = valueOf({ key: 'trim', what: 'trim' }, TRIM_GAIN_MM, trims, PULL.trimMm, kept);
  const spread = valueOf(
    { key: 'spread', what: 'spread' },
    DEFAULT_TRAITS.spreadFactor,
    sightingsIn(lessons, (lesson) => lesson.spread),
    PULL.spread,
    kept,
  );
  const values = [
    ...wall.values,
    ...(trim ? [trim] : []),
    ...curlValues,
    ...foldValues,
    ...elasticValues(lessons, kept),
    ...(spread ? [notBelowNothing(spread)] : []),
    ...allowanceValues(all, kept),
    ...lossValues(all, kept),
    ...minuteValues(lessons, kept),
  ];
  const forecasts = lessons.flatMap((lesson) => lesson.forecasts);
  const { spread: widthSpread, here } = widthSpreadOf(wall.widthOffs, widenedBy(forecasts));
  const toSize = (sightings: readonly Sighting[], pullSigma: number) =>
    ({ sightings, pullSigma, to: 'size' }) as const;
  const series = [
    { sightings: walls, pullSigma: PULL.share, to: 'wall' } as const,
    toSize(trims, PULL.trimMm),
    ...[...curls.values()].map((sightings) => toSize(sightings, PULL.curl)),
    ...[...folds.values()].map((sightings) => toSize(sightings, PULL.foldMm)),
  ];
  return {
    rings: lessons.length,
    traits: traitsOf(values, widthSpread),
    widths: here,
    calibration: calibrations(forecasts),
    values,
    course: courseOf(lessons, series, MOST_IN_COURSE),
    outlierNames: namesOf(lessons, values),
    dieCharts: joinedCharts(lessons.flatMap((lesson) => lesson.dieCharts)),
  };
}
