import { normalDeviate, seededRandom } from '../uncertainty';
import { EXERCISES } from './exercises';
import { startGame } from './game';
import { luckOf } from './luck';

describe('what a practice piece bears', () => {
  const exercise = EXERCISES[0]!;
  const game = startGame(exercise, 7);

  it('is drawn about what pieces bear at large: 1.55 of the allowance, twice the index of 0.6', () => {
    const random = seededRandom(7);
    const [crack, wrinkle] = [normalDeviate(random), normalDeviate(random)];
    const { crackAt, wrinkleAt } = luckOf(game);
    expect(crackAt).toBeCloseTo(1.55 * Math.exp(exercise.hidden.bearsLog * crack), 9);
    expect(wrinkleAt).toBeCloseTo(2 * 0.6 * Math.exp(0.3 * wrinkle), 9);
  });

  it('is the same for every replay, while the hand slips anew at each moment', () => {
    expect(luckOf(game)).toEqual(luckOf(startGame(exercise, 7)));
    const moment = { action: { kind: 'anneal' }, before: undefined, after: undefined, minutes: 1 } as const;
    const later = luckOf({ ...game, moments: [moment] });
    expect(later.crackAt).toBe(luckOf(game).crackAt);
    expect(later.slipMm).not.toBe(luckOf(game).slipMm);
  });
});
