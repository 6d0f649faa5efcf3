import * as fc from 'fast-check';
import { runToEnd } from '../uncertainty';
import { spansOfDay, dayOf, MINUTES_A_DAY, type WorkCalendar } from './calendar';
import { makeSchedule, type Schedule } from './schedule';
import type { Block, Shop } from './shop';
import { dispatch, firstCome, firstDue, modifiedDue, tardinessCost, type Urgency } from './dispatch';
import { placeInOrder } from './place';
import { jobOf, leastOfAllOrders, MONDAY_MIN, RING, shopOf, STEP_NAMES, tightShop } from './test-shop';

const solve = (shop: Shop, tries = 400) => runToEnd(makeSchedule(shop, { tries }));

const names = fc.array(fc.constantFrom(...STEP_NAMES), { minLength: 1, maxLength: 9 });
const anyJob = fc.record({
  names,
  arrivedMin: fc.integer({ min: 0, max: 5000 }),
  readyIn: fc.integer({ min: 0, max: 600 }),
  dueIn: fc.option(fc.integer({ min: 60, max: 5 * MINUTES_A_DAY }), { nil: undefined }),
  leadMin: fc.constantFrom(0, 0, 0, MINUTES_A_DAY),
});
const anyShop = fc.array(anyJob, { minLength: 1, maxLength: 7 }).map((jobs) =>
  shopOf(
    jobs.map(({ names: steps, arrivedMin, readyIn, dueIn, leadMin }, i) => {
      const job = jobOf(`ring ${i}`, steps, { arrivedMin, readyMin: MONDAY_MIN + readyIn });
      const held = job.steps.map((step, at) => (at === job.steps.length - 1 ? { ...step, leadMin } : step));
      return { ...job, steps: held, dueMin: dueIn === undefined ? undefined : MONDAY_MIN + dueIn };
    }),
  ),
);

/** Spans that must not overlap. */
function apart(spans: readonly (readonly [number, number])[]): boolean {
  const sorted = [...spans].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  return sorted.every(([from], i) => i === 0 || from >= (sorted[i - 1]?.[1] ?? 0) - 1e-9);
}

const ofRing = ({ blocks }: Schedule, jobId: string) => blocks.filter((block) => block.jobId === jobId);

function withinHours({ calendar, helper }: Shop, { startMin, handsEndMin, byHelper }: Block): boolean {
  return spansOfDay((byHelper && helper) || calendar, dayOf(startMin)).some(
    ({ fromMin, toMin }) => fromMin <= startMin && handsEndMin <= toMin,
  );
}

/** A helper who comes in the afternoons. */
const AFTERNOONS: WorkCalendar = {
  week: [[], ...Array.from({ length: 5 }, () => [{ fromMin: 800, toMin: 1050 }]), []],
};

describe.each([
  ['alone', anyShop],
  ['with a helper', anyShop.map((shop): Shop => ({ ...shop, helper: AFTERNOONS }))],
])('every schedule, %s,', (_whose, shops) => {
  it('doubles neither hands nor flame nor press, and no bath', () => {
    fc.assert(
      fc.property(shops, (shop) => {
        const { blocks } = solve(shop, 120);
        const handsOf = (of: (block: Block) => boolean) =>
          blocks
            .filter(of)
            .map(({ startMin, handsEndMin }): readonly [number, number] => [startMin, handsEndMin]);
        expect(apart(handsOf(({ byHelper }) => byHelper === true))).toBe(true);
        expect(apart(handsOf(({ byHelper }) => byHelper === undefined))).toBe(true);
        for (const lane of ['flame', 'press']) {
          expect(apart(handsOf((block) => block.lane === lane))).toBe(true);
        }
        const baths = new Map<string, Map<number, [number, number]>>();
        for (const { lane, setUp, batch = -1, startMin, endMin } of blocks) {
          if (lane !== 'bath') continue;
          const batches = baths.get(setUp) ?? new Map<number, [number, number]>();
          const [from, to] = batches.get(batch) ?? [startMin, endMin];
          batches.set(batch, [Math.min(from, startMin), Math.max(to, endMin)]);
          baths.set(setUp, batches);
        }
        for (const batches of baths.values()) expect(apart([...batches.values()])).toBe(true);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('does every step once, none before the one it follows, and none before its ring is there', () => {
    fc.assert(
      fc.property(shops, (shop) => {
        const schedule = solve(shop, 120);
        for (const job of shop.jobs) {
          const mine = ofRing(schedule, job.id);
          expect(mine.map(({ step }) => step)).toEqual(job.steps.map(({ index }) => index));
          mine.forEach(({ startMin, workMin }, i) => {
            const before = mine[i - 1]?.endMin ?? Math.max(job.readyMin, shop.nowMin);
            expect(startMin).toBeGreaterThanOrEqual(before - 1e-9);
            expect(workMin).toBeGreaterThanOrEqual(before + (job.steps[i]?.leadMin ?? 0) - 1e-9);
          });
        }
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('keeps to working hours, leaves no bath alone over night and overfills none', () => {
    fc.assert(
      fc.property(shops, (shop) => {
        const { blocks } = solve(shop, 120);
        const members = new Map<number, number>();
        for (const block of blocks) {
          const { lane, batch = -1, endMin } = block;
          expect(
            withinHours(shop, { ...block, handsEndMin: lane === 'bath' ? endMin : block.handsEndMin }),
          ).toBe(true);
          if (lane === 'bath') members.set(batch, (members.get(batch) ?? 0) + 1);
        }
        expect(Math.max(0, ...members.values())).toBeLessThanOrEqual(shop.rules.bathHolds);
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });

  it('is never later than the simple list, and where it is as late, never ends after it', () => {
    fc.assert(
      fc.property(shops, (shop) => {
        const { score, simple } = solve(shop, 120);
        expect(score.lateMin).toBeLessThanOrEqual(simple.score.lateMin);
        if (score.lateMin === simple.score.lateMin) {
          expect(score.endMin).toBeLessThanOrEqual(simple.score.endMin);
        }
      }),
      { numRuns: 60, endOnFailure: true },
    );
  });
});

describe('with a helper', () => {
  it.each([1, 2, 3, 4])('is less late than alone, and as early as any order of work (%i)', (seed) => {
    const alone = tightShop(seed, 2, 5);
    const shop: Shop = { ...alone, helper: alone.calendar };
    const { score } = solve(shop, 2000);
    expect(score.lateMin).toBeLessThan(solve(alone, 2000).score.lateMin);
    expect(score.lateMin).toBeCloseTo(leastOfAllOrders(shop), 6);
  });

  it('is as it was alone where nobody comes', () => {
    const alone = tightShop(5, 3, 5);
    const { blocks } = solve({ ...alone, helper: { week: Array.from({ length: 7 }, () => []) } });
    expect(blocks).toEqual(solve(alone).blocks);
  });
});

/** Rings as a week brings them: begun at different points, some wanted soon. */
const WEEKS = [4, 7, 10].map((count) =>
  shopOf(
    Array.from({ length: count }, (_, i) =>
      jobOf(`ring ${i}`, RING.slice(i % 4), {
        arrivedMin: i,
        dueMin: i % 3 === 2 ? undefined : MONDAY_MIN + (1 + ((7 * i) % 5)) * 300,
      }),
    ),
  ),
);

describe('on the test set', () => {
  it.each(WEEKS.map((shop) => [shop.jobs.length, shop] as const))(
    '%p rings: no later than the simple list and with less set-up',
    (_count, shop) => {
      const { score, simple } = solve(shop, 2000);
      expect(score.lateMin).toBeLessThanOrEqual(simple.score.lateMin);
      expect(score.endMin).toBeLessThanOrEqual(simple.score.endMin);
      expect(score.setUpMin).toBeLessThan(simple.score.setUpMin);
    },
  );
});

describe('against all orders there are, and against rules of thumb', () => {
  it.each([
    ['two rings', 2, 6],
    ['three rings', 3, 3],
  ])('%s are as little late as they can be', (_count, rings, steps) => {
    for (let seed = 40; seed < 50; seed++) {
      const shop = tightShop(seed, rings, steps);
      expect(solve(shop, 60).score.lateMin).toBeCloseTo(leastOfAllOrders(shop), 6);
    }
  });

  it('what the search alone finds of two rings is bettered by looking at every order', () => {
    const late = (exact: boolean) =>
      Array.from({ length: 12 }, (_, seed) => {
        const work = makeSchedule(tightShop(seed, 2, 9), { tries: 20, exact });
        return runToEnd(work).score.lateMin;
      }).reduce((sum, min) => sum + min, 0);
    expect(late(true)).toBeLessThan(late(false));
  });

  it.each([6, 10])('%d rings are never later than by any rule', (rings) => {
    for (const seed of [1, 2, 3]) {
      const shop = tightShop(seed, rings, 6);
      const { lateMin } = solve(shop, 200).score;
      for (const rule of [firstCome, firstDue, modifiedDue(0), modifiedDue(15)]) {
        expect(lateMin).toBeLessThanOrEqual(placeInOrder(shop, dispatch(shop, rule)).score.lateMin);
      }
    }
  });
});

describe('rules of thumb', () => {
  /** One job that can be in time, one that cannot. */
  const jobs = [
    jobOf('hopeless', ['stretch', 'stretch', 'stretch', 'stretch'], { dueMin: MONDAY_MIN + 5 }),
    jobOf('in time', ['polish'], { dueMin: MONDAY_MIN + 12 }),
  ];
  const first = (rule: Urgency, shop: Shop) => dispatch(shop, rule)[0];

  it('by date take the hopeless first, by modified date what can still be in time', () => {
    expect(first(firstDue, shopOf(jobs))).toBe(0);
    expect(first(modifiedDue(0), shopOf(jobs))).toBe(1);
  });

  it('by cost of tardiness take what is short and pressing, and what is set up', () => {
    const ahead = { dates: 2, setUps: 1 };
    expect(first(tardinessCost(0, ahead), shopOf(jobs))).toBe(1);
    const alike = [jobOf('press', ['fold', 'fold']), jobOf('bench', ['stretch'])].map((job, i) => ({
      ...job,
      dueMin: MONDAY_MIN + 900 + 10 * i,
      steps: job.steps.map((step) => ({ ...step, handsMin: i === 0 ? 5 : 10 })),
    }));
    // As much work, and ten minutes of slack less; but the press has to be set up.
    expect(first(tardinessCost(0, ahead), shopOf(alike))).toBe(1);
    expect(first(tardinessCost(0, { ...ahead, setUps: 4 }), shopOf(alike))).toBe(0);
  });

  it('wait for what is more pressing only as long as they are told', () => {
    const soon = [
      jobOf('here', ['stretch'], { dueMin: MONDAY_MIN + 900 }),
      jobOf('soon', ['stretch'], { readyMin: MONDAY_MIN + 10, dueMin: MONDAY_MIN + 30 }),
    ];
    expect(first(modifiedDue(5), shopOf(soon))).toBe(0);
    expect(first(modifiedDue(15), shopOf(soon))).toBe(1);
  });
});

describe('makeSchedule', () => {
  it('anneals rings one after the other at one flame, and pickles them in one bath', () => {
    const two = shopOf([jobOf('a', ['anneal', 'pickle']), jobOf('b', ['anneal', 'pickle'])]);
    const { blocks, score } = solve(two);
    const set = blocks.filter(({ startMin, workMin }) => workMin > startMin);
    expect(set.map(({ lane }) => lane)).toEqual(['flame', 'bath']);
    expect(new Set(blocks.filter(({ lane }) => lane === 'bath').map(({ batch }) => batch)).size).toBe(1);
    expect(score.setUpMin).toBe(9);
  });

  it('takes the ring that is wanted first, whichever came first', () => {
    const shop = shopOf([
      jobOf('came first', ['stretch', 'polish'], { arrivedMin: 0, dueMin: MONDAY_MIN + 4000 }),
      jobOf('wanted first', ['stretch', 'polish'], { arrivedMin: 9, dueMin: MONDAY_MIN + 25 }),
    ]);
    const schedule = solve(shop);
    expect(schedule.blocks[0]?.jobId).toBe('wanted first');
    expect(schedule.score.lateMin).toBe(0);
    expect(schedule.simple.score.lateMin).toBeGreaterThan(0);
  });

  it('keeps a step where the maker pinned it, and works round it', () => {
    const at = MONDAY_MIN + 120;
    const jobs = ['a', 'b', 'c'].map((id) => jobOf(id, ['stretch', 'fold', 'polish']));
    const pins = [{ jobId: 'b', step: 1, startMin: at }];
    const schedule = solve(shopOf(jobs, { pins }), 1500);
    expect(schedule.score.pinMissMin).toBe(0);
    expect(ofRing(schedule, 'b')[1]?.workMin).toBe(at);
  });

  it('says how far a pin is missed that comes before what it follows', () => {
    const jobs = [jobOf('a', ['stretch', 'fold'])];
    const pins = [{ jobId: 'a', step: 1, startMin: MONDAY_MIN }];
    const { score, blocks } = solve(shopOf(jobs, { pins }));
    expect(score.pinMissMin).toBe((blocks[1]?.workMin ?? 0) - MONDAY_MIN);
    expect(score.pinMissMin).toBeGreaterThan(0);
  });

  it('leaves out a ring with a step longer than any stretch of work, and says so', () => {
    const long = jobOf('long', ['polish']);
    const steps = long.steps.map((step) => ({ ...step, handsMin: 300 }));
    const schedule = solve(shopOf([{ ...long, steps }, jobOf('short', ['polish'])]));
    expect(schedule.tooLong).toEqual(['long']);
    expect(schedule.blocks.map(({ jobId }) => jobId)).toEqual(['short']);
  });

  it('counts a bath with its wait as one stretch, and a wait beside the bench not at all', () => {
    // The longest stretch of work is 210 minutes; warming a bath takes 5, hands 2: a wait of 203 just fits.
    const soaking = (id: string, waitMin: number, lane: 'bath' | 'bench') => {
      const job = jobOf(id, ['pickle']);
      return { ...job, steps: job.steps.map((step) => ({ ...step, waitMin, lane })) };
    };
    const jobs = [soaking('fits', 203, 'bath'), soaking('long', 204, 'bath'), soaking('rests', 900, 'bench')];
    expect(solve(shopOf(jobs)).tooLong).toEqual(['long']);
  });

  it('plans nothing for nobody', () => {
    const { blocks, score } = solve(shopOf([]));
    expect(blocks).toEqual([]);
    expect(score.endMin).toBe(MONDAY_MIN);
  });

  it('answers the same for the same seed', () => {
    const shop = WEEKS[0]!;
    expect(solve(shop)).toEqual(solve(shop));
  });

  it('reports progress that only grows', () => {
    const work = makeSchedule(WEEKS[0]!, { tries: 200 });
    const seen: number[] = [];
    for (let next = work.next(); !next.done; next = work.next()) seen.push(next.value);
    expect(seen.length).toBeGreaterThan(3);
    expect(seen).toEqual([...seen].sort((a, b) => a - b));
  });
});
