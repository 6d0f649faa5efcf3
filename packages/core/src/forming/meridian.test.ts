import * as fc from 'fast-check';
import {
  arcPositionsMm,
  arcWidthMm,
  coarseMeridian,
  cutEdge,
  flatMeridian,
  funnelWall,
  mapMeridian,
  rimEdge,
  straightWall,
  volumeMm3,
} from './index';

const flat = flatMeridian(6, 14, 1.8);

describe('the flat washer', () => {
  it('is as wide as its land, lies flat, and has no strain', () => {
    expect(arcWidthMm(flat)).toBeCloseTo(8, 12);
    expect(cutEdge(flat)).toMatchObject({ insideDiameterMm: 12, leanDeg: 90, strainLog: 0 });
    expect(rimEdge(flat).outsideDiameterMm).toBe(28);
  });

  it('runs from cut edge to rim edge without a gap', () => {
    const positions = arcPositionsMm(flat);
    expect(positions[0]).toBe(0);
    expect(positions.at(-1)).toBeCloseTo(8, 12);
    positions.slice(1).forEach((s, i) => expect(s).toBeGreaterThan(positions[i] ?? Infinity));
  });
});

describe('mapMeridian', () => {
  it('leaves a wall alone that is already there', () => {
    const straight = mapMeridian(flat, straightWall(19), { share: 0.5 });
    const again = mapMeridian(straight, straightWall(19), { share: 0.44 });
    expect(arcWidthMm(again)).toBeCloseTo(arcWidthMm(straight), 6);
  });

  it('takes all of a stretch from the thickness at share 0, all from the width at share 1', () => {
    const thinned = mapMeridian(flat, straightWall(19), { share: 0 });
    expect(arcWidthMm(thinned)).toBeCloseTo(8, 9);
    const narrowed = mapMeridian(flat, straightWall(19), { share: 1 });
    narrowed.thicknessMm.forEach((t) => expect(t).toBeCloseTo(1.8, 9));
  });

  it('goes and comes back by one share as if it had never been', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 0.8, noNaN: true }),
        fc.double({ min: 15, max: 24, noNaN: true }),
        (share, size) => {
          const there = mapMeridian(mapMeridian(flat, straightWall(19), { share }), straightWall(size), {
            share,
          });
          const direct = mapMeridian(flat, straightWall(size), { share });
          expect(arcWidthMm(there)).toBeCloseTo(arcWidthMm(direct), 5);
        },
      ),
    );
  });

  it('keeps the mark of a detour: opening and closing again widens the band and thins both edges', () => {
    const start = mapMeridian(flat, straightWall(19), { share: 0.5 });
    const opened = mapMeridian(start, straightWall(21.44), { share: 0.44 });
    const back = mapMeridian(opened, straightWall(19), { share: 0.59 });
    const wider = arcWidthMm(back) / arcWidthMm(start) - 1;
    // The finite-element study found about 1.5 % for 2.44 mm.
    expect(wider).toBeGreaterThan(0.01);
    expect(wider).toBeLessThan(0.02);
    expect(cutEdge(back).thicknessMm).toBeLessThan(cutEdge(start).thicknessMm);
    expect(rimEdge(back).thicknessMm).toBeLessThan(rimEdge(start).thicknessMm);
  });

  it('keeps the volume when a tool draws the wall wider', () => {
    const drawn = mapMeridian(flat, funnelWall(10, 17), { share: 0.5, widthDraw: 1.017 });
    const plain = mapMeridian(flat, funnelWall(10, 17), { share: 0.5 });
    expect(volumeMm3(drawn) / volumeMm3(flat)).toBeCloseTo(1, 9);
    expect(arcWidthMm(drawn)).toBeGreaterThan(arcWidthMm(plain) * 1.01);
  });
});

describe('coarseMeridian', () => {
  it('keeps both edges and nearly the width', () => {
    const wall = mapMeridian(flat, straightWall(19), { share: 0.5 });
    const coarse = coarseMeridian(wall);
    expect(coarse.originalRadiusMm).toHaveLength(9);
    expect(cutEdge(coarse)).toEqual(cutEdge(wall));
    expect(rimEdge(coarse)).toEqual(rimEdge(wall));
    expect(Math.abs(arcWidthMm(coarse) / arcWidthMm(wall) - 1)).toBeLessThan(0.002);
  });
});
