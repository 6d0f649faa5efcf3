import { formerFor } from '../handle';
import { REFERENCE_KIT } from '../kit';
import { metalById } from '../metal';
import { workingThickness } from '../stock';
import { pieceMass, planWork, type OtherPart, type Work, type WorkPiece, type WorkPlan } from './index';
import { BAND, COIN, HANDLE, STRIP } from './test-samples';

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

describe('what a piece weighs', () => {
  // Sterling: 10.36 g/cm³ by the metals' table.
  const STERLING = metalById('silver-925').densityGCm3 / 1000;
  const massG = (piece: WorkPiece) => pieceMass(piece)?.massG;

  it('is what the scale said, where it was asked', () => {
    expect(pieceMass(COIN)).toEqual({ massG: 3.6, offG: 0 });
  });

  it('follows from measures and density otherwise, to a twentieth', () => {
    // 1.5 × 7 × 300 mm.
    expect(massG(STRIP)).toBeCloseTo(3150 * STERLING, 9);
    // A wire of 2 mm: π mm² of section.
    const wire = { ...STRIP, section: 'round', thicknessMm: 2, widthMm: 2, lengthMm: 100 } as const;
    expect(massG(wire)).toBeCloseTo(100 * Math.PI * STERLING, 9);
    // Half round, round a middle of 19 + 1.7 mm: π × 20.7 × 1.7 × 6 × 0.79 mm³.
    expect(massG(BAND)).toBeCloseTo(524.0195 * STERLING, 4);
    expect(pieceMass(STRIP)?.offG).toBeCloseTo(0.05 * 3150 * STERLING, 9);
  });

  it('of a handle is its sections, one after the other', () => {
    // From 0 to 60 mm: 10 × (2.5 × 18 + 4 × 2.3 × 13.5 + 2.1 × 9); to 120 mm: 10 × (2.1 × 9 + 4 × 2.75 × 8.5 + 3.4 × 8).
    expect(massG(HANDLE)).toBeCloseTo((10 * (45 + 124.2 + 18.9) + 10 * (18.9 + 93.5 + 27.2)) * STERLING, 9);
  });

  it('of a coin that was not weighed follows from its working thickness', () => {
    const coin = { kind: 'coin', metal: 'silver-925', diameterMm: 20, rimThicknessMm: 2 } as const;
    const { thicknessMm } = workingThickness(coin);
    expect(massG(coin)).toBeCloseTo(100 * Math.PI * thicknessMm * STERLING, 9);
  });

  it('is not told where measures do not tell it', () => {
    const narrow = {
      ...HANDLE,
      stations: [
        { atMm: 0, thicknessMm: 2 },
        { atMm: 90, thicknessMm: 3 },
      ],
    };
    for (const piece of [narrow, { ...BAND, hollow: true }, { ...BAND, stones: true }]) {
      expect(pieceMass(piece as WorkPiece)).toBeUndefined();
    }
  });
});

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
