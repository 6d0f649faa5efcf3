import * as fc from 'fast-check';
import {
  clockDirection,
  formatLength,
  parseDecimal,
  parseLengthMm,
  parseMixedNumber,
  quarterFraction,
  sizesInWords,
} from './index';

describe('quarterFraction', () => {
  it.each([
    [7, '7'],
    [7.25, '7¼'],
    [7.5, '7½'],
    [0.75, '¾'],
    [-0.5, '−½'],
    [0.1, '0'],
    [9.9, '10'],
  ])('writes %p as %p', (value, text) => {
    expect(quarterFraction(value)).toBe(text);
  });
});

describe('parseDecimal', () => {
  it.each([
    [' 2,62 ', 2.62],
    ['.5', 0.5],
    ['-3', -3],
    ['', NaN],
    ['  ', NaN],
    ['heavy', NaN],
    ['1,2,3', NaN],
  ])('reads %p as %p', (text, value) => {
    expect(parseDecimal(text)).toBe(value);
  });
});

describe('sizesInWords', () => {
  it.each([
    [0.5, '½ size'],
    [-1, '1 size'],
    [1.3, '1¼ sizes'],
    [-4, '4 sizes'],
  ])('%p is %p', (sizes, words) => {
    expect(sizesInWords(sizes)).toBe(words);
  });
});

describe('parseMixedNumber', () => {
  it.each([
    ['7', 7],
    ['7.5', 7.5],
    ['7,5', 7.5],
    ['7 1/2', 7.5],
    ['7½', 7.5],
    ['½', 0.5],
    ['3/4', 0.75],
  ])('reads %p as %p', (text, value) => {
    expect(parseMixedNumber(text)).toBe(value);
  });

  it.each(['', 'seven', '7..5', '7 1/0', '-3'])('refuses %p', (text) => {
    expect(parseMixedNumber(text)).toBeUndefined();
  });

  it('reads back every quarter it writes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 80 }), (quarters) => {
        expect(parseMixedNumber(quarterFraction(quarters / 4))).toBe(quarters / 4);
      }),
    );
  });
});

describe('lengths', () => {
  it('shows millimetres and inches with their unit', () => {
    expect(formatLength(12.7, 'mm')).toBe('12.7 mm');
    expect(formatLength(12.7, 'in')).toBe('0.500 in');
  });

  it.each([
    ['30', 'mm', 30],
    ['30,5', 'mm', 30.5],
    ['.5', 'in', 12.7],
    ['1"', 'mm', 25.4],
    ['30 mm', 'in', 30],
  ] as const)('reads %p in %p', (text, unit, mm) => {
    expect(parseLengthMm(text, unit)).toBeCloseTo(mm, 9);
  });

  it.each(['', 'abc', '3o', '1.2.3', '-4'])('refuses %p', (text) => {
    expect(parseLengthMm(text, 'mm')).toBeUndefined();
  });
});

describe('clockDirection', () => {
  it.each([
    [0, '12:00'],
    [75, '2:30'],
    [-30, '11:00'],
    [359, '12:00'],
    [180, '6:00'],
  ])('%p degrees is %p', (angle, clock) => {
    expect(clockDirection(angle)).toBe(clock);
  });
});
