import type { CurlWish, PushDepth } from '../forming';
import { REFERENCE_KIT, type Kit } from '../kit';
import { planCoinRing } from './plan';

const TARGET_MM = 18.9;
const KIT: Kit = [
  ...REFERENCE_KIT,
  { id: 'ball-28', name: '28 mm ball', spec: { kind: 'dapping-ball', diameterMm: 28 } },
];

function planned(curl: CurlWish) {
  return planCoinRing(
    {
      coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
      holeMm: 12.7,
      targetInsideDiameterMm: TARGET_MM,
      wall: { kind: 'rounded', curl },
    },
    { kit: KIT },
  );
}

const pushes = (curl: CurlWish) => (planned(curl).route?.steps ?? []).filter(({ kind }) => kind === 'curl');
const DEPTHS: readonly PushDepth[] = ['light', 'half', 'full'];
const TOOLS = [{ dieAngleDeg: 17 }, { dieAngleDeg: 25 }, { dieAngleDeg: 21 }, { hollowRadiusMm: 14 }];
const WISHES = TOOLS.flatMap((tool) => DEPTHS.map((depth): CurlWish => ({ ...tool, depth })));

describe('edges pushed to a depth', () => {
  it.each(WISHES)('%j: the cut edge, then the rim edge, and both come to the size', (curl) => {
    const { feasible, route } = planned(curl);
    expect(feasible).toBe(true);
    const steps = route?.steps ?? [];
    const first = steps.findIndex(({ kind }) => kind === 'curl');
    const last = steps.findLastIndex(({ kind }) => kind === 'curl');
    // Nothing but annealing comes between the pushes.
    const between = steps.slice(first, last + 1).map(({ kind }) => kind);
    expect(between.filter((kind) => kind !== 'curl' && kind !== 'anneal')).toEqual([]);
    expect(steps[first]?.title).toMatch(/cut edge/);
    expect(steps[last]?.title).toMatch(/rim edge/);
    const { cutInsideDiameterMm, rimInsideDiameterMm } = steps.at(-1)!.after;
    expect(cutInsideDiameterMm).toBeCloseTo(TARGET_MM, 1);
    expect(rimInsideDiameterMm).toBeCloseTo(TARGET_MM, 1);
  });

  it.each(TOOLS)('%j: the deeper, the larger before it and the lower after', (tool) => {
    const plans = DEPTHS.map((depth) => planned({ ...tool, depth }));
    const before = plans.map(({ beforeCurlInsideDiameterMm }) => beforeCurlInsideDiameterMm);
    expect([...before].sort((a, b) => a - b)).toEqual(before);
    const height = plans.map(({ axialHeightMm }) => axialHeightMm);
    expect([...height].sort((a, b) => b - a)).toEqual(height);
  });

  it('the second push opens the first edge a little, as a stubby wall does', () => {
    const [cut, rim] = pushes({ dieAngleDeg: 25, depth: 'half' });
    expect(rim!.after.cutInsideDiameterMm).toBeGreaterThan(cut!.after.cutInsideDiameterMm + 0.05);
    expect(rim!.after.cutInsideDiameterMm).toBeLessThan(cut!.after.cutInsideDiameterMm + 0.4);
  });

  it('the depth is told in mm: three tenths of the width for half', () => {
    const [cut] = pushes({ dieAngleDeg: 25, depth: 'half' });
    const widthMm = planned({ dieAngleDeg: 25, depth: 'half' }).bandWidthMm;
    const depthMm = Number(/: (\d\.\d) mm past the first touch/.exec(cut!.instruction)?.[1]);
    expect(depthMm / widthMm).toBeCloseTo(0.3, 1);
    expect(cut!.pieceState?.pushedMm?.cut).toBeCloseTo(depthMm, 1);
    expect(cut!.pieceState?.pushedMm?.rim).toBe(0);
  });

  it('a hollow that the ring does not go into is refused, and says which would do', () => {
    const { feasible, reasons } = planned({ hollowRadiusMm: 12, depth: 'light' });
    expect(feasible).toBe(false);
    expect(reasons[0]).toMatchObject({ code: 'hollow-too-small' });
    // Edges of 18.9 + 2 × 1.8 mm, and an eighth more.
    expect(reasons[0]?.instead).toMatch(/25\.\d mm or more/);
  });

  it('a hollow whose bottom the edges would meet is refused: too wide for the ring, or for so deep a push', () => {
    // 1.45 times the edges' outside, 18.9 + 2 × 1.8 mm, is 32.6.
    expect(planned({ hollowRadiusMm: 16.5, depth: 'light' }).reasons[0]).toMatchObject({
      code: 'hollow-too-wide',
    });
    expect(planned({ hollowRadiusMm: 16, depth: 'light' }).feasible).toBe(true);
    const { reasons } = planned({ hollowRadiusMm: 16.5, depth: 'half' });
    expect(reasons[0]?.message).toMatch(/33\.0 mm is too wide/);
    expect(reasons[0]?.instead).toMatch(
      /Push less deep, or take a narrower hollow, of 24\.8 mm at least, or a die/,
    );
  });

  it('a hollow that the kit lacks is named', () => {
    const { route } = planned({ hollowRadiusMm: 16, depth: 'light' });
    expect(route?.missingTools.map(({ words }) => words)).toContain('a dapping block with a hollow of 32 mm');
  });
});
