import { proposeRings, sizeRates, SIZES_US, type AskedFor, type Lay } from './index';
import { spreadOver, USUAL_SHARES } from './sizes';
import { ago, mm, NOW_ISO, ring, sum } from './test-demand';

const asked = (us: number, days: number, weight = 1): AskedFor => ({
  ...{ at: ago(days), group: 'coin', insideDiameterMm: mm(us), weight },
});
const lay = (us: number, from: number, to?: number): Lay => ({
  ...{ group: 'coin', insideDiameterMm: mm(us), fromAt: ago(from) },
  toAt: to === undefined ? undefined : ago(to),
});
const meanOf = (rates: ReturnType<typeof sizeRates>, us: number) => {
  const rate = rates[SIZES_US.indexOf(us)]!;
  return rate.shape / rate.months;
};
const sdOf = (rates: ReturnType<typeof sizeRates>, us: number) => {
  const rate = rates[SIZES_US.indexOf(us)]!;
  return Math.sqrt(rate.shape) / rate.months;
};

describe('how often a size is asked for', () => {
  it('is spread over neighbouring sizes, and is about what is usual while nothing is known', () => {
    expect(sum(USUAL_SHARES)).toBeCloseTo(1, 12);
    expect(sum(spreadOver(8.25))).toBeCloseTo(1, 12);
    const rates = sizeRates([], [], NOW_ISO);
    // Half a ring in three months over all sizes.
    expect(sum(rates.map(({ shape, months }) => shape / months))).toBeCloseTo(1 / 6, 9);
    expect(meanOf(rates, 7)).toBeGreaterThan(meanOf(rates, 4));
  });

  it('grows where it was asked for, most where that is new', () => {
    const none = sizeRates([], [lay(8, 200)], NOW_ISO);
    const old = sizeRates([asked(8, 190), asked(8, 180)], [lay(8, 200)], NOW_ISO);
    const late = sizeRates([asked(8, 20), asked(8, 10)], [lay(8, 200)], NOW_ISO);
    expect(meanOf(old, 8)).toBeGreaterThan(meanOf(none, 8));
    expect(meanOf(late, 8)).toBeGreaterThan(meanOf(old, 8));
    // A neighbour profits, a far size does not.
    expect(meanOf(late, 8.5)).toBeGreaterThan(2 * meanOf(none, 8.5));
    expect(meanOf(late, 12) / meanOf(none, 12)).toBeLessThan(meanOf(late, 8) / meanOf(none, 8) / 2);
  });

  it('does not take a size that never lay there for one that nobody wants', () => {
    // Size 8 lay there all the time and was sold four times; 12 never lay there.
    const rates = sizeRates(
      [asked(8, 300), asked(8, 220), asked(8, 140), asked(8, 60)],
      [lay(8, 380, 300), lay(8, 300, 220), lay(8, 220, 140), lay(8, 140, 60), lay(8, 60)],
      NOW_ISO,
    );
    const lain = sizeRates(
      [asked(8, 300), asked(8, 220), asked(8, 140), asked(8, 60)],
      [lay(8, 380), lay(12, 380)],
      NOW_ISO,
    );
    expect(meanOf(rates, 12)).toBeGreaterThan(1.3 * meanOf(lain, 12));
    // And less is known of it.
    expect(sdOf(rates, 12) / meanOf(rates, 12)).toBeGreaterThan(sdOf(lain, 8) / meanOf(lain, 8));
  });

  it('is found where it is known: four in ten months are four tenths a month', () => {
    const weekly = Array.from({ length: 40 }, (_, i) => asked(9, 900 - i * 22));
    const always = Array.from({ length: 40 }, (_, i) => lay(9, 900 - i * 22, 900 - i * 22 - 22));
    const rates = sizeRates(weekly, [...always, lay(9, 20)], NOW_ISO);
    // One every 22 days: 1.38 a month over all sizes; a bell of half a size holds them within two sizes.
    const near = SIZES_US.filter((us) => Math.abs(us - 9) <= 1.5);
    expect(sum(near.map((us) => meanOf(rates, us)))).toBeGreaterThan(1);
    expect(sum(near.map((us) => meanOf(rates, us)))).toBeLessThan(1.8);
  });
});

const question = (change: Partial<Parameters<typeof proposeRings>[0]>) => ({
  ...{ asked: [], lays: [], candidates: [], now: NOW_ISO, months: 3, count: 3 },
  ...change,
});

describe('what to make next', () => {
  it('is what is asked for and does not lie there', () => {
    const known = [asked(8, 30), asked(8, 60), asked(10, 20), asked(10, 50)];
    const candidates = [ring(8), ring(10), ring(13)];
    const first = (lays: readonly Lay[]) =>
      proposeRings(question({ asked: known, lays, candidates }))[0]!.ring.id;
    expect(first([lay(8, 90)])).toBe('coin-10');
    expect(first([lay(10, 90)])).toBe('coin-8');
  });

  it('counts in what it takes from the others, so that sizes are mixed', () => {
    const known = [asked(8, 30), asked(8, 60), asked(8, 90), asked(10, 20), asked(10, 50)];
    const found = proposeRings(question({ asked: known, candidates: [ring(8), ring(10)], count: 2 }));
    expect(found.map(({ ring: { id } }) => id).sort()).toEqual(['coin-10', 'coin-8']);
    const again = proposeRings(question({ asked: known, candidates: [ring(8)], count: 2 }));
    expect(again[1]!.gain).toBeLessThan(again[0]!.gain);
    expect(again.map(({ alike }) => alike)).toEqual([0, 1]);
  });

  it('goes by what an hour at the bench leaves over', () => {
    const quick = ring(8, { id: 'quick', hours: 1, margin: 25 });
    const dear = ring(8, { id: 'dear', hours: 4, margin: 60 });
    expect(proposeRings(question({ candidates: [dear, quick], count: 1 }))[0]!.ring.id).toBe('quick');
    const loss = ring(8, { margin: -3 });
    expect(proposeRings(question({ candidates: [loss] }))).toEqual([]);
  });

  it('takes no more of a piece than there are, whatever is made of it', () => {
    const candidates = [
      ring(8, { takes: [{ stockId: 'piece', share: 1 }] }),
      ring(10, { takes: [{ stockId: 'piece', share: 1 }] }),
      ring(9, { takes: [{ stockId: 'other', share: 1 }] }),
    ];
    expect(
      proposeRings(question({ candidates, count: 5 }))
        .map(
          ({
            ring: {
              takes: [part],
            },
          }) => part?.stockId,
        )
        .sort(),
    ).toEqual(['other', 'piece']);
  });

  it('takes no more of a strip than it is long, whatever is cut from it', () => {
    // A third for each band: three of them; a spinner takes half of it and half of another.
    const band = ring(8, { id: 'band', takes: [{ stockId: 'strip', share: 1 / 3 }] });
    const bands = proposeRings(question({ candidates: [band], count: 9 }));
    expect(bands).toHaveLength(3);
    const spinner = (us: number, ofOther: number) =>
      ring(us, {
        ...{ id: `spinner-${us}`, group: 'spinner', margin: 300 },
        takes: [
          { stockId: 'strip', share: 0.5 },
          { stockId: 'other', share: ofOther },
        ],
      });
    const made = (ofOther: number) =>
      proposeRings(question({ candidates: [band, spinner(6, ofOther), spinner(11, ofOther)], count: 9 })).map(
        ({ ring: { group } }) => group,
      );
    // Two spinners use up both strips; where the other is too short for a second, a band comes of the rest.
    expect(made(0.5)).toEqual(['spinner', 'spinner']);
    expect(made(0.6)).toEqual(['spinner', 'coin']);
  });

  it('tells how sure it is: wide while little is known, the truth within', () => {
    const [little] = proposeRings(question({ candidates: [ring(8)], count: 1 }));
    const known = Array.from({ length: 12 }, (_, i) => asked(8, 10 + i * 28));
    const lays = [lay(8, 360)];
    const [much] = proposeRings(question({ asked: known, lays, candidates: [ring(8)], count: 1 }));
    const widthOf = ({ asked: { low, high, mean } }: typeof little & object) => (high - low) / mean;
    expect(widthOf(little!)).toBeGreaterThan(2 * widthOf(much!));
    expect(much!.asked.low).toBeLessThan(much!.asked.mean);
    expect(much!.sellChance).toBeGreaterThan(little!.sellChance);
  });
});
