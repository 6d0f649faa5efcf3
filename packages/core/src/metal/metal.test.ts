import * as fc from 'fast-check';
import { METAL_IDS, metalById, METALS, silverCopperDensity, strainAllowance } from './index';

describe('metals', () => {
  it('has each id once, in order', () => {
    expect(METALS.map((metal) => metal.id)).toEqual([...METAL_IDS]);
  });

  it('keeps the annealing range below melting', () => {
    for (const metal of METALS) {
      if (!metal.annealC || metal.meltingC === undefined) continue;
      expect(metal.annealC[1]).toBeLessThan(metal.meltingC);
    }
  });

  it('gives every metal that may be formed an allowance and a way to soften it', () => {
    for (const metal of METALS.filter(({ refusal }) => !refusal)) {
      expect(metal.allowanceStrainLog).toBeGreaterThan(0);
      expect(metal.annealC).toBeDefined();
    }
  });

  it.each(['zinc-core', 'steel', 'stainless', 'titanium', 'pewter', 'silver-plate'] as const)(
    'refuses %s with a reason',
    (id) => {
      expect(metalById(id).refusal).toMatch(/\w+/);
    },
  );

  it('throws on an unknown id', () => {
    expect(() => metalById('tin' as never)).toThrow(/unknown metal/);
  });
});

describe('silverCopperDensity', () => {
  it('meets the handbook at .900 and at both ends', () => {
    expect(silverCopperDensity(0.9)).toBeCloseTo(10.314, 3);
    expect(silverCopperDensity(1)).toBeCloseTo(10.49, 9);
    expect(silverCopperDensity(0)).toBeCloseTo(8.96, 9);
  });

  it('rises with fineness', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 0.99, noNaN: true }), (f) => {
        expect(silverCopperDensity(f + 0.01)).toBeGreaterThan(silverCopperDensity(f));
      }),
    );
  });
});

describe('strainAllowance', () => {
  it('is the metal’s own for normal stock and three quarters of it for thin', () => {
    expect(strainAllowance(metalById('silver-900'), 1.8)).toBe(0.12);
    expect(strainAllowance(metalById('silver-900'), 1.29)).toBeCloseTo(0.09, 12);
  });
});
