import { remedyFor, symptomsToExpect, SYMPTOMS } from './index';

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
