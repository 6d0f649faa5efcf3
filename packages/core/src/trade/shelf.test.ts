import fc from 'fast-check';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '../size';
import type { CareQuestion } from './care';
import { finishedBand, type FinishedRing } from './finished-band';
import { fingerFit, ringFits } from './ring-fit';
import { shelfProgress, shelfRefusal, stateOn, type ShelfEvent, type ShelfEventBody } from './shelf-state';

const at = (n: number) => `2026-11-${String(n).padStart(2, '0')}T10:00:00.000Z`;
const told = (...bodies: readonly ShelfEventBody[]): readonly ShelfEvent[] =>
  bodies.map((body, i) => ({ id: `e${i + 1}`, at: at(i + 1), body }));

const UP = { kind: 'put-up', price: 60 } as const;
const RESERVED = { kind: 'reserved', until: '2026-12-04', who: 'Orrin' } as const;
const SOLD = { kind: 'sold', orderId: 'o1', price: 55, way: 'market' } as const;

describe('a ring on the shelf', () => {
  it('stands where its events have brought it', () => {
    expect(shelfProgress(told(UP))).toMatchObject({
      ...{ state: 'for-sale', price: 60, putUpAt: at(1), lastEventId: undefined },
    });
    expect(shelfProgress(told(UP, { kind: 'priced', price: 70 }, SOLD))).toMatchObject({
      ...{ state: 'sold', price: 55, goneAt: at(3), sale: { orderId: 'o1', way: 'market' } },
    });
    const back = shelfProgress(told(UP, SOLD, { kind: 'undone', eventId: 'e2' }));
    expect(back).toEqual(shelfProgress(told(UP)));
  });

  it('is reserved up to and with a day, and for sale after it', () => {
    const progress = shelfProgress(told(UP, RESERVED));
    expect(stateOn(progress, '2026-12-04')).toBe('reserved');
    expect(stateOn(progress, '2026-12-05')).toBe('for-sale');
    expect(stateOn(shelfProgress(told(UP, RESERVED, SOLD)), '2027-01-01')).toBe('sold');
  });

  it.each([
    [[UP, SOLD], { kind: 'priced', price: 5 }, 'gone'],
    [[UP, { kind: 'given-away', who: '' }], SOLD, 'gone'],
    [[UP, { kind: 'taken-apart', massG: 6 }], RESERVED, 'gone'],
    [[UP], { kind: 'released' }, 'not-reserved'],
    [[UP, RESERVED], { kind: 'released' }, undefined],
    [[UP, RESERVED], SOLD, undefined],
    [[UP], UP, 'put-up-already'],
    [[UP, RESERVED, SOLD], { kind: 'undone', eventId: 'e2' }, 'not-last'],
    [[UP, RESERVED, SOLD], { kind: 'undone', eventId: 'e3' }, undefined],
    [[UP], { kind: 'undone', eventId: 'e1' }, 'not-last'],
  ] as const)('after %j, %j is refused as %s', (before, next, refusal) => {
    expect(shelfRefusal(shelfProgress(told(...before)), next)).toBe(refusal);
  });
});

const BAND: CareQuestion = {
  metal: 'silver-925',
  finish: 'polished',
  lined: false,
  thicknessMm: 1.7,
  insideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(8),
  patterned: true,
  seam: 'none',
};
const usOf = (mm: number) => (mm - BAND.insideDiameterMm) / MM_PER_US_SIZE;
const fitsOf = (change: Partial<CareQuestion> = {}) => {
  const { safe, usual } = ringFits({ ...BAND, ...change });
  return [safe.fromMm, safe.toMm, usual.fromMm, usual.toMm].map((mm) => Math.round(usOf(mm) * 100) / 100);
};

describe('what a ring fits', () => {
  it('goes by pattern, seam and wall', () => {
    // A patterned band: one size is safe, two the usual most, either way.
    expect(fitsOf()).toEqual([-1, 1, -2, 2]);
    // A plain one is made up to three smaller without worry, and a size and a half larger.
    expect(fitsOf({ patterned: false })).toEqual([-3, 1.5, -3, 3]);
    // A seam makes the safe size a usual one.
    expect(fitsOf({ seam: 'soldered' })).toEqual([0, 0, -1, 1]);
    // 0.95 mm may thin to 0.9: (0.95/0.9)² − 1 of (18.14 + 0.95) mm are 2.18 mm, 2.68 sizes.
    expect(fitsOf({ patterned: false, thicknessMm: 0.95 })).toEqual([-3, 1.5, -3, 2.5]);
    expect(fitsOf({ thicknessMm: 0.9 })).toEqual([-1, 0, -2, 0]);
    expect(fitsOf({ seam: 'open' })).toEqual([-3, 3, -3, 3]);
  });

  it.each([
    [0.1, 'as-it-is'],
    [-0.12, 'as-it-is'],
    [0.5, 'safe'],
    [1.1, 'safe'],
    [1.3, 'usual'],
    [-2.1, 'usual'],
    [2.3, 'no'],
    [-4, 'no'],
  ] as const)('a finger %d sizes off: %s', (sizes, how) => {
    const band = { ...BAND, fits: ringFits(BAND) };
    const found = fingerFit(band, BAND.insideDiameterMm + sizes * MM_PER_US_SIZE);
    expect(found.how).toBe(how);
    expect(found.changeMm).toBeCloseTo(how === 'as-it-is' ? 0 : sizes * MM_PER_US_SIZE, 9);
  });

  it('is never wider for what is safe than for what is usual, nor for a thinner wall', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.9, max: 2.5, noNaN: true }),
        fc.double({ min: 14, max: 23, noNaN: true }),
        fc.boolean(),
        (thicknessMm, insideDiameterMm, patterned) => {
          const band = { ...BAND, thicknessMm, insideDiameterMm, patterned };
          const { safe, usual } = ringFits(band);
          const thinner = ringFits({ ...band, thicknessMm: thicknessMm - 0.05 });
          expect(usual.fromMm).toBeLessThanOrEqual(safe.fromMm);
          expect(usual.toMm).toBeGreaterThanOrEqual(safe.toMm);
          expect(thinner.usual.toMm).toBeLessThanOrEqual(usual.toMm);
        },
      ),
      { endOnFailure: true },
    );
  });
});

describe('a finished band', () => {
  const RING = {
    kind: 'coin',
    metal: 'silver-900',
    finish: undefined,
    prediction: {
      ...{ targetInsideDiameterMm: 18.9, bandWidthMm: 9, axialHeightMm: 8.1 },
      ...{ thicknessCutEdgeMm: 1.5, thicknessRimEdgeMm: 2.1, ringMassG: 8.4 },
    },
    state: {
      steps: [],
      readings: [],
      measured: undefined,
      targetInsideDiameterMm: undefined,
      formedSinceReading: false,
      anneals: 0,
    },
  } as unknown as FinishedRing;

  it('is as it was planned where nothing was measured', () => {
    expect(finishedBand(RING)).toMatchObject({
      ...{ insideDiameterMm: 18.9, widthMm: 9, heightMm: 8.1, thicknessMm: 1.5, massG: 8.4 },
      ...{ finish: 'polished', patterned: true, seam: 'none', lined: false },
      measured: { size: false, width: false, thickness: false, mass: false },
    });
  });

  it('is as it was measured, its height growing with its width', () => {
    const reading = { rimInsideDiameterMm: 19.1, cutInsideDiameterMm: 19 };
    const state = {
      ...RING.state,
      readings: [reading],
      measured: { bandWidthMm: 10, thicknessCutEdgeMm: 1.4, massG: 8.1 },
    } as unknown as FinishedRing['state'];
    expect(finishedBand({ ...RING, state })).toMatchObject({
      ...{ insideDiameterMm: 19, widthMm: 10, heightMm: 9, thicknessMm: 1.4, massG: 8.1 },
      measured: { size: true, width: true, thickness: true, mass: true },
    });
    const after = { ...state, formedSinceReading: true };
    expect(finishedBand({ ...RING, state: after })).toMatchObject({
      insideDiameterMm: 18.9,
      measured: { size: false },
    });
  });

  it.each([
    ['strip', ['bend', 'solder'], 'soldered', false],
    ['handle', ['bend'], 'open', true],
    ['handle', ['bend', 'solder'], 'soldered', true],
    ['coin-band', ['solder'], 'open', false],
    ['coin', ['fold'], 'none', true],
  ] as const)('%s by %j: seam %s, patterned %s', (kind, kinds, seam, patterned) => {
    const steps = kinds.map((name) => ({ kind: name }));
    const state = { ...RING.state, steps } as unknown as FinishedRing['state'];
    expect(finishedBand({ ...RING, kind, state })).toMatchObject({ seam, patterned });
  });
});
