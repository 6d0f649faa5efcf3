import * as fc from 'fast-check';
import type { FormingBlow } from './blow';
import { curlDrops, depthForDropMm } from './curl-law';
import { foldedFunnel } from './fold-law';
import { flatWall, formBlows, formed } from './form';
import { volumeMm3 } from './meridian';
import { flowShare, sharesAlong } from './share';
import { blowStrain, coneStrain } from './strain';
import { rmsError, studyFigures, type StudyFigure } from './study-errors';
import { figuresAfter } from './wall-figures';

const COIN = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;
const figures = studyFigures();
const rmsOf = (step: string | RegExp, figure: StudyFigure['figure']) =>
  rmsError(figures.filter((one) => one.step.match(step) && one.figure === figure));

describe('the engine against the finite-element study', () => {
  it.each(['fold', 'stretch', 'reduce, throat', 'reduce, cone', 'curl'])(
    'after %s: width within half a percent, middle 1%, height 1%',
    (step) => {
      expect(rmsOf(step, 'width')).toBeLessThan(0.5);
      expect(rmsOf(step, 'middle thickness')).toBeLessThan(1);
      expect(rmsOf(step, 'height')).toBeLessThan(1);
    },
  );

  it.each(['fold', 'stretch', 'reduce, throat', 'curl'])(
    'after %s: the cut edge’s thickness within 1.5%',
    (step) => {
      expect(rmsOf(step, 'cut edge thickness')).toBeLessThan(1.5);
    },
  );

  it('the rim edge’s within 1.5%', () => {
    expect(rmsOf(/fold|stretch|throat/, 'rim edge thickness')).toBeLessThan(1.5);
    expect(rmsOf('reduce, cone', 'rim edge thickness')).toBeLessThan(1.5);
  });

  it('sizes after a fold and after a curl within 0.1 mm', () => {
    expect(rmsOf('fold', 'cut edge inside')).toBeLessThan(0.1);
    expect(rmsOf('fold', 'rim edge inside')).toBeLessThan(0.1);
    expect(rmsOf('curl', 'cut edge inside')).toBeLessThan(0.1);
  });

  it('strain since the anneal within 0.03', () => {
    for (const figure of ['strain at the cut edge', 'strain at the rim edge'] as const) {
      expect(rmsOf(/fold|stretch|throat|curl/, figure)).toBeLessThan(0.03);
      expect(rmsOf('reduce, cone', figure)).toBeLessThan(0.03);
    }
  });

  it('looks at every fold, chain and curl that is here', () => {
    const count = (step: StudyFigure['step']) =>
      figures.filter((one) => one.step === step && one.figure === 'width').length;
    expect([count('fold'), count('stretch'), count('curl')]).toEqual([28, 31, 50]);
    expect(count('reduce, throat') + count('reduce, cone')).toBe(31);
  });
});

describe('laws by hand', () => {
  it('a hoop shares by flow: (1 − k)/(2 + k) opened, (1 + k)/(2 − k) closed', () => {
    // t 2 mm, R 12 mm: k = 2/24.
    expect(flowShare(-1, 1 / 12)).toBeCloseTo(0.44, 10);
    expect(flowShare(1, 1 / 12)).toBeCloseTo(13 / 23, 10);
    expect(flowShare(0, 1 / 12)).toBe(0.5);
    const { wall } = flatWall({ diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' }, 14);
    // Working thickness 1.8 mm, the middle of its land is 22 mm across: κ = 1.8/22.
    sharesAlong(wall, 'open').forEach((share) => expect(share).toBeCloseTo(flowShare(-1, 1.8 / 22), 9));
  });

  it('a fold’s middle: r₀ + 0.0083 W₀ + 0.1214 t₀ − 0.0355 μ W₀, 0.24 + 0.1 t₀ more for each mm of mouth', () => {
    const blank = { holeRadiusMm: 6.35, coinRadiusMm: 15.3, thicknessMm: 2.1 };
    // 10.825 + 0.0743 + 0.2549 − 0.0222 mm.
    expect(foldedFunnel(blank).middleRadiusMm).toBeCloseTo(11.132, 3);
    expect(foldedFunnel(blank, 14.1).middleRadiusMm).toBeCloseTo(11.132 + 0.45 * 1.2, 3);
    expect(foldedFunnel(blank, 13.1).pastDieDeg).toBeCloseTo(0.3 + 4, 9);
  });

  it('strain of an open cone: by hoop, by how far it went past its size, and by the edge that came last', () => {
    const wall = { widthMm: 8, meanDiameterMm: 20 };
    const hoops = (hoop: number) => [hoop, hoop, hoop, hoop, hoop] as const;
    // A push closes 0.0852 · 8 = 0.6816 mm. 1.5 mm take three: 0.5448 past, 0.5448/20 · 8/20 = 0.010896.
    // Cut edge: 2.096 · 0.075 + 8.006 · 0.010896 + 0.127 = 0.3714.
    expect(coneStrain(hoops(0.075), { ...wall, dropMm: 1.5 })[0]).toBeCloseTo(0.3714, 3);
    // 2.2 mm take four, an even number: 0.5264 past, 0.010528. Rim edge: 2.068 · 0.11 + 0.359 · 0.4 + 9.488 · 0.010528 − 0.056 = 0.415.
    expect(coneStrain(hoops(0.11), { ...wall, dropMm: 2.2 })[4]).toBeCloseTo(0.415, 3);
    // A hair of closing strains by its hoops and no more than it has to.
    expect(coneStrain(hoops(0), { ...wall, dropMm: 0 })).toEqual([0, 0, 0, 0, 0]);
  });

  it('a push into a cone: the edges lose T (c − a (1 − f) e^(−b (w − 1)²)) − q r', () => {
    // r = 11.5, w = 9/√23 = 1.8766, f = 0.3, T = 5.4 · tan 17° = 1.6509 mm.
    const band = { insideDiameterMm: 21, widthMm: 9, thicknessMm: 2 };
    const drops = curlDrops(band, { kind: 'cone', angleDeg: 17 }, 2.7);
    const stubby = Math.exp(-1.6143 * (1.8766 - 1) ** 2);
    expect(drops.edgeMm).toBeCloseTo(1.6509 * (1.0418 - 0.5195 * 0.7 * stubby) - 0.0065 * 11.5, 3);
    expect(drops.bellyMm).toBeCloseTo((1.6509 * 0.745) / (1 + Math.exp((1.8766 - 1.6465) / 0.4158)), 3);
  });
});

describe('strain that blows add', () => {
  const hoop = [0.2, 0.2, 0.2, 0.2, 0.2] as const;

  it('is the law of each blow at each place, hoop by hoop and by thickness over radius', () => {
    // Cut edge: 0.99 · 0.2 + 0.3 · 0.1 in a fold, 0.92 · 0.2 + 0.08 · 0.1 + 0.01 opened freely.
    expect(blowStrain('fold', hoop, 0.1)[0]).toBeCloseTo(0.228, 9);
    expect(blowStrain('open', hoop, 0.1)[0]).toBeCloseTo(0.202, 9);
    // Middle: 1.01 · 0.2 − 0.1 · 0.1 + 0.03; rim edge in a throat: 1.602 · 0.2 + 1.068 · 0.1 + 0.011.
    expect(blowStrain('open', hoop, 0.1)[2]).toBeCloseTo(0.222, 9);
    expect(blowStrain('throat', hoop, 0.1)[4]).toBeCloseTo(0.4382, 9);
  });

  it('is none where nothing moves', () => {
    expect(blowStrain('throat', [0, 0, 0, 0, 0], 0.1).every((value) => value === 0)).toBe(true);
  });
});

describe('one edge in a die', () => {
  it('is closed all along by a whole throat, and cone-shaped behind it by none', () => {
    const upright = formBlows(flatWall(COIN, 12.7), [
      { kind: 'fold', angleDeg: 17 },
      { kind: 'stretch', insideDiameterMm: 22 },
      { kind: 'reduce', edge: 'rim', dieAngleDeg: 17, insideDiameterMm: 20 },
    ]).at(-1)!;
    const { insideDiameterRimMm, insideDiameterCutMm } = figuresAfter(upright);
    expect(insideDiameterRimMm).toBeCloseTo(20, 1);
    expect(insideDiameterCutMm).toBeCloseTo(20, 1);
  });
});

describe('turning edges in', () => {
  const straight = formBlows(flatWall(COIN, 12.7), [
    { kind: 'fold', angleDeg: 17 },
    { kind: 'anneal' },
    { kind: 'stretch', insideDiameterMm: 23 },
    { kind: 'anneal' },
    { kind: 'reduce', edge: 'both', dieAngleDeg: 17, insideDiameterMm: 20.5 },
    { kind: 'anneal' },
  ]).at(-1)!;
  const push = (edge: 'cut' | 'rim' | 'both', depthMm: number): FormingBlow => ({
    kind: 'curl',
    edge,
    tool: { kind: 'cone', angleDeg: 17 },
    depthMm,
  });

  it('one edge after the other comes to the same as both', () => {
    const both = figuresAfter(formed(straight, push('both', 2)));
    const [first, second] = formBlows(straight, [push('cut', 2), push('rim', 2)]).map(figuresAfter);
    expect(second).toEqual(both);
    expect(first!.insideDiameterCutMm).toBeLessThan(first!.insideDiameterRimMm - 0.5);
  });

  it('many small pushes come to one', () => {
    const many = formBlows(straight, [push('both', 0.5), push('both', 0.5), push('both', 1)]).at(-1)!;
    expect(figuresAfter(many).insideDiameterCutMm).toBeCloseTo(
      figuresAfter(formed(straight, push('both', 2))).insideDiameterCutMm,
      6,
    );
  });

  it('an anneal on the way softens it and moves nothing', () => {
    const [pushed, soft, again] = formBlows(straight, [push('both', 1), { kind: 'anneal' }, push('both', 1)]);
    expect(figuresAfter(soft!).widthMm).toBe(figuresAfter(pushed!).widthMm);
    expect(figuresAfter(soft!).strainSinceAnneal).toEqual({ cut: 0, rim: 0 });
    const whole = figuresAfter(formed(straight, push('both', 2))).strainSinceAnneal;
    expect(figuresAfter(again!).strainSinceAnneal.cut).toBeLessThan(whole.cut);
    expect(figuresAfter(again!).strainSinceAnneal.cut).toBeGreaterThan(0);
  });

  it('the deeper the push the smaller the edges, and from a drop the depth follows', () => {
    const band = { insideDiameterMm: 20.5, widthMm: 9, thicknessMm: 2 };
    const cone = { kind: 'cone', angleDeg: 25 } as const;
    const drops = [0.15, 0.3, 0.5].map((share) => curlDrops(band, cone, share * 9).edgeMm);
    expect([...drops].sort((a, b) => a - b)).toEqual(drops);
    expect(depthForDropMm(band, cone, drops[1]!)).toBeCloseTo(0.3 * 9, 3);
  });
});

describe('any blows on any coin', () => {
  const blow: fc.Arbitrary<FormingBlow> = fc.oneof(
    fc.record({ kind: fc.constant('fold' as const), angleDeg: fc.constantFrom(17, 25) }),
    fc.record({
      kind: fc.constant('stretch' as const),
      insideDiameterMm: fc.double({ min: 14, max: 26, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('reduce' as const),
      edge: fc.constantFrom('rim' as const, 'cut' as const, 'both' as const),
      dieAngleDeg: fc.constant(17),
      through: fc.constantFrom('throat' as const, 'cone' as const),
      insideDiameterMm: fc.double({ min: 14, max: 26, noNaN: true }),
    }),
    fc.record({
      kind: fc.constant('curl' as const),
      edge: fc.constantFrom('rim' as const, 'cut' as const, 'both' as const),
      tool: fc.constantFrom(
        { kind: 'cone' as const, angleDeg: 17 },
        { kind: 'cone' as const, angleDeg: 25 },
        { kind: 'hollow' as const, radiusMm: 17 },
      ),
      depthMm: fc.double({ min: 0, max: 3, noNaN: true }),
    }),
    fc.constant({ kind: 'anneal' as const }),
  );

  it('are refused where no tool could do them', () => {
    const flat = flatWall(COIN, 12.7);
    const tool = { kind: 'cone', angleDeg: 17 } as const;
    expect(() => formed(flat, { kind: 'curl', edge: 'both', tool, depthMm: 1 })).toThrow(/upright wall/);
    const folded = formed(flat, { kind: 'fold', angleDeg: 17 });
    expect(() => formed(folded, { kind: 'fold', angleDeg: 25 })).toThrow(/steeper/);
  });

  it('are refused where an edge would meet the bottom of its hollow', () => {
    const tool = { kind: 'hollow', radiusMm: 17 } as const;
    const upright = formed(formed(flatWall(COIN, 12.7), { kind: 'fold', angleDeg: 17 }), {
      kind: 'stretch',
      insideDiameterMm: 22,
    });
    const { straight, band } = formed(upright, { kind: 'curl', edge: 'cut', tool, depthMm: 0.1 }).curling!;
    expect(straight).toBe(upright.wall);
    // A sphere of 17 mm is 17 − √(17² − r²) deep below a circle of r, the band's outside.
    const outsideMm = band.insideDiameterMm / 2 + band.thicknessMm;
    const bottomMm = 17 - Math.sqrt(17 ** 2 - outsideMm ** 2);
    const push = (depthMm: number) => formed(upright, { kind: 'curl', edge: 'both', tool, depthMm });
    expect(() => push(bottomMm + 0.01)).toThrow(/bottom of the hollow/);
    expect(figuresAfter(push(bottomMm / 2)).insideDiameterCutMm).toBeLessThan(22);
  });

  it('keep the metal, and every figure is a number', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 22, max: 38, noNaN: true }),
        fc.double({ min: 1.2, max: 2.8, noNaN: true }),
        fc.array(blow, { minLength: 1, maxLength: 7 }),
        (diameterMm, rimThicknessMm, blows) => {
          const flat = flatWall({ diameterMm, rimThicknessMm, metal: 'silver-900' }, 11.1);
          let after = formed(flat, { kind: 'fold', angleDeg: 17 });
          for (const blow of blows) {
            try {
              after = formed(after, blow);
            } catch (error) {
              // What cannot be done is refused in words.
              expect(error).toBeInstanceOf(RangeError);
            }
            expect(volumeMm3(after.wall) / volumeMm3(flat.wall)).toBeCloseTo(1, 9);
            const { strainSinceAnneal, ...lengths } = figuresAfter(after);
            Object.values(lengths).forEach((value) => expect(value).toBeGreaterThan(0));
            expect(strainSinceAnneal.cut).toBeGreaterThanOrEqual(0);
            expect(strainSinceAnneal.rim).toBeGreaterThanOrEqual(0);
          }
        },
      ),
      { endOnFailure: true, numRuns: 300 },
    );
  });
});
