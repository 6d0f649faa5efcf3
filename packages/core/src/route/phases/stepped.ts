import { closedTo, DEFAULT_TAPER_DEG, straightWall, taperedWall, type Meridian } from '../../forming';
import type { Phase } from '../passes';
import { mix } from './mix';
import { straightAtRimMm } from './straight-at';

/**
 * One pusher under tape brings the rim in; the last one fills the ring and leaves it straight (craft §5). Always
 * annealed before: the tape hides what the metal says.
 * @param last whether this pusher fills the ring from edge to edge
 */
export function pusherPhase(funnel: Meridian, insideDiameterMm: number, last: boolean): Phase {
  const from = straightAtRimMm(funnel);
  return {
    kind: 'stepped',
    blow: 'tape',
    annealFirst: true,
    shapesAt: (progress, start) =>
      progress < 1 || !last
        ? [closedTo(straightWall(mix(from, insideDiameterMm, progress)), start)]
        : [straightWall(insideDiameterMm)],
  };
}

/** Stepped reduction of a funnel that keeps its lean: the rim comes in to the finished taper. */
export function steppedTaperPhase(opened: Meridian, cutInsideMm: number): Phase {
  const from = cutInsideMm + Math.max(0, straightAtRimMm(opened) - cutInsideMm);
  return {
    kind: 'stepped',
    blow: 'tape',
    annealFirst: true,
    shapesAt: (progress, start) => [
      closedTo(taperedWall(mix(from, cutInsideMm, progress), DEFAULT_TAPER_DEG), start),
    ],
  };
}
