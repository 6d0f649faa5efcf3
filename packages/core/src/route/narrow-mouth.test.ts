import type { CoinRingInput } from '../forming';
import { REFERENCE_KIT } from '../kit';
import type { RouteStep } from '../steps';
import { routeFor } from './test-route';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
};

describe('a die whose mouth is smaller than the coin', () => {
  const kit = REFERENCE_KIT.map((tool) =>
    tool.spec.kind === 'fold-die' ? { ...tool, spec: { ...tool.spec, mouthMm: 27 } } : tool,
  );
  const folded = (steps: readonly RouteStep[]) => steps.filter(({ kind }) => kind === 'fold').at(-1)!;
  // Straight into the die: no ball that brings the rim in first.
  const without = (tools: typeof REFERENCE_KIT) => tools.filter(({ spec }) => spec.kind !== 'dapping-ball');

  it('leaves a larger, steeper funnel, and the step says so', () => {
    const usual = folded(routeFor(INPUT, { kit: without(REFERENCE_KIT) }).steps);
    const narrow = folded(routeFor(INPUT, { kit: without(kit) }).steps);
    // r grows by (0.24 + 0.1 t) for each of the 1.5 mm that are missing: 0.42 · 1.5 = 0.63 mm at t = 1.8.
    const middle = ({ after }: RouteStep) => (after.cutInsideDiameterMm + after.rimInsideDiameterMm) / 2;
    expect(middle(narrow) - middle(usual)).toBeGreaterThan(0.9);
    expect(middle(narrow) - middle(usual)).toBeLessThan(1.5);
    expect(narrow.instruction).toMatch(/3\.0 mm wider than the mouth/);
    expect(usual.instruction).not.toMatch(/mouth/);
  });

  it('lets a cupped coin in, whose rim has come in already', () => {
    const coin = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;
    const wide: CoinRingInput = {
      ...INPUT,
      coin,
      holeMm: 14.3,
      targetInsideDiameterMm: 19.4,
      school: 'leave',
    };
    const { steps, moves } = routeFor(wide, { kit });
    expect(moves.slice(0, 2)).toEqual(['ball', 'fold-17']);
    expect(folded(steps).instruction).not.toMatch(/mouth/);
  });
});
