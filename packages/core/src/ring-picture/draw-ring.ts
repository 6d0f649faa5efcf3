import { angleOnFace, type FaceTurn } from '../faces';
import type { RgbaImage } from '../photo/grey-image';
import { cameraOn, type Camera, type RingView, type Vector } from './camera';
import { rasterRing, type SeenRing } from './raster';
import { heightAt, type Relief } from './relief';
import { RING_SIDES, type ProfilePoint, type RingProfile, type RingSide } from './ring-profile';
import { lightFrom, type RoomLight } from './room';
import { reedsOf, type RimStrike } from './rim-strike';
import { lookAt, newSpot, type RingLook } from './surface';

/** Everything that a ring's picture is made of. */
export interface RingScene {
  readonly profile: RingProfile;
  /** Radius of the flat piece, mm. */
  readonly faceRadiusMm: number;
  readonly outside: Relief;
  readonly inside: Relief;
  readonly turn: FaceTurn;
  readonly rim: RimStrike;
  readonly look: RingLook;
  /** How deep the relief is drawn, 0 to 2; 1 is about as struck. */
  readonly depth: number;
}

/** Depth of a struck relief from field to top, mm. */
const RELIEF_MM = 0.22;
const REED_DEPTH = 0.55;
/** Neighbours on the face that a slope is told from lie so far apart, of its radius. */
const NEXT = 1 / 420;
/** A point between two of a side, and how the side runs there. */
interface Place {
  readonly faceMm: number;
  readonly radiusMm: number;
  readonly heightMm: number;
  readonly normalOut: number;
  readonly normalUp: number;
  /** Outward and up, per mm of the flat face outward; 0 on edges. */
  readonly runOut: number;
  readonly runUp: number;
}

function placeOn(points: readonly ProfilePoint[], place: number): Place {
  const first = Math.min(Math.max(Math.floor(place), 0), points.length - 2);
  const [from, to] = [points[first], points[first + 1]];
  if (!from || !to) throw new Error('a side has at least two points');
  const part = place - first;
  const mix = (a: number, b: number) => a + part * (b - a);
  const flat = to.faceMm - from.faceMm;
  const per = Math.abs(flat) < 1e-9 ? 0 : 1 / flat;
  return {
    faceMm: mix(from.faceMm, to.faceMm),
    radiusMm: mix(from.radiusMm, to.radiusMm),
    heightMm: mix(from.heightMm, to.heightMm),
    normalOut: mix(from.normalOut, to.normalOut),
    normalUp: mix(from.normalUp, to.normalUp),
    runOut: (to.radiusMm - from.radiusMm) * per,
    runUp: (to.heightMm - from.heightMm) * per,
  };
}

interface Shader {
  /** Adds the light of one spot, 0 to 1 each. */
  readonly shade: (side: RingSide, place: number, round: number, sum: Float32Array) => void;
}

function shaderOf(scene: RingScene, camera: Camera, light: RoomLight): Shader {
  const { profile, faceRadiusMm, outside, inside, turn, rim, look, depth } = scene;
  const spot = newSpot();
  const normal: Vector = [0, 0, 0];
  const middle: Vector = [0, 0, 0];
  const mirrored: [number, number, number] = [0, 0, 0];
  const scattered: [number, number, number] = [0, 0, 0];
  const reeds = reedsOf(rim, faceRadiusMm);
  const topMm = Math.max(...profile.rimEdge.map(({ heightMm }) => heightMm)) || 1;
  // The view turns about the middle: what is a direction is told from there.
  camera.toView(0, 0, 0, middle);

  const reliefAt = (side: 'outside' | 'inside', round: number, faceMm: number) => {
    const angle = angleOnFace(round, side, turn);
    const far = faceMm / faceRadiusMm;
    return heightAt(side === 'inside' ? inside : outside, far * Math.sin(angle), far * Math.cos(angle));
  };

  const shade: Shader['shade'] = (side, place, round, sum) => {
    const at = placeOn(profile[side], place);
    const [sin, cos] = [Math.sin(round), Math.cos(round)];
    let x = at.normalOut * sin;
    let y = at.normalUp;
    let z = at.normalOut * cos;
    let height = 0.5;
    if (side === 'outside' || side === 'inside') {
      const stepMm = NEXT * faceRadiusMm;
      const stepRound = NEXT * (faceRadiusMm / Math.max(at.faceMm, stepMm));
      height = reliefAt(side, round, at.faceMm);
      const slope = depth * RELIEF_MM;
      const across =
        ((reliefAt(side, round, at.faceMm + stepMm) - reliefAt(side, round, at.faceMm - stepMm)) /
          (2 * stepMm)) *
        slope;
      const along =
        ((reliefAt(side, round + stepRound, at.faceMm) - reliefAt(side, round - stepRound, at.faceMm)) /
          (2 * stepRound * at.radiusMm)) *
        slope;
      const run = at.runOut ** 2 + at.runUp ** 2 || 1;
      x -= along * cos + (across * at.runOut * sin) / run;
      y -= (across * at.runUp) / run;
      z -= -along * sin + (across * at.runOut * cos) / run;
    } else if (side === 'rimEdge' && reeds > 0) {
      const reed = Math.sin(round * reeds);
      x -= REED_DEPTH * reed * cos;
      z += REED_DEPTH * reed * sin;
      height = 0.5 + 0.5 * Math.cos(round * reeds);
    }
    const length = Math.sqrt(x * x + y * y + z * z);
    camera.toView(x / length, y / length, z / length, normal);
    const [nx, ny, nz] = [normal[0] - middle[0], normal[1] - middle[1], normal[2] - middle[2]];
    const far = at.faceMm / faceRadiusMm;
    lookAt(look, side, height, far * sin, far * cos, spot);
    // The camera is far enough away to look at every spot from one direction.
    lightFrom(light, 2 * nz * nx, 2 * nz * ny, 2 * nz * nz - 1, spot.roughness, mirrored);
    lightFrom(light, nx, ny, nz, 1, scattered);
    const matt = 0.25 + 0.55 * spot.roughness;
    const hollow = 0.78 + 0.22 * Math.min(1, height * 1.5);
    // Little light falls deep into a ring.
    const open = side === 'inside' ? 0.5 + 0.42 * (at.heightMm / topMm) : 1;
    for (let i = 0; i < 3; i++) {
      const seen = (mirrored[i] ?? 0) * (1 - matt) + (scattered[i] ?? 0) * matt;
      sum[i] = (sum[i] ?? 0) + (spot.colour[i] ?? 0) * seen * hollow * open;
    }
  };
  return { shade };
}

/** Bright light is held down before it burns out: 1 stays a little below white. */
function exposed(light: number): number {
  const low = Math.max(0, light);
  return 255 * (low < 0.7 ? low : 0.7 + 0.3 * (1 - Math.exp(-(low - 0.7) / 0.3)));
}

const SHADOW = { most: 0.34, softMm: 0.9 } as const;

/** How dark the ground is under and beside a ring that stands on it, 0 to 1. */
function shadowAt(profile: RingProfile, ground: readonly [number, number] | null): number {
  if (!ground) return 0;
  const far = Math.hypot(...ground);
  const foot = profile.cutEdge.map(({ radiusMm }) => radiusMm);
  const outerMm = Math.max(...foot);
  const off = far > outerMm ? far - outerMm : Math.max(0, Math.min(...foot) - far) * 1.6;
  return SHADOW.most * Math.exp(-((off / SHADOW.softMm) ** 2) / 2) * (far > outerMm ? 1 : 0.9);
}

/** How a still picture is looked at. */
export interface StillView extends RingView {
  readonly light: RoomLight;
  /** Every place of the picture is looked at so many times along each side; left out, twice. */
  readonly fine?: 1 | 2 | undefined;
}

/** Rows of the picture that are shaded in one slice of the time. */
const SLICE_ROWS = 24;

/**
 * A picture of a ring that stands on its cut edge, on see-through ground with a soft shadow. Drawn a slice at a time; each
 * yields its progress, 0 to 1. Light stands still while the ring turns.
 */
export function* drawRing(scene: RingScene, view: StillView): Generator<number, RgbaImage> {
  const { widthPx, heightPx, light } = view;
  const { profile } = scene;
  const { fine: times = 2 } = view;
  const points = RING_SIDES.flatMap((side) => profile[side]);
  const extent = {
    radiusMm: Math.max(...points.map(({ radiusMm }) => radiusMm)),
    heightMm: Math.max(...points.map(({ heightMm }) => heightMm)),
  };
  const camera = cameraOn(view, extent);
  const fine = { ...view, widthPx: widthPx * times, heightPx: heightPx * times };
  const seen = rasterRing(profile, cameraOn(fine, extent), fine);
  yield 0.2;
  const { shade } = shaderOf(scene, camera, light);
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  for (let row = 0; row < heightPx; row++) {
    if (row % SLICE_ROWS === 0) yield 0.2 + (0.8 * row) / heightPx;
    for (let column = 0; column < widthPx; column++) {
      shadePixel({ seen, times, shade, profile, camera }, column, row, rgba);
    }
  }
  return { widthPx, heightPx, rgba };
}

interface Shading extends Shader {
  readonly times: number;
  readonly seen: SeenRing;
  readonly profile: RingProfile;
  readonly camera: Camera;
}

const SUM = new Float32Array(3);
/** Looks through one pixel that lie so near each other on the ring see the same spot: among its points, and round it. */
const SAME = { place: 0.6, round: 0.05 } as const;

/** The one spot that all looks through a pixel see, where they do. */
function oneSpot({ seen, times }: Shading, first: number): { place: number; round: number } | undefined {
  const side = seen.side[first] ?? 0;
  const [place, round] = [seen.place[first] ?? 0, seen.round[first] ?? 0];
  let [places, rounds] = [0, 0];
  for (let down = 0; down < times; down++) {
    for (let at = first + down * seen.widthPx; at < first + down * seen.widthPx + times; at++) {
      const [herePlace, hereRound] = [seen.place[at] ?? 0, seen.round[at] ?? 0];
      const isSame =
        seen.side[at] === side &&
        Math.abs(herePlace - place) < SAME.place &&
        Math.abs(hereRound - round) < SAME.round;
      if (!isSame) return undefined;
      places += herePlace;
      rounds += hereRound;
    }
  }
  return { place: places / times ** 2, round: rounds / times ** 2 };
}

/** Adds the light of every look through a pixel. @returns how many of them meet the ring, 0 to 1 */
function gather(shading: Shading, first: number): number {
  const { seen, times, shade } = shading;
  SUM.fill(0);
  const one = oneSpot(shading, first);
  if (one) {
    const side = RING_SIDES[(seen.side[first] ?? 0) - 1];
    if (side) shade(side, one.place, one.round, SUM);
    return side ? 1 : 0;
  }
  let covered = 0;
  for (let down = 0; down < times; down++) {
    for (let at = first + down * seen.widthPx; at < first + down * seen.widthPx + times; at++) {
      const side = RING_SIDES[(seen.side[at] ?? 0) - 1];
      if (!side) continue;
      covered += 1;
      shade(side, seen.place[at] ?? 0, seen.round[at] ?? 0, SUM);
    }
  }
  for (let i = 0; i < 3; i++) SUM[i] = (SUM[i] ?? 0) / Math.max(1, covered);
  return covered / times ** 2;
}

/** One pixel: the mean of what is seen through it, over the shadow on the ground. */
function shadePixel(shading: Shading, column: number, row: number, rgba: Uint8ClampedArray): void {
  const { seen, times, profile, camera } = shading;
  const share = gather(shading, row * times * seen.widthPx + column * times);
  const shadow = share < 1 ? shadowAt(profile, camera.groundAt(column + 0.5, row + 0.5)) : 0;
  const opaque = share + (1 - share) * shadow;
  if (opaque <= 0) return;
  const at = 4 * ((row * seen.widthPx) / times + column);
  for (let i = 0; i < 3; i++) rgba[at + i] = (exposed(SUM[i] ?? 0) * share) / opaque;
  rgba[at + 3] = 255 * opaque;
}
