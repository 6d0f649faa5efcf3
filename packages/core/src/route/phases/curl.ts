import { roundedWall, straightWall } from '../../forming';
import type { Phase } from '../passes';
import { mix } from './mix';

/** Inside diameter at the edges when a curl that ends at a size and an angle has come to another angle, mm. */
function edgesAtMm(beforeCurlMm: number, targetMm: number, wholeDeg: number, angleDeg: number): number {
  // The drop grows as the square of a small angle: edges in between lie on that parabola.
  return mix(beforeCurlMm, targetMm, (angleDeg / wholeDeg) ** 2);
}

/** Where a curl comes from and goes to. */
export interface CurlMove {
  readonly beforeCurlMm: number;
  readonly targetMm: number;
  /** Angle of the finished wall. */
  readonly wholeDeg: number;
  readonly fromDeg: number;
  readonly toDeg: number;
}

/** Both edges turned in from one angle to the next; the belly stays, the edges come in (craft §3). */
export function curlPhase(move: CurlMove): Phase {
  const { beforeCurlMm, targetMm, wholeDeg, fromDeg, toDeg } = move;
  return {
    kind: 'curl',
    blow: 'curl',
    shapesAt: (progress) => {
      const angleDeg = mix(fromDeg, toDeg, progress);
      return angleDeg <= 0
        ? [straightWall(beforeCurlMm)]
        : [roundedWall(edgesAtMm(beforeCurlMm, targetMm, wholeDeg, angleDeg), angleDeg)];
    },
  };
}
