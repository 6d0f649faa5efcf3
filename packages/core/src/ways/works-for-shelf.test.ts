import { REFERENCE_KIT } from '../kit';
import { alikeWays, worksForShelf } from './index';
import { COIN, SPOON, STRIP } from './test-drawer';

const MM = Array.from({ length: 25 }, (_, i) => 14 + i * 0.4);
const SHORT = { ...STRIP, id: 'short', lengthMm: 60 };
const worksOf = (piece: Parameters<typeof worksForShelf>[0], strips = [STRIP]) =>
  worksForShelf(piece, strips, MM, { kit: REFERENCE_KIT });
const kindsOf = (works: ReturnType<typeof worksOf>) => new Set(works.map(({ work }) => work.kind));

describe('what is made for the shelf', () => {
  it('is bands and spinners of strip, rings of handles, and coins in a band', () => {
    expect(kindsOf(worksOf(STRIP))).toEqual(new Set(['strip', 'spinner']));
    expect(kindsOf(worksOf(SPOON))).toEqual(new Set(['handle']));
    expect(kindsOf(worksOf(COIN))).toEqual(new Set(['coin-band']));
    // Its sides come from nowhere.
    expect(worksOf(COIN, [])).toEqual([]);
  });

  it('is made in every size that its piece is long enough for, and in no other', () => {
    const sizesOf = (strip: typeof STRIP) =>
      worksOf(strip, []).flatMap(({ work, insideDiameterMm }) =>
        work.kind === 'strip' ? insideDiameterMm : [],
      );
    expect(sizesOf(STRIP)).toEqual(MM);
    // 60 mm go round 60/π less the thickness, and seam and saw take some of it.
    const short = sizesOf(SHORT);
    expect(Math.max(...short)).toBeLessThan(60 / Math.PI - SHORT.thicknessMm);
    expect(Math.max(...short)).toBeGreaterThan(60 / Math.PI - SHORT.thicknessMm - 1.6);
    expect(short[0]).toBe(MM[0]);
  });

  it('takes what its plan takes', () => {
    const works = worksOf(STRIP);
    for (const { plan, insideDiameterMm } of works) {
      expect(plan.feasible).toBe(true);
      expect(plan.prediction.targetInsideDiameterMm).toBe(insideDiameterMm);
      expect(plan.usesLengthMm).toBeGreaterThan(Math.PI * insideDiameterMm);
    }
    const spinner = works.find(({ work }) => work.kind === 'spinner')!;
    expect(spinner.other?.isSame).toBe(true);
    expect(spinner.plan.otherUsesMm).toBeGreaterThan(0);
  });

  it('is none of a piece that may not be bent, and equal pieces are one', () => {
    const may = { heat: 'yes', fold: 'yes', bend: 'no', solder: 'yes', 'polish-hard': 'yes' } as const;
    expect(worksOf({ ...SPOON, may })).toEqual([]);
    const groups = alikeWays([SPOON, { ...SPOON, id: 'spoon-2' }, { ...SPOON, id: 'spoon-3', price: 30 }]);
    expect(groups.map(({ piece: { id }, count }) => [id, count])).toEqual([
      ['spoon', 2],
      ['spoon-3', 1],
    ]);
  });
});
