import { REFERENCE_KIT } from '../kit';
import { planWork, stripOffers, type Work, type WorkPiece, type WorkPlan } from './index';
import type { StripPiece } from './kinds';
import { BAND, HANDLE, STRIP } from './test-samples';

const TARGET_MM = 18.2;

function plan(work: Work, piece: WorkPiece): WorkPlan {
  return planWork(
    { work, piece, targetInsideDiameterMm: TARGET_MM, finish: 'polished' },
    { kit: REFERENCE_KIT },
  );
}

describe('a handle’s own words', () => {
  const stepsOf = (change: object, piece: object = {}) =>
    planWork(
      {
        work: { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'square', ...change },
        piece: { ...HANDLE, ...piece },
        targetInsideDiameterMm: TARGET_MM,
        finish: 'polished',
      },
      { kit: REFERENCE_KIT },
    ).steps;
  const step = (kind: string, change: object, piece: object = {}) =>
    stepsOf(change, piece).find((one) => one.kind === kind);

  it('name both cuts with their places, and which takes the enamel off', () => {
    const one = step('saw', {});
    expect(one?.title).toMatch(/^Saw at [\d.]+ mm from the tip$/);
    const two = step('saw', { startMm: 12 }, { enamel: [{ fromMm: 2, toMm: 9 }] });
    expect(two?.title).toMatch(/^Saw at 12\.0 mm and at [\d.]+ mm from the tip$/);
    expect(two?.instruction).toContain('First cut at 12.0 mm from the tip: it takes the enamel off.');
    expect(step('saw', { startMm: 12, keptEnd: 'neck' })?.title).toContain('from the neck');
  });

  it('shape each end by its own', () => {
    expect(step('file', {})?.title).toBe('File both ends square');
    const two = step('file', { ends: 'round', otherEnd: 'mitred' });
    expect(two?.title).toBe('File one end round, the other mitred');
    expect(two?.instruction).toMatch(/^End at the tip: divider set to .*End at the neck: one edge /);
  });

  it.each([
    ['straight', {}, /ends meet/],
    ['overlap', { overlapMm: 8 }, /lies flat on the inner one/],
    ['spiral', { turns: 1.2, pitchMm: 14 }, /turns lie evenly/],
  ] as const)('look at the joint of a %s ring as it is', (style, change, looks) => {
    const close = step('close', { style, ...change });
    expect(close?.lookFor).toMatch(looks);
    if (style === 'spiral') expect(close?.lookFor).not.toMatch(/ends meet/);
  });

  it('call what opens it opening, where the former leaves it small', () => {
    const kit = [{ id: 'f', name: 'small former', spec: { kind: 'former', diameterMm: 13 } }] as const;
    const { steps } = planWork(
      {
        work: { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'square' },
        piece: HANDLE,
        targetInsideDiameterMm: TARGET_MM,
        finish: 'polished',
      },
      { kit: [...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'former'), ...kit] },
    );
    const bend = steps.findLast(({ kind }) => kind === 'bend');
    const close = steps.find(({ kind }) => kind === 'close');
    expect(bend!.after.cutInsideDiameterMm).toBeLessThan(close!.after.cutInsideDiameterMm);
    expect(bend?.instruction).toContain('then a few taps on the mandrel bring it up');
    expect(close).toMatchObject({ verb: 'Open', title: 'Open it to its size on the mandrel' });
  });

  it('use the whole handle in a spiral, by its turns', () => {
    const used = stepsOf({ style: 'spiral', fit: 'turns', pitchMm: 14 })[0]?.blank?.stations.at(-1)?.atMm;
    expect(used).toBeCloseTo(120, 1);
  });

  it('never wear a plating down', () => {
    const kinds = stepsOf({}, { metal: 'silver-plate' }).map(({ kind }) => kind);
    expect(kinds).not.toContain('sand');
    expect(kinds.slice(-2)).toEqual(['true-up', 'polish']);
    expect(stepsOf({}, { metal: 'silver-plate' }).at(-1)?.title).toBe('Wipe it bright');
  });
});

describe('what other work does with its metal', () => {
  it('cuts what a rolled band needs first, and rolls only that', () => {
    const planned = plan({ kind: 'strip', textured: false, rolledToMm: 1.2 }, STRIP);
    const [first, ...rest] = planned.steps;
    expect(first).toMatchObject({
      kind: 'saw',
      title: `Cut ${planned.usesLengthMm.toFixed(1)} mm of it off first`,
    });
    const rolled = rest.findLast(({ kind }) => kind === 'roll');
    const cut = rest.find(({ kind }) => kind === 'saw');
    // What comes out of the rolls is sawn to the band's length, with one part in twenty to spare for its ends.
    expect(rolled?.blank?.stations.at(-1)?.atMm).toBeCloseTo(
      1.05 * (cut?.blank?.stations.at(-1)?.atMm ?? 0),
      6,
    );
  });

  it('narrows what comes out wider than wanted, and refuses what comes out narrower', () => {
    const asked = (widthMm: number, piece: StripPiece = STRIP) =>
      plan({ kind: 'strip', textured: false, widthMm }, piece);
    const narrowed = asked(5);
    expect(narrowed.steps[0]).toMatchObject({ kind: 'file', title: 'Narrow it to 5.0 mm' });
    expect(narrowed.prediction).toMatchObject({ bandWidthMm: 5, thicknessRimEdgeMm: 1.5 });
    // π(ID + 1.5) × 5 × 1.5 and the seam, at 10.36 g/cm³.
    expect(narrowed.prediction.ringMassG / asked(7).prediction.ringMassG).toBeCloseTo(5 / 7, 9);
    expect(asked(7.04).steps[0]?.kind).toBe('saw');
    const narrow = asked(8).reasons.find(({ code }) => code === 'too-narrow');
    // d = (w h^s)^(1/(1 + s)), s 0.47: (8 × 1.5^0.47)^(1/1.47) = 4.68 mm.
    expect(narrow).toMatchObject({
      level: 'refuse',
      instead: expect.stringMatching(/^Round wire of 4\.7 mm/),
    });
  });

  it('answers which stock gives a width, thickness and size, the easiest first', () => {
    const named = (id: string, change: Partial<StripPiece>) => ({ ...STRIP, id, ...change });
    const drawer = [
      named('short', { lengthMm: 40 }),
      named('wire', { section: 'round', thicknessMm: 4.2, widthMm: 4.2 }),
      named('as it is', { widthMm: 6 }),
      named('wide', { widthMm: 9 }),
      named('thin', { thicknessMm: 1.2 }),
      named('thick', { thicknessMm: 2, widthMm: 6 }),
    ];
    const work = { kind: 'strip', textured: false, widthMm: 6, rolledToMm: 1.5 } as const;
    const wish = { work, targetInsideDiameterMm: TARGET_MM, finish: 'polished' } as const;
    const offers = stripOffers(wish, drawer, { kit: REFERENCE_KIT });
    expect(offers.map(({ piece }) => piece.id)).toEqual([
      'as it is',
      'wide',
      'thick',
      'wire',
      'thin',
      'short',
    ]);
    expect(offers.map(({ refusal }) => refusal?.code)).toEqual([
      undefined,
      undefined,
      undefined,
      undefined,
      'not-thicker',
      'too-short',
    ]);
    const [asItIs, wide, thick, wire] = offers;
    expect(asItIs).toMatchObject({ passes: 0, anneals: 0, widthMm: 6 });
    expect(wide).toMatchObject({ rolledWidthMm: 9, widthMm: 6 });
    // ln(2/1.5)/ln(1/0.88) = 2.25; ln(4.2/1.5)/ln(1/0.88) = 8.05, which is past 0.5 once and past it again.
    expect(thick).toMatchObject({ passes: 3, anneals: 0 });
    expect(wire).toMatchObject({ passes: 9, anneals: 2, widthMm: 6 });
    expect(wire!.rolledWidthMm).toBeCloseTo(4.2 * (4.2 / 1.5) ** 0.47, 6);
  });

  it('takes a strip that is as thick as wanted as it is, and rolls no rounded section', () => {
    const rolled = (rolledToMm: number, change: Partial<StripPiece> = {}) =>
      plan({ kind: 'strip', textured: false, rolledToMm }, { ...STRIP, ...change });
    expect(rolled(1.49).steps.map(({ kind }) => kind)).not.toContain('roll');
    expect(rolled(1.49).feasible).toBe(true);
    expect(rolled(1.6).reasons[0]).toMatchObject({ code: 'not-thicker', level: 'refuse' });
    expect(rolled(1.2, { section: 'court' }).reasons[0]).toMatchObject({
      code: 'rolled-flat',
      level: 'refuse',
    });
    expect(rolled(1.5, { section: 'court' }).feasible).toBe(true);
  });

  it('cuts half-round strip shorter than flat, and weighs rounded sections by what they fill', () => {
    const of = (section: StripPiece['section']) =>
      plan({ kind: 'strip', textured: false }, { ...STRIP, section });
    const [flat, half, court] = [of('rect'), of('d'), of('court')];
    // The centroid of a half circle lies 4/(3π) up: π(1 − 8/(3π)) × 1.5 mm less.
    const shorterMm = (Math.PI - 8 / 3) * 1.5;
    expect(flat.usesLengthMm - half.usesLengthMm).toBeCloseTo(shorterMm, 9);
    expect(court.usesLengthMm).toBeCloseTo(flat.usesLengthMm, 9);
    expect(court.prediction.ringMassG / flat.prediction.ringMassG).toBeCloseTo(0.85, 9);
    expect(half.prediction.ringMassG / flat.prediction.ringMassG).toBeCloseTo(
      (0.79 * half.usesLengthMm) / flat.usesLengthMm,
      9,
    );
  });

  it('weighs half-round and court bands by what they fill', () => {
    const massOf = (profile: 'flat' | 'd' | 'court') =>
      plan({ kind: 'resize', cover: 'none' }, { ...BAND, profile }).prediction.ringMassG;
    expect(massOf('d') / massOf('flat')).toBeCloseTo(0.79, 6);
    expect(massOf('court') / massOf('flat')).toBeCloseTo(0.85, 6);
  });

  it('never pickles a spinner once its bands turn on each other', () => {
    const { steps } = plan({ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 3 }, STRIP);
    const assembled = steps.findIndex(({ kind }) => kind === 'assemble');
    expect(steps.slice(0, assembled).some(({ kind }) => kind === 'pickle')).toBe(true);
    expect(steps.slice(assembled).map(({ kind }) => kind)).not.toContain('pickle');
  });
});
