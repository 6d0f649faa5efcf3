import {
  flatMeridian,
  shiftedWall,
  washerOf,
  type CoinRingInput,
  type FinishingSchool,
  type Meridian,
} from '../forming';
import type { Kit } from '../kit';
import { type BenchTraits, type EdgeSpend, FRESH, wrinkleIndex } from '../steps';
import { goalOf } from './goal';
import { isFormed, MOST_MOVES, dueMove, type Move, type RouteState } from './moves';
import { runPass, spentBetween, weighPasses } from './passes';

export interface SimulationOptions {
  readonly kit: Kit;
  readonly school: FinishingSchool;
  /** Names of the moves, as a route chose them. */
  readonly moves: readonly string[];
  /** Added to the share of every kind of blow: how this metal differs from the defaults. */
  readonly shareShift?: number;
  /** Size the maker was told to bring the straight band to; left out, computed from the wall at hand. */
  readonly beforeCurlMm?: number | undefined;
  /** How the bench behaves; left out, by default. */
  readonly traits?: BenchTraits | undefined;
  /** Fibres less one. */
  readonly intervals?: number | undefined;
}

/** What came of a walk: the finished wall, and how near it came to spoiling. */
export interface SimulatedForming {
  readonly finished: Meridian;
  /** Fullest that each edge's budget got, weighted strain. */
  readonly peakSpent: EdgeSpend;
  /** Worst tendency to wrinkle of any fold stroke. */
  readonly wrinkleIndex: number;
  /** How often the piece was annealed, that after punching among them. */
  readonly heats: number;
}

const SIMULATION_INTERVALS = 16;

function shifted({ phase }: Move, shareShift: number) {
  return shareShift === 0 ? phase : { ...phase, shareShift: (phase.shareShift ?? 0) + shareShift };
}

/**
 * Applies known moves to a piece that differs a little from the planned one, each move in one go: some fifty times faster
 * than the full simulation and within a few thousandths of it.
 */
export function simulateMoves(input: CoinRingInput, options: SimulationOptions): SimulatedForming {
  const {
    kit,
    school,
    moves,
    shareShift = 0,
    beforeCurlMm,
    traits,
    intervals = SIMULATION_INTERVALS,
  } = options;
  const goal = goalOf(input, school, { kit, traits });
  const washer = washerOf(input.coin, input.holeMm);
  const flat = flatMeridian(washer.holeMm / 2, washer.diameterMm / 2, washer.thicknessMm, intervals);
  let state: RouteState = {
    stage: 'flat',
    wall: flat,
    spent: FRESH,
    ...(beforeCurlMm === undefined ? {} : { beforeCurlMm }),
  };
  let peakSpent = FRESH;
  let worstWrinkle = 0;
  let heats = 1;
  for (let made = 0; made < MOST_MOVES && !isFormed(state, goal); made++) {
    const move = dueMove(state, goal, moves);
    if (!move) break;
    const phase = shifted(move, shareShift);
    const wall = runPass(phase, state.wall, state.wall, { from: 0, to: 1 });
    const whole = spentBetween(phase.kind, state.wall, wall);
    const weighed = weighPasses(whole, state.spent, goal.allowanceStrainLog, phase.annealFirst === true);
    peakSpent = {
      cut: Math.max(peakSpent.cut, weighed.peak.cut),
      rim: Math.max(peakSpent.rim, weighed.peak.rim),
    };
    heats += weighed.anneals;
    if (phase.kind === 'fold') {
      const { heldByHollow = false } = move;
      const index = wrinkleIndex({ from: state.wall, to: wall, passes: weighed.passes, heldByHollow });
      worstWrinkle = Math.max(worstWrinkle, index);
    }
    state = {
      ...state,
      ...move.settles,
      ...(beforeCurlMm === undefined ? {} : { beforeCurlMm }),
      stage: move.to,
      wall,
      spent: weighed.spent,
    };
  }
  const finished = shiftedWall(state.wall, goal.traits.wallShift);
  return { finished, peakSpent, wrinkleIndex: worstWrinkle, heats };
}
