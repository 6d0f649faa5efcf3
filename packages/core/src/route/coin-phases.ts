import {
  arcWidthMm,
  BLOW_SHARE,
  closedTo,
  curlOf,
  cutEdge,
  DEFAULT_FOLD_ANGLE_DEG,
  finishedShape,
  FOLD_DRAW,
  funnelWall,
  mapMeridian,
  openedTo,
  OVER_STRETCH_MM,
  rimEdge,
  roundedWall,
  straightWall,
  wallCurlDropMm,
  type Edge,
  type Meridian,
  type WallWish,
} from '../forming';
import type { Phase } from './passes';

/** A whole fold in a 17° die leaves the middle of the wall this much outside the washer's middle (finite-element study). */
const FOLD_MIDDLE_GROWTH = 1.009;

/** First curl of a wall that is to be turned in further (craft §3: 17° on both edges, then 25°). */
const FIRST_CURL_DEG = 17;

function mix(from: number, to: number, progress: number): number {
  return from + (to - from) * progress;
}

/** From flat washer to a funnel that leans as the die does. */
export function foldPhase(flat: Meridian): Phase {
  const middle = (cutEdge(flat).meanRadiusMm + rimEdge(flat).meanRadiusMm) / 2;
  return {
    kind: 'fold',
    share: BLOW_SHARE.fold,
    widthDraw: FOLD_DRAW,
    annealFirst: true,
    shapeAt: (progress) =>
      funnelWall(middle * mix(1, FOLD_MIDDLE_GROWTH, progress), mix(90, DEFAULT_FOLD_ANGLE_DEG, progress)),
  };
}

/** Inside diameter of a straight wall that an edge would have without moving, mm. */
function straightAtMm({ meanRadiusMm, thicknessMm }: Edge): number {
  return 2 * meanRadiusMm - thicknessMm;
}

/** Inside diameter at which a stretched funnel is straight without moving its rim, mm. */
export function straightAtRimMm(funnel: Meridian): number {
  return straightAtMm(rimEdge(funnel));
}

/** Inside diameter at which a closed funnel is straight without moving its cut edge, mm. */
export function straightAtCutMm(funnel: Meridian): number {
  return straightAtMm(cutEdge(funnel));
}

/**
 * Size to which the wall is stretched straight before it is reduced: where the fold left the rim, but 1½ to 3 US
 * sizes over the size wanted before the curl (craft §3, over-stretch and reduce).
 */
export function meetingDiameterMm(funnel: Meridian, beforeCurlMm: number): number {
  const { min, max } = OVER_STRETCH_MM;
  return Math.min(Math.max(straightAtRimMm(funnel), beforeCurlMm + min), beforeCurlMm + max);
}

/** The rim edge alone pushed into a die until it is as small inside as asked; the cut edge stays. */
export function rimInPhase(funnel: Meridian, insideDiameterMm: number): Phase {
  const from = straightAtRimMm(funnel);
  return {
    kind: 'reduce',
    share: BLOW_SHARE.close,
    shapeAt: (progress, start) => closedTo(straightWall(mix(from, insideDiameterMm, progress)), start),
  };
}

/** Stepped reduction: the rim comes in pusher by pusher; the last pusher fills the ring and leaves it straight. */
export function steppedPhase(funnel: Meridian, insideDiameterMm: number): Phase {
  const rimIn = rimInPhase(funnel, insideDiameterMm);
  return {
    ...rimIn,
    kind: 'stepped',
    annealFirst: true,
    shapeAt: (progress, start) =>
      progress < 1 ? rimIn.shapeAt(progress, start) : straightWall(insideDiameterMm),
  };
}

/** The stretcher opens the cut edge, then the whole wall, until it is straight at a size. */
export function stretchPhase(funnel: Meridian, insideDiameterMm: number): Phase {
  const from = straightAtCutMm(funnel);
  return {
    kind: 'stretch',
    share: BLOW_SHARE.open,
    shapeAt: (progress, start) => openedTo(straightWall(mix(from, insideDiameterMm, progress)), start),
  };
}

/** Opens the cut edge of a funnel that is to stay tapered, up to its finished lean. */
export function openTaperedPhase(funnel: Meridian, wall: WallWish, targetMm: number): Phase {
  const from = straightAtCutMm(funnel);
  return {
    kind: 'stretch',
    share: BLOW_SHARE.open,
    shapeAt: (progress, start) => openedTo(finishedShape(wall, mix(from, targetMm, progress)), start),
  };
}

/** Brings whatever of the wall still stands out of its finished tapered shape back into it. */
export function closeTaperedPhase(opened: Meridian, wall: WallWish, targetMm: number): Phase {
  const fromMm = targetMm + Math.max(0, straightAtRimMm(opened) - targetMm);
  return {
    kind: 'reduce',
    share: BLOW_SHARE.close,
    shapeAt: (progress, start) => closedTo(finishedShape(wall, mix(fromMm, targetMm, progress)), start),
  };
}

/** The straight band reduced from both edges. */
export function reducePhase(fromMm: number, toMm: number): Phase {
  return {
    kind: 'reduce',
    share: BLOW_SHARE.close,
    shapeAt: (progress) => straightWall(mix(fromMm, toMm, progress)),
  };
}

/** Inside diameter of the straight band from which the curl lands on target, mm. */
export function beforeCurlDiameterMm(wall: Meridian, wish: WallWish, targetMm: number): number {
  if (wish.kind !== 'rounded') return targetMm;
  const curled = mapMeridian(wall, finishedShape(wish, targetMm), { share: BLOW_SHARE.close });
  return targetMm + wallCurlDropMm(wish, arcWidthMm(curled));
}

/** The curl: 17° on both edges first, then the whole angle; the belly stays, the edges come in. */
export function curlPhases(wish: WallWish, beforeCurlMm: number, targetMm: number): readonly Phase[] {
  const whole = curlOf(wish);
  const angles = whole > FIRST_CURL_DEG ? [0, FIRST_CURL_DEG, whole] : [0, whole];
  // The drop grows as the square of a small angle: edges in between lie on that parabola.
  const edgesAt = (angleDeg: number) => mix(beforeCurlMm, targetMm, (angleDeg / whole) ** 2);
  return angles.slice(1).map((toDeg, i) => {
    const fromDeg = angles[i] ?? 0;
    return {
      kind: 'curl',
      share: BLOW_SHARE.close,
      shapeAt: (progress) => {
        const angleDeg = mix(fromDeg, toDeg, progress);
        return angleDeg <= 0 ? straightWall(beforeCurlMm) : roundedWall(edgesAt(angleDeg), angleDeg);
      },
    };
  });
}
