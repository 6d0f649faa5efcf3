import { scheduleSteps } from './index';
import { runToEnd } from '../uncertainty';
import { MINUTES_A_DAY } from './calendar';
import { chanceBy, DEFAULT_STRAYS, promiseDate } from './promise';
import { makeSchedule } from './schedule';
import { jobOf, MONDAY_MIN, RING, shopOf } from './test-shop';

const NEW = jobOf('new', RING, { arrivedMin: 99 });

function promised(rings: number, change: Partial<typeof DEFAULT_STRAYS> = {}) {
  const shop = shopOf(Array.from({ length: rings }, (_, i) => jobOf(`ring ${i}`, RING)));
  const { order } = runToEnd(makeSchedule(shop, { tries: 100 }));
  return runToEnd(
    promiseDate({ shop, order, job: NEW, strays: { ...DEFAULT_STRAYS, ...change }, draws: 120 }),
  );
}

describe('promiseDate', () => {
  it('is later the surer it is to be', () => {
    const { evenMin, likelyMin, safeMin } = promised(3);
    expect(evenMin).toBeLessThanOrEqual(likelyMin);
    expect(likelyMin).toBeLessThanOrEqual(safeMin);
    expect(evenMin).toBeGreaterThan(MONDAY_MIN);
  });

  it('is later the more was promised before', () => {
    expect(promised(8).likelyMin).toBeGreaterThan(promised(1).likelyMin);
  });

  it('is later when rings are often spoilt or hours are lost', () => {
    expect(promised(2, { spoilt: 0.9 }).evenMin).toBeGreaterThan(promised(2, { spoilt: 0 }).evenMin);
    expect(promised(4, { atBench: 0.4 }).evenMin).toBeGreaterThan(promised(4, { atBench: 1 }).evenMin);
  });

  it('promises nothing where no working hours allow it', () => {
    const shop = shopOf([], { calendar: { week: [] } });
    const answer = runToEnd(promiseDate({ shop, order: [], job: NEW, draws: 5 }));
    expect(answer.evenMin).toBe(Infinity);
    expect(chanceBy(answer, MONDAY_MIN + 90 * MINUTES_A_DAY)).toBe(0);
  });

  it('finds room for a step that takes long today', () => {
    const long = { ...NEW, steps: NEW.steps.map((step) => ({ ...step, handsMin: 150 })) };
    const shop = shopOf([]);
    const { safeMin } = runToEnd(promiseDate({ shop, order: [], job: long, draws: 60 }));
    expect(Number.isFinite(safeMin)).toBe(true);
  });

  it('tells how far it is, every tenth run', () => {
    const shop = shopOf([]);
    const told = [...promiseDate({ shop, order: [], job: NEW, draws: 30 })];
    expect(told).toEqual([0, 10 / 30, 20 / 30]);
  });

  it('said with eighty in a hundred, is met by seventy-five to eighty-five of other runs of the shop', () => {
    let [met, runs] = [0, 0];
    for (let rings = 0; rings < 6; rings++) {
      const jobs = Array.from({ length: rings }, (_, i) => jobOf(`ring ${i}`, RING.slice(i % 4)));
      const shop = shopOf(jobs);
      const { order } = runToEnd(makeSchedule(shop, { tries: 60 }));
      const said = (seed: number) => runToEnd(promiseDate({ shop, order, job: NEW, draws: 200, seed }));
      const { likelyMin } = said(1 + rings);
      const { readyMin } = said(1000 + rings);
      met += readyMin.filter((min) => min <= likelyMin).length;
      runs += readyMin.length;
    }
    expect(met / runs).toBeGreaterThan(0.75);
    expect(met / runs).toBeLessThan(0.85);
  });

  it('tells the chance of any date', () => {
    const answer = promised(3);
    expect(chanceBy(answer, MONDAY_MIN)).toBe(0);
    expect(chanceBy(answer, answer.likelyMin)).toBeGreaterThanOrEqual(0.8);
    expect(chanceBy(answer, MONDAY_MIN + 90 * MINUTES_A_DAY)).toBe(1);
  });
});

describe('scheduleSteps', () => {
  it('takes what is left of a route, with the wait for an answer where it is due', () => {
    const step = (kind: 'anneal' | 'fold' | 'pickle') => ({
      kind,
      title: kind,
      handsOnMin: 5,
      waitMin: 2,
      tool: kind === 'fold' ? '17° die' : undefined,
      waits: kind === 'pickle' ? [{ what: 'pickle', bath: 'pickle' }] : [],
    });
    const steps = scheduleSteps([step('anneal'), step('fold'), step('pickle')], 1, { step: 2, leadMin: 600 });
    expect(steps).toMatchObject([
      { index: 1, lane: 'press', setUp: '17° die', leadMin: 0 },
      { index: 2, lane: 'bath', setUp: 'pickle', leadMin: 600 },
    ]);
  });
});
