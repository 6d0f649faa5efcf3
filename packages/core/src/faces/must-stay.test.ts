import * as fc from 'fast-check';
import { isInMark, judgeMark, largestHoleMm, type FaceMark } from './index';

/** A year below the middle, and a name round the left of the face. */
const YEAR: FaceMark = { kind: 'box', leftMm: -2, rightMm: 2, bottomMm: -8.6, topMm: -7 };
const NAME: FaceMark = { kind: 'sector', fromDeg: 240, toDeg: 300, innerMm: 11.2, outerMm: 13.4 };
const RIM = { lipRadiusMm: 14.8 };

describe('what must stay', () => {
  it('stays whole with a hole that leaves it room, and says how much', () => {
    const verdict = judgeMark(YEAR, { ...RIM, holeMm: 12.4 });
    expect(verdict.stays).toBe('whole');
    expect(verdict.holeGapMm).toBeCloseTo(0.8, 9);
    expect(verdict.lipGapMm).toBeCloseTo(14.8 - Math.hypot(2, 8.6), 9);
    const name = judgeMark(NAME, { ...RIM, holeMm: 15 });
    expect(name.stays).toBe('whole');
    expect(name.holeGapMm).toBeCloseTo(3.7, 9);
    expect(name.lipGapMm).toBeCloseTo(1.4, 9);
  });

  it('is cut by a larger one, and lost in one that takes all of it', () => {
    expect(judgeMark(YEAR, { ...RIM, holeMm: 15 })).toMatchObject({ stays: 'cut' });
    expect(judgeMark(YEAR, { ...RIM, holeMm: 15 }).holeGapMm).toBeCloseTo(-0.5, 9);
    expect(judgeMark(YEAR, { ...RIM, holeMm: 18 }).stays).toBe('lost');
    const motif: FaceMark = { kind: 'box', leftMm: -3, rightMm: 3, bottomMm: -3, topMm: 3 };
    expect(judgeMark(motif, { ...RIM, holeMm: 8 }).stays).toBe('cut');
    expect(judgeMark(motif, { ...RIM, holeMm: 8.5 }).stays).toBe('lost');
  });

  it('is cut by the lip where it reaches the rim', () => {
    expect(judgeMark(NAME, { lipRadiusMm: 13, holeMm: 12 })).toMatchObject({ stays: 'cut' });
    expect(judgeMark(NAME, { lipRadiusMm: 11, holeMm: 12 }).stays).toBe('lost');
  });

  it('is nearer to a hole that is off centre towards it', () => {
    const offset = { offsetMm: 0.9, angleDeg: 180 };
    const verdict = judgeMark(YEAR, { ...RIM, holeMm: 12.4, offset });
    expect(verdict.stays).toBe('cut');
    expect(verdict.holeGapMm).toBeCloseTo(-0.1, 9);
    expect(
      judgeMark(NAME, { ...RIM, holeMm: 12.4, offset: { offsetMm: 1, angleDeg: 270 } }).holeGapMm,
    ).toBeCloseTo(11.2 - 1 - 6.2, 3);
  });

  it('finds the largest hole that leaves all of it whole', () => {
    expect(largestHoleMm([YEAR, NAME], RIM)).toBeCloseTo(14, 9);
    expect(largestHoleMm([NAME], RIM)).toBeCloseTo(22.4, 9);
    expect(largestHoleMm([], RIM)).toBe(29.6);
    expect(largestHoleMm([NAME], { lipRadiusMm: 13 })).toBeUndefined();
    const middle: FaceMark = { kind: 'box', leftMm: -1, rightMm: 1, bottomMm: -1, topMm: 1 };
    expect(largestHoleMm([middle], RIM)).toBe(0);
  });

  it('agrees with places looked at one by one', () => {
    const sectors = fc.record({
      kind: fc.constant('sector' as const),
      fromDeg: fc.double({ min: 0, max: 360, noNaN: true }),
      toDeg: fc.double({ min: 0, max: 360, noNaN: true }),
      innerMm: fc.double({ min: 3, max: 8, noNaN: true }),
      outerMm: fc.double({ min: 8.5, max: 14, noNaN: true }),
    });
    const boxes = fc.record({
      kind: fc.constant('box' as const),
      leftMm: fc.double({ min: -10, max: -1, noNaN: true }),
      rightMm: fc.double({ min: 0, max: 9, noNaN: true }),
      bottomMm: fc.double({ min: -10, max: -1, noNaN: true }),
      topMm: fc.double({ min: 0, max: 9, noNaN: true }),
    });
    const cuts = fc.record({
      holeMm: fc.double({ min: 2, max: 20, noNaN: true }),
      lipRadiusMm: fc.double({ min: 12, max: 15, noNaN: true }),
      offset: fc.record({
        offsetMm: fc.double({ min: 0, max: 1.5, noNaN: true }),
        angleDeg: fc.double({ min: 0, max: 360, noNaN: true }),
      }),
    });
    fc.assert(
      fc.property(fc.oneof(sectors, boxes), cuts, (mark, cut) => {
        const verdict = judgeMark(mark, cut);
        const angle = (cut.offset.angleDeg * Math.PI) / 180;
        const [x, y] = [cut.offset.offsetMm * Math.sin(angle), cut.offset.offsetMm * Math.cos(angle)];
        let [inside, kept] = [0, 0];
        for (let rightMm = -15; rightMm <= 15; rightMm += 0.25) {
          for (let upMm = -15; upMm <= 15; upMm += 0.25) {
            if (!isInMark(mark, { rightMm, upMm })) continue;
            inside += 1;
            const gone =
              Math.hypot(rightMm - x, upMm - y) < cut.holeMm / 2 ||
              Math.hypot(rightMm, upMm) > cut.lipRadiusMm;
            if (!gone) kept += 1;
          }
        }
        if (verdict.stays === 'whole') expect(kept).toBe(inside);
        if (verdict.stays === 'lost') expect(kept).toBe(0);
        // Where a good deal is gone, and a good deal is left, the verdict has to say so.
        if (kept > 0 && inside - kept > 20) expect(verdict.stays).toBe('cut');
      }),
    );
  });
});
