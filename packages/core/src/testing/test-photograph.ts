import { normalDeviate, seededRandom, type Random } from '../uncertainty';
import type { RgbaImage } from '../photo/grey-image';
import { fitEllipse, flattened, type Ellipse, type PicturePoint } from '../photo/ellipse';

/** How a photograph of a made-up piece is taken. */
export interface PhotographOptions {
  readonly seed: number;
  readonly widthPx?: number;
  readonly heightPx?: number;
  /** Tilt of the camera at most, degrees. */
  readonly mostTiltDeg?: number;
  /** Grain of the picture, of 255. */
  readonly noise?: number;
  /** How far the hand moved, in pixels. */
  readonly shakePx?: number;
  /** The camera is nowhere nearer than so many radii of the piece. */
  readonly nearestRadii?: number;
  /** A hole that was punched: its radius and where it lies, of the rim's radius. */
  readonly hole?: { readonly radius: number; readonly right: number; readonly down: number };
}

export interface Photograph {
  readonly image: RgbaImage;
  /** Where the rim really is. */
  readonly rim: Ellipse;
  /** Where a place of the face is in the picture: to the right and down from its middle, 1 is the rim. */
  readonly toPicture: (face: PicturePoint) => PicturePoint;
  /** How much lighter a place of the face is than its metal. */
  readonly shadeAt: (face: PicturePoint) => number;
}

/** What is left of the light in a shadow. */
const SHADOW = 0.6;

/** Brightness of a drawn face, about 0: rim, beads, a legend of strokes, a motif; by radius and turn. */
function faceShade(
  x: number,
  y: number,
  face: { readonly letters: readonly number[]; readonly points: number },
): number {
  const far = Math.hypot(x, y);
  const turn = (Math.atan2(x, -y) / (2 * Math.PI) + 1) % 1;
  if (far > 0.955) return 14;
  if (far > 0.94) return -34;
  if (far > 0.895 && far < 0.925 && (turn * 90) % 1 < 0.5) return 24;
  if (far > 0.68 && far < 0.84) {
    const place = turn * face.letters.length;
    const kind = face.letters[Math.floor(place)] ?? 0;
    const across = place % 1;
    const up = (far - 0.68) / 0.16;
    const stroke =
      (kind & 1 && across > 0.15 && across < 0.32) ||
      (kind & 2 && across > 0.6 && across < 0.76) ||
      (kind & 4 && across > 0.15 && across < 0.76 && up > 0.42 && up < 0.58) ||
      (kind & 8 && across > 0.15 && across < 0.76 && up > 0.84);
    if (kind > 0 && stroke) return 34;
  }
  const petal = 0.34 + 0.14 * Math.cos(turn * 2 * Math.PI * face.points);
  if (far < petal) return far < petal - 0.03 ? 20 : -30;
  return 0;
}

function turnBy(angle: number) {
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)];
  return (x: number, y: number) => [x * cos - y * sin, x * sin + y * cos] as const;
}

/** A plane seen by a camera, and back. */
function cameraOf(
  random: Random,
  {
    widthPx,
    heightPx,
    mostTiltDeg,
    nearestRadii,
  }: Required<Pick<PhotographOptions, 'widthPx' | 'heightPx' | 'mostTiltDeg' | 'nearestRadii'>>,
) {
  const tilt = (random() * mostTiltDeg * Math.PI) / 180;
  const way = random() * 2 * Math.PI;
  const roll = random() * 2 * Math.PI;
  const shorter = Math.min(widthPx, heightPx);
  const radiusPx = shorter * (0.24 + 0.2 * random());
  const off = () => (random() - 0.5) * (shorter - 2 * radiusPx) * 0.7;
  const [middleX, middleY] = [widthPx / 2 + off(), heightPx / 2 + off()];
  // As a hand holds a phone.
  const away = nearestRadii + 6 * random();
  const [cosTilt, sinTilt] = [Math.cos(tilt), Math.sin(tilt)];
  const [rolled, unrolled] = [turnBy(roll), turnBy(-roll)];
  const [turned, unturned] = [turnBy(way), turnBy(-way)];
  const toPicture = ({ x, y }: PicturePoint): PicturePoint => {
    const [a, b] = rolled(x, y);
    const [along, across] = unturned(a, b);
    const depth = away + along * sinTilt;
    const scale = away / depth;
    const [right, down] = turned(along * cosTilt * scale, across * scale);
    return { x: middleX + radiusPx * right, y: middleY + radiusPx * down };
  };
  const toFace = ({ x, y }: PicturePoint): PicturePoint => {
    const [along, across] = unturned((x - middleX) / radiusPx, (y - middleY) / radiusPx);
    const flat = along / (cosTilt - (along * sinTilt) / away);
    const scale = away / (away + flat * sinTilt);
    const [a, b] = turned(flat, across / scale);
    const [right, down] = unrolled(a, b);
    return { x: right, y: down };
  };
  return { toPicture, toFace };
}

function cosAndSin(angle: number) {
  return { cos: Math.cos(angle), sin: Math.sin(angle) };
}

/** Things that lie about: bars and patches, each darker or lighter than the ground. */
function clutterOf(random: Random, widthPx: number, heightPx: number) {
  return Array.from({ length: 14 }, () => ({
    x: random() * widthPx,
    y: random() * heightPx,
    ...cosAndSin(random() * Math.PI),
    long: widthPx * (0.03 + 0.25 * random()),
    wide: widthPx * (0.004 + 0.04 * random()),
    shade: (random() - 0.5) * 90,
  }));
}

/** Steps to either side of where the camera was, in whole pixels. */
interface Steps {
  readonly right: readonly number[];
  readonly down: readonly number[];
}

/** So many steps of a pixel each along a way. */
function stepsAlong(angle: number, count: number): Steps {
  const offs = Array.from({ length: count }, (_, n) => n - (count - 1) / 2);
  return {
    right: offs.map((off) => Math.round(off * Math.cos(angle))),
    down: offs.map((off) => Math.round(off * Math.sin(angle))),
  };
}

/** Each shade as the mean of those some steps away; beyond the picture its edge goes on. */
function blurred(values: Float32Array, widthPx: number, { right, down }: Steps): Float32Array {
  const heightPx = values.length / widthPx;
  const soft = new Float32Array(values.length);
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      let sum = 0;
      for (let step = 0; step < right.length; step++) {
        const column = Math.min(Math.max(x + (right[step] ?? 0), 0), widthPx - 1);
        const row = Math.min(Math.max(y + (down[step] ?? 0), 0), heightPx - 1);
        sum += values[row * widthPx + column] ?? 0;
      }
      soft[y * widthPx + x] = sum / right.length;
    }
  }
  return soft;
}

/** A photograph of a drawn face on a bench that was not tidied, by seed: the same seed gives the same picture. */
export function takePhotograph({
  seed,
  widthPx = 760,
  heightPx = 600,
  mostTiltDeg = 20,
  noise = 5,
  shakePx = 3,
  nearestRadii = 7,
  hole,
}: PhotographOptions): Photograph {
  const random = seededRandom(seed);
  const camera = cameraOf(random, { widthPx, heightPx, mostTiltDeg, nearestRadii });
  const face = {
    letters: Array.from({ length: 28 }, () => (random() < 0.2 ? 0 : Math.floor(random() * 16))),
    points: 3 + Math.floor(random() * 6),
  };
  const ground = 60 + random() * 130;
  // Lighter than the ground, or darker than the shadow on it: what cannot be told from either nobody sees.
  const metal = ground > 150 ? SHADOW * ground - 45 - 20 * random() : ground + 45 + 50 * random();
  const light = random() * 2 * Math.PI;
  const [lightX, lightY] = [Math.cos(light), Math.sin(light)];
  const grain = { turned: turnBy(random() * Math.PI), wave: 9 + random() * 20, deep: 4 + random() * 8 };
  const clutter = clutterOf(random, widthPx, heightPx);
  const groundAt = (x: number, y: number) => {
    const [along, across] = grain.turned(x, y);
    let shade = ground + grain.deep * Math.sin(across / grain.wave + Math.sin(along / 70));
    for (const thing of clutter) {
      const along = (x - thing.x) * thing.cos - (y - thing.y) * thing.sin;
      const across = (x - thing.x) * thing.sin + (y - thing.y) * thing.cos;
      if (Math.abs(along) < thing.long / 2 && Math.abs(across) < thing.wide / 2) shade += thing.shade;
    }
    return shade;
  };
  const shades = new Float32Array(widthPx * heightPx);
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      const place = camera.toFace({ x, y });
      const far = Math.hypot(place.x, place.y);
      const side = (x * lightX + y * lightY) / widthPx;
      // Where the piece lies, nobody sees the ground.
      let shade = far < 1 && !hole ? 0 : groundAt(x, y);
      const [right, down] = [place.x - (hole?.right ?? 0), place.y - (hole?.down ?? 0)];
      if (hole && Math.hypot(right, down) < hole.radius) {
        // The wall on the side of the light shades the ground in the hole.
        const toWall = Math.hypot(right + 0.05 * lightX, down + 0.05 * lightY) - hole.radius;
        shade *= 1 - (1 - SHADOW) * Math.min(1, Math.max(0, (toWall + 0.025) / 0.05));
      } else if (far < 1) {
        const bevel = far > 0.955 ? 14 * ((place.x * lightX + place.y * lightY) / far) : 0;
        shade = metal + faceShade(place.x, place.y, face) + bevel;
      } else {
        // Its shadow lies on the side away from the light.
        const shadow = Math.hypot(place.x + 0.05 * lightX, place.y + 0.05 * lightY);
        shade *= 1 - (1 - SHADOW) * Math.min(1, Math.max(0, (1.06 - shadow) / 0.05));
      }
      shades[y * widthPx + x] = shade * (1 + 0.35 * (side - 0.4));
    }
  }
  // An even number would move the picture by half a pixel.
  const count = 1 + 2 * Math.round((random() * shakePx) / 2);
  const shaken = blurred(shades, widthPx, stepsAlong(light + 1, count));
  const soft = blurred(blurred(shaken, widthPx, stepsAlong(0, 3)), widthPx, stepsAlong(Math.PI / 2, 3));
  const rgba = new Uint8ClampedArray(4 * soft.length);
  soft.forEach((shade, i) => {
    const value = shade + noise * normalDeviate(random);
    rgba[4 * i] = value * 1.02;
    rgba[4 * i + 1] = value;
    rgba[4 * i + 2] = value * 0.94;
    rgba[4 * i + 3] = 255;
  });
  const round = Array.from({ length: 90 }, (_, i) => {
    const turn = (2 * Math.PI * i) / 90;
    return camera.toPicture({ x: Math.cos(turn), y: Math.sin(turn) });
  });
  const rim = fitEllipse(round);
  if (!rim) throw new Error('a circle has to be seen as an ellipse');
  return {
    image: { widthPx, heightPx, rgba },
    rim,
    toPicture: camera.toPicture,
    shadeAt: ({ x, y }) => faceShade(x, y, face),
  };
}

/** How far one ellipse lies off another at the most, of its radius. */
export function offShare(found: Ellipse, real: Ellipse): number {
  const { toPicture } = flattened(found);
  const { toCircle } = flattened(real);
  return Math.max(
    ...Array.from({ length: 72 }, (_, i) => {
      const turn = (2 * Math.PI * i) / 72;
      const { x, y } = toCircle(toPicture({ x: Math.cos(turn), y: Math.sin(turn) }));
      return Math.abs(Math.hypot(x, y) - 1);
    }),
  );
}
