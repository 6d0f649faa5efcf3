import type { RouteStep } from '../steps';

/** A step as it is pinned: all it says, and of its wall both ends and the middle. For tests only. */
export function stepRecord({
  outline,
  lookFor: _lookFor,
  caution: _caution,
  waits: _waits,
  blank,
  ...step
}: RouteStep) {
  const ends = (values: readonly number[]) =>
    [0, (values.length - 1) / 2, values.length - 1].map((i) => values[i]);
  return {
    ...step,
    wall: {
      arcMm: outline.arcMm.at(-1),
      radiusMm: ends(outline.meanRadiusMm),
      thicknessMm: ends(outline.thicknessMm),
      leanDeg: ends(outline.leanDeg),
      strainLog: ends(outline.strainLog),
    },
    ...(blank ? { blank } : {}),
  };
}
