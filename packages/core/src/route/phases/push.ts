import { pushedBetween, wallPushedTo, type CurlTool, type PushedMm, type StraightBand } from '../../forming';
import type { Phase } from '../passes';

/** Edges of a straight band pushed on, from how far they are to how far they are to be (craft §14). */
export function pushPhase(
  band: StraightBand,
  tool: CurlTool,
  { from, to }: { readonly from: PushedMm; readonly to: PushedMm },
): Phase {
  return {
    kind: 'curl',
    blow: 'curl',
    shapesAt: (progress) => [wallPushedTo(band, tool, pushedBetween(from, to, progress))],
  };
}
