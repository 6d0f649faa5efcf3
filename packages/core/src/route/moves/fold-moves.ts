import { DEFAULT_FOLD_ANGLE_DEG, rimEdge } from '../../forming';
import { ballPhase, foldedRimOutsideMm, foldOnPhase, foldPhase } from '../phases/fold';
import { funnelsOf } from '../../steps';
import { chooseBall, type FoldDieChoice, foldDies, lacksFoldDie } from '../../kit';
import { FOLD_WORDS, strokes } from '../move-words';
import type { Goal, Move, RouteState } from './move';

function diesFor(state: RouteState, goal: Goal): readonly FoldDieChoice[] {
  const dies = foldDies(goal.kit, goal.coinDiameterMm, (angleDeg) =>
    foldedRimOutsideMm(state.wall, angleDeg),
  );
  if (dies.length > 0) return dies;
  return [
    {
      angleDeg: DEFAULT_FOLD_ANGLE_DEG,
      choice: lacksFoldDie(goal.coinDiameterMm, DEFAULT_FOLD_ANGLE_DEG),
    },
  ];
}

function dieMove(state: RouteState, goal: Goal, { angleDeg, choice, narrowMouthMm }: FoldDieChoice): Move {
  const flat = state.stage === 'flat';
  // Cupped, the rim has come in already.
  const rimMm = rimEdge(state.wall).outsideDiameterMm;
  // Of a die that the kit lacks nothing is known.
  const growthMm =
    'tool' in choice && choice.contact?.kind === 'fold-die'
      ? funnelsOf(goal.traits, choice.contact).growthMm
      : undefined;
  const narrow = narrowMouthMm !== undefined && flat && narrowMouthMm < rimMm ? narrowMouthMm : undefined;
  return {
    key: `fold-${angleDeg}`,
    phase: flat
      ? foldPhase(state.wall, angleDeg, { mouthRadiusMm: narrow && narrow / 2, growthMm })
      : foldOnPhase(state.wall, angleDeg, { growthMm }),
    words: {
      title: strokes(FOLD_WORDS.die.title),
      instruction:
        FOLD_WORDS.die.instruction + (narrow === undefined ? '' : FOLD_WORDS.narrowMouth(rimMm - narrow)),
      tool: () => choice,
    },
    to: 'funnel',
    settles: { foldDeg: angleDeg },
  };
}

function ballMove(state: RouteState, goal: Goal): readonly Move[] {
  const ball = chooseBall(goal.kit, goal.coinDiameterMm);
  const phase = ball && ballPhase(state.wall, ball.diameterMm);
  if (!ball || !phase) return [];
  const { tool, diameterMm } = ball;
  return [
    {
      key: 'ball',
      phase,
      words: {
        title: strokes(FOLD_WORDS.ball.title),
        instruction: FOLD_WORDS.ball.instruction,
        tool: () => ({
          tool,
          use: FOLD_WORDS.ballUse(tool.name),
          contact: { kind: 'ball', diameterMm },
        }),
      },
      to: 'cupped',
      heldByHollow: true,
    },
  ];
}

/** The first fold: ball in dapping block, or straight into a die; then the die; a wide funnel may go into a narrower die. */
export function foldMoves(state: RouteState, goal: Goal): readonly Move[] {
  const dies = diesFor(state, goal);
  switch (state.stage) {
    case 'flat':
      return [...ballMove(state, goal), ...dies.map((die) => dieMove(state, goal, die))];
    case 'cupped':
      return dies.map((die) => dieMove(state, goal, die));
    case 'funnel':
      return dies
        .filter(({ angleDeg }) => angleDeg < (state.foldDeg ?? 0))
        .map((die) => dieMove(state, goal, die));
    default:
      return [];
  }
}
