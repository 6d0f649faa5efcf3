import * as fc from 'fast-check';
import { cutEdge, flatMeridian, mapMeridian, rimEdge, volumeMm3 } from './meridian';
import { leastOverStretchMm } from './school';
import { springbackMm } from './springback';
import { ballWall, partWay, stretcherWall, throatWall } from './tool-shape';
import { closedTo, funnelWall, straightWall, type WallShape } from './wall-shape';

const flat = flatMeridian(6.35, 15, 1.8);
const shaped = (shape: WallShape, from = flat) => mapMeridian(from, shape, { share: 0.5 });

describe('tool shapes', () => {
  const shapes = fc.constantFrom(
    ballWall(10.7, 0.05),
    ballWall(10.7, 0),
    stretcherWall(20, 1.5),
    throatWall('rim', 19, 17, 0.5),
    throatWall('cut', 19, 17, 0.5),
    partWay(flat, funnelWall(10.7, 17), 0.4),
  );

  it('keep the metal’s volume', () => {
    fc.assert(
      fc.property(shapes, (shape) => {
        expect(Math.abs(volumeMm3(shaped(shape)) / volumeMm3(flat) - 1)).toBeLessThan(1e-6);
      }),
    );
  });

  it('a ball cups the washer about its middle: rim in, hole nearly kept; without curvature nothing moves', () => {
    const cupped = shaped(ballWall(10.675, 0.06));
    expect(rimEdge(cupped).meanRadiusMm).toBeLessThan(15);
    expect(rimEdge(cupped).leanDeg).toBeLessThan(cutEdge(cupped).leanDeg);
    expect(rimEdge(shaped(ballWall(10.675, 0))).meanRadiusMm).toBeCloseTo(15, 6);
  });

  it('a tapered stretcher, turned over between pulls, leaves the middle lower than both edges', () => {
    const wall = shaped(stretcherWall(20, 2));
    const middle = wall.meanRadiusMm[32] ?? 0;
    expect(middle - (wall.thicknessMm[32] ?? 0) / 2).toBeLessThan(10);
    expect(cutEdge(wall).meanRadiusMm - cutEdge(wall).thicknessMm / 2).toBeCloseTo(10, 6);
    expect(rimEdge(wall).meanRadiusMm - rimEdge(wall).thicknessMm / 2).toBeCloseTo(10, 6);
    expect(shaped(stretcherWall(20, 0))).toEqual(shaped(straightWall(20)));
  });

  it('a die closes the edge that goes in first and leaves the other out', () => {
    const straight = shaped(straightWall(21));
    const rimIn = shaped(closedTo(throatWall('rim', 19.5, 17, 0.4), straight), straight);
    expect(rimEdge(rimIn).insideDiameterMm).toBeCloseTo(19.5, 3);
    expect(cutEdge(rimIn).insideDiameterMm).toBeCloseTo(21, 1);
    const cutIn = shaped(closedTo(throatWall('cut', 19.5, 17, 0.4), straight), straight);
    expect(cutEdge(cutIn).insideDiameterMm).toBeCloseTo(19.5, 3);
    expect(rimEdge(cutIn).insideDiameterMm).toBeCloseTo(21, 1);
  });

  it('part of the way lies between where the wall stood and the shape', () => {
    const to = funnelWall(10.675, 17);
    const radius = (progress: number) => rimEdge(shaped(partWay(flat, to, progress))).meanRadiusMm;
    expect(radius(0)).toBeCloseTo(15, 6);
    expect(radius(0.5)).toBeGreaterThan(radius(1));
    expect(radius(0.5)).toBeLessThan(15);
  });
});

describe('springback', () => {
  it('is 0.02–0.03 mm soft and 0.06–0.08 mm hard at 20 mm, and grows with the ring', () => {
    expect(springbackMm(20, 0)).toBeGreaterThanOrEqual(0.02);
    expect(springbackMm(20, 0)).toBeLessThanOrEqual(0.03);
    expect(springbackMm(20, 1)).toBeGreaterThanOrEqual(0.06);
    expect(springbackMm(20, 5)).toBeLessThanOrEqual(0.08);
    expect(springbackMm(22, 0.5)).toBeGreaterThan(springbackMm(20, 0.5));
  });
});

describe('schools', () => {
  it('only over-stretching needs room past the size', () => {
    expect(leastOverStretchMm('over-stretch')).toBeGreaterThan(1);
    expect(leastOverStretchMm()).toBe(0);
    expect(leastOverStretchMm('leave')).toBe(0);
    expect(leastOverStretchMm('best')).toBe(0);
  });
});
