import { arcWidthMm, curlDrops, middleThicknessMm } from '../forming';
import { act, edgesOf, EXERCISES, startGame, type Exercise, type Game, type PracticeAction } from './index';

/** An exercise whose hand and metal hold no surprise. */
function steady(exercise: Exercise): Exercise {
  return { ...exercise, hidden: { ...exercise.hidden, bearsLog: 0, handMm: 0 } };
}

function after(exercise: Exercise, ...actions: readonly PracticeAction[]): Game {
  return actions.reduce(act, act(startGame(steady(exercise), 1), { kind: 'take', piece: 0, holeMm: 12.7 }));
}

const ANNEAL: PracticeAction = { kind: 'anneal' };
const FOLDED: readonly PracticeAction[] = [
  ANNEAL,
  { kind: 'fold', share: 1 / 3 },
  ANNEAL,
  { kind: 'fold', share: 1 / 2 },
  ANNEAL,
  { kind: 'fold', share: 1 },
  ANNEAL,
];
const [first, , , curling, large] = EXERCISES as readonly [Exercise, Exercise, Exercise, Exercise, Exercise];
const read = (game: Game) => edgesOf(game.now!);

describe('the tools of the practice bench', () => {
  it('a washer is folded before anything else touches it', () => {
    for (const action of [
      { kind: 'rim-in', toMm: 20 },
      { kind: 'reduce', toMm: 20 },
      { kind: 'curl', depthMm: 1 },
    ] as const) {
      expect(after(first, action).said).toMatch(/still a washer/);
    }
    expect(after(first, ...FOLDED, { kind: 'fold', share: 1 }).said).toBe('It sits in the die already.');
  });

  it('a pull opens the cut edge to where the hand stops, less what springs back', () => {
    const before = after(first, ...FOLDED);
    const pulled = act(before, { kind: 'stretch', toMm: 18.6 });
    expect(read(pulled).cutMm).toBeGreaterThan(read(before).cutMm);
    expect(read(pulled).cutMm).toBeLessThan(18.6);
    expect(read(pulled).cutMm).toBeGreaterThan(18.5);
    expect(act(pulled, { kind: 'stretch', toMm: 15 }).said).toMatch(/does not reach/);
  });

  it('a rim that is brought in keeps a lip, which reads smaller until it is trimmed', () => {
    const before = after(first, ...FOLDED);
    const brought = act(before, { kind: 'rim-in', toMm: read(before).rimMm - 1 });
    expect(brought.now?.lipMm).toBeGreaterThan(0.3);
    const trimmed = act(brought, { kind: 'trim' });
    expect(read(trimmed).rimMm - read(brought).rimMm).toBeCloseTo(brought.now?.lipMm ?? 0, 9);
    expect(act(trimmed, { kind: 'trim' }).said).toMatch(/no lip/);
    expect(act(trimmed, { kind: 'rim-in', toMm: 25 }).said).toMatch(/inside of that already/);
  });

  it('edges that differ are not turned in alike', () => {
    expect(after(curling, ...FOLDED, { kind: 'curl', depthMm: 1 }).said).toMatch(/differ too much/);
    expect(after(first, ...FOLDED, { kind: 'curl', depthMm: 1 }).said).toMatch(/stays straight/);
  });

  it('a wall that leans is not reduced from both edges', () => {
    expect(after(first, ...FOLDED, { kind: 'reduce', toMm: 18 }).said).toMatch(/stretch it straight first/);
  });

  it('edges go as deep as the die really lets them, and are not opened by the stretcher', () => {
    let game = after(curling, ...FOLDED);
    const meet = 21.6;
    while (read(game).rimMm > meet + 0.05) {
      game = act(act(game, ANNEAL), { kind: 'rim-in', toMm: Math.max(meet, read(game).rimMm - 0.6) });
      if (game.moments.length > 60) break;
    }
    for (let pull = 0; pull < 20 && read(game).cutMm < meet - 0.4; pull++) {
      game = act(act(game, ANNEAL), { kind: 'stretch', toMm: Math.min(meet, read(game).cutMm + 0.6) });
    }
    game = act(act(game, { kind: 'trim' }), ANNEAL);
    game = act(game, { kind: 'stretch', toMm: meet + 0.1 });
    const straight = read(game).cutMm;
    const { wall } = game.now!;
    const band = {
      insideDiameterMm: straight,
      widthMm: arcWidthMm(wall),
      thicknessMm: middleThicknessMm(wall),
    };
    const curled = act(act(game, ANNEAL), { kind: 'curl', depthMm: 2 });
    // A push of 2 mm by the marks is one of 1.76 mm in this exercise's die.
    const { edgeMm } = curlDrops(band, { kind: 'cone', angleDeg: 25 }, 1.76);
    expect(straight - read(curled).cutMm).toBeCloseTo(edgeMm, 1);
    expect(act(curled, { kind: 'curl', depthMm: 2 }).said).toMatch(/in that far already/);
    const further = act(act(curled, ANNEAL), { kind: 'curl', depthMm: 3 });
    expect(read(curled).cutMm - read(further).cutMm).toBeGreaterThan(0.3);
    expect(act(game, { kind: 'curl', depthMm: 1 }).now?.pushedMm).toBeCloseTo(1, 9);
    expect(act(curled, { kind: 'stretch', toMm: 23 }).said).toMatch(/open the turned-in edges/);
  });

  it('a pusher brings the rim down to its own size, and a wider one does not touch it', () => {
    const before = after(large, ...FOLDED);
    const pushed = act(act(before, ANNEAL), { kind: 'push', pusherMm: 25.5 });
    expect(pushed.ended).toBeUndefined();
    expect(read(pushed).rimMm + (pushed.now?.lipMm ?? 0)).toBeCloseTo(25.5, 1);
    expect(act(pushed, { kind: 'push', pusherMm: 27 }).said).toMatch(/does not touch the rim/);
  });

  it('nothing is done to a piece before there is one', () => {
    const nothing = startGame(first, 1);
    expect(act(nothing, ANNEAL).said).toMatch(/Take a piece/);
    expect(act(nothing, { kind: 'fold', share: 1 }).said).toMatch(/Take a piece/);
    expect(act(nothing, { kind: 'take', piece: 7, holeMm: 12.7 }).said).toMatch(/no such piece/);
  });
});
