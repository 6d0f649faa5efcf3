import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { Bin } from '@round-mint/core/uncertainty';
import { scaleLinear } from 'd3-scale';
import { area, curveMonotoneX } from 'd3-shape';

type Scale = (value: number) => number;

/** Half a size either way is always in sight. */
const LEAST_REACH_MM = MM_PER_US_SIZE / 2;
const TOP = 12;
const SIDE = 10;

/** Sizes along, the target in the middle; counts up. */
export function spreadScale(
  bins: readonly Bin[],
  targetMm: number,
  width: number,
  base: number,
): { readonly x: Scale; readonly y: Scale } {
  const off = bins.flatMap(({ from, to }) => [Math.abs(from - targetMm), Math.abs(to - targetMm)]);
  const reach = Math.max(LEAST_REACH_MM, ...off);
  const most = Math.max(1, ...bins.map(({ count }) => count));
  return {
    x: scaleLinear([targetMm - reach, targetMm + reach], [SIDE, width - SIDE]),
    y: scaleLinear([0, most], [base, TOP]),
  };
}

/** The hill over the bins as a closed path. */
export function spreadPath(bins: readonly Bin[], x: Scale, y: Scale, base: number): string {
  const [first, last] = [bins[0], bins.at(-1)];
  if (!first || !last) return '';
  const points = [
    { mm: first.from, count: 0 },
    ...bins.map(({ from, to, count }) => ({ mm: (from + to) / 2, count })),
    { mm: last.to, count: 0 },
  ];
  return (
    area<(typeof points)[number]>()
      .x(({ mm }) => x(mm))
      .y0(base)
      .y1(({ count }) => y(count))
      .curve(curveMonotoneX)(points) ?? ''
  );
}
