import * as fc from 'fast-check';
import { dispatch, firstCome, firstDue, goOnWith } from './dispatch';
import { emptySchedule, layNext, setUpMinutes, soonest, upcoming } from './schedule-builder';
import { isBetter, placeInOrder } from './place';
import type { Score, Shop } from './shop';
import { jobOf, MONDAY_MIN, RING, shopOf, STEP_NAMES, TEST_WEEK } from './test-shop';

/** Lays steps in an order of work and tells when each began, after its set-up, since Monday morning. */
function laid(shop: Shop, ...order: readonly number[]) {
  return placeInOrder(shop, order).blocks.map(({ jobId, startMin, workMin, handsEndMin, endMin, batch }) => ({
    jobId,
    from: startMin - MONDAY_MIN,
    work: workMin - MONDAY_MIN,
    handsEnd: handsEndMin - MONDAY_MIN,
    end: endMin - MONDAY_MIN,
    batch,
  }));
}

describe('the flame', () => {
  const shop = shopOf([jobOf('a', ['anneal', 'stretch']), jobOf('b', ['anneal']), jobOf('c', ['anneal'])]);

  it('is lit once for rings that follow each other', () => {
    expect(laid(shop, 0, 1, 2).map(({ from, work }) => work - from)).toEqual([4, 0, 0]);
  });

  it('is lit again when something else was done in between', () => {
    expect(laid(shop, 0, 0, 1).map(({ from, work }) => work - from)).toEqual([4, 0, 4]);
  });

  it('goes out when nobody comes for a while', () => {
    const late = shopOf([jobOf('a', ['anneal']), jobOf('b', ['anneal'], { readyMin: MONDAY_MIN + 30 })]);
    const [, second] = laid(late, 0, 1);
    expect(second).toMatchObject({ from: 30, work: 34 });
  });

  it('is lit anew after the pause, and the block still ends before the doors are shut', () => {
    const noon = shopOf([jobOf('a', ['anneal']), jobOf('b', ['anneal'])], { nowMin: MONDAY_MIN + 199 });
    const [first, second] = laid(noon, 0, 1);
    expect(first).toMatchObject({ from: 199, handsEnd: 208 });
    expect(second).toMatchObject({ from: 270, work: 274 });
  });
});

describe('the press', () => {
  it('keeps its tool until another is mounted', () => {
    const shop = shopOf([jobOf('a', ['fold', 'fold', 'reduce', 'fold'])]);
    expect(laid(shop, 0, 0, 0, 0).map(({ from, work }) => work - from)).toEqual([2, 0, 2, 2]);
  });

  it('keeps its tool while something else is done', () => {
    const shop = shopOf([jobOf('a', ['fold', 'stretch', 'fold'])]);
    expect(laid(shop, 0, 0, 0).map(({ from, work }) => work - from)).toEqual([2, 0, 0]);
  });
});

describe('a bath', () => {
  it('takes rings one after the other and gives them back together', () => {
    const shop = shopOf([jobOf('a', ['pickle']), jobOf('b', ['pickle'])]);
    const [a, b] = laid(shop, 0, 1);
    expect(a?.batch).toBe(b?.batch);
    expect([a?.end, b?.end]).toEqual([21, 21]);
    expect(b).toMatchObject({ from: 7, work: 7 });
  });

  it('waits a little for a ring, not long', () => {
    const soon = shopOf([jobOf('a', ['pickle']), jobOf('b', ['pickle'], { readyMin: MONDAY_MIN + 20 })]);
    const [first, second] = laid(soon, 0, 1);
    expect(first).toMatchObject({ from: 13, handsEnd: 20, end: 34 });
    expect(second).toMatchObject({ work: 20, end: 34 });
    const late = shopOf([jobOf('a', ['pickle']), jobOf('b', ['pickle'], { readyMin: MONDAY_MIN + 60 })]);
    const apart = laid(late, 0, 1);
    expect(apart[0]?.batch).not.toBe(apart[1]?.batch);
  });

  it('does not wait when its ring was pinned', () => {
    const jobs = [jobOf('a', ['pickle']), jobOf('b', ['pickle'], { readyMin: MONDAY_MIN + 20 })];
    const pins = [{ jobId: 'a', step: 0, startMin: MONDAY_MIN + 5 }];
    const [first, second] = laid(shopOf(jobs, { pins }), 0, 1);
    expect(first).toMatchObject({ work: 5 });
    expect(first?.batch).not.toBe(second?.batch);
  });

  it('takes so many and no more, and is not filled again before it is empty', () => {
    const shop = shopOf(
      Array.from({ length: 3 }, (_, i) => jobOf(`${i}`, ['pickle'])),
      { rules: { setUpMin: { flame: 4, press: 2, bath: 5, bench: 0 }, bathHolds: 2, flameKeepsMin: 10 } },
    );
    const [, second, third] = laid(shop, 0, 1, 2);
    expect(third?.batch).not.toBe(second?.batch);
    expect(third?.from).toBe(second?.end);
  });

  it('is not begun before noon when it would have to be left alone', () => {
    const shop = shopOf([jobOf('a', ['pickle'])], { nowMin: MONDAY_MIN + 195 });
    expect(laid(shop, 0)[0]).toMatchObject({ from: 270 });
  });
});

describe('the bench as it is laid', () => {
  it('tells what comes next, when it may begin and what it would need', () => {
    const bench = emptySchedule(shopOf([jobOf('a', ['anneal', 'pickle'], { readyMin: MONDAY_MIN + 10 })]));
    expect(upcoming(bench, 0)?.kind).toBe('anneal');
    expect(soonest(bench, 0).atMin).toBe(MONDAY_MIN + 10);
    expect(layNext(bench, 0)).toBe(true);
    expect(upcoming(bench, 0)?.kind).toBe('pickle');
    expect(setUpMinutes(bench, soonest(bench, 0).hands, upcoming(bench, 0)!, MONDAY_MIN + 30)).toBe(5);
    expect(layNext(bench, 0)).toBe(true);
    expect(upcoming(bench, 0)).toBeUndefined();
    expect(layNext(bench, 0)).toBe(true);
  });

  it('has the torch lit anew where another pair of hands had it last', () => {
    const jobs = [jobOf('a', ['stretch']), jobOf('b', ['anneal', 'anneal'])];
    const bench = emptySchedule(shopOf(jobs, { helper: TEST_WEEK }));
    expect(layNext(bench, 0) && layNext(bench, 1)).toBe(true);
    const [maker, helper] = bench.hands;
    expect(bench.blocks.map(({ byHelper = false }) => byHelper)).toEqual([false, true]);
    const again = upcoming(bench, 1)!;
    expect(setUpMinutes(bench, helper!, again, MONDAY_MIN + 11)).toBe(0);
    expect(setUpMinutes(bench, maker!, again, MONDAY_MIN + 12)).toBe(4);
  });

  it('waits for the customer’s word', () => {
    const job = jobOf('a', ['stretch', 'polish']);
    const steps = job.steps.map((step, i) => (i === 1 ? { ...step, leadMin: 1440 } : step));
    const [, second] = laid(shopOf([{ ...job, steps }]), 0, 0);
    expect(second?.work).toBe(12 + 1440);
  });

  it('refuses what no stretch of work is long enough for', () => {
    const job = jobOf('a', ['stretch']);
    const steps = job.steps.map((step) => ({ ...step, handsMin: 999 }));
    expect(layNext(emptySchedule(shopOf([{ ...job, steps }])), 0)).toBe(false);
  });
});

describe('rules of thumb', () => {
  const shop = shopOf([
    jobOf('late', ['stretch', 'anneal'], { arrivedMin: 1, dueMin: MONDAY_MIN + 900 }),
    jobOf('soon', ['stretch', 'anneal'], { arrivedMin: 2, dueMin: MONDAY_MIN + 60 }),
  ]);

  it('take the first that came, or the first that is wanted', () => {
    expect(dispatch(shop, firstCome)[0]).toBe(0);
    expect(dispatch(shop, firstDue)[0]).toBe(1);
  });

  it('go on with what is set up', () => {
    const set = shopOf([jobOf('a', ['anneal', 'stretch']), jobOf('b', ['anneal', 'stretch'])]);
    expect(dispatch(set, goOnWith(15)).slice(0, 2).sort()).toEqual([0, 1]);
  });

  it('name every step of every ring once, whatever the rule', () => {
    const rule = fc.constantFrom(firstCome, firstDue, goOnWith(0), goOnWith(30));
    const steps = fc.array(fc.constantFrom(...STEP_NAMES), { maxLength: 8 });
    fc.assert(
      fc.property(fc.array(steps, { maxLength: 6 }), rule, (rings, urgency) => {
        const jobs = rings.map((names, i) => jobOf(`${i}`, names));
        const order = dispatch(shopOf(jobs), urgency);
        const counts = jobs.map((_, i) => order.filter((job) => job === i).length);
        expect(counts).toEqual(jobs.map((job) => job.steps.length));
      }),
    );
  });
});

describe('isBetter', () => {
  const score: Score = { pinMissMin: 0, lateMin: 10, setUpMin: 10, endMin: 100, flowMin: 100 };

  it.each([
    [{ pinMissMin: 1, lateMin: 0 }, false],
    [{ lateMin: 9, setUpMin: 99 }, true],
    [{ setUpMin: 9, endMin: 115 }, true],
    [{ setUpMin: 9, endMin: 117 }, false],
    [{ endMin: 99 }, true],
    [{ flowMin: 101 }, false],
    [{}, false],
  ])('%p against the other: %p', (change, better) => {
    expect(isBetter({ ...score, ...change }, score)).toBe(better);
  });
});

describe('placeInOrder', () => {
  it('scores an empty shop and a whole ring', () => {
    expect(placeInOrder(shopOf([]), []).score).toEqual({
      pinMissMin: 0,
      lateMin: 0,
      setUpMin: 0,
      endMin: MONDAY_MIN,
      flowMin: 0,
    });
    const shop = shopOf([jobOf('a', RING, { dueMin: MONDAY_MIN })]);
    const { score, blocks } = placeInOrder(
      shop,
      RING.map(() => 0),
    );
    expect(score.lateMin).toBe((blocks.at(-1)?.endMin ?? 0) - MONDAY_MIN);
    expect(score.flowMin).toBe(score.endMin);
  });
});
