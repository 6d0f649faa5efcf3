import { bisect, degToRad, lastWhere, radToDeg } from './index';

describe('angles', () => {
  it('are half a turn at π', () => {
    expect(degToRad(180)).toBe(Math.PI);
    expect(radToDeg(Math.PI / 2)).toBe(90);
    expect(radToDeg(degToRad(17))).toBeCloseTo(17, 12);
  });
});

describe('bisect', () => {
  it('finds where a rising function reaches a value', () => {
    // x³ = 2 at 2^(1/3).
    expect(bisect((x) => x ** 3, 2, 0, 10)).toBeCloseTo(1.2599210498948732, 12);
  });

  it('ends at the bracket where the value lies outside it', () => {
    expect(bisect((x) => x, 5, 0, 1)).toBeCloseTo(1, 12);
    expect(bisect((x) => x, -5, 0, 1)).toBeCloseTo(0, 12);
  });
});

describe('lastWhere', () => {
  it('stays on the side where it holds, as near as the halvings allow', () => {
    // Three halvings of 0 to 8 leave steps of 1: the last whole step under 5.5 is 5.
    expect(lastWhere((x) => x < 5.5, 0, 8, 3)).toBe(5);
    expect(lastWhere((x) => x <= 5.5, 0, 8)).toBeCloseTo(5.5, 12);
  });
});
