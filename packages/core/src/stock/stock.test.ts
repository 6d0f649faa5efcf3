import { checkFill, fillFactor, workingThickness } from './index';
import type { Coin } from './index';

const COIN: Coin = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' };

describe('workingThickness', () => {
  it('comes from the mass when it is known', () => {
    const { thicknessMm, source } = workingThickness(COIN);
    expect(source).toBe('mass');
    expect(thicknessMm).toBeCloseTo(1.7146, 3);
  });

  it('is 0.9 of the rim without a mass', () => {
    expect(workingThickness({ ...COIN, massG: undefined })).toEqual({ thicknessMm: 1.8, source: 'rim' });
  });

  it('throws when nothing is known', () => {
    expect(() => workingThickness({ diameterMm: 30, metal: 'copper' })).toThrow(/mass or a rim/);
  });
});

describe('fill factor', () => {
  it('is the share of the enclosing disc', () => {
    expect(fillFactor(COIN)).toBeCloseTo(0.857, 3);
    expect(fillFactor({ ...COIN, massG: undefined })).toBeUndefined();
  });

  it('agrees for a struck coin', () => {
    expect(checkFill(COIN)).toMatchObject({ ok: true });
  });

  it.each([
    [{ rimThicknessMm: 2 / 25.4 }, /inches/],
    [{ massG: 12.5 * 15.432 }, /grains/],
    [{ diameterMm: 15 }, /radius/],
    [{ metal: 'aluminium' }, /metal is .*(silver|copper)/],
    [{ metal: 'gold-22ct' }, /metal is /],
    [{ rimThicknessMm: 20 }, /ten times too large/],
  ] as const)('names the likely mistake of %p', (change, message) => {
    const check = checkFill({ ...COIN, ...change });
    expect(check?.ok).toBe(false);
    expect(check?.message).toMatch(message);
  });

  it('asks of one that is a little light whether it is worn, before its metal is doubted', () => {
    // 0.754 of the full disc; 0.634; 0.086.
    expect(checkFill({ ...COIN, massG: 11 })?.message).toMatch(
      /Is it worn, or is its rim high\?.*If neither, perhaps the metal is/,
    );
    expect(checkFill({ ...COIN, massG: 9.25 })?.message).toMatch(/Likely the metal is/);
    expect(checkFill({ ...COIN, rimThicknessMm: 20 })?.message).toMatch(
      /Likely the thickness was typed ten times too large/,
    );
    expect(checkFill({ ...COIN, massG: 11 })?.ok).toBe(false);
  });

  it('names two other metals at most, the likeliest first', () => {
    const { message } = checkFill({ ...COIN, metal: 'aluminium' })!;
    expect(message.split('the metal is ')[1]?.split(' or ')).toHaveLength(2);
  });

  it('names what to look at when nothing explains it', () => {
    expect(checkFill({ ...COIN, massG: 100 })?.message).toMatch(/denser/);
    expect(checkFill({ ...COIN, massG: 0.01 })?.message).toMatch(/lighter/);
  });

  it('says nothing while a figure is missing', () => {
    expect(checkFill({ ...COIN, rimThicknessMm: undefined })).toBeUndefined();
  });
});
