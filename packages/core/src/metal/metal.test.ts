import * as fc from 'fast-check';
import {
  metalGroup,
  isMetalId,
  listedMetal,
  METAL_IDS,
  metalById,
  METALS,
  silverCopperDensity,
  stiffnessOf,
  strainAllowance,
} from './index';

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

describe('silver of any fineness', () => {
  it('is known by its thousandths: density by the law, heat and allowance as the nearest listed', () => {
    const typed = metalById('silver-812');
    expect(typed).toMatchObject({ id: 'silver-812', name: 'silver .812', fineness: 0.812, heat: 'yes' });
    // 1/(0.812/10.49 + 0.188/8.96) = 10.164 g/cm³.
    expect(typed.densityGCm3).toBeCloseTo(10.164, 3);
    expect(typed.allowanceStrainLog).toBe(metalById('silver-800').allowanceStrainLog);
    expect(listedMetal('silver-812')).toBe('silver-800');
    expect(stiffnessOf('silver-812')).toEqual(stiffnessOf('silver-800'));
  });

  it('lists .625 and .600, and is itself where it is listed', () => {
    expect(metalById('silver-625').fineness).toBe(0.625);
    expect(metalById('silver-600').fineness).toBe(0.6);
    expect(listedMetal('silver-925')).toBe('silver-925');
    expect(listedMetal('copper')).toBe('copper');
  });

  it.each([
    ['silver-200', true],
    ['silver-999', true],
    ['silver-199', false],
    ['silver-81', false],
    ['silver-8125', false],
    ['gold-812', false],
    ['silver-plate', true],
  ] as const)('%s names a metal: %s', (id, known) => {
    expect(isMetalId(id)).toBe(known);
  });
});

describe('metalGroup', () => {
  it.each([
    ['silver-925', 'silver'],
    ['silver-plate', 'other'],
    ['copper', 'copper'],
    ['cupronickel', 'copper'],
    ['gold-18ct', 'gold'],
    ['platinum-950', 'other'],
  ] as const)('%s flows with %s', (metal, group) => {
    expect(metalGroup(metal)).toBe(group);
  });
});
