import { curlOf, rimEdge, cutEdge } from '../../forming';
import { chooseReducingHole, toolsOf } from '../../kit';
import { turnedDeg } from '../../steps';
import { curlPhase } from '../phases/curl';
import { pushMoves } from './push-moves';
import { counted, CURL_WORDS } from '../move-words';
import type { Goal, Move, RouteState } from './move';

/** First curl of a wall that is to be turned in further (craft §3: 17° on both edges, then 25°). */
export const FIRST_CURL_DEG = 17;

function dieCurl(state: RouteState, goal: Goal, toDeg: number, done: boolean): Move {
  const from = state.curlDeg ?? 0;
  const beforeCurlMm = state.beforeCurlMm ?? cutEdge(state.wall).insideDiameterMm;
  const { title, instruction } = CURL_WORDS.die(toDeg);
  return {
    key: `curl-${toDeg}`,
    phase: curlPhase({
      beforeCurlMm,
      targetMm: goal.targetMm,
      wholeDeg: turnedDeg(goal.traits, curlOf(goal.wish)),
      fromDeg: turnedDeg(goal.traits, from),
      toDeg: turnedDeg(goal.traits, toDeg),
    }),
    words: {
      title: counted(title),
      instruction,
      tool: (_before, after) =>
        chooseReducingHole(goal.kit, rimEdge(after).outsideDiameterMm, toDeg, {
          kind: 'curl-die',
          angleDeg: toDeg,
        }),
      ...(from === 0 ? { before: 'true-up' as const } : {}),
    },
    to: done ? 'curled' : 'to-size',
    settles: { curlDeg: toDeg, beforeCurlMm },
  };
}

/** A dapping block rounds in one go, when it has a hollow that the ring fits into. */
function blockCurl(state: RouteState, goal: Goal, wholeDeg: number): readonly Move[] {
  const outsideMm = rimEdge(state.wall).outsideDiameterMm;
  const ball = toolsOf(goal.kit, 'dapping-ball').find(({ spec }) => spec.diameterMm > outsideMm);
  if (!ball) return [];
  const die = dieCurl(state, goal, wholeDeg, true);
  const { title, instruction } = CURL_WORDS.block(ball.tool.name, wholeDeg);
  return [
    {
      ...die,
      key: 'curl-block',
      words: {
        ...die.words,
        title: counted(title),
        instruction,
        tool: () => ({
          tool: ball.tool,
          use: CURL_WORDS.blockUse(ball.tool.name),
          contact: { kind: 'curl-die', angleDeg: wholeDeg },
        }),
      },
    },
  ];
}

/** Turning the edges in: 17° first when more is wanted, then the whole angle in a die or a dapping block. */
export function curlMoves(state: RouteState, goal: Goal): readonly Move[] {
  if (goal.wish.curl) return pushMoves(state, goal, goal.wish.curl);
  const wholeDeg = curlOf(goal.wish);
  const turned = state.curlDeg ?? 0;
  if (turned === 0 && wholeDeg > FIRST_CURL_DEG) return [dieCurl(state, goal, FIRST_CURL_DEG, false)];
  return [dieCurl(state, goal, wholeDeg, true), ...blockCurl(state, goal, wholeDeg)];
}
