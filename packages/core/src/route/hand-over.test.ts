import { cutEdge, type CoinRingInput } from '../forming';
import { REFERENCE_KIT, type Kit, type Tool } from '../kit';
import { routeFor } from './test-route';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
  school: 'over-stretch',
};

function stretcher(name: string, smallestMm: number, largestMm: number): Tool {
  return { id: name, name, spec: { kind: 'stretcher', smallestMm, largestMm, splines: 4 } };
}

/** The reference kit with other stretchers. */
function kitWith(...stretchers: readonly Tool[]): Kit {
  return [...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'stretcher'), ...stretchers];
}

/** Tool, and cut edge before and after, of each pull. */
function pulls(kit: Kit) {
  const route = routeFor(INPUT, { kit });
  const steps = route.steps.filter(({ kind }) => kind === 'stretch');
  return {
    route,
    steps,
    tools: steps.map(({ tool }) => tool?.split(',')[0]),
    ends: steps.map(({ after }) => after.cutInsideDiameterMm),
  };
}

/** Half way of the pull that one long stretcher does, mm. */
const HALF_WAY_MM = (() => {
  const { steps } = pulls(kitWith(stretcher('long', 11, 26)));
  const before = steps[0]?.before.cutInsideDiameterMm ?? 0;
  return (before + (steps.at(-1)?.after.cutInsideDiameterMm ?? 0)) / 2;
})();
const SMALL = stretcher('small', 11, HALF_WAY_MM);

describe('a pull that no one stretcher does', () => {
  it('is shared by two whose ranges overlap: the first goes as far as it reaches', () => {
    const { route, steps, tools, ends } = pulls(kitWith(SMALL, stretcher('large', HALF_WAY_MM - 0.1, 26)));
    expect(route.missingTools).toEqual([]);
    expect(tools.every((tool) => tool === 'small' || tool === 'large')).toBe(true);
    const change = tools.indexOf('large');
    expect(change).toBeGreaterThan(0);
    expect(tools.slice(0, change).every((tool) => tool === 'small')).toBe(true);
    expect(ends[change - 1]).toBeLessThanOrEqual(HALF_WAY_MM);
    expect(ends[change - 1]).toBeGreaterThan(HALF_WAY_MM - 0.02);
    expect(steps.map(({ title }) => /, (\d+) of (\d+)$/.exec(title)?.slice(1))).toEqual(
      steps.map((_step, i) => [String(i + 1), String(steps.length)]),
    );
  });

  it('is shared by two that only meet', () => {
    const { route, tools } = pulls(kitWith(SMALL, stretcher('large', HALF_WAY_MM, 26)));
    expect(route.missingTools).toEqual([]);
    expect(new Set(tools)).toEqual(new Set(['small', 'large']));
  });

  it('ends as it would with one that does it all', () => {
    const one = pulls(kitWith(stretcher('long', 11, 26))).route;
    const two = pulls(kitWith(SMALL, stretcher('large', HALF_WAY_MM - 0.1, 26))).route;
    // A pass more is a blow more for the law of shares: widths agree within a thousandth.
    expect(two.finished.meanRadiusMm.at(-1)).toBeCloseTo(one.finished.meanRadiusMm.at(-1) ?? 0, 3);
    expect(cutEdge(two.finished).thicknessMm / cutEdge(one.finished).thicknessMm).toBeCloseTo(1, 3);
    expect(two.totals.anneals).toBe(one.totals.anneals);
  });

  it('lacks a stretcher where a gap lies between the two', () => {
    const { route } = pulls(kitWith(SMALL, stretcher('large', HALF_WAY_MM + 0.2, 26)));
    expect(route.missingTools.map(({ kind }) => kind)).toContain('stretcher');
  });
});

describe('a wall that no one cone brings upright', () => {
  const cone = (name: string, smallEndMm: number, largeEndMm: number): Tool => ({
    id: name,
    name,
    spec: {
      kind: 'expansion-cone',
      angleDeg: 4,
      smallEndMm,
      largeEndMm,
      lidHolesMm: [16, 17, 18, 19, 20, 21, 22],
    },
  });
  const kitOf = (...cones: readonly Tool[]): Kit => [
    ...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'expansion-cone'),
    ...cones,
  ];
  const coneSteps = (kit: Kit) => {
    const route = routeFor({ ...INPUT, school: 'straighten' }, { kit });
    return { route, steps: route.steps.filter(({ contact }) => contact?.kind === 'cone') };
  };

  it('goes on on the next one', () => {
    const whole = coneSteps(kitOf(cone('long', 10, 31)));
    const [from, to] = [whole.steps[0]?.before, whole.steps.at(-1)?.after].map(
      (edges) => edges?.cutInsideDiameterMm ?? 0,
    );
    if (from === undefined || to === undefined) throw new Error('the long cone is used');
    const middle = (from + to) / 2;
    // Two thirds of the way up its length a cone may end: small + ⅔ (large − small) = middle.
    const lower = cone('lower', 10, 10 + (middle - 10) * 1.5);
    const upper = cone('upper', middle - 0.2, 31);
    const shared = coneSteps(kitOf(lower, upper));
    expect(shared.route.missingTools).toEqual([]);
    expect(shared.steps.map(({ tool }) => tool?.split(',')[0])).toEqual(
      expect.arrayContaining(['lower', 'upper']),
    );
    expect(coneSteps(kitOf(lower)).route.missingTools.map(({ kind }) => kind)).toContain('expansion-cone');
  });
});
