import { faceOutside, mostHoleMm, proposedOutside, spoiltMarks } from './index';

const at = (face: 'obverse' | 'reverse', name: string, innerMm = 8, outerMm = 11) =>
  ({ name, face, mark: { kind: 'sector', fromDeg: 150, toDeg: 210, innerMm, outerMm } }) as const;
const piece = (outsideFace: string, ...mustStay: ReturnType<typeof at>[]) => ({
  diameterMm: 30,
  outsideFace,
  mustStay,
});

describe('which face comes outside', () => {
  it('is the one that shows most of what must stay', () => {
    const both = piece(
      'either',
      at('obverse', 'the name'),
      at('reverse', 'the year'),
      at('reverse', 'the ship'),
    );
    expect(proposedOutside(both)).toEqual({ face: 'reverse', shows: ['the year', 'the ship'] });
    expect(faceOutside(both)).toBe('reverse');
    expect(proposedOutside(piece('either', at('obverse', 'the name')))?.face).toBe('obverse');
  });

  it('is not proposed where neither is the better one', () => {
    expect(proposedOutside(piece('either'))).toBeUndefined();
    expect(proposedOutside(piece('either', at('obverse', 'a'), at('reverse', 'b')))).toBeUndefined();
    expect(faceOutside(piece('either'))).toBe('obverse');
  });

  it('is what the piece says, whatever would be proposed', () => {
    const said = piece('obverse', at('reverse', 'the year'));
    expect(faceOutside(said)).toBe('obverse');
    expect(proposedOutside(said)?.face).toBe('reverse');
  });
});

describe('what a hole and a lip spoil', () => {
  it('is told by name; the lip takes from the inside only', () => {
    // A mark up to 14.9 mm from the middle of a face of 15; a lip that begins at 14.5.
    const near = (outsideFace: string) => piece(outsideFace, at('reverse', 'the year', 12, 14.9));
    expect(spoiltMarks(near('obverse'), 20, 14.5)).toEqual(['the year']);
    expect(spoiltMarks(near('reverse'), 20, 14.5)).toEqual([]);
    // Left open, the face with the year is the one outside.
    expect(spoiltMarks(near('either'), 20, 14.5)).toEqual([]);
    expect(spoiltMarks(near('reverse'), 25, 14.5)).toEqual(['the year']);
  });

  it('knows the largest hole that spoils nothing', () => {
    expect(mostHoleMm(piece('either'))).toBe(Infinity);
    expect(mostHoleMm(piece('either', at('obverse', 'a', 8), at('reverse', 'b', 7)))).toBeCloseTo(14, 9);
    // Beyond the rim, no hole leaves it whole.
    expect(mostHoleMm(piece('either', at('obverse', 'a', 8, 15.5)))).toBe(0);
  });
});
