import { radToDeg } from '../numeric';
import {
  cutEdge,
  flatMeridian,
  mapMeridian,
  pushedBetween,
  rimEdge,
  sharesAlong,
  type Meridian,
  type WallShape,
  type WallWish,
} from '../forming';
import type { EdgeDiameters } from '../size';
import type { PieceState, RouteStep, WallOutline } from '../steps';

/** Numbers side by side, mixed by a share. */
function mixed(from: readonly number[], to: readonly number[], share: number): readonly number[] {
  return to.map((value, i) => (from[i] ?? value) + (value - (from[i] ?? value)) * share);
}

/**
 * The wall behind an outline. Where each fibre started follows from its strain, its width from its volume: what an
 * outline leaves out.
 * @param workingThicknessMm of the flat coin
 */
export function wallOfOutline(outline: WallOutline, workingThicknessMm: number): Meridian {
  const { meanRadiusMm, thicknessMm, leanDeg, strainLog } = outline;
  const originalRadiusMm = meanRadiusMm.map((radius, i) => radius * Math.exp(-(strainLog[i] ?? 0)));
  const first = originalRadiusMm[0] ?? 0;
  const last = originalRadiusMm.at(-1) ?? 0;
  return {
    spacingMm: (last - first) / (originalRadiusMm.length - 1),
    originalRadiusMm,
    meanRadiusMm,
    leanDeg,
    thicknessMm,
    widthStretch: meanRadiusMm.map(
      (radius, i) =>
        ((originalRadiusMm[i] ?? 0) * workingThicknessMm) / (radius * (thicknessMm[i] ?? workingThicknessMm)),
    ),
  };
}

/** An outline part of the way from one step's end to the next one's. */
export function outlineBetween(from: WallOutline, to: WallOutline, share: number): WallOutline {
  return {
    arcMm: mixed(from.arcMm, to.arcMm, share),
    meanRadiusMm: mixed(from.meanRadiusMm, to.meanRadiusMm, share),
    thicknessMm: mixed(from.thicknessMm, to.thicknessMm, share),
    leanDeg: mixed(from.leanDeg, to.leanDeg, share),
    strainLog: mixed(from.strainLog, to.strainLog, share),
  };
}

/** Rounds of shifting: the wall thins as it is shifted, which moves its inside a little. */
const FIT_ROUNDS = 3;

/** The wall swung and shifted so that its edges measure what was read; in between in proportion along the arc. */
export function fittedTo(wall: Meridian, edges: EdgeDiameters): Meridian {
  let fitted = wall;
  for (let round = 0; round < FIT_ROUNDS; round++) {
    const cut = (edges.cutInsideDiameterMm - cutEdge(fitted).insideDiameterMm) / 2;
    const rim = (edges.rimInsideDiameterMm - rimEdge(fitted).insideDiameterMm) / 2;
    const stood = fitted;
    const shape: WallShape = {
      radiusMm: (arcMm, widthMm, _thickness, fibre) =>
        (stood.meanRadiusMm[fibre] ?? 0) + cut + ((rim - cut) * arcMm) / widthMm,
      leanDeg: (_arc, widthMm, _thickness, fibre) =>
        (stood.leanDeg[fibre] ?? 0) + radToDeg(Math.asin(Math.max(-1, Math.min(1, (rim - cut) / widthMm)))),
    };
    fitted = mapMeridian(stood, shape, {
      share: sharesAlong(stood, cut + rim > 0 ? 'open' : 'throat'),
    });
  }
  return fitted;
}

/** A piece as it was found at the bench. */
export interface Found {
  readonly wall: Meridian;
  readonly pieceState: PieceState;
  /** Whether the step at hand has got where it was to go, or past it; a true-up is not done before both edges are right. */
  readonly arrived: boolean;
}

/** A pass that is this near its end has got there. */
const NEAR_END = 0.9;

/** How far a reading is along from a step's start to its end; past the end is more than 1. */
function progressOf({ before, after }: RouteStep, read: EdgeDiameters): number {
  const course = {
    rim: after.rimInsideDiameterMm - before.rimInsideDiameterMm,
    cut: after.cutInsideDiameterMm - before.cutInsideDiameterMm,
  };
  const length = course.rim ** 2 + course.cut ** 2;
  if (length < 1e-6) return 1;
  const gone =
    course.rim * (read.rimInsideDiameterMm - before.rimInsideDiameterMm) +
    course.cut * (read.cutInsideDiameterMm - before.cutInsideDiameterMm);
  return gone / length;
}

/** The last piece state that a route tells before a step. */
function standBefore(steps: readonly RouteStep[], index: number): PieceState {
  const known = steps.slice(0, index).findLast(({ pieceState }) => pieceState !== undefined)?.pieceState;
  return known ?? { stage: 'flat', lipMm: 0 };
}

/** Where a curl has got to: its drop grows as the square of the angle. */
function curlAt(from: number, to: number, share: number): number {
  return Math.sqrt(Math.max(0, from ** 2 + (to ** 2 - from ** 2) * share));
}

/** A straight band that came out smaller than it was to be has its size already, if not the right one; a larger one is reduced from where it is. */
function asMeasured(pieceState: PieceState, wall: Meridian): PieceState {
  const { stage, beforeCurlMm } = pieceState;
  const widestMm = Math.max(cutEdge(wall).insideDiameterMm, rimEdge(wall).insideDiameterMm);
  if (beforeCurlMm === undefined || (stage !== 'straight' && stage !== 'stepping')) return pieceState;
  if (widestMm < beforeCurlMm) return { ...pieceState, stage: 'to-size' };
  return stage === 'straight' ? { ...pieceState, meetMm: widestMm } : pieceState;
}

/**
 * The piece during a step, as its edges were read.
 * @returns undefined where the route does not tell enough: before the fold, and for rings begun before it told
 */
export function foundAt(
  steps: readonly RouteStep[],
  index: number,
  read: EdgeDiameters,
  workingThicknessMm: number,
): Found | undefined {
  const step = steps[index];
  if (!step?.pieceState) return undefined;
  const before = steps[index - 1]?.outline ?? step.outline;
  const progress = progressOf(step, read);
  const share = Math.min(1, Math.max(0, progress));
  const start = standBefore(steps, index);
  const arrived = progress >= NEAR_END;
  const {
    stage: _stage,
    curlDeg: _curlDeg,
    foldDeg: _foldDeg,
    lipMm: _lipMm,
    pushedMm: planned,
    ...settled
  } = step.pieceState;
  const pieceState = arrived ? step.pieceState : { ...start, ...settled };
  // What is read has the lip still on.
  const { lipMm } = pieceState;
  const outline = outlineBetween(before, step.outline, share);
  const wall = fittedTo(wallOfOutline(outline, workingThicknessMm), {
    rimInsideDiameterMm: read.rimInsideDiameterMm + lipMm,
    cutInsideDiameterMm: read.cutInsideDiameterMm,
  });
  // How deep an edge was pushed follows from its reading, whether or not it was to be so deep.
  const pushed = planned && { pushedMm: pushedBetween(start.pushedMm, planned, Math.max(0, progress)) };
  const turned =
    !arrived && step.kind === 'curl' && !planned
      ? { curlDeg: curlAt(start.curlDeg ?? 0, step.pieceState.curlDeg ?? 0, share) }
      : {};
  return {
    wall,
    pieceState: asMeasured({ ...pieceState, ...turned, ...pushed }, wall),
    arrived: arrived && step.kind !== 'true-up',
  };
}

/**
 * A piece for which something else is wanted: the sizes that were settled for the ring before are open again. A wall that
 * is to be rounded after all is taken to its size before the curl first.
 */
export function unsettled(pieceState: PieceState, wish: WallWish): PieceState {
  const { beforeCurlMm: _before, meetMm, ...open } = pieceState;
  switch (pieceState.stage) {
    case 'curled':
      return pieceState;
    case 'straight':
      return meetMm === undefined ? open : { ...open, meetMm };
    case 'to-size':
      return wish.kind === 'rounded' ? { ...open, stage: 'half-way' } : pieceState;
    default:
      return open;
  }
}

/** The flat washer of the hole as it was measured. */
export function flatFound(coinDiameterMm: number, holeMm: number, workingThicknessMm: number): Found {
  const intervals = 16;
  return {
    wall: flatMeridian(holeMm / 2, coinDiameterMm / 2, workingThicknessMm, intervals),
    pieceState: { stage: 'flat', lipMm: 0 },
    arrived: true,
  };
}

/** A wall whose cut edge has been filed back along the arc, mm. */
export function filedBack(outline: WallOutline, fileMm: number): WallOutline {
  const { arcMm } = outline;
  const last = arcMm.length - 1;
  const wholeMm = arcMm[last] ?? 0;
  const at = (values: readonly number[], position: number) => {
    const above = Math.max(
      1,
      arcMm.findIndex((arc) => arc >= position - 1e-9),
    );
    const [a, b] = [arcMm[above - 1] ?? 0, arcMm[above] ?? 0];
    const [from, to] = [values[above - 1] ?? 0, values[above] ?? 0];
    return from + ((to - from) * (position - a)) / Math.max(1e-9, b - a);
  };
  // Fibres are evenly spaced in the flat coin: the edge that is left starts further out, and so do all others.
  const original = outline.meanRadiusMm.map((radius, i) => radius * Math.exp(-(outline.strainLog[i] ?? 0)));
  const newFirst = at(original, fileMm);
  const rim = original[last] ?? 0;
  const positions = original.map((_, i) => {
    const wanted = newFirst + ((rim - newFirst) * i) / last;
    const above = Math.max(
      1,
      original.findIndex((radius) => radius >= wanted - 1e-9),
    );
    const [r0, r1] = [original[above - 1] ?? 0, original[above] ?? 0];
    const share = (wanted - r0) / Math.max(1e-9, r1 - r0);
    return (arcMm[above - 1] ?? 0) + ((arcMm[above] ?? 0) - (arcMm[above - 1] ?? 0)) * share;
  });
  const along = (values: readonly number[]) =>
    positions.map((position) => at(values, Math.min(position, wholeMm)));
  return {
    arcMm: positions.map((position) => position - (positions[0] ?? 0)),
    meanRadiusMm: along(outline.meanRadiusMm),
    thicknessMm: along(outline.thicknessMm),
    leanDeg: along(outline.leanDeg),
    strainLog: along(outline.strainLog),
  };
}
