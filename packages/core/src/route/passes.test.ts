import * as fc from 'fast-check';
import { cutEdge, flatMeridian, rimEdge, volumeMm3 } from '../forming';
import { type EdgeSpend, FRESH, fullest, spend } from '../steps';
import { runPass, splitPhase, type Phase } from './passes';
import { foldPhase } from './phases/fold';
import { stretchPhase } from './phases/wall';

const flat = flatMeridian(6.35, 15, 1.8);

/** Runs a split phase and tells what each pass spent since its last anneal. */
function spentAlong(phase: Phase, spent: EdgeSpend, allowance: number) {
  const passes = splitPhase(phase, flat, spent, allowance);
  let wall = flat;
  let held = spent;
  let from = 0;
  const highs = passes.map((pass) => {
    const next = runPass(phase, flat, wall, { from, to: pass.progress });
    const cut = Math.log(cutEdge(next).meanRadiusMm / cutEdge(wall).meanRadiusMm);
    const rim = Math.log(rimEdge(next).meanRadiusMm / rimEdge(wall).meanRadiusMm);
    held = spend(pass.annealFirst ? FRESH : held, phase.kind, cut, rim);
    wall = next;
    from = pass.progress;
    return fullest(held);
  });
  return { passes, highs, wall };
}

describe('splitPhase', () => {
  it('does in one pass what the budget has room for', () => {
    const phase = { ...foldPhase(flat), annealFirst: false };
    expect(splitPhase(phase, flat, FRESH, 1)).toEqual([{ annealFirst: false, progress: 1 }]);
  });

  it('anneals first where the phase asks for it, however much room there is', () => {
    expect(splitPhase(foldPhase(flat), flat, FRESH, 1)).toEqual([{ annealFirst: true, progress: 1 }]);
  });

  it('fills the budget with every pass but the last, and ends where the phase ends', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 0.3, noNaN: true }), (allowance) => {
        const { passes, highs } = spentAlong(foldPhase(flat), FRESH, allowance);
        expect(passes.at(-1)?.progress).toBe(1);
        highs.forEach((high) => expect(high).toBeLessThanOrEqual(allowance));
        highs.slice(0, -1).forEach((high) => expect(high).toBeGreaterThan(0.95 * allowance));
        passes.slice(1).forEach((pass, i) => expect(pass.progress).toBeGreaterThan(passes[i]?.progress ?? 1));
      }),
      { numRuns: 40 },
    );
  });

  it('leaves the next phase what its last pass does not need', () => {
    const phase = foldPhase(flat);
    const whole = spentAlong(phase, FRESH, 10).highs[0] ?? 0;
    // Two passes and a tenth: the last spends that tenth, less a hair for the margin of the two.
    const { highs } = spentAlong(phase, FRESH, whole / 2.1 / 0.98);
    expect(highs).toHaveLength(3);
    expect(highs[2]! / (whole / 2.1)).toBeGreaterThan(0.05);
    expect(highs[2]! / (whole / 2.1)).toBeLessThan(0.15);
  });

  it('takes no more passes than the strain needs', () => {
    const phase = foldPhase(flat);
    const whole = spentAlong(phase, FRESH, 10).highs[0] ?? 0;
    for (const allowance of [0.06, 0.09, 0.12, 0.2]) {
      const { passes } = spentAlong(phase, FRESH, allowance);
      expect(passes.length).toBeLessThanOrEqual(Math.ceil(whole / (allowance * 0.98)) + 1);
    }
  });

  it('uses up what is left of the budget when that saves an anneal', () => {
    const phase = stretchPhase(flat, 16);
    const whole = spentAlong(phase, FRESH, 10).highs[0] ?? 0;
    const allowance = whole / 1.4;
    const { passes, highs } = spentAlong(phase, { cut: allowance * 0.5, rim: 0 }, allowance);
    expect(passes.map(({ annealFirst }) => annealFirst)).toEqual([false, true]);
    highs.forEach((high) => expect(high).toBeLessThanOrEqual(allowance));
  });

  it('draws the wall wider over a whole fold by the same, in however many strokes', () => {
    const one = spentAlong(foldPhase(flat), FRESH, 1).wall;
    const many = spentAlong(foldPhase(flat), FRESH, 0.05).wall;
    const width = (wall: typeof flat) => wall.widthStretch.reduce((sum, g) => sum + g, 0);
    expect(Math.abs(width(many) / width(one) - 1)).toBeLessThan(0.002);
    expect(volumeMm3(many) / volumeMm3(flat)).toBeCloseTo(1, 9);
  });
});
