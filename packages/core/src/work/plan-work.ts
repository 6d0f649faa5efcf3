import { finishReasons } from '../finishing';
import type { Reason } from '../forming';
import { OPERATIONS, type Answer, type Operation } from '../identify';
import type { MetalId } from '../metal';
import { withToolIds } from '../steps';
import { STOCK_FOR, type Work, type WorkKind, type WorkPiece } from './kinds';
import { permitWords } from './permit-words';
import { planCoinBand } from './plan-coin-band';
import { planHandle } from './plan-handle';
import { planResize } from './plan-resize';
import { gated, type WorkBench, type WorkPlan, type WorkWish } from './plan-shape';
import { planSpinner } from './plan-spinner';
import { planStrip } from './plan-strip';

/** What a test of the piece found that it may bear. */
export type Permits = Readonly<Record<Operation, Answer>>;

/** What each kind of work does to its piece. */
const NEEDS: Readonly<Record<WorkKind | 'coin', readonly Operation[]>> = {
  coin: ['heat', 'fold'],
  handle: ['bend'],
  strip: ['bend', 'heat', 'solder'],
  spinner: ['bend', 'heat', 'solder'],
  'coin-band': ['bend', 'heat', 'solder'],
  resize: ['bend'],
};

/** What a tested piece says against a kind of work: it gates the planner. */
export function permitReasons(kind: WorkKind | 'coin', may: Permits | undefined): readonly Reason[] {
  if (!may) return [];
  return OPERATIONS.filter((operation) => NEEDS[kind].includes(operation) && may[operation] !== 'yes').map(
    (operation) =>
      may[operation] === 'no'
        ? { code: `may-not-${operation}`, level: 'refuse', ...permitWords(operation, 'no') }
        : { code: `unsure-${operation}`, level: 'warn', ...permitWords(operation, 'unsure') },
  );
}

/** What the ring of a work is of: a coin in a band is of its band's metal. */
export function metalOfWork(work: Work, piece: WorkPiece): MetalId {
  return work.kind === 'coin-band' ? work.stripMetal : piece.metal;
}

/** Narrowed by kind: a work always comes with the piece that its kind begins with. */
function planOf(wish: WorkWish, bench: WorkBench): WorkPlan {
  const { work, piece, ...rest } = wish;
  if (work.kind === 'handle' && piece.kind === 'handle') return planHandle({ ...rest, work, piece }, bench);
  if (work.kind === 'strip' && piece.kind === 'strip') return planStrip({ ...rest, work, piece }, bench);
  if (work.kind === 'spinner' && piece.kind === 'strip') return planSpinner({ ...rest, work, piece }, bench);
  if (work.kind === 'coin-band' && piece.kind === 'coin')
    return planCoinBand({ ...rest, work, piece }, bench);
  if (work.kind === 'resize' && piece.kind === 'band') return planResize({ ...rest, work, piece }, bench);
  throw new RangeError(`${work.kind} begins with a ${STOCK_FOR[work.kind]}, not a ${piece.kind}`);
}

/**
 * The whole answer for any kind of work that is no coin ring: figures, verdict and route.
 * @param may what a test of the piece found; left out, it was not tested
 * @throws RangeError for a piece of the wrong kind, or measures that no piece can have
 */
export function planWork(wish: WorkWish, bench: WorkBench, may?: Permits): WorkPlan {
  const planned = planOf(wish, bench);
  const plan = { ...planned, steps: withToolIds(bench.kit, planned.steps) };
  const metal = metalOfWork(wish.work, wish.piece);
  return gated(plan, [...permitReasons(wish.work.kind, may), ...finishReasons(wish.finish, metal)]);
}
