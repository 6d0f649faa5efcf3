import { arcWidthMm, bandBeforePush, middleThicknessMm, pushDepthMm } from '../forming';
import { curlAsked } from './exercises';
import { act, edgesOf, startGame, type Exercise, type Game, type PracticeAction } from './index';

const CLEARANCE_MM = 0.35;

/** A hand that feels: anneals when stiff, goes on by small amounts, reads each time. */
export function careful(exercise: Exercise, seed: number): Game {
  let game = startGame(exercise, seed);
  const go = (...actions: readonly PracticeAction[]) => {
    for (const action of actions) game = act(game, action);
  };
  const annealed = (action: PracticeAction) => {
    if (game.feel === 'stiff' || game.feel === 'groaning') go({ kind: 'anneal' });
    go(action);
  };
  const read = () => edgesOf(game.now!);
  const { targetMm } = exercise;
  const small = exercise.id === 'which-coin';
  go(
    { kind: 'take', piece: 0, holeMm: small ? 9.5 : exercise.id === 'hard-copper' ? 14.3 : 12.7 },
    { kind: 'anneal' },
  );
  for (let stroke = 1; stroke <= 3; stroke++) go({ kind: 'fold', share: stroke / 3 }, { kind: 'anneal' });
  if (!game.now?.folded) go({ kind: 'fold', share: 1 });
  const curl = curlAsked(exercise);
  const beforeMm = () => {
    if (!curl) return targetMm;
    const { wall: now } = game.now!;
    const band = { widthMm: arcWidthMm(now), thicknessMm: middleThicknessMm(now) };
    return bandBeforePush(targetMm, curl, band).insideDiameterMm;
  };
  for (const pusherMm of exercise.pushersMm) {
    if (game.ended || pusherMm < targetMm) break;
    if (read().cutMm < pusherMm - 3 && read().cutMm < targetMm)
      annealed({ kind: 'stretch', toMm: Math.min(targetMm, read().cutMm + 1) });
    go({ kind: 'anneal' }, { kind: 'push', pusherMm });
  }
  for (let pull = 0; pull < 30 && !game.ended; pull++) {
    const { rimMm, cutMm } = read();
    const wanted = beforeMm() + CLEARANCE_MM;
    if (rimMm > wanted + 1) annealed({ kind: 'rim-in', toMm: Math.max(wanted, rimMm - 1) });
    else if (cutMm < wanted - 0.1) annealed({ kind: 'stretch', toMm: Math.min(wanted, cutMm + 0.7) });
    else break;
  }
  for (let push = 0; push < 8 && !game.ended; push++) {
    const { rimMm, cutMm } = read();
    if (Math.max(rimMm, cutMm) <= beforeMm() + 0.12) break;
    annealed({ kind: 'reduce', toMm: Math.max(beforeMm(), Math.max(rimMm, cutMm) - 0.5) });
  }
  if (curl) {
    const wholeMm = pushDepthMm(curl, arcWidthMm(game.now!.wall));
    annealed({ kind: 'curl', depthMm: wholeMm / 2 });
    // Small pushes then, read after each.
    for (let depthMm = wholeMm / 2; read().cutMm > targetMm + 0.1 && depthMm < 2 * wholeMm && !game.ended;) {
      depthMm += 0.15;
      annealed({ kind: 'curl', depthMm });
    }
  }
  go({ kind: 'trim' }, { kind: 'stop' });
  return game;
}
