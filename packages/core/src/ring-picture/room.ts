import { smoothStep } from '../numeric';
import type { Colour } from './metal-look';

/** By daylight from a window, or by a torch flame from one side. */
export type RoomLight = 'day' | 'torch';

interface Lamp {
  /** Where it stands, seen from the ring; length 1. */
  readonly towards: readonly [x: number, y: number, z: number];
  readonly colour: Colour;
  /** Cosine of how far its light reaches from its middle. */
  readonly reach: number;
}

interface Room {
  readonly above: Colour;
  readonly below: Colour;
  readonly lamps: readonly Lamp[];
}

function lamp(x: number, y: number, z: number, reachDeg: number, colour: Colour): Lamp {
  const length = Math.hypot(x, y, z);
  return {
    towards: [x / length, y / length, z / length],
    reach: Math.cos((reachDeg * Math.PI) / 180),
    colour,
  };
}

const ROOMS: Readonly<Record<RoomLight, Room>> = {
  day: {
    above: [0.74, 0.76, 0.78],
    below: [0.66, 0.64, 0.6],
    lamps: [
      lamp(-0.7, 0.75, 0.75, 52, [1.1, 1.08, 1.04]),
      lamp(0.95, 0.35, 0.35, 34, [0.75, 0.74, 0.72]),
      lamp(0.1, 0.5, -1, 44, [0.7, 0.72, 0.75]),
      lamp(-0.62, -0.42, 0.62, 26, [0.6, 0.59, 0.56]),
      lamp(0.86, -0.45, 0.4, 15, [0.5, 0.49, 0.47]),
      // Dark things that stand about: without them metal looks like chalk.
      lamp(0.22, -0.42, 0.88, 17, [-0.34, -0.34, -0.33]),
      lamp(-0.98, -0.3, 0.1, 18, [-0.3, -0.3, -0.29]),
      lamp(0.3, 0.25, 0.92, 15, [-0.3, -0.3, -0.29]),
    ],
  },
  torch: {
    above: [0.3, 0.2, 0.12],
    below: [0.13, 0.08, 0.045],
    lamps: [
      lamp(-0.95, 0.1, 0.55, 50, [2.2, 1.35, 0.6]),
      lamp(0.8, 0.5, -0.5, 40, [0.34, 0.22, 0.13]),
      lamp(0, 0.9, 0.5, 40, [0.3, 0.2, 0.12]),
    ],
  },
};

/**
 * The light that comes from a direction, gathered over as much of the room as a surface of some roughness sees.
 * @param sum is written over: red, green, blue; 1 is as light as paper
 */
export function lightFrom(
  light: RoomLight,
  x: number,
  y: number,
  z: number,
  roughness: number,
  sum: [number, number, number],
): void {
  const { above, below, lamps } = ROOMS[light];
  const up = 0.5 + 0.5 * Math.min(1, Math.max(-1, y * (1.4 - 0.6 * roughness)));
  for (let i = 0; i < 3; i++) sum[i] = (below[i] ?? 0) + up * ((above[i] ?? 0) - (below[i] ?? 0));
  // A rough surface sees a lamp larger and fainter.
  const blur = 0.1 + 0.9 * roughness;
  for (const { towards, colour, reach } of lamps) {
    const near = x * towards[0] + y * towards[1] + z * towards[2];
    const from = reach - blur * 0.5;
    const strength = smoothStep(from, from + blur * 0.9 + 0.06, near) * (1 - 0.45 * roughness);
    for (let i = 0; i < 3; i++) sum[i] = (sum[i] ?? 0) + strength * (colour[i] ?? 0);
  }
}

/**
 * The room around a ring as a picture of all directions: columns go once round, the middle one straight ahead; rows run
 * from straight below to straight above. Three numbers and a 1 for each place.
 */
export function roomPicture(light: RoomLight, widthPx: number, heightPx: number): Float32Array {
  const picture = new Float32Array(4 * widthPx * heightPx);
  const sum: [number, number, number] = [0, 0, 0];
  for (let row = 0; row < heightPx; row++) {
    const up = Math.PI * ((row + 0.5) / heightPx - 0.5);
    for (let column = 0; column < widthPx; column++) {
      const round = 2 * Math.PI * ((column + 0.5) / widthPx - 0.5);
      lightFrom(light, Math.cos(up) * Math.cos(round), Math.sin(up), Math.cos(up) * Math.sin(round), 0, sum);
      picture.set([...sum, 1], 4 * (row * widthPx + column));
    }
  }
  return picture;
}
