import type { DieObservation } from '@round-mint/core/kit';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '@round-mint/core/size';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';

type Scale = (value: number) => number;

const MARGIN = { left: 64, right: 12, top: 12, bottom: 28 };

/** Half sizes between two diameters, mm. */
function halfSizesMm(fromMm: number, toMm: number): number[] {
  const { fromDiameterMm, toDiameterMm } = SIZE_SYSTEMS.us;
  const first = Math.ceil(fromDiameterMm(fromMm) * 2);
  const last = Math.floor(fromDiameterMm(toMm) * 2);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => toDiameterMm((first + i) / 2));
}

export interface ChartScale {
  readonly x: Scale;
  readonly y: Scale;
  readonly revealTicks: readonly number[];
  readonly sizeTicksMm: readonly number[];
  readonly box: {
    readonly left: number;
    readonly right: number;
    readonly top: number;
    readonly bottom: number;
  };
}

/** Reveal along from none, size up; everything seen and wanted in sight. */
export function chartScale(
  observations: readonly DieObservation[],
  want: Pick<DieObservation, 'reveal' | 'insideDiameterMm'> | undefined,
  width: number,
  height: number,
): ChartScale {
  const all = want ? [...observations, want] : observations;
  const most = Math.max(4, ...all.map(({ reveal }) => Math.ceil(reveal)));
  const sizes = all.map(({ insideDiameterMm }) => insideDiameterMm);
  const [low, high] = [Math.min(...sizes) - MM_PER_US_SIZE / 4, Math.max(...sizes) + MM_PER_US_SIZE / 4];
  const box = {
    left: MARGIN.left,
    right: width - MARGIN.right,
    top: MARGIN.top,
    bottom: height - MARGIN.bottom,
  };
  const every = most > 12 ? 4 : most > 6 ? 2 : 1;
  return {
    x: scaleLinear([0, most], [box.left, box.right]),
    y: scaleLinear([low, high], [box.bottom, box.top]),
    revealTicks: Array.from({ length: Math.floor(most / every) + 1 }, (_, i) => i * every),
    sizeTicksMm: halfSizesMm(low, high),
    box,
  };
}

export function curvePath(curve: readonly DieObservation[], x: Scale, y: Scale): string {
  return (
    line<DieObservation>()
      .x(({ reveal }) => x(reveal))
      .y(({ insideDiameterMm }) => y(insideDiameterMm))([...curve]) ?? ''
  );
}
