import { arcWidthMm, cutEdge, flatMeridian, rimEdge, volumeMm3, type Meridian } from '../../forming';
import { runPass, type Phase } from '../passes';
import { curlPhase } from './curl';
import { ballPhase, foldedRimOutsideMm, foldOnPhase, foldPhase } from './fold';
import { pusherPhase } from './stepped';
import { reducePhase, rimInPhase, straightenPhase, stretchPhase, openTaperedPhase } from './wall';

const flat = flatMeridian(6.35, 15.3, 2.1);
const through = (phase: Phase, wall: Meridian, parts = 1): Meridian =>
  Array.from({ length: parts }).reduce<Meridian>(
    (now, _, i) => runPass(phase, wall, now, { from: i / parts, to: (i + 1) / parts }),
    wall,
  );
const funnel = through(foldPhase(flat), flat);
const insideOf = (wall: Meridian) => ({
  cut: cutEdge(wall).insideDiameterMm,
  rim: rimEdge(wall).insideDiameterMm,
});

describe('folding', () => {
  it('leans the wall as the die does, and leaves it as the study found (edges about 11.149 mm, width 8.949)', () => {
    expect(Math.abs(funnel.leanDeg[32]! - 17)).toBeLessThan(0.5);
    const middle = (cutEdge(funnel).meanRadiusMm + rimEdge(funnel).meanRadiusMm) / 2;
    expect(Math.abs(middle / 11.149 - 1)).toBeLessThan(0.003);
    expect(Math.abs(arcWidthMm(funnel) / 8.949 - 1)).toBeLessThan(0.005);
  });

  it('tells beforehand how wide the folded rim is, and steeper dies bring it in further', () => {
    expect(foldedRimOutsideMm(flat, 17)).toBeCloseTo(rimEdge(funnel).outsideDiameterMm, 0);
    expect(foldedRimOutsideMm(flat, 17)).toBeLessThan(foldedRimOutsideMm(flat, 25));
  });

  it('ends the same whether a ball went first or not', () => {
    const ball = ballPhase(flat, 25);
    const cupped = through(ball!, flat);
    const after = through(foldOnPhase(cupped, 17), cupped);
    expect(rimEdge(cupped).meanRadiusMm).toBeLessThan(rimEdge(flat).meanRadiusMm);
    expect(Math.abs(arcWidthMm(after) / arcWidthMm(funnel) - 1)).toBeLessThan(0.01);
    expect(rimEdge(after).meanRadiusMm).toBeCloseTo(rimEdge(funnel).meanRadiusMm, 1);
    expect(ballPhase(flat, 15)).toBeUndefined();
  });
});

describe('the wall', () => {
  const stretched = through(stretchPhase(funnel, 22), funnel);

  it('is straight at the size it is stretched to, however many pulls', () => {
    for (const pulls of [1, 3]) {
      const wall = through(stretchPhase(funnel, 22), funnel, pulls);
      expect(insideOf(wall).cut).toBeCloseTo(22, 3);
      expect(volumeMm3(wall) / volumeMm3(flat)).toBeCloseTo(1, 9);
    }
  });

  it('is reduced from both edges to a size, wider the further it comes down', () => {
    const width = (toMm: number) => arcWidthMm(through(reducePhase(22, toMm, 17), stretched));
    expect(insideOf(through(reducePhase(22, 19.8, 17), stretched)).rim).toBeCloseTo(19.8, 3);
    expect(width(19.8)).toBeGreaterThan(width(21));
  });

  it('keeps its cut edge while only the rim is brought in, unless that is the last push', () => {
    const part = through(rimInPhase(funnel, 20.5, 17, false), funnel);
    expect(cutEdge(part).meanRadiusMm).toBeCloseTo(cutEdge(funnel).meanRadiusMm, 6);
    expect(insideOf(part).rim).toBeCloseTo(20.5, 3);
    const whole = through(rimInPhase(funnel, 20.5, 17, true), funnel);
    expect(cutEdge(whole).leanDeg).toBe(0);
  });

  it('swings upright on a cone with its rim where the lid holds it', () => {
    const rimIn = through(rimInPhase(funnel, 20, 17, false), funnel);
    const tapered = through(openTaperedPhase(rimIn, 18.4), rimIn);
    const upright = through(straightenPhase(20), tapered);
    expect(insideOf(upright).cut).toBeCloseTo(20, 3);
    expect(insideOf(upright).rim).toBeCloseTo(20, 3);
    expect(cutEdge(upright).meanRadiusMm).toBeGreaterThan(cutEdge(tapered).meanRadiusMm);
  });

  it('goes down on a pusher: rim first, the last one fills the ring', () => {
    const rimOnly = through(pusherPhase(funnel, 19, false), funnel);
    expect(cutEdge(rimOnly).meanRadiusMm).toBeCloseTo(cutEdge(funnel).meanRadiusMm, 6);
    const filled = through(pusherPhase(funnel, 19, true), funnel);
    expect(insideOf(filled).cut).toBeCloseTo(19, 3);
    expect(insideOf(filled).rim).toBeCloseTo(19, 3);
  });

  it('is curled by its edges: 17° goes part of the way, 25° lands on the size', () => {
    const straight = through(reducePhase(22, 21.8, 17), stretched);
    const move = { beforeCurlMm: 21.8, targetMm: 19.9, wholeDeg: 25 };
    const first = through(curlPhase({ ...move, fromDeg: 0, toDeg: 17 }), straight);
    const second = through(curlPhase({ ...move, fromDeg: 17, toDeg: 25 }), first);
    expect(cutEdge(first).leanDeg).toBeCloseTo(17, 6);
    expect(2 * cutEdge(second).meanRadiusMm).toBeLessThan(2 * cutEdge(first).meanRadiusMm);
    expect(insideOf(second).cut).toBeCloseTo(19.9, 2);
    expect(insideOf(second).rim).toBeCloseTo(19.9, 2);
  });
});
