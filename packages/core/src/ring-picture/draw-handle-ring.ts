import type { RgbaImage } from '../photo/grey-image';
import type { Camera } from './camera';
import { drawSolid, type Shader, type StillView } from './draw-solid';
import { handleOffFoot } from './ground-shadow';
import { surfaceGrid, type HandleSolid, type HandleSurface } from './handle-solid';
import { metalLight } from './metal-light';
import { rasterGrids } from './raster';
import { heightAt, type Relief } from './relief';
import type { RoomLight } from './room';
import { lookAt, newSpot, type RingLook } from './surface';

/** Everything that the picture of a ring from a handle is made of. */
export interface HandleRingScene {
  readonly solid: HandleSolid;
  /** Of the pattern, drawn out into a square: along the handle as it was photographed, and across. */
  readonly relief: Relief;
  /** Where a place of the handle is in that square, 0 to 1 from its left and from its top: for both, at 0, and a mm on. */
  readonly inPicture: {
    readonly along: { readonly at0: number; readonly perMm: number };
    readonly across: { readonly at0: number; readonly perMm: number };
  };
  readonly look: RingLook;
  /** How deep the relief is drawn, 0 to 2; 1 is about as struck. */
  readonly depth: number;
}

/** Depth of a pattern from its ground to its top, mm. */
const RELIEF_MM = 0.3;
/** Neighbours that a slope is told from lie so far apart, mm. */
const NEXT_MM = 0.12;
/** Patches of scale and colour are as large as on a face of this radius, mm. */
const PATCH_MM = 15;

/** What is known at a place between those of a surface. */
function between(
  values: Float32Array,
  size: number,
  surface: HandleSurface,
  row: number,
  column: number,
  out: number[],
): void {
  const { rows, columns } = surface;
  const top = Math.min(Math.max(Math.floor(row), 0), rows - 2);
  const left = Math.min(Math.max(Math.floor(column), 0), columns - 2);
  const [down, right] = [row - top, column - left];
  const at = size * (top * columns + left);
  for (let i = 0; i < size; i++) {
    const above = (values[at + i] ?? 0) * (1 - right) + (values[at + size + i] ?? 0) * right;
    const under = at + size * columns + i;
    const below = (values[under] ?? 0) * (1 - right) + (values[under + size] ?? 0) * right;
    out[i] = above * (1 - down) + below * down;
  }
}

function shaderOf(
  { solid, relief, inPicture, look, depth }: HandleRingScene,
  camera: Camera,
  light: RoomLight,
): Shader {
  const spot = newSpot();
  const [normal, place] = [
    [0, 0, 0],
    [0, 0],
  ];
  const addLight = metalLight(camera, light);
  const { along, across } = inPicture;
  const reliefAt = (atMm: number, leftMm: number) =>
    heightAt(relief, 2 * (along.at0 + along.perMm * atMm) - 1, 1 - 2 * (across.at0 + across.perMm * leftMm));
  const [cosSlope, sinSlope] = [Math.cos(solid.slopeRad), Math.sin(solid.slopeRad)];
  const shade: Shader['shade'] = (side, row, column, sum) => {
    // Nothing stands with it.
    if (side === 'beside') return;
    const surface = solid.sides[side];
    between(surface.normals, 3, surface, row, column, normal);
    between(surface.placesMm, 2, surface, row, column, place);
    let [x = 0, y = 0, z = 0] = normal;
    const [atMm = 0, leftMm = 0] = place;
    let height = 0.5;
    if (side === 'outside') {
      height = reliefAt(atMm, leftMm);
      const slope = (depth * RELIEF_MM) / (2 * NEXT_MM);
      const on = (reliefAt(atMm + NEXT_MM, leftMm) - reliefAt(atMm - NEXT_MM, leftMm)) * slope;
      const toLeft = (reliefAt(atMm, leftMm + NEXT_MM) - reliefAt(atMm, leftMm - NEXT_MM)) * slope;
      const turn = solid.columnRad[Math.round(column)] ?? 0;
      const [flatX, flatZ] = [Math.cos(turn), -Math.sin(turn)];
      const flat = on * cosSlope - toLeft * sinSlope;
      x -= flat * flatX;
      y -= on * sinSlope + toLeft * cosSlope;
      z -= flat * flatZ;
    }
    lookAt(look, side, height, atMm / PATCH_MM, leftMm / PATCH_MM, spot);
    addLight(x, y, z, spot, { height, open: side === 'inside' ? 0.7 : 1 }, sum);
  };
  return { shade };
}

/** A picture of a ring that was bent from a handle; see {@link drawSolid}. */
export function drawHandleRing(scene: HandleRingScene, view: StillView): Generator<number, RgbaImage> {
  const { solid } = scene;
  const { outside, rimEdge, inside, cutEdge } = solid.sides;
  const grids = {
    outside: surfaceGrid(outside),
    rimEdge: surfaceGrid(rimEdge),
    inside: surfaceGrid(inside),
    cutEdge: surfaceGrid(cutEdge),
  };
  return drawSolid(
    {
      extent: solid,
      raster: (camera, size) => rasterGrids(grids, camera, size),
      shader: (camera, light) => shaderOf(scene, camera, light),
      offFootMm: handleOffFoot(solid),
    },
    view,
  );
}
