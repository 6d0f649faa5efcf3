import {
  arcWidthMm,
  curlToolOf,
  cutEdge,
  depthForDropMm,
  middleThicknessMm,
  NOT_PUSHED,
  rimEdge,
  type CurlTool,
  type CurlWish,
  type Meridian,
  type PushedMm,
  type StraightBand,
} from '../../forming';
import { chooseHollow, chooseReducingHole, type ToolChoice } from '../../kit';
import { pushPhase } from '../phases/push';
import { counted, CURL_WORDS } from '../move-words';
import type { Goal, Move, RouteState } from './move';

/** An edge that lacks less is as deep as it is to be, mm along the axis: hands push no finer. */
const DEEP_ENOUGH_MM = 0.2;

/** The tool that a wish names, from the kit. */
function toolFor({ kit }: Goal, tool: CurlTool, after: Meridian): ToolChoice {
  const { outsideDiameterMm, leanDeg } = rimEdge(after);
  return tool.kind === 'cone'
    ? chooseReducingHole(kit, outsideDiameterMm, tool.angleDeg, {
        kind: 'curl-die',
        angleDeg: tool.angleDeg,
      })
    : chooseHollow(kit, 2 * tool.radiusMm, { kind: 'curl-die', angleDeg: Math.round(-leanDeg) });
}

/** The straight band that the pushes begin, or began, on. */
function bandOf({ wall, beforeCurlMm, pushedBand }: RouteState): StraightBand {
  return {
    insideDiameterMm: beforeCurlMm ?? cutEdge(wall).insideDiameterMm,
    widthMm: pushedBand?.widthMm ?? arcWidthMm(wall),
    thicknessMm: pushedBand?.thicknessMm ?? middleThicknessMm(wall),
  };
}

interface EdgePush {
  readonly edge: keyof PushedMm;
  readonly band: StraightBand;
  readonly tool: CurlTool;
  /** Depth at which the edge has the size of the finished ring. */
  readonly wholeMm: number;
}

function pushOne(state: RouteState, goal: Goal, { edge, band, tool, wholeMm }: EdgePush): Move {
  const from = state.pushedMm ?? NOT_PUSHED;
  const to = { ...from, [edge]: wholeMm };
  const first = from.cut === 0 && from.rim === 0;
  const { insideDiameterMm: beforeCurlMm, widthMm, thicknessMm } = band;
  const { title, instruction } = CURL_WORDS.push(
    edge,
    wholeMm,
    tool.kind === 'cone' ? tool.angleDeg : undefined,
  );
  return {
    key: `push-${edge}`,
    phase: pushPhase(band, tool, { from, to }),
    words: {
      title: counted(title),
      instruction,
      tool: (_before, after) => toolFor(goal, tool, after),
      ...(first ? { before: 'true-up' as const } : {}),
    },
    to: Object.values(to).every((depthMm) => depthMm >= wholeMm - DEEP_ENOUGH_MM) ? 'curled' : 'to-size',
    settles: { pushedMm: to, pushedBand: { widthMm, thicknessMm }, beforeCurlMm },
  };
}

/** Turning the edges in to a depth: the cut edge first, then the rim edge (craft §14). */
export function pushMoves(state: RouteState, goal: Goal, curl: CurlWish): readonly Move[] {
  const band = bandOf(state);
  const tool = curlToolOf(curl);
  const wholeMm = depthForDropMm(band, tool, band.insideDiameterMm - goal.targetMm);
  const pushed = state.pushedMm ?? NOT_PUSHED;
  // An edge that went deeper than it was to be stays: the other one goes to its own depth.
  const edge = (['cut', 'rim'] as const).find((one) => pushed[one] < wholeMm - DEEP_ENOUGH_MM);
  return edge ? [pushOne(state, goal, { edge, band, tool, wholeMm })] : [];
}
