import * as fc from 'fast-check';
import type { RingEvent, RingEventBody } from '../ring';
import type { RouteStep } from '../steps';
import { careWords, resizeRoom, type CareQuestion } from './care';
import { amountsCost, supplyLeft, usedBy, type Supply } from './consumables';
import { meltOut, ringScrap, scrapWorth } from './scrap';
import { shopNumbers } from './shop-numbers';

const SPOT = { silver: 1, gold: 70, platinum: 30 };

describe('meltOut', () => {
  it('keeps mass and fine metal', () => {
    const mass = fc.double({ min: 0.01, max: 50, noNaN: true });
    const metal = fc.constantFrom('silver-900', 'silver-925', 'silver-500', 'silver-999');
    fc.assert(
      fc.property(fc.array(fc.record({ metal, massG: mass }), { minLength: 1, maxLength: 9 }), (scraps) => {
        const { massG, fineness, precious } = meltOut(scraps);
        const button = { metal: 'silver-900', massG, fineness } as const;
        const parts = scraps.reduce((sum, one) => sum + scrapWorth(one as typeof button, SPOT), 0);
        expect(scrapWorth(button, SPOT)).toBeCloseTo(parts, 6);
        expect(precious).toBe('silver');
      }),
      { endOnFailure: true },
    );
  });

  it('says what was lost in the fire', () => {
    expect(meltOut([{ metal: 'silver-900', massG: 10 }], 9.8).lossShare).toBeCloseTo(0.02, 9);
  });

  it('refuses nothing, a mixture, and a button heavier than what went in', () => {
    expect(() => meltOut([])).toThrow('at least one');
    expect(() =>
      meltOut([
        { metal: 'silver-900', massG: 1 },
        { metal: 'gold-9ct', massG: 1 },
      ]),
    ).toThrow('silver, gold');
    expect(() => meltOut([{ metal: 'silver-900', massG: 10 }], 11)).toThrow('cannot weigh more');
  });
});

let count = 0;
const event = (body: RingEventBody): RingEvent => ({
  id: `e${++count}`,
  at: '2026-11-25T10:00:00.000Z',
  body,
});
const MASSES = { steps: [{ kind: 'cut' }, { kind: 'fold' }] as const, slugMassG: 2, ringMassG: 10 };

describe('ringScrap', () => {
  it('lays the slug down when it is punched, as planned', () => {
    const cut = event({ kind: 'step-done', step: 0 });
    expect(ringScrap(MASSES, [cut])).toEqual([
      { eventId: cut.id, at: cut.at, kind: 'slug', massG: 2, source: 'plan' },
    ]);
    expect(ringScrap(MASSES, [cut, event({ kind: 'undone', eventId: cut.id })])).toEqual([]);
  });

  it('knows the filings by what is missing, once both were weighed', () => {
    const events = [event({ kind: 'measured', bandWidthMm: 8, massG: 9.7 }), event({ kind: 'finished' })];
    expect(ringScrap({ ...MASSES, pieceMassG: 12 }, events)[0]).toMatchObject({
      kind: 'filings',
      source: 'scale',
    });
    expect(ringScrap({ ...MASSES, pieceMassG: 12 }, events)[0]?.massG).toBeCloseTo(0.3, 9);
    expect(ringScrap(MASSES, events)[0]).toMatchObject({ kind: 'filings', source: 'plan' });
  });

  it('takes filings as planned while only the piece was weighed, or the scale finds nothing missing', () => {
    // 1.2 % of a ring of 10 g.
    const planned = { kind: 'filings', source: 'plan', massG: 0.12 };
    const finished = event({ kind: 'finished' });
    expect(ringScrap({ ...MASSES, pieceMassG: 12 }, [finished])[0]).toMatchObject(planned);
    const heavy = event({ kind: 'measured', bandWidthMm: 8, massG: 10.4 });
    expect(ringScrap({ ...MASSES, pieceMassG: 12 }, [heavy, finished])[0]).toMatchObject(planned);
    const unweighed = event({ kind: 'measured', bandWidthMm: 8 });
    expect(ringScrap({ ...MASSES, pieceMassG: 12 }, [unweighed, finished])[0]).toMatchObject(planned);
  });

  it('calls what a saw leaves an offcut, and lays nothing down for another step', () => {
    const sawn = { ...MASSES, steps: [{ kind: 'read' as const }, { kind: 'saw' as const }] };
    expect(ringScrap(sawn, [event({ kind: 'step-done', step: 0 })])).toEqual([]);
    expect(ringScrap(sawn, [event({ kind: 'step-done', step: 1 })])).toMatchObject([
      { kind: 'offcut', massG: 2 },
    ]);
    expect(ringScrap({ ...MASSES, slugMassG: 0 }, [event({ kind: 'step-done', step: 0 })])).toEqual([]);
  });

  it('puts a spoilt ring in as a whole', () => {
    expect(ringScrap(MASSES, [event({ kind: 'spoilt', cause: 'crack-at-cut-edge' })])).toMatchObject([
      { kind: 'spoilt', massG: 10 },
    ]);
  });
});

const SUPPLY: Supply = {
  id: 'tape',
  countedAmount: 24,
  countedAt: '2026-11-01T08:00:00.000Z',
  buyAtAmount: 10,
  packAmount: 12,
  packPrice: 3,
};

describe('consumables', () => {
  const step = (kind: RouteStep['kind'], title: string = kind, tapeMm?: number) => ({
    kind,
    title,
    ...(tapeMm === undefined ? {} : { tape: { turns: 15, lengthMm: tapeMm } }),
  });
  const BAND = { insideDiameterMm: 19, axialHeightMm: 8 };

  it('are used step by step: tape by its length, gold by its mass', () => {
    const used = usedBy(
      [step('anneal'), step('stepped', 'Step down', 1200), step('plate'), step('anneal')],
      BAND,
    );
    expect(used.gas).toBe(16);
    expect(used.tape).toBeCloseTo(1.2, 9);
    expect(used.gold).toBeCloseTo(Math.PI * 19 * 8 * 0.4e-3 * 19.3, 3);
  });

  it('tell wool from compound by how a ring is polished', () => {
    expect(usedBy([step('polish', 'Satin with steel wool')], BAND)).toEqual({ wool: 0.3 });
    expect(usedBy([step('polish', 'Polish')], BAND)).toEqual({ compound: 1 });
  });

  it('fall by use and ask to be bought', () => {
    expect(supplyLeft(SUPPLY, 5)).toMatchObject({ leftAmount: 19, buy: false, packs: 0 });
    expect(supplyLeft(SUPPLY, 16)).toMatchObject({ leftAmount: 8, buy: true, packs: 1 });
    expect(supplyLeft({ ...SUPPLY, buyAtAmount: 20 }, 30)).toMatchObject({
      leftAmount: 0,
      buy: true,
      packs: 4,
    });
  });

  it('cost what their packs cost', () => {
    expect(amountsCost({ tape: 4, gas: 100 }, [SUPPLY])).toBe(1);
  });
});

describe('shopNumbers', () => {
  const rings = [
    { overAt: '2026-11-03T10:00:00.000Z', workedMin: 60, sizeErrorUs: 0.3 },
    { overAt: '2026-11-20T10:00:00.000Z', workedMin: 90, sizeErrorUs: -0.4 },
    { overAt: '2026-11-21T10:00:00.000Z', workedMin: 30, spoiltBy: 'flare' },
    { overAt: '2025-12-01T10:00:00.000Z', workedMin: 60 },
  ];
  const sold = { fees: 4, hours: 2 };
  const sales = [
    { closedAt: '2026-11-22T10:00:00.000Z', price: 100, margin: 25, way: 'order', ...sold },
  ] as const;
  const numbers = shopNumbers(rings, sales, '2026-11-25T10:00:00.000Z');

  it('counts by month, the present one last', () => {
    expect(numbers.months.map(({ month }) => month).slice(-2)).toEqual(['2026-10', '2026-11']);
    expect(numbers.months).toHaveLength(12);
    expect(numbers.months[0]).toMatchObject({ month: '2025-12', finished: 1, sizeErrorUs: undefined });
  });

  it('tells what each way of selling brought in these months, the best first', () => {
    const at = '2026-11-10T10:00:00.000Z';
    const { byWay } = shopNumbers(
      [],
      [
        { closedAt: at, price: 60, margin: 10, way: 'market', ...sold },
        { closedAt: at, price: 80, margin: 20, way: 'market', ...sold },
        { closedAt: at, price: 90, margin: 40, way: 'own-page', fees: 9, hours: 0 },
        { closedAt: '2024-11-10T10:00:00.000Z', price: 500, margin: 300, way: 'other', ...sold },
      ],
      '2026-11-25T10:00:00.000Z',
    );
    expect(byWay).toEqual([
      { way: 'own-page', sales: 1, income: 90, fees: 9, margin: 40, marginPerHour: undefined },
      { way: 'market', sales: 2, income: 140, fees: 8, margin: 30, marginPerHour: 7.5 },
    ]);
  });

  it('lets finished rings bear the hours of spoilt ones', () => {
    expect(numbers.months.at(-1)).toMatchObject({
      finished: 2,
      spoilt: 1,
      hoursEach: 1.5,
      income: 100,
      margin: 25,
    });
    expect(numbers.months.at(-1)?.sizeErrorUs).toBeCloseTo(Math.sqrt((0.09 + 0.16) / 2), 9);
    expect(numbers).toMatchObject({
      spoiltShare: 0.25,
      spoiltBy: [{ cause: 'flare', count: 1 }],
      marginShare: 0.25,
    });
  });

  it('says nothing of what it does not know', () => {
    expect(shopNumbers([], [], '2026-11-25')).toMatchObject({ spoiltShare: 0, marginShare: undefined });
  });
});

describe('care of a ring', () => {
  it('has room upwards as its wall may thin, as the root of the ratio of mean circumferences', () => {
    // (1/0.9)² = 1.2346; 0.2346 · (18 + 1) = 4.457 mm, 5.48 sizes: the most of a plain ring is three. At 0.93 mm
    // (0.93/0.9)² − 1 = 0.0678; · 18.93 = 1.283 mm = 1.579 sizes, to the quarter 1½.
    const thin = { metal: 'silver-925', finish: 'polished', lined: false, insideDiameterMm: 18 } as const;
    expect(resizeRoom({ ...thin, thicknessMm: 0.93, patterned: false, seam: 'none' }).upUs).toBe(1.5);
    expect(resizeRoom({ ...thin, thicknessMm: 1, patterned: false, seam: 'none' }).upUs).toBe(3);
  });

  const ring: CareQuestion = {
    metal: 'silver-900',
    finish: 'dark',
    lined: false,
    thicknessMm: 1.6,
    insideDiameterMm: 19,
    patterned: true,
    seam: 'none',
  };

  it('knows how far this very ring can be resized', () => {
    expect(resizeRoom(ring)).toEqual({ downUs: 2, upUs: 2 });
    expect(resizeRoom({ ...ring, thicknessMm: 0.9 }).upUs).toBe(0);
    expect(resizeRoom({ ...ring, patterned: false })).toEqual({ downUs: 3, upUs: 3 });
    expect(resizeRoom({ ...ring, seam: 'soldered' }).upUs).toBe(1);
    expect(resizeRoom({ ...ring, thicknessMm: 0.92 }).upUs).toBeLessThan(2);
  });

  it('says what tarnishes, stains, or may not be scrubbed', () => {
    expect(careWords(ring).join(' ')).toMatch(/tarnishes.*patina/);
    expect(careWords({ ...ring, metal: 'copper' }).join(' ')).toContain('green');
    expect(careWords({ ...ring, metal: 'copper', lined: true }).join(' ')).toContain('lining wears');
    expect(careWords({ ...ring, metal: 'cupronickel', finish: 'satin' }).join(' ')).toContain('allergy');
  });
});
