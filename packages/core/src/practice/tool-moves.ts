import {
  arcWidthMm,
  curlToolOf,
  cutEdge,
  middleThicknessMm,
  rimEdge,
  springbackMm,
  type StraightBand,
} from '../forming';
import {
  foldOnPhase,
  foldPhase,
  type Phase,
  pusherPhase,
  pushPhase,
  reducePhase,
  rimInPhase,
  ringAllowance,
  stretchPhase,
} from '../route';
import { fullest } from '../steps';
import { curlAsked } from './exercises';
import type { Game, PracticeAction, PracticePieceState } from './game-state';
import type { MoveRefusal } from './game-words';
import { luckOf } from './luck';

const PLATE_DEG = 17;
export const FOLD_DEG = 17;

/** The actions that move metal. */
export type FormingAction = Exclude<PracticeAction, { kind: 'take' | 'anneal' | 'trim' | 'stop' }>;

/** The tool's move for an action; why not where the piece does not let it. */
export function phaseOf(
  action: FormingAction,
  state: PracticePieceState,
  game: Game,
):
  | { readonly phase: Phase; readonly progress: number; readonly change?: Partial<PracticePieceState> }
  | MoveRefusal {
  const { wall, folded, pushedMm } = state;
  const cut = cutEdge(wall);
  const rim = rimEdge(wall);
  const { slipMm } = luckOf(game);
  const { hidden } = game.exercise;
  const leavesLip = { lipMm: hidden.traits.trimGainMm };
  const back = (mm: number) => springbackMm(mm, fullest(state.spent) / ringAllowance(state.piece));
  if (action.kind !== 'fold' && !folded) return 'not-folded';
  switch (action.kind) {
    case 'fold': {
      if (folded) return 'folded-already';
      const phase = cut.leanDeg > 89 ? foldPhase(wall, FOLD_DEG) : foldOnPhase(wall, FOLD_DEG);
      return { phase, progress: action.share, change: { folded: action.share >= 1 } };
    }
    case 'stretch': {
      if (pushedMm > 0) return 'edges-turned-in';
      const toMm = action.toMm + slipMm - back(action.toMm) / 2;
      if (toMm <= Math.min(cut.insideDiameterMm, rim.insideDiameterMm)) return 'stretcher-too-small';
      return { phase: stretchPhase(wall, toMm), progress: 1 };
    }
    case 'rim-in': {
      const toMm = action.toMm + slipMm + back(action.toMm) / 2;
      if (toMm >= rim.insideDiameterMm) return 'rim-inside-already';
      return {
        phase: rimInPhase(wall, toMm, PLATE_DEG, false),
        progress: 1,
        change: leavesLip,
      };
    }
    case 'reduce': {
      const from = Math.max(cut.insideDiameterMm, rim.insideDiameterMm);
      const toMm = action.toMm + slipMm + back(action.toMm) / 2;
      if (toMm >= from) return 'edges-inside-already';
      if (Math.abs(rim.insideDiameterMm - cut.insideDiameterMm) > 1.5) return 'still-leans';
      return {
        phase: reducePhase(from, toMm, PLATE_DEG),
        progress: 1,
        change: leavesLip,
      };
    }
    case 'push': {
      const last = action.pusherMm <= cut.insideDiameterMm + 0.5;
      if (action.pusherMm >= rim.insideDiameterMm) return 'pusher-too-large';
      return {
        phase: pusherPhase(wall, action.pusherMm + slipMm, last),
        progress: 1,
        change: leavesLip,
      };
    }
    case 'curl': {
      const curl = curlAsked(game.exercise);
      if (!curl) return 'stays-straight';
      if (Math.abs(rim.insideDiameterMm - cut.insideDiameterMm) > 0.4 && pushedMm === 0) {
        return 'edges-differ';
      }
      if (action.depthMm <= pushedMm) return 'pushed-already';
      const band: StraightBand = state.pushedBand ?? {
        insideDiameterMm: Math.min(cut.insideDiameterMm, rim.insideDiameterMm),
        widthMm: arcWidthMm(wall),
        thicknessMm: middleThicknessMm(wall),
      };
      const gone = pushedMm * hidden.pushGain;
      const goes = Math.max(gone, (action.depthMm + slipMm) * hidden.pushGain);
      return {
        phase: pushPhase(band, curlToolOf(curl), {
          from: { cut: gone, rim: gone },
          to: { cut: goes, rim: goes },
        }),
        progress: 1,
        change: { pushedMm: goes / hidden.pushGain, pushedBand: band },
      };
    }
  }
}
