import { REFERENCE_KIT } from '../kit';
import { doneBody, ringState } from '../ring';
import type { RouteStep } from '../steps';
import { DEFAULT_MANDREL, MM_PER_US_SIZE } from '../size';
import { keptProfile } from './plan-handle';
import { barOf } from './strip-cut';
import { HANDLE, STRIP, COIN, BAND, SAMPLES } from './test-samples';
import {
  planWork,
  replanBand,
  STOCK_FOR,
  type BandInWork,
  type Work,
  type WorkPiece,
  type WorkPlan,
} from './index';

const KIT = [
  ...REFERENCE_KIT,
  ...[15, 16, 17, 18].map((diameterMm) => ({
    id: `f${diameterMm}`,
    name: `${diameterMm} mm former`,
    spec: { kind: 'former', diameterMm } as const,
  })),
];

const TARGET_MM = 18.2;

function plan(work: Work, piece: WorkPiece, targetInsideDiameterMm = TARGET_MM): WorkPlan {
  return planWork({ work, piece, targetInsideDiameterMm, finish: 'polished' }, { kit: REFERENCE_KIT });
}

describe.each(SAMPLES)('a plan of %j', (work, piece) => {
  const planned = plan(work, piece);

  it('can be made, with figures that have reasons', () => {
    expect(planned.reasons.filter(({ level }) => level === 'refuse')).toEqual([]);
    expect(planned.feasible).toBe(true);
    expect(piece.kind).toBe(STOCK_FOR[work.kind]);
    planned.figures.forEach(({ label, words, source }) => {
      expect(label).toMatch(/\S/);
      expect(words.length).toBeGreaterThan(10);
      expect(source).toMatch(/\S/);
    });
  });

  it('ends on the size that was wanted, polished', () => {
    const last = planned.steps.at(-1);
    expect(last?.kind).toBe('polish');
    expect(last?.after.cutInsideDiameterMm).toBeCloseTo(TARGET_MM, 6);
    expect(planned.prediction.targetInsideDiameterMm).toBe(TARGET_MM);
    expect(planned.prediction.ringMassG).toBeGreaterThan(0.5);
  });

  it('is followed at the bench by the same reducer as a coin ring', () => {
    const events = planned.steps.map(({ kind }, i) => ({
      id: `e${i}`,
      at: '2026-03-01T10:00:00Z',
      body: doneBody(kind, i),
    }));
    const state = ringState({ steps: planned.steps, targetInsideDiameterMm: TARGET_MM }, events);
    expect(state.step).toBe(planned.steps.length);
    expect(state.anneals).toBe(planned.totals.anneals);
    expect(state.edges.rimInsideDiameterMm).toBeCloseTo(TARGET_MM, 6);
  });
});

describe('words that follow from measures', () => {
  const told = (planned: WorkPlan) => planned.steps.map(({ instruction }) => instruction).join(' ');

  it.each([
    ['square', 'square to the length'],
    ['round', 'divider set to'],
    ['mitred', 'further than the other'],
    ['pattern', 'pattern’s own line'],
  ] as const)('%s ends are marked so', (ends, words) => {
    const work = { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends } as const;
    expect(told(plan(work, HANDLE))).toContain(words);
  });

  it('tells what each former near the size gives', () => {
    const former = plan(...SAMPLES[0]!).figures.find(({ key }) => key === 'former');
    expect(former?.inputs.filter(([name]) => name.endsWith('former gives')).length).toBeGreaterThan(2);
  });

  it('counts the pulls that open a band', () => {
    const larger = plan({ kind: 'resize', cover: 'none' }, BAND, 19 + 1.5 * MM_PER_US_SIZE);
    expect(told(larger)).toContain('About 6 pulls');
  });
});

describe('the blank of a coin in a band', () => {
  const work = {
    kind: 'coin-band',
    stripWidthMm: 7,
    stripThicknessMm: 1.2,
    stripMetal: 'silver-925',
  } as const;
  const { steps } = plan(work, COIN);
  const bend = steps.find(({ kind }) => kind === 'bend')!;

  it('is as wide as the coin’s chord where that stands out past the strip', () => {
    const coinMm = COIN.kind === 'coin' ? COIN.diameterMm : 0;
    const { stations } = bend.blank!;
    expect(Math.max(...stations.map(({ widthMm = 0 }) => widthMm))).toBeCloseTo(coinMm, 6);
    const middle = stations.find(({ widthMm = 0 }) => Math.abs(widthMm - coinMm) < 1e-6)!.atMm;
    stations.forEach(({ atMm, widthMm = 0 }) => {
      const across = Math.abs(atMm - middle);
      const chordMm = across < coinMm / 2 ? 2 * Math.sqrt((coinMm / 2) ** 2 - across ** 2) : 0;
      expect(widthMm).toBeCloseTo(Math.max(7, chordMm), 4);
    });
  });

  it('is bent by half its thickness over the radius of its middle', () => {
    // ln(1 + t/(d + t)): the outside of a 1.2 mm strip round the target.
    expect(bend.strainCutEdge).toBeCloseTo(Math.log(1 + 1.2 / (TARGET_MM + 1.2)), 6);
  });
});

describe('a strip that is bent', () => {
  it('is stretched outside by its thickness over the middle of the ring as it is closed', () => {
    const { steps } = plan({ kind: 'strip', textured: false }, STRIP);
    const bend = steps.find(({ kind }) => kind === 'bend')!;
    const closedMm = steps.find(({ kind }) => kind === 'close')!.after.cutInsideDiameterMm;
    expect(bend.strainCutEdge).toBeCloseTo(Math.log(1 + 1.5 / (closedMm + 1.5)), 3);
  });
});

describe('a strip as a bar between rolls', () => {
  const strip = { ...STRIP, thicknessMm: 2, widthMm: 6, lengthMm: 80 };

  it('is round only when its section is', () => {
    expect(barOf({ ...strip, section: 'round' })).toEqual({ shape: 'round', diameterMm: 2, lengthMm: 80 });
    expect(barOf(strip)).toEqual({ shape: 'rect', thicknessMm: 2, widthMm: 6, lengthMm: 80 });
  });
});

describe('what cannot be', () => {
  const codes = (planned: WorkPlan) => planned.reasons.map(({ code }) => code);

  it('has no route and says why', () => {
    const stones = plan({ kind: 'resize', cover: 'cloth' }, { ...BAND, stones: true });
    expect(stones).toMatchObject({ feasible: false, steps: [], totals: { anneals: 0 } });
    expect(codes(stones)[0]).toBe('stones');
    expect(codes(plan({ kind: 'resize', cover: 'cloth' }, BAND, 19))).toContain('no-change');
    expect(codes(plan({ kind: 'strip', textured: false }, { ...STRIP, lengthMm: 40 }))).toContain(
      'too-short',
    );
    expect(codes(plan({ kind: 'strip', textured: false, rolledToMm: 2 }, STRIP))).toContain('not-thicker');
    expect(codes(plan({ kind: 'spinner', outerThicknessMm: 1, outerWidthMm: 6 }, STRIP))).toContain(
      'too-narrow',
    );
    const wide = {
      kind: 'coin-band',
      stripWidthMm: 7,
      stripThicknessMm: 1.2,
      stripMetal: 'aluminium',
    } as const;
    expect(codes(plan(wide, COIN))).toContain('cannot-solder');
  });

  it('a test that found steel refuses what a plan would allow, and a doubtful one warns', () => {
    const [work, piece] = SAMPLES[0]!;
    const wish = { work, piece, targetInsideDiameterMm: TARGET_MM, finish: 'polished' } as const;
    const may = { heat: 'yes', bend: 'no', fold: 'no', solder: 'no', 'polish-hard': 'yes' } as const;
    expect(planWork(wish, { kit: REFERENCE_KIT }, may)).toMatchObject({ feasible: false, steps: [] });
    const doubtful = planWork(wish, { kit: REFERENCE_KIT }, { ...may, bend: 'unsure' });
    expect(doubtful.feasible).toBe(true);
    expect(codes(doubtful)).toContain('unsure-bend');
  });

  it('a piece of the wrong kind is refused outright', () => {
    expect(() => plan({ kind: 'resize', cover: 'none' }, STRIP)).toThrow(/begins with a band/);
  });
});

describe('planning on from a reading', () => {
  const { steps } = plan(...SAMPLES[0]!);
  const at = steps.findIndex(({ kind }) => kind === 'close');
  const step = steps[at] as RouteStep;
  const toCome = steps.slice(at + 1);
  const read = (sizes: number, change: Partial<BandInWork> = {}) => {
    const mm = (step.reading?.cutDownMm ?? 0) + sizes * MM_PER_US_SIZE;
    return replanBand({
      steps,
      readAt: at,
      step: at,
      read: { rimDownMm: mm, cutDownMm: mm },
      spent: { cut: 0, rim: 0 },
      allowanceStrainLog: 0.3,
      metal: 'silver-925',
      mayHeat: true,
      mayReduce: false,
      mandrel: DEFAULT_MANDREL,
      kit: KIT,
      system: 'us',
      ...change,
    });
  };

  it('adds nothing on plan', () => {
    expect(read(0.1)).toBeUndefined();
  });

  it.each([
    [0.75, 'bend', /^Bend it ¾ size tighter$/, /former$/],
    [-0.5, 'bend', /^Open it ½ size on the mandrel$/, /mandrel/],
  ] as const)('at %d sizes off puts in what fits an open ring', (sizes, kind, title, tool) => {
    const found = read(sizes)!;
    expect(found.fromStep).toBe(at + 1);
    expect(found.steps[0]).toMatchObject({ kind, after: step.after });
    expect(found.steps[0]?.title).toMatch(title);
    expect(found.steps[0]?.tool).toMatch(tool);
    expect(found.steps.slice(1)).toEqual(toCome);
    expect(found.why).toMatch(/too (large|small)/);
  });

  it('softens it first where the metal has no more to give, and never what must not be heated', () => {
    const full = { spent: { cut: 0.299, rim: 0.299 } };
    expect(
      read(0.75, full)
        ?.steps.map(({ kind }) => kind)
        .slice(0, 2),
    ).toEqual(['anneal', 'bend']);
    expect(read(0.75, { ...full, mayHeat: false })?.steps[0]?.kind).toBe('bend');
  });

  it('aims at the ring, not at the step’s own mark: what is still to come brings it there', () => {
    const bend = steps.findLastIndex(({ kind, reading }) => kind === 'bend' && reading !== undefined);
    const markMm = steps[bend]!.reading!.cutDownMm;
    const target = step.reading!.cutDownMm;
    // Between the bend's own mark and the ring's size, closing it takes it there.
    const between = (markMm + target) / 2 - 0.01;
    const at4 = (mm: number) => read(0, { readAt: bend, step: bend, read: { rimDownMm: mm, cutDownMm: mm } });
    expect(at4(between)).toBeUndefined();
    const small = at4(target - 0.4064);
    // Half a US size under the ring, though more under the bend's mark.
    expect(small?.steps[0]?.title).toBe('Open it ½ size on the mandrel');
    expect(small?.steps[0]?.after.cutInsideDiameterMm).toBeCloseTo(target, 2);
  });
});

describe('a handle that is kept from its neck', () => {
  it('is measured from there: thicknesses and enamel turned round', () => {
    const piece = { ...HANDLE, enamel: [{ fromMm: 0, toMm: 20 }] } as typeof HANDLE;
    const work = { kind: 'handle', style: 'straight', keptEnd: 'neck', startMm: 0, ends: 'round' } as const;
    if (piece.kind !== 'handle') throw new Error('a handle was meant');
    const { profile, enamel } = keptProfile({ work, piece });
    // 120 mm long: what lay at the tip lies 120 mm from the neck.
    expect(profile.stations.map(({ atMm, thicknessMm }) => [atMm, thicknessMm])).toEqual([
      [0, 3.4],
      [60, 2.1],
      [120, 2.5],
    ]);
    expect(enamel).toEqual([{ fromMm: 100, toMm: 120 }]);
  });
});

describe('a band that is reduced', () => {
  it('goes through the hole that its outside asks for', () => {
    // 19 mm inside, 1.7 thick: 22.4 mm outside. To 18.19 mm inside it is 21.59 mm outside.
    const { steps } = plan({ kind: 'resize', cover: 'cloth' }, BAND, 18.19);
    const reduce = steps.find(({ kind }) => kind === 'reduce');
    // Holes come every 0.75 mm from 16: the largest that lets it through, 0.15 mm proud, is 21.25.
    expect(reduce?.tool).toBe('21.25 mm hole of the reducing plate');
  });
});
