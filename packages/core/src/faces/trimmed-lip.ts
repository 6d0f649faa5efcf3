import { DEFAULT_TRAITS, type BenchTraits, type RouteStep } from '../steps';

/**
 * How far down from the rim edge the trimmed lip reaches along the wall, mm; nothing where no step trims it. A file or a
 * deburring tool leaves a slope of 45°: as tall as the lip was deep, which is half of what the trim opens the ring by.
 */
export function trimmedLipMm(
  steps: readonly Pick<RouteStep, 'kind'>[],
  { trimGainMm }: Pick<BenchTraits, 'trimGainMm'> = DEFAULT_TRAITS,
): number {
  return steps.some(({ kind }) => kind === 'trim') ? trimGainMm / 2 : 0;
}
