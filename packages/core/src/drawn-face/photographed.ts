import { degToRad } from '../numeric';
import { flattened, type Ellipse, type RgbaImage } from '../photo';
import { normalDeviate, seededRandom } from '../uncertainty';

/** A drawn face as a photograph of it, and where its rim is in that. */
export interface FacePhotograph {
  readonly image: RgbaImage;
  readonly rim: Ellipse;
  /** Where the top of the face is, clockwise from straight up. */
  readonly topDeg: number;
}

/** The piece reaches so far across the picture. */
const SHARE = 0.42;
const MOST_TILT_DEG = 9;
/** Light falls off so much across the picture; scratches of the ground and grain of the picture, of 255. */
const LIGHT_FALLS = 0.34;
const GROUND: readonly [number, number, number] = [112, 84, 60];
const GRAIN = 5;
const FIBRE = 14;
/** How far a piece throws its shadow, of its radius. */
const SHADOW = 0.06;
/** How much darker a worn piece is where it is low, and how much yellower. */
const TARNISH = 0.32;

/**
 * A made-up piece as somebody would photograph it on a bench: somewhat from aside, turned somehow, lit from one side, dark
 * in its hollows, with the grain of a small camera. The same at every call with the same seed.
 * @param face a square from rim to rim, see-through beyond it
 * @param sidePx of the photograph
 */
export function photographed(face: RgbaImage, seed: number, sidePx: number): FacePhotograph {
  const random = seededRandom(seed);
  const tiltDeg = MOST_TILT_DEG * random();
  const topDeg = 360 * random();
  const lightDeg = 360 * random();
  const majorPx = SHARE * sidePx;
  const rim: Ellipse = {
    centreX: sidePx * (0.48 + 0.04 * random()),
    centreY: sidePx * (0.48 + 0.04 * random()),
    majorPx,
    minorPx: majorPx * Math.cos(degToRad(tiltDeg)),
    majorDeg: 180 * random(),
  };
  const { toCircle } = flattened(rim);
  const [cos, sin] = [Math.cos(degToRad(topDeg)), Math.sin(degToRad(topDeg))];
  const [lightX, lightY] = [Math.sin(degToRad(lightDeg)), -Math.cos(degToRad(lightDeg))];
  const fibres = Float32Array.from({ length: sidePx }, () => FIBRE * normalDeviate(random));
  const rgba = new Uint8ClampedArray(4 * sidePx * sidePx);
  for (let row = 0; row < sidePx; row++) {
    for (let column = 0; column < sidePx; column++) {
      const at = 4 * (row * sidePx + column);
      const place = toCircle({ x: column, y: row });
      // Turned back by as much as the piece was turned.
      const [x, y] = [place.x * cos + place.y * sin, place.y * cos - place.x * sin];
      const far = Math.hypot(x, y);
      const light =
        1 + LIGHT_FALLS * (((column / sidePx - 0.5) * lightX + (row / sidePx - 0.5) * lightY) * -1);
      const grain = GRAIN * normalDeviate(random);
      // Its shadow lies away from the light.
      const shadow = Math.hypot(place.x + SHADOW * lightX, place.y + SHADOW * lightY) < 1 ? 0.6 : 1;
      for (let colour = 0; colour < 3; colour++) {
        const ground = (GROUND[colour] ?? 0) + (fibres[(row + (column >> 5)) % sidePx] ?? 0);
        const shade = far <= 1 ? worn(face, x, y, colour) : ground * shadow;
        rgba[at + colour] = shade * light + grain;
      }
      rgba[at + 3] = 255;
    }
  }
  return { image: { widthPx: sidePx, heightPx: sidePx, rgba }, rim, topDeg };
}

/** A place of a face in one colour: what is darker than its mean is darker still, and warmer. */
function worn({ widthPx, rgba }: RgbaImage, x: number, y: number, colour: number): number {
  const column = Math.min(widthPx - 1, Math.max(0, Math.floor(((x + 1) / 2) * widthPx)));
  const row = Math.min(widthPx - 1, Math.max(0, Math.floor(((y + 1) / 2) * widthPx)));
  const shade = rgba[4 * (row * widthPx + column) + colour] ?? 0;
  const low = Math.max(0, 1 - shade / 190);
  return shade * (1 - TARNISH * low * (1 + 0.25 * colour));
}
