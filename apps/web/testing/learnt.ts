import type { LearntAnswer, LearntValueAnswer } from '@round-mint/contract/learnt';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';

/** The one ring that has taught something. */
export const FIRST_RING = '00000004-0000-4000-8000-000000000001';

/** A learnt angle of the 17° curl die. */
export function valueOf(change: Partial<LearntValueAnswer> = {}): LearntValueAnswer {
  return {
    key: 'curl-17',
    what: 'curl',
    of: '17°',
    value: 0.9,
    standard: 1,
    sigma: 0.02,
    rings: 23,
    sightings: 23,
    errorBefore: 0.2032,
    errorAfter: 0.0813,
    outliers: [],
    keptStandard: false,
    ...change,
  };
}

/** The server's word on what the log has taught. */
export function learntOf(...values: LearntValueAnswer[]): LearntAnswer {
  const traits: LearntAnswer['traits'] = { ...DEFAULT_TRAITS };
  const finishedAt = '2026-03-01T10:00:00.000Z';
  return {
    used: true,
    rings: 23,
    traits,
    values,
    dieCharts: [],
    toLearn: 0,
    outlierNames: {},
    widths: { rings: 23, modelShare: 0.014, rankedShare: 0.013, standardShare: 0.02 },
    calibration: [],
    course: [{ ringId: FIRST_RING, name: 'Edda’s band', finishedAt }],
  };
}
