import { isInMark } from '@round-mint/core/faces';
import { markPath } from '@/drawings/face/mark-path';
import { markBetween, marksOn, markWords, type FaceSpot } from './mark-model';

const RIM = 15;
const at = (far: number, deg: number): FaceSpot => ({
  rightMm: far * Math.sin((deg * Math.PI) / 180),
  upMm: far * Math.cos((deg * Math.PI) / 180),
});
const length = (mm: number) => `${mm.toFixed(1)} mm`;

describe('a mark that a finger draws', () => {
  it('round the face goes the shorter way, whichever way the finger went', () => {
    const sector = { kind: 'sector', fromDeg: 160, toDeg: 200, innerMm: 10, outerMm: 13 };
    expect(markBetween('sector', at(10, 160), at(13, 200), RIM)).toEqual(sector);
    expect(markBetween('sector', at(13, 200), at(10, 160), RIM)).toEqual(sector);
  });

  it('goes over the top', () => {
    const mark = markBetween('sector', at(10, 350), at(13, 20), RIM);
    expect(mark).toMatchObject({ fromDeg: 350, toDeg: 20 });
    expect(mark && isInMark(mark, at(11, 5))).toBe(true);
    expect(mark && isInMark(mark, at(11, 180))).toBe(false);
  });

  it('does not go beyond the rim', () => {
    expect(markBetween('sector', at(12, 10), at(40, 40), RIM)).toMatchObject({ outerMm: 15 });
  });

  it('as a box stands upright', () => {
    expect(markBetween('box', { rightMm: 3, upMm: -8 }, { rightMm: -2, upMm: -11 }, RIM)).toEqual({
      kind: 'box',
      leftMm: -2,
      rightMm: 3,
      bottomMm: -11,
      topMm: -8,
    });
  });

  it.each(['sector', 'box'] as const)('is none where a %s would be too thin', (kind) => {
    expect(markBetween(kind, at(10, 30), at(10.1, 30.2), RIM)).toBeUndefined();
  });

  it('is told in words and drawn as a closed line', () => {
    const sector = { kind: 'sector', fromDeg: 160, toDeg: 200, innerMm: 10, outerMm: 13 } as const;
    const box = { kind: 'box', leftMm: -2, rightMm: 3, bottomMm: -11, topMm: -8 } as const;
    expect(markWords({ mark: sector }, length)).toBe('10.0 mm to 13.0 mm from the middle, 160° to 200°');
    expect(markWords({ mark: box }, length)).toBe('a box of 5.0 mm × 3.0 mm');
    expect(markPath(box)).toBe('M-2 8H3V11H-2Z');
    expect(markPath(sector)).toMatch(
      /^M4\.446 12\.216A13 13 0 0 1 -4\.446 12\.216L-3\.420 9\.397A10 10 0 0 0 3\.420 9\.397Z$/,
    );
    expect(markPath({ ...sector, toDeg: 100 })).toContain('A13 13 0 1 1');
  });

  it('belongs to one face', () => {
    const kept = {
      id: 'a',
      name: 'the year',
      face: 'reverse',
      mark: { kind: 'box', leftMm: 0, rightMm: 1, bottomMm: 0, topMm: 1 },
    } as const;
    expect(marksOn([kept], 'reverse')).toEqual([kept]);
    expect(marksOn([kept], 'obverse')).toEqual([]);
  });
});
