import { rimEdge, volumeMm3 } from '../forming';
import { MM_PER_US_SIZE } from '../size';
import { act, edgesOf, EXERCISES, judge, startGame, type Exercise } from './index';
import { careful } from './test-hand';

describe('the practice bench', () => {
  const [first] = EXERCISES as readonly [Exercise, ...Exercise[]];
  const taken = () => act(startGame(first, 3), { kind: 'take', piece: 0, holeMm: 12.7 });
  const folded = () => {
    let game = act(taken(), { kind: 'anneal' });
    for (const share of [1 / 3, 2 / 3, 1]) game = act(act(game, { kind: 'fold', share }), { kind: 'anneal' });
    return act(game, { kind: 'fold', share: 1 });
  };

  it('has five graded exercises, each of its own', () => {
    expect(EXERCISES.map(({ grade }) => grade)).toEqual([1, 2, 3, 4, 5]);
    expect(new Set(EXERCISES.map(({ id }) => id)).size).toBe(5);
  });

  it('a punched coin cannot be un-punched', () => {
    const again = act(taken(), { kind: 'take', piece: 0, holeMm: 9.5 });
    expect(again.now?.holeMm).toBe(12.7);
    expect(again.said).toMatch(/un-punched/);
    expect(again.moments).toHaveLength(1);
  });

  it('keeps the volume, whatever is done', () => {
    const game = folded();
    const start = volumeMm3(taken().now!.wall);
    const stretched = act(game, { kind: 'stretch', toMm: 19.5 });
    expect(stretched.moments.length).toBeGreaterThan(game.moments.length);
    expect(volumeMm3(stretched.now!.wall)).toBeCloseTo(start, 4);
  });

  it('what the piece does not let happen changes nothing and says why', () => {
    expect(act(taken(), { kind: 'stretch', toMm: 18 })).toMatchObject({
      said: expect.stringMatching(/still a washer/),
      minutes: taken().minutes,
    });
    const game = folded();
    const grown = act(game, { kind: 'stretch', toMm: 29.5 });
    expect(grown.now).toBe(game.now);
    expect(grown.said).toMatch(/rim will not grow/);
    expect(rimEdge(game.now!.wall).outsideDiameterMm).toBeLessThanOrEqual(30.62);
  });

  it('is the same for the same seed, and another for another', () => {
    const sizes = (seed: number) => {
      const game = careful(first, seed);
      return edgesOf(game.now!).cutMm;
    };
    expect(sizes(4)).toBe(sizes(4));
    expect(sizes(4)).not.toBe(sizes(5));
  });

  it('cracks under a hand that never anneals, sooner where the metal is hard', () => {
    const strokes = (exercise: Exercise) => {
      let game = act(startGame(exercise, 8), { kind: 'take', piece: 0, holeMm: 12.7 });
      for (let i = 1; i <= 6; i++) game = act(act(game, { kind: 'anneal' }), { kind: 'fold', share: i / 6 });
      expect(game.ended).toBeUndefined();
      game = act(game, { kind: 'anneal' });
      for (let mm = 13; mm < 26 && !game.ended; mm += 0.1) game = act(game, { kind: 'stretch', toMm: mm });
      return game;
    };
    expect(strokes(first).ended).toBe('cracked');
    expect(strokes(EXERCISES[2]!).ended).toBe('cracked');
    expect(strokes(EXERCISES[2]!).moments.length).toBeLessThan(strokes(first).moments.length);
  });
});

describe('the score', () => {
  it.each(EXERCISES.map((exercise) => [exercise.id, exercise] as const))(
    'rewards a careful hand at %s',
    (_id, exercise) => {
      const scores = [1, 2, 3].map((seed) => {
        const game = careful(exercise, seed);
        return { ended: game.ended, ...judge(game) };
      });
      const best = Math.max(...scores.map(({ total }) => total));
      expect(best).toBeGreaterThan(60);
      scores.forEach(({ total, bestMin }) => {
        expect(total).toBeLessThanOrEqual(100);
        expect(bestMin).toBeGreaterThan(20);
      });
    },
  );

  it('tells the moment that cost the most: a needless overshoot', () => {
    const [first] = EXERCISES;
    let game = act(act(startGame(first!, 2), { kind: 'take', piece: 0, holeMm: 12.7 }), { kind: 'anneal' });
    for (const share of [1 / 3, 2 / 3, 1]) game = act(act(game, { kind: 'fold', share }), { kind: 'anneal' });
    if (!game.now?.folded) game = act(game, { kind: 'fold', share: 1 });
    game = act(game, { kind: 'rim-in', toMm: first!.targetMm - 4 * MM_PER_US_SIZE });
    const overshoot = game.moments.length - 1;
    for (const toMm of [17, 18, 18.9]) game = act(act(game, { kind: 'anneal' }), { kind: 'stretch', toMm });
    game = act(game, { kind: 'stop' });
    const { costliest } = judge(game);
    expect(costliest?.moment).toBe(overshoot);
    expect(costliest?.points).toBeGreaterThan(3);
  });

  it('blames the stop itself when it came at a wrong size', () => {
    const exercise = EXERCISES[0]!;
    let game = act(startGame(exercise, 2), { kind: 'take', piece: 0, holeMm: 12.7 });
    for (const share of [1 / 3, 1 / 2, 1]) game = act(act(game, { kind: 'anneal' }), { kind: 'fold', share });
    game = act(game, { kind: 'stop' });
    const { costliest, lesson } = judge(game);
    expect(costliest?.action.kind).toBe('stop');
    expect(lesson).toMatch(/ended too (small|large)/);
  });

  it('gives next to nothing for a crack, and says why it cracked', () => {
    const exercise = EXERCISES[2]!;
    let game = act(startGame(exercise, 8), { kind: 'take', piece: 0, holeMm: 9.5 });
    for (let i = 1; i <= 4; i++) game = act(game, { kind: 'fold', share: i / 4 });
    for (let mm = 11; mm < 26 && !game.ended; mm += 0.5) game = act(game, { kind: 'stretch', toMm: mm });
    const score = judge(game);
    expect(score.total).toBe(0);
    expect(score.lesson).toMatch(/Anneal when it turns stiff/);
    expect(act(game, { kind: 'anneal' })).toBe(game);
  });
});
