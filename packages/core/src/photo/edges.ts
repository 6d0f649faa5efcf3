import { soften, type GreyImage } from './grey-image';

/** Places where a picture turns from dark to light, and which way: arrays run side by side. */
export interface Edges {
  readonly x: Float32Array;
  readonly y: Float32Array;
  /** Unit vector towards the light. */
  readonly towardX: Float32Array;
  readonly towardY: Float32Array;
}

/** How steeply shades change at every pixel, by differences over two pixels. */
function gradients({ widthPx, heightPx, grey }: GreyImage) {
  const across = new Float32Array(grey.length);
  const down = new Float32Array(grey.length);
  const steep = new Float32Array(grey.length);
  for (let y = 1; y < heightPx - 1; y++) {
    for (let x = 1; x < widthPx - 1; x++) {
      const i = y * widthPx + x;
      const dx = (grey[i + 1] ?? 0) - (grey[i - 1] ?? 0);
      const dy = (grey[i + widthPx] ?? 0) - (grey[i - widthPx] ?? 0);
      across[i] = dx;
      down[i] = dy;
      steep[i] = Math.hypot(dx, dy);
    }
  }
  return { across, down, steep };
}

/** The value that so many of all lie above, of what is above nothing. */
function thresholdOf(steep: Float32Array, most: number): number {
  const sorted = steep.filter((value) => value > LEAST_STEEP).sort();
  return sorted[Math.max(0, sorted.length - most)] ?? Infinity;
}

/** Less than this is the grain of an even ground. */
const LEAST_STEEP = 4;
/** So many passes more soften a picture until an edge that was crisp is less than half as steep. */
const MORE_PASSES = 6;
/** The edge of a thing loses at least this much by them, the edge of a shadow less: it was soft before. */
const CRISP = 1.45;

/**
 * The edges of a picture: where shades change most steeply along the way they change, and crisply. Edges of shadows are
 * left out.
 * @param most so many at most, the steepest
 */
export function findEdges(image: GreyImage, most: number): Edges {
  const { widthPx, heightPx } = image;
  const { across, down, steep } = gradients(image);
  const softer = gradients(soften(image, MORE_PASSES)).steep;
  const crests: number[] = [];
  const heights = new Float32Array(steep.length);
  for (let y = 2; y < heightPx - 2; y++) {
    for (let x = 2; x < widthPx - 2; x++) {
      const i = y * widthPx + x;
      const height = steep[i] ?? 0;
      if (height <= LEAST_STEEP || height < CRISP * (softer[i] ?? 0)) continue;
      // The neighbour nearest to the way in which the shade changes.
      const stepX = Math.round((across[i] ?? 0) / height);
      const stepY = Math.round((down[i] ?? 0) / height);
      const step = stepY * widthPx + stepX;
      if (height < (steep[i + step] ?? 0) || height <= (steep[i - step] ?? 0)) continue;
      crests.push(i);
      heights[i] = height;
    }
  }
  const least = thresholdOf(heights, most);
  const kept = crests.filter((i) => (heights[i] ?? 0) >= least).slice(0, most);
  return {
    x: Float32Array.from(kept, (i) => i % widthPx),
    y: Float32Array.from(kept, (i) => Math.floor(i / widthPx)),
    towardX: Float32Array.from(kept, (i) => (across[i] ?? 0) / (steep[i] ?? 1)),
    towardY: Float32Array.from(kept, (i) => (down[i] ?? 0) / (steep[i] ?? 1)),
  };
}
