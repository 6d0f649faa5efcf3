import { smoothStep } from '../numeric';
import type { HandleShape } from './blank';
import { thicknessAt, type Profile, type Stretch } from './profile';

const TURN_RAD = 2 * Math.PI;
/** What goes further than this past a whole turn lies on it; less is a joint that closes, with thickness that varies. */
const CLOSED_RAD = TURN_RAD + 0.06;
/** A handle is followed in so many slices. */
const SLICES = 240;
/** An end that comes to lie on the first turn rises to it over this angle. */
const RISE_RAD = 0.55;

/** Where a place along a handle comes to lie once it is bent. */
export interface WrappedPlace {
  /** Turned since the end where the ring begins, rad. */
  readonly turnedRad: number;
  /** From the axis of the finger to the face that lies inside, mm: more than the finger's where it lies on a turn. */
  readonly innerRadiusMm: number;
  /** Along the finger since the end where the ring begins, mm; only a spiral climbs. */
  readonly climbMm: number;
}

/** A stretch of handle on its way round a finger. */
export interface WrappedHandle {
  readonly used: Stretch;
  /** All that it turns through, rad. */
  readonly wholeRad: number;
  /** Slope of a spiral against the plane of a ring, rad. */
  readonly slopeRad: number;
  /** @param atMm along the handle, from the end that is kept */
  readonly at: (atMm: number) => WrappedPlace;
  /** The place along the handle that has turned so far, mm. */
  readonly placeAt: (turnedRad: number) => number;
}

/**
 * Where every place of a handle comes to lie: a slice ds at thickness t turns by ds/√((ID/2 + t/2)² + c²), c the climb of a
 * spiral for each radian (craft §6). What would run into the first turn lies on its back.
 */
export function wrapHandle(profile: Profile, used: Stretch, shape: HandleShape): WrappedHandle {
  const { insideDiameterMm, style, pitchMm = 0 } = shape;
  const isSpiral = style === 'spiral';
  const perRadMm = isSpiral ? pitchMm / TURN_RAD : 0;
  const radiusMm = insideDiameterMm / 2;
  const underMm = isSpiral ? 0 : thicknessAt(profile, used.fromMm);
  const sliceMm = (used.toMm - used.fromMm) / SLICES;
  const turned = new Float64Array(SLICES + 1);
  for (let i = 1; i <= SLICES; i++) {
    const before = turned[i - 1] ?? 0;
    const onTurnMm = before > CLOSED_RAD ? underMm : 0;
    const middleMm = used.fromMm + (i - 0.5) * sliceMm;
    const neutralMm = radiusMm + onTurnMm + thicknessAt(profile, middleMm) / 2;
    turned[i] = before + sliceMm / Math.hypot(neutralMm, perRadMm);
  }
  const wholeRad = turned[SLICES] ?? 0;
  const rises = wholeRad > CLOSED_RAD && !isSpiral;
  const turnedAt = (atMm: number) => {
    const place = Math.min(SLICES, Math.max(0, (atMm - used.fromMm) / sliceMm));
    const first = Math.min(SLICES - 1, Math.floor(place));
    const from = turned[first] ?? 0;
    return from + (place - first) * ((turned[first + 1] ?? from) - from);
  };
  return {
    used,
    wholeRad,
    slopeRad: Math.atan2(perRadMm, radiusMm),
    at: (atMm) => {
      const turnedRad = turnedAt(atMm);
      const risen = rises ? smoothStep(TURN_RAD - RISE_RAD, TURN_RAD, turnedRad) : 0;
      return {
        turnedRad,
        innerRadiusMm: radiusMm + underMm * risen,
        climbMm: perRadMm * turnedRad,
      };
    },
    placeAt: (turnedRad) => {
      const next = turned.findIndex((angle) => angle >= turnedRad);
      if (next <= 0) return next === 0 ? used.fromMm : used.toMm;
      const from = turned[next - 1] ?? 0;
      const part = (turnedRad - from) / ((turned[next] ?? from) - from);
      return used.fromMm + (next - 1 + part) * sliceMm;
    },
  };
}

/** How a ring sits on the finger: its middle on top, the ends below; or the ends on top. */
export const WORN = ['middle', 'ends'] as const;
export type Worn = (typeof WORN)[number];

/** A quarter to each side of the top is what the wearer sees. */
const SEEN_RAD = Math.PI / 4;

/** Where the top of the finger is, turned since the end where the ring begins, rad; below a turn. */
export function topRad({ wholeRad }: WrappedHandle, worn: Worn): number {
  const middle = wholeRad / 2;
  const top = worn === 'middle' ? middle : middle + Math.PI;
  return ((top % TURN_RAD) + TURN_RAD) % TURN_RAD;
}

/** Which parts of the handle lie on top of the finger, from the end where the ring begins. */
export function onTop(wrapped: WrappedHandle, worn: Worn): readonly Stretch[] {
  const parts: Stretch[] = [];
  for (let top = topRad(wrapped, worn) - TURN_RAD; top < wrapped.wholeRad + SEEN_RAD; top += TURN_RAD) {
    const fromMm = wrapped.placeAt(Math.max(0, top - SEEN_RAD));
    const toMm = wrapped.placeAt(Math.max(0, Math.min(wrapped.wholeRad, top + SEEN_RAD)));
    if (toMm > fromMm) parts.push({ fromMm, toMm });
  }
  return parts;
}

/** What of a handle is hidden once it is bent: the end that an overlap lies on; undefined where nothing is. */
export function covered(wrapped: WrappedHandle): Stretch | undefined {
  const { used, wholeRad, slopeRad } = wrapped;
  if (slopeRad !== 0 || wholeRad <= CLOSED_RAD) return undefined;
  return { fromMm: used.fromMm, toMm: wrapped.placeAt(wholeRad - TURN_RAD) };
}
