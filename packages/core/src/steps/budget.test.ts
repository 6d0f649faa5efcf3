import { FRESH, fullest, spend } from './budget';
import { FINISHES, STEP_KINDS } from './codes';
import { finishSteps } from './finish';
import { stepDefaults } from './step-defaults';

describe('the anneal budget', () => {
  it('fills each edge by its own strain, whichever way it goes', () => {
    const spent = spend(FRESH, 'stretch', 0.05, -0.02);
    expect(spent).toEqual({ cut: 0.05, rim: 0.02 });
    expect(spend(spent, 'stretch', -0.01, 0.01).cut).toBeCloseTo(0.06, 12);
    expect(fullest(spent)).toBe(0.05);
  });

  it('is not touched by steps that form nothing', () => {
    expect(spend({ cut: 0.05, rim: 0.02 }, 'sand', 1, 1)).toEqual({ cut: 0.05, rim: 0.02 });
  });
});

describe('finishing', () => {
  it.each(FINISHES)(
    '%s begins in the pickle, as the ring has been in the fire, and every step has words',
    (finish) => {
      const steps = finishSteps(finish);
      expect(steps[0]?.kind).toBe('pickle');
      for (const { kind, title, instruction } of steps) {
        expect(STEP_KINDS).toContain(kind);
        expect(title.length).toBeGreaterThan(3);
        expect(instruction).toMatch(/\.$/);
        expect(stepDefaults(kind).handsOnMin).toBeGreaterThan(0);
      }
    },
  );

  it('warns where acid, sulphur and spindles come in', () => {
    expect(stepDefaults('pickle').caution).toMatch(/add acid to water/);
    expect(stepDefaults('patina').caution).toMatch(/never meets acid/);
    expect(stepDefaults('polish').caution).toMatch(/no gloves/);
    expect(stepDefaults('anneal').caution).toMatch(/ventilate/);
    expect(stepDefaults('cut').caution).toMatch(/local law/);
  });

  it('has cautions where heat and baths can hurt', () => {
    expect(stepDefaults('solder').caution).toContain('cadmium');
    expect(stepDefaults('plate').caution).toContain('cyanide');
  });
});
