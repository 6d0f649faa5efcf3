import { rounded } from '../testing';
import { EXERCISES } from './exercises';
import { judge } from './judge';
import { careful } from './test-hand';

/** Games of a careful hand, pinned: what is drawn is seeded. */
describe('the record of practice', () => {
  it.each(EXERCISES)('$id', (exercise) => {
    const game = careful(exercise, 5);
    const moments = game.moments.map(({ action, minutes, after }) => ({
      action,
      minutes,
      spent: after?.spent,
      lipMm: after?.lipMm,
      radiusMm: after && [after.wall.meanRadiusMm[0], after.wall.meanRadiusMm.at(-1)],
    }));
    expect(rounded({ feel: game.feel, minutes: game.minutes, ended: game.ended, moments })).toMatchSnapshot();
    expect(rounded(judge(game))).toMatchSnapshot();
  });
});
