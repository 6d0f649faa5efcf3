import { angleOnFace, type FaceTurn } from '../faces';
import { degToRad } from '../numeric';
import type { RgbaImage } from '../photo/grey-image';
import { besideSolid, type Beside, type BesideSolid } from './beside';
import type { Camera } from './camera';
import { drawSolid, type Shader, type StillView } from './draw-solid';
import { ringOffFoot } from './ground-shadow';
import { metalLight, type AddLight } from './metal-light';
import { gridOf, rasterRing } from './raster';
import { heightAt, type Relief } from './relief';
import { RING_SIDES, type ProfilePoint, type RingProfile } from './ring-profile';
import type { RoomLight } from './room';
import { letterHeight, reedsOf, rimLetters, type RimStrike } from './rim-strike';
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
  /** What stands on a lettered rim. */
  readonly rimText?: string | undefined;
  readonly look: RingLook;
  /** How deep the relief is drawn, 0 to 2; 1 is about as struck. */
  readonly depth: number;
  /** What is shown with it, for its size. */
  readonly beside?: Beside | undefined;
  /** Room that is kept free however small it is: a film of its making keeps its scale. */
  readonly room?: { readonly radiusMm: number; readonly heightMm: number } | undefined;
}

/** Depth of a struck relief from field to top, mm. */
const RELIEF_MM = 0.22;
const REED_DEPTH = 0.55;
/** Letters of a rim are sunk so far; their slopes are told from places so far apart, mm. */
const LETTER_DEPTH_MM = 0.14;
const LETTER_MM = 0.05;
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

function shaderOf(
  scene: RingScene,
  camera: Camera,
  light: RoomLight,
  stand: BesideSolid | undefined,
): Shader {
  const { profile, faceRadiusMm, outside, inside, turn, rim, rimText, look, depth } = scene;
  const spot = newSpot();
  const addLight = metalLight(camera, light);
  const reeds = reedsOf(rim, faceRadiusMm);
  const letters = rim === 'lettered' && rimText ? rimLetters(profile.rimEdge, rimText) : undefined;
  const topMm = Math.max(...profile.rimEdge.map(({ heightMm }) => heightMm)) || 1;

  const reliefAt = (side: 'outside' | 'inside', round: number, faceMm: number) => {
    const angle = angleOnFace(round, side, turn);
    const far = faceMm / faceRadiusMm;
    return heightAt(side === 'inside' ? inside : outside, far * Math.sin(angle), far * Math.cos(angle));
  };

  const shade: Shader['shade'] = (side, place, round, sum) => {
    if (side === 'beside') {
      if (stand) shadeBeside(stand, { addLight, depth }, place, round, sum);
      return;
    }
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
    } else if (side === 'rimEdge' && letters) {
      const { row, flatFrom, flatMm } = letters;
      const across = place - flatFrom;
      const [stepRound, stepAcross] = [LETTER_MM / at.radiusMm, LETTER_MM / flatMm];
      // They are sunk: the slope goes down into them.
      const slope = (depth * LETTER_DEPTH_MM) / (2 * LETTER_MM);
      const on =
        (letterHeight(row, round + stepRound, across) - letterHeight(row, round - stepRound, across)) * slope;
      const inward =
        (letterHeight(row, round, across + stepAcross) - letterHeight(row, round, across - stepAcross)) *
        slope;
      height = 0.75 - 0.6 * letterHeight(row, round, across);
      x += on * cos - inward * sin;
      z += -on * sin - inward * cos;
    }
    const far = at.faceMm / faceRadiusMm;
    lookAt(look, side, height, far * sin, far * cos, spot);
    // Little light falls deep into a ring.
    const open = side === 'inside' ? 0.5 + 0.42 * (at.heightMm / topMm) : 1;
    addLight(x, y, z, spot, { height, open }, sum);
  };
  return { shade };
}

interface Seeing {
  readonly addLight: AddLight;
  readonly depth: number;
}

/** Adds the light of a spot of what stands with a ring. */
function shadeBeside(
  { points, spot, matt, relief, faceRadiusMm }: BesideSolid,
  { addLight, depth }: Seeing,
  place: number,
  round: number,
  sum: Float32Array,
): void {
  const at = placeOn(points, place);
  const [sin, cos] = [Math.sin(round), Math.cos(round)];
  let [x, z] = [at.normalOut * sin, at.normalOut * cos];
  let height = 0.5;
  if (relief && at.normalUp > 0.9) {
    // It lies with its top away from who looks at it.
    const high = (right: number, up: number) => heightAt(relief, right / faceRadiusMm, up / faceRadiusMm);
    const [right, up] = [at.radiusMm * sin, -at.radiusMm * cos];
    const step = NEXT * faceRadiusMm;
    const slope = (depth * RELIEF_MM) / (2 * step);
    height = high(right, up);
    x -= (high(right + step, up) - high(right - step, up)) * slope;
    z += (high(right, up + step) - high(right, up - step)) * slope;
  }
  addLight(x, at.normalUp, z, spot, { height, open: 1, matt }, sum);
}

/** A picture of a ring that stands on its cut edge, and of what is shown with it; see {@link drawSolid}. */
export function drawRing(scene: RingScene, view: StillView): Generator<number, RgbaImage> {
  const { profile, beside, room } = scene;
  const points = RING_SIDES.flatMap((side) => profile[side]);
  const radiusMm = Math.max(...points.map((point) => point.radiusMm));
  const heightMm = Math.max(...points.map((point) => point.heightMm));
  const stand = beside && besideSolid(beside, radiusMm);
  const turn = degToRad(view.turnDeg);
  // Whatever way the ring is turned, what stands beside it stays to its right.
  const middle = [(stand?.rightMm ?? 0) * Math.cos(turn), -(stand?.rightMm ?? 0) * Math.sin(turn)] as const;
  const offRing = ringOffFoot(profile);
  return drawSolid(
    {
      extent: {
        radiusMm: Math.max(radiusMm, room?.radiusMm ?? 0),
        heightMm: Math.max(heightMm, room?.heightMm ?? 0),
        beside: stand,
      },
      raster: (camera, size) => rasterRing(profile, camera, size, stand && gridOf(stand.points, middle)),
      shader: (camera, light) => shaderOf(scene, camera, light, stand),
      offFootMm: (ground) => {
        const off = offRing(ground);
        if (!stand) return off;
        const fromStand = Math.hypot(ground[0] - middle[0], ground[1] - middle[1]) - stand.radiusMm;
        return Math.min(off, fromStand);
      },
    },
    view,
  );
}
