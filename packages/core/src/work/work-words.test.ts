import { REFERENCE_KIT } from '../kit';
import { planWork, type Work, type WorkPiece, type WorkPlan } from './index';
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
    // What comes out of the rolls is what is sawn to the band's length.
    expect(rolled?.blank?.stations.at(-1)?.atMm).toBeCloseTo(cut?.blank?.stations.at(-1)?.atMm ?? 0, 1);
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
