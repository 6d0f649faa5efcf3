import * as fc from 'fast-check';
import { closedTo, funnelWall, openedTo, roundedWall, straightWall, taperedWall } from './wall-shape';

const WIDTH_MM = 9;
const THICKNESS_MM = 1.8;

/** Inside radius where a shape puts the wall. */
function insideAt(shape: ReturnType<typeof straightWall>, arcMm: number): number {
  const lean = (shape.leanDeg(arcMm, WIDTH_MM, THICKNESS_MM, 0) * Math.PI) / 180;
  return shape.radiusMm(arcMm, WIDTH_MM, THICKNESS_MM, 0) - (THICKNESS_MM / 2) * Math.cos(lean);
}

describe('wall shapes', () => {
  it('a straight wall is even inside, whatever its thickness', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: WIDTH_MM, noNaN: true }), (arc) => {
        expect(insideAt(straightWall(19), arc)).toBeCloseTo(9.5, 12);
      }),
    );
  });

  it('a funnel keeps its middle and spreads by the sine of its lean', () => {
    const funnel = funnelWall(11, 17);
    expect(funnel.radiusMm(WIDTH_MM / 2, WIDTH_MM, THICKNESS_MM, 0)).toBe(11);
    const spread = funnel.radiusMm(WIDTH_MM, WIDTH_MM, 0, 0) - funnel.radiusMm(0, WIDTH_MM, 0, 0);
    expect(spread).toBeCloseTo(WIDTH_MM * Math.sin((17 * Math.PI) / 180), 12);
  });

  it('a tapered wall is on size at the cut edge and opens towards the rim', () => {
    expect(insideAt(taperedWall(19, 5), 0)).toBeCloseTo(9.5, 12);
    expect(insideAt(taperedWall(19, 5), WIDTH_MM)).toBeCloseTo(
      9.5 + WIDTH_MM * Math.sin((5 * Math.PI) / 180),
      12,
    );
  });

  it('a rounded wall is on size at both edges, widest in the middle, and leans as far as it is curled', () => {
    const rounded = roundedWall(19, 25);
    expect(insideAt(rounded, 0)).toBeCloseTo(9.5, 12);
    expect(insideAt(rounded, WIDTH_MM)).toBeCloseTo(9.5, 12);
    const bellyMm = insideAt(rounded, WIDTH_MM / 2);
    // Both edges lose Δd = W(1 − cos α)/α in diameter against the belly.
    const alpha = (25 * Math.PI) / 180;
    expect(2 * (bellyMm - 9.5)).toBeCloseTo((WIDTH_MM * (1 - Math.cos(alpha))) / alpha, 12);
    expect(rounded.leanDeg(0, WIDTH_MM, THICKNESS_MM, 0)).toBeCloseTo(25, 12);
    expect(rounded.leanDeg(WIDTH_MM, WIDTH_MM, THICKNESS_MM, 0)).toBeCloseTo(-25, 12);
  });
});

describe('tools that reach part of a wall', () => {
  const place = { meanRadiusMm: [8, 12], leanDeg: [17, 17] };
  const tool = straightWall(20 - THICKNESS_MM);

  it('a stretcher moves what lies inside it and leaves the rest as it leans', () => {
    const opened = openedTo(tool, place);
    expect([0, 1].map((i) => opened.radiusMm(0, WIDTH_MM, THICKNESS_MM, i))).toEqual([10, 12]);
    expect([0, 1].map((i) => opened.leanDeg(0, WIDTH_MM, THICKNESS_MM, i))).toEqual([0, 17]);
  });

  it('a die moves what stands out of it and leaves the rest as it leans', () => {
    const closed = closedTo(tool, place);
    expect([0, 1].map((i) => closed.radiusMm(0, WIDTH_MM, THICKNESS_MM, i))).toEqual([8, 10]);
    expect([0, 1].map((i) => closed.leanDeg(0, WIDTH_MM, THICKNESS_MM, i))).toEqual([17, 0]);
  });
});
