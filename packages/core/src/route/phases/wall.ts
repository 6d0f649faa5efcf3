import { degToRad } from '../../numeric';
import {
  arcWidthMm,
  closedTo,
  DEFAULT_TAPER_DEG,
  finishedShape,
  mapMeridian,
  middleThicknessMm,
  openedTo,
  partWay,
  OVER_STRETCH_MM,
  sharesAlong,
  straightWall,
  taperedWall,
  stretcherWall,
  throatWall,
  wallCurlDropMm,
  type Meridian,
  type WallWish,
} from '../../forming';
import type { Phase } from '../passes';
import { mix } from './mix';
import { straightAtCutMm, straightAtRimMm } from './straight-at';

/**
 * Size to which the wall is stretched straight before it is reduced: where the fold left the rim, but 1½ to 3 US
 * sizes over the size wanted before the curl (craft §3, over-stretch and reduce).
 */
export function meetingDiameterMm(funnel: Meridian, beforeCurlMm: number): number {
  const { min, max } = OVER_STRETCH_MM;
  return Math.min(Math.max(straightAtRimMm(funnel), beforeCurlMm + min), beforeCurlMm + max);
}

/**
 * The rim edge alone pushed into a die until it is as small inside as asked; what is below stays.
 * @param last whether the whole wall is straight in the throat at the end, a hair of the cut edge's way included
 */
export function rimInPhase(
  funnel: Meridian,
  insideDiameterMm: number,
  angleDeg: number,
  last: boolean,
): Phase {
  const from = straightAtRimMm(funnel);
  return {
    kind: 'reduce',
    blow: 'throat',
    // The throat takes in as much of the wall as stands out of it: the whole of it does no harm to the rest.
    shapesAt: (progress, start) =>
      progress < 1 || !last
        ? [closedTo(throatWall('rim', mix(from, insideDiameterMm, progress), angleDeg, 1), start)]
        : [straightWall(insideDiameterMm)],
  };
}

/**
 * The stretcher opens the cut edge, then the whole wall, until it is straight at a size.
 * @param last whether the whole wall lies on the splines at the end, a hair of the rim edge's way included
 */
export function stretchPhase(
  funnel: Meridian,
  insideDiameterMm: number,
  { taperDeg = 0, last = false }: { readonly taperDeg?: number; readonly last?: boolean } = {},
): Phase {
  const from = straightAtCutMm(funnel);
  return {
    kind: 'stretch',
    blow: 'open',
    shapesAt: (progress, start) => {
      const splines = stretcherWall(mix(from, insideDiameterMm, progress), taperDeg);
      return [progress < 1 || !last ? openedTo(splines, start) : splines];
    },
  };
}

/** How much of the wall goes into the throat from each edge: a little over half, so that the two pushes overlap. */
const THROAT_SHARE = 0.55;

/** The straight band reduced from both edges: rim edge down, turned over, cut edge down as far. */
export function reducePhase(fromMm: number, toMm: number, angleDeg: number): Phase {
  return {
    kind: 'reduce',
    blow: 'throat',
    shapesAt: (progress, _start, stands) => {
      const insideMm = mix(fromMm, toMm, progress);
      return [closedTo(throatWall('rim', insideMm, angleDeg, THROAT_SHARE), stands), straightWall(insideMm)];
    },
  };
}

/** Inside diameter of the straight band from which the curl lands on target, mm. */
export function beforeCurlDiameterMm(wall: Meridian, wish: WallWish, targetMm: number): number {
  if (wish.kind !== 'rounded') return targetMm;
  const curled = mapMeridian(wall, finishedShape(wish, targetMm, middleThicknessMm(wall)), {
    share: sharesAlong(wall, 'curl'),
  });
  return targetMm + wallCurlDropMm(wish, curled, targetMm);
}

/** Opens the cut edge of a funnel that is to stay tapered, up to its finished lean. */
export function openTaperedPhase(funnel: Meridian, cutInsideMm: number): Phase {
  const from = straightAtCutMm(funnel);
  return {
    kind: 'stretch',
    blow: 'open',
    shapesAt: (progress, start) => [
      openedTo(taperedWall(mix(from, cutInsideMm, progress), DEFAULT_TAPER_DEG), start),
    ],
  };
}

/** Brings whatever of the wall still stands out of its finished tapered shape back into it. */
export function closeTaperedPhase(opened: Meridian, cutInsideMm: number): Phase {
  const from = cutInsideMm + Math.max(0, straightAtRimMm(opened) - cutInsideMm);
  return {
    kind: 'reduce',
    blow: 'throat',
    shapesAt: (progress, start) => [
      closedTo(taperedWall(mix(from, cutInsideMm, progress), DEFAULT_TAPER_DEG), start),
    ],
  };
}

/** Cut edge of the tapered wall that the cones bring upright at a size, mm: its rim already stands there. */
export function taperedCutMm(wall: Meridian, uprightInsideMm: number): number {
  return uprightInsideMm - 2 * arcWidthMm(wall) * Math.sin(degToRad(DEFAULT_TAPER_DEG));
}

/** A cone through a lid brings a tapered wall upright, every fibre from where it stands; its rim sits on the lid. */
export function straightenPhase(insideDiameterMm: number): Phase {
  return {
    kind: 'straighten',
    blow: 'open',
    annealFirst: true,
    shapesAt: (progress, start) => [partWay(start, straightWall(insideDiameterMm), progress)],
  };
}
