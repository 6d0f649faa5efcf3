import { rimEdge, type Meridian } from '../../forming';
import { lacksPusher, pusherInDie, type Tool, toolsOf, usableTools } from '../../kit';
import { budgetWeight, formedWish, type SpoilRisk } from '../../steps';
import { pusherPhase } from '../phases/stepped';
import { straightAtCutMm, straightAtRimMm } from '../phases/straight-at';
import { beforeCurlDiameterMm, stretchPhase } from '../phases/wall';
import { counted, pusherGapWords, WALL_WORDS } from '../move-words';
import type { Goal, Move, RouteState } from './move';
import { stretchWords } from './tool-words';

/** A cut edge this little too small is opened by the pusher itself, mm. */
const PUSHER_OPENS_MM = 0.1;

interface OwnedPusher {
  readonly tool: Tool;
  readonly diameterMm: number;
}

function ownedPushers(goal: Goal): readonly OwnedPusher[] {
  return toolsOf(usableTools(goal.kit), 'stepped-pusher')
    .map(({ tool, spec }) => ({ tool, diameterMm: spec.diameterMm }))
    .sort((a, b) => b.diameterMm - a.diameterMm);
}

/** Whether one push from the rim's size to another stays within the allowance of a fresh anneal. */
function withinOnePush(wall: Meridian, toMm: number, allowanceStrainLog: number): boolean {
  const t = rimEdge(wall).thicknessMm;
  const strain = Math.log((straightAtRimMm(wall) + t) / (toMm + t));
  return budgetWeight('stepped') * strain <= allowanceStrainLog;
}

function pushMove(
  state: RouteState,
  pusher: OwnedPusher | undefined,
  toMm: number,
  last: boolean,
  risks: readonly SpoilRisk[],
): Move {
  return {
    key: `push-${pusher?.diameterMm ?? 'none'}${last ? '-last' : ''}`,
    phase: pusherPhase(state.wall, toMm, last),
    words: {
      title: counted(WALL_WORDS.stepped.title),
      instruction: WALL_WORDS.stepped.instruction,
      tool: () => (pusher ? pusherInDie(pusher.tool, pusher.diameterMm) : lacksPusher(toMm)),
      leavesLip: true,
    },
    to: last ? 'to-size' : 'stepping',
    risks,
  };
}

function gapRisk(pusher: OwnedPusher): SpoilRisk {
  return {
    code: 'wide-pusher-gap',
    message: pusherGapWords(pusher.tool.name),
  };
}

/** Pushers that come next: every one within one push, or the largest when none is. */
function nextPushes(state: RouteState, goal: Goal, toMm: number): readonly Move[] {
  const rimMm = straightAtRimMm(state.wall);
  const pushers = ownedPushers(goal);
  const lastPusher = pushers.find(({ diameterMm }) => diameterMm <= toMm + PUSHER_OPENS_MM);
  const between = pushers.filter(
    ({ diameterMm }) => diameterMm < rimMm - PUSHER_OPENS_MM && diameterMm > toMm + PUSHER_OPENS_MM,
  );
  const reached = (mm: number) => withinOnePush(state.wall, mm, goal.allowanceStrainLog);
  const steps = between
    .filter(({ diameterMm }) => reached(diameterMm))
    .map((pusher) => pushMove(state, pusher, pusher.diameterMm, false, []));
  if (reached(toMm)) return [...steps, pushMove(state, lastPusher, toMm, true, [])];
  const [first] = between;
  if (steps.length > 0) return steps;
  if (!first) return [pushMove(state, lastPusher, toMm, true, lastPusher ? [gapRisk(lastPusher)] : [])];
  return [pushMove(state, first, first.diameterMm, false, [gapRisk(first)])];
}

/** Craft §5: a funnel too tight for dies alone, pushed down one long die under tape, pusher by pusher. */
export function steppedMoves(state: RouteState, goal: Goal): readonly Move[] {
  const toMm =
    state.beforeCurlMm ?? beforeCurlDiameterMm(state.wall, formedWish(goal.traits, goal.wish), goal.targetMm);
  if (state.stage === 'funnel' && straightAtCutMm(state.wall) < toMm - PUSHER_OPENS_MM) {
    return [
      {
        key: 'open-cut',
        phase: stretchPhase(state.wall, toMm),
        words: stretchWords(goal, 'open-for-pusher'),
        to: 'stepping',
        settles: { beforeCurlMm: toMm },
      },
    ];
  }
  return nextPushes(state, goal, toMm).map((move) => ({ ...move, settles: { beforeCurlMm: toMm } }));
}
