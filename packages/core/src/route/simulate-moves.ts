import { flatMeridian, washerOf, type CoinRingInput, type FinishingSchool, type Meridian } from '../forming';
import type { Kit } from '../kit';
import { type BenchTraits, type EdgeSpend, FRESH, wrinkleIndex } from '../steps';
import { goalOf } from './goal';
import { isFormed, LONGEST_WAY, moveOnWay, type Move, type RouteState } from './moves';
import { runPass, spentBetween, weighPasses } from './passes';

export interface WalkOptions {
  readonly kit: Kit;
  readonly school: FinishingSchool;
  /** Names of the moves, as a route chose them. */
  readonly way: readonly string[];
  /** Added to the share of every kind of blow: how this metal differs from the defaults. */
  readonly shareShift?: number;
  /** Size the maker was told to bring the straight band to; left out, reckoned from the wall at hand. */
  readonly beforeCurlMm?: number | undefined;
  /** How the bench behaves; left out, by default. */
  readonly traits?: BenchTraits | undefined;
  /** Fibres less one. */
  readonly intervals?: number | undefined;
}

/** What came of a walk: the finished wall, and how near it came to spoiling. */
export interface Walk {
  readonly finished: Meridian;
  /** Fullest that each edge's budget got, weighted strain. */
  readonly peakSpent: EdgeSpend;
  /** Worst tendency to wrinkle of any fold stroke. */
  readonly wrinkleIndex: number;
}

const WALK_INTERVALS = 16;

function shifted({ phase }: Move, shareShift: number) {
  return shareShift === 0 ? phase : { ...phase, share: phase.share + shareShift };
}

/**
 * Goes a known way with a piece that differs a little from the planned one, each move in one go: some fifty times faster
 * than the full simulation and within a few thousandths of it.
 */
export function walkWay(input: CoinRingInput, options: WalkOptions): Walk {
  const { kit, school, way, shareShift = 0, beforeCurlMm, traits, intervals = WALK_INTERVALS } = options;
  const goal = goalOf(input, school, { kit, traits });
  const washer = washerOf(input.coin, input.holeMm);
  const flat = flatMeridian(washer.holeMm / 2, washer.diameterMm / 2, washer.thicknessMm, intervals);
  let stand: RouteState = {
    stage: 'flat',
    wall: flat,
    spent: FRESH,
    ...(beforeCurlMm === undefined ? {} : { beforeCurlMm }),
  };
  let peakSpent = FRESH;
  let worstWrinkle = 0;
  for (let moves = 0; moves < LONGEST_WAY && !isFormed(stand, goal); moves++) {
    const move = moveOnWay(stand, goal, way);
    if (!move) break;
    const phase = shifted(move, shareShift);
    const wall = runPass(phase, stand.wall, stand.wall, { from: 0, to: 1 });
    const whole = spentBetween(phase.kind, stand.wall, wall);
    const weighed = weighPasses(whole, stand.spent, goal.allowanceStrainLog, phase.annealFirst === true);
    peakSpent = {
      cut: Math.max(peakSpent.cut, weighed.peak.cut),
      rim: Math.max(peakSpent.rim, weighed.peak.rim),
    };
    if (phase.kind === 'fold') {
      const { heldByHollow = false } = move;
      const index = wrinkleIndex({ from: stand.wall, to: wall, passes: weighed.passes, heldByHollow });
      worstWrinkle = Math.max(worstWrinkle, index);
    }
    stand = {
      ...stand,
      ...move.settles,
      ...(beforeCurlMm === undefined ? {} : { beforeCurlMm }),
      stage: move.to,
      wall,
      spent: weighed.spent,
    };
  }
  return { finished: stand.wall, peakSpent, wrinkleIndex: worstWrinkle };
}
