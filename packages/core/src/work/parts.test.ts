import { formerFor } from '../handle';
import { REFERENCE_KIT } from '../kit';
import { planWork, type OtherPart, type Work, type WorkPlan } from './index';
import { COIN, STRIP } from './test-samples';

type PartsWork = Extract<Work, { kind: 'spinner' | 'coin-band' }>;

const TARGET_MM = 18.2;
const SPINNER: PartsWork = { kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4 };
const OPEN: PartsWork = {
  kind: 'coin-band',
  stripWidthMm: 6,
  stripThicknessMm: 1.2,
  stripMetal: 'silver-925',
};

function plan(work: PartsWork, change: Partial<PartsWork> = {}, other?: OtherPart): WorkPlan {
  const changed: PartsWork = Object.assign({}, work, change);
  const piece = work.kind === 'spinner' ? STRIP : COIN;
  return planWork(
    { work: changed, piece, targetInsideDiameterMm: TARGET_MM, finish: 'polished', other },
    { kit: REFERENCE_KIT },
  );
}

const titles = ({ steps }: WorkPlan) => steps.map(({ title }) => title);
const codes = ({ reasons }: WorkPlan) => reasons.map(({ code }) => code);
const BRASS = { ...STRIP, metal: 'brass', thicknessMm: 1, widthMm: 5 } as const;

describe('parts that come from stock', () => {
  it('a spinner’s outer band is as thick as its strip, and takes its length with the seam', () => {
    const planned = plan(SPINNER, {}, { piece: BRASS, isSame: false });
    // Inner outside 18.2 + 3, clearance 0.3, outer 1 mm thick: π(21.5 + 1) and 0.3 for the seam.
    expect(planned.otherUsesMm).toBeCloseTo(Math.PI * 22.5 + 0.3, 9);
    // π(18.2 + 1.5) and the seam.
    expect(planned.usesLengthMm).toBeCloseTo(Math.PI * 19.7 + 0.3, 9);
    expect(plan(SPINNER).otherUsesMm).toBe(0);
    // The brass strip is 5 mm wide, the outer band 4; the inner 6 of 7.
    expect(titles(planned).filter((title) => title.startsWith('Narrow'))).toEqual([
      'Narrow it to 4.0 mm',
      'Narrow it to 6.0 mm',
    ]);
  });

  it('both bands of one strip come off its length together', () => {
    const takesMm = Math.PI * (18.2 + 1.5) + 0.3 + Math.PI * (21.5 + 1.5) + 0.3;
    const of = (lengthMm: number) => plan(SPINNER, {}, { piece: { ...STRIP, lengthMm }, isSame: true });
    expect(of(takesMm + 0.1).feasible).toBe(true);
    expect(of(takesMm - 0.1).reasons[0]).toMatchObject({ code: 'too-short', level: 'refuse' });
  });

  it('refuses round wire and what is too narrow', () => {
    expect(codes(plan(SPINNER, {}, { piece: { ...STRIP, section: 'round' }, isSame: false }))).toContain(
      'not-flat',
    );
    expect(codes(plan(SPINNER, {}, { piece: { ...STRIP, widthMm: 3 }, isSame: false }))).toContain(
      'too-narrow',
    );
  });

  it('the sides of a coin in a band come from their strip', () => {
    const planned = plan(OPEN, {}, { piece: BRASS, isSame: false });
    expect(codes(planned)).toContain('too-narrow');
    const wide = plan(OPEN, {}, { piece: { ...BRASS, widthMm: 6 }, isSame: false });
    // L = π(18.2 + 1); each side (L − 19)/2 and the sagitta 9.5 − √(9.5² − 3²); one saw cut.
    const sideMm = (Math.PI * 19.2 - 19) / 2 + 9.5 - Math.sqrt(9.5 ** 2 - 9);
    expect(wide.otherUsesMm).toBeCloseTo(2 * sideMm + 0.3, 9);
    expect(wide.usesLengthMm).toBe(0);
  });
});

describe('how the parts are worked', () => {
  it('hard metal is bent without the flame, and is said to spring further', () => {
    const bends = (temper?: 'annealed' | 'hard') =>
      plan(SPINNER, { temper }).steps.filter(({ kind }) => kind === 'bend');
    const back = (temper: 'soft' | 'hard') => TARGET_MM - formerFor(TARGET_MM, 1.5, 'silver-925', temper);
    expect(bends('annealed')[1]?.springbackMm).toBeCloseTo(back('soft'), 9);
    expect(bends('hard')[1]?.springbackMm).toBeCloseTo(back('hard'), 9);
    expect(back('hard')).toBeGreaterThan(2 * back('soft'));
    const anneals = (temper: 'annealed' | 'hard') => plan(SPINNER, { temper }).totals.anneals;
    expect(anneals('annealed') - anneals('hard')).toBe(2);
    expect(bends()).toEqual(bends('annealed'));
  });

  it('borders are stamped after the joint and softened, unless they are to stay hard', () => {
    const after = (change: object) => {
      const all = titles(plan(OPEN, change));
      return all.slice(all.indexOf('Pickle off flux and scale') + 1, all.indexOf('Form it on the mandrel'));
    };
    expect(after({})).toEqual(['Anneal']);
    expect(after({ borders: true })).toEqual(['Stamp the borders', 'Anneal']);
    expect(after({ borders: true, temper: 'hard' })).toEqual(['Stamp the borders']);
    expect(after({ temper: 'hard' })).toEqual(['Hammer the sides hard']);
    expect(titles(plan(OPEN, { hallmark: true })).indexOf('Strike the marks')).toBe(1);
  });

  it('a spinner’s outer band has the borders, its inner band the marks', () => {
    const all = titles(plan(SPINNER, { borders: true, hallmark: true }));
    const at = (title: string) => all.indexOf(title);
    expect(at('Stamp the borders')).toBe(at('Saw the outer band to 71.6 mm') + 1);
    expect(at('Strike the marks')).toBe(at('Narrow it to 6.0 mm') + 1);
    expect(at('Strike the marks')).toBeGreaterThan(at('True the outer band'));
  });
});
