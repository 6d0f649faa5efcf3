import { routeFor } from '../route/test-route';
import { SYMPTOMS } from '../ring';
import { filePastCrack, helpsToRead, questionOf, remedyFor, symptomsAt, symptomsToExpect } from './index';

describe('remedies', () => {
  it.each(SYMPTOMS)('%s: causes, what to do now, what to change next time', (symptom) => {
    const { title, causes, now, nextTime } = remedyFor(symptom);
    expect(title.length).toBeGreaterThan(8);
    for (const list of [causes, now, nextTime]) {
      expect(list.length).toBeGreaterThan(0);
      for (const sentence of list) expect(sentence).toMatch(/^[A-Z0-9].*\.$/);
    }
  });

  it('has a title of its own for each', () => {
    expect(new Set(SYMPTOMS.map((symptom) => remedyFor(symptom).title)).size).toBe(SYMPTOMS.length);
  });
});

describe('symptomsToExpect', () => {
  it('names each once, the gravest source first', () => {
    expect(
      symptomsToExpect({ reasons: ['thin-stock'], risks: ['crack', 'wrinkle'], causes: ['crack', 'size'] }),
    ).toEqual([
      'split-on-second-fold',
      'crack-at-cut-edge',
      'wrinkled-rim',
      'edges-differ',
      'hole-off-centre',
    ]);
  });

  it('always warns of the hole', () => {
    expect(symptomsToExpect({ reasons: ['metal-note'], risks: [], causes: [] })).toEqual(['hole-off-centre']);
  });
});

describe('symptomsAt', () => {
  it('puts what belongs to the step first, and leaves nothing out', () => {
    const { here, other } = symptomsAt('stretch');
    expect(here[0]).toBe('crack-at-cut-edge');
    expect([...here, ...other].sort()).toEqual([...SYMPTOMS].sort());
    expect(symptomsAt('saw').here).toEqual([]);
    expect(symptomsAt('solder').here[0]).toBe('solder-did-not-flow');
    expect(symptomsAt('assemble').here).toContain('spinner-binds');
  });
});

describe('filePastCrack', () => {
  const { steps } = routeFor({
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
  });
  const flat = steps[0]!.outline;
  const stretched = steps.filter(({ kind }) => kind === 'stretch').at(-1)!.outline;

  it('on the flat washer widens the hole by what is filed, on both sides', () => {
    expect(filePastCrack(flat, 0.5)?.newHoleMm).toBeCloseTo(12.7 + 2 * 0.8, 3);
  });

  it('on the stretched wall, where hoops stand closer, costs more of the coin', () => {
    const repair = filePastCrack(stretched, 0.5);
    expect(repair?.fileMm).toBeCloseTo(0.8, 9);
    expect(repair?.newHoleMm).toBeGreaterThan(12.7 + 2 * 0.8);
    expect(repair?.newHoleMm).toBeLessThan(12.7 + 4 * 0.8);
    expect(filePastCrack(stretched, 1.5)?.newHoleMm).toBeGreaterThan(repair?.newHoleMm ?? 99);
  });

  it('gives up on a crack that runs through half of the wall, and ignores one that is none', () => {
    expect(filePastCrack(stretched, 5)).toBeUndefined();
    expect(filePastCrack(stretched, 0)).toBeUndefined();
  });
});

describe('questions', () => {
  it('have answers that differ, each with something to do', () => {
    const asked = SYMPTOMS.flatMap((symptom) => questionOf(symptom) ?? []);
    expect(asked.length).toBeGreaterThan(10);
    for (const { ask, answers } of asked) {
      expect(ask).toMatch(/\?$/);
      expect(answers.length).toBeGreaterThan(1);
      expect(new Set(answers.map(({ now }) => now.join())).size).toBe(answers.length);
    }
  });

  it('a size that is off asks for a reading, a crack does not', () => {
    expect(helpsToRead('size-overshot-up')).toBe(true);
    expect(helpsToRead('crack-at-cut-edge')).toBe(false);
  });
});
