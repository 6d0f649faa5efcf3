import {
  arcWidthMm,
  bandBeforePush,
  curlToolOf,
  cutEdge,
  depthForDropMm,
  finishedMeridian,
  flatMeridian,
  methodForRimStrain,
  type Meridian,
  middleThicknessMm,
  rimEdge,
} from '../forming';
import { type Kit, REFERENCE_KIT } from '../kit';
import { type Goal, goalOf, ringAllowance, type RouteState, runPass, spentBetween } from '../route';
import { FRESH, fullest, stepDefaults, type StepKind, wrinkleIndex } from '../steps';
import { workingThickness } from '../stock';
import { curlAsked, type Exercise } from './exercises';
import type { Feel, Game, Moment, PracticeAction, PracticePieceState } from './game-state';
import { FEEL_WORDS, GAME_WORDS, MOVE_REFUSALS } from './game-words';
import { luckOf } from './luck';
import { FOLD_DEG, phaseOf, type FormingAction } from './tool-moves';

const FIBRES = 16;
/** Punching, deburring. */
const PUNCHING_MIN = 10;
/** The rim never grows past the coin; a hair is forgiven, mm. */
const RIM_ROUNDING_MM = 0.02;

/** The kit of the practice bench: the plain one, with this exercise's pushers. */
export function practiceKit({ pushersMm }: Exercise): Kit {
  return [
    ...REFERENCE_KIT,
    ...pushersMm.map((diameterMm) => ({
      id: `pusher-${diameterMm}`,
      name: `${diameterMm} mm pusher`,
      spec: { kind: 'stepped-pusher', diameterMm } as const,
    })),
  ];
}

export function startGame(exercise: Exercise, seed: number): Game {
  return {
    exercise,
    seed,
    now: undefined,
    feel: 'soft',
    minutes: 0,
    anneals: 0,
    moments: [],
    said: exercise.task,
    ended: undefined,
  };
}

/** The goal as the metal knows it: with its hidden traits, and sizes put right on the way. */
export function goalFor(
  exercise: Exercise,
  { piece, holeMm }: Pick<PracticePieceState, 'piece' | 'holeMm'>,
): Goal {
  const { targetMm, wall, school, hidden } = exercise;
  const input = { coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall };
  const { thicknessMm } = workingThickness(piece);
  const finished = finishedMeridian({ diameterMm: piece.diameterMm, holeMm, thicknessMm }, wall, targetMm);
  const method = methodForRimStrain(rimEdge(finished).strainLog);
  return {
    ...goalOf(input, school, { kit: practiceKit(exercise), traits: hidden.traits, method }),
    correcting: true,
  };
}

const STRAIGHT_MM = 0.2;

/** A piece whose edges are being turned in, as a route search asks it. */
function pushedState({ wall, spent, pushedMm, pushedBand }: PracticePieceState, exercise: Exercise) {
  const { targetMm, hidden } = exercise;
  const curl = curlAsked(exercise);
  if (!curl || !pushedBand) return undefined;
  const tool = curlToolOf(curl);
  const reachedMm = pushedMm * hidden.pushGain;
  const wholeMm = depthForDropMm(pushedBand, tool, pushedBand.insideDiameterMm - targetMm);
  const { insideDiameterMm: beforeCurlMm, widthMm, thicknessMm } = pushedBand;
  return {
    wall,
    spent,
    foldDeg: FOLD_DEG,
    beforeCurlMm,
    pushedMm: { cut: reachedMm, rim: reachedMm },
    pushedBand: { widthMm, thicknessMm },
    stage: reachedMm >= wholeMm ? 'curled' : 'to-size',
  } as const;
}

/** The straight size that the edges are turned in from. */
function beforeCurlMm(exercise: Exercise, wall: Meridian): number {
  const { targetMm } = exercise;
  const curl = curlAsked(exercise);
  if (!curl) return targetMm;
  const band = { widthMm: arcWidthMm(wall), thicknessMm: middleThicknessMm(wall) };
  return bandBeforePush(targetMm, curl, band).insideDiameterMm;
}

/** Where a piece stands, as a route search asks it. */
export function routeStateOf(exercise: Exercise, state: PracticePieceState): RouteState {
  const { wall, spent, folded } = state;
  const cut = cutEdge(wall);
  const rim = rimEdge(wall);
  if (!folded) return { stage: cut.leanDeg > 89 ? 'flat' : 'cupped', wall, spent };
  const pushed = pushedState(state, exercise);
  if (pushed) return pushed;
  const base = { wall, spent, foldDeg: FOLD_DEG };
  const straight = Math.abs(rim.insideDiameterMm - cut.insideDiameterMm) < STRAIGHT_MM;
  if (!straight) return { ...base, stage: 'funnel' };
  const sizeMm = beforeCurlMm(exercise, wall);
  const over = Math.max(rim.insideDiameterMm, cut.insideDiameterMm) > sizeMm + STRAIGHT_MM;
  return {
    ...base,
    beforeCurlMm: sizeMm,
    meetMm: rim.insideDiameterMm,
    stage: over ? 'straight' : 'to-size',
  };
}

function minutesFor(kind: StepKind): number {
  const { handsOnMin, waitMin } = stepDefaults(kind);
  return handsOnMin + waitMin;
}

function refused(game: Game, said: string): Game {
  return { ...game, said };
}

const FEELS: readonly (readonly [under: number, feel: Feel])[] = [
  [0.45, 'soft'],
  [0.7, 'firm'],
  [0.9, 'stiff'],
  [Infinity, 'groaning'],
];

function done(
  game: Game,
  action: PracticeAction,
  after: PracticePieceState | undefined,
  minutes: number,
): Game {
  const moment: Moment = { action, before: game.now, after, minutes };
  return { ...game, now: after, minutes: game.minutes + minutes, moments: [...game.moments, moment] };
}

function take(game: Game, action: Extract<PracticeAction, { kind: 'take' }>): Game {
  if (game.now) return refused(game, GAME_WORDS.punched);
  const piece = game.exercise.pieces[action.piece];
  if (!piece) return refused(game, GAME_WORDS.noPiece);
  const { thicknessMm } = workingThickness(piece);
  const state: PracticePieceState = {
    piece,
    holeMm: action.holeMm,
    wall: flatMeridian(action.holeMm / 2, piece.diameterMm / 2, thicknessMm, FIBRES),
    spent: { cut: 0.02, rim: 0 },
    lipMm: 0,
    pushedMm: 0,
    pushedBand: undefined,
    folded: false,
  };
  return {
    ...done(game, action, state, PUNCHING_MIN),
    said: GAME_WORDS.taken,
  };
}

function form(game: Game, action: FormingAction): Game {
  const state = game.now;
  if (!state) return refused(game, GAME_WORDS.takeFirst);
  const answer = phaseOf(action, state, game);
  if (typeof answer === 'string') return refused(game, MOVE_REFUSALS[answer]);
  const { hidden } = game.exercise;
  const { phase, progress, change } = answer;
  const moved = { ...phase, shareShift: (phase.shareShift ?? 0) + hidden.traits.shareShift };
  const wall = runPass(moved, state.wall, state.wall, { from: 0, to: progress });
  // A washer half way down stands wider across its corners, without any hoop having grown.
  const opens = phase.kind === 'stretch';
  if (opens && rimEdge(wall).outsideDiameterMm > state.piece.diameterMm + RIM_ROUNDING_MM) {
    return refused(game, GAME_WORDS.rimStops);
  }
  const added = spentBetween(phase.kind, state.wall, wall);
  // The punch leaves the cut edge hard: without a first anneal the fold tells.
  const spent = { cut: state.spent.cut + added.cut, rim: state.spent.rim + added.rim };
  const factor = hidden.traits.allowanceFactor[state.piece.metal] ?? 1;
  const { crackAt, wrinkleAt } = luckOf(game);
  const use = fullest(spent) / (ringAllowance(state.piece) * factor);
  const after = { ...state, ...change, wall, spent };
  const next = done(game, action, after, minutesFor(phase.kind));
  if (use > crackAt) {
    return { ...next, feel: 'groaning', ended: 'cracked', said: GAME_WORDS.cracked };
  }
  const folds = phase.kind === 'fold';
  if (folds && wrinkleIndex({ from: state.wall, to: wall, passes: 1, heldByHollow: false }) > wrinkleAt) {
    return { ...next, ended: 'saddled', said: GAME_WORDS.saddled };
  }
  const feel = FEELS.find(([under]) => use / crackAt < under)?.[1] ?? 'groaning';
  return { ...next, feel, said: FEEL_WORDS[feel] };
}

/**
 * What comes of doing something: the metal answers by its own hidden nature. What it does not let happen changes
 * nothing and says why.
 */
export function act(game: Game, action: PracticeAction): Game {
  if (game.ended) return game;
  switch (action.kind) {
    case 'take':
      return take(game, action);
    case 'anneal': {
      if (!game.now) return refused(game, GAME_WORDS.takeFirst);
      const next = done(game, action, { ...game.now, spent: FRESH }, minutesFor('anneal'));
      return { ...next, anneals: game.anneals + 1, feel: 'soft', said: GAME_WORDS.annealed };
    }
    case 'trim': {
      if (!game.now || game.now.lipMm === 0) return refused(game, GAME_WORDS.noLip);
      return {
        ...done(game, action, { ...game.now, lipMm: 0 }, minutesFor('trim')),
        said: GAME_WORDS.trimmed,
      };
    }
    case 'stop': {
      if (!game.now?.folded) return refused(game, GAME_WORDS.noRing);
      return { ...done(game, action, game.now, 0), ended: 'finished', said: GAME_WORDS.finished };
    }
    default:
      return form(game, action);
  }
}

/** What the mandrel would say of both edges, mm: the lip is read too. */
export function edgesOf({ wall, lipMm }: Pick<PracticePieceState, 'wall' | 'lipMm'>) {
  return { rimMm: rimEdge(wall).insideDiameterMm - lipMm, cutMm: cutEdge(wall).insideDiameterMm };
}
