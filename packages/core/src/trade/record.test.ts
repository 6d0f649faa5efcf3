import { rounded } from '../testing';
import { REFERENCE_KIT } from '../kit';
import { routeFor } from '../route/test-route';
import { DEFAULT_TRAITS } from '../steps';
import { runToEnd } from '../uncertainty';
import {
  answerWish,
  approvalLetter,
  careWords,
  coinReach,
  compareSizers,
  exchangeLetter,
  orderProgress,
  partExchange,
  priceRing,
  quoteLetter,
  refusalLetter,
  resizeRoom,
  shopNumbers,
  simulatedSpot,
  usedBy,
  type CustomerWish,
  type OrderEventBody,
} from './index';
import { coin, PRICE_INPUT, STRIP, WISH } from './test-drawer';

const COIN = coin('a');
const WORDS = { person: 'Ilse', workshop: 'The bench', money: (amount: number) => `${amount.toFixed(2)} cr` };
const bench = {
  stock: [COIN, { ...COIN, id: 'b', year: 1912, price: 9 }, STRIP],
  kit: REFERENCE_KIT,
  traits: DEFAULT_TRAITS,
};

/** Answers, prices, letters, pinned whole. */
describe('the record of the trade', () => {
  it.each<Partial<CustomerWish>>([
    {},
    { widthMm: { min: 18, max: 20 } },
    { year: 1871, metal: 'copper' },
    { targetInsideDiameterMm: 30 },
    { kind: 'strip' },
  ])('a wish for %j', (change) => {
    const answer = runToEnd(answerWish({ ...WISH, targetInsideDiameterMm: 19.8, ...change }, bench, 'us'));
    expect(rounded(answer)).toMatchSnapshot();
    expect(refusalLetter(WORDS, 'a ring', answer)).toMatchSnapshot();
  });

  it('a price, with coupon and rounding', () => {
    const input = { ...PRICE_INPUT, coupon: 7, roundTo: 5 };
    expect(rounded([priceRing(input), priceRing({ ...input, meltValue: 300 })])).toMatchSnapshot();
  });

  it('letters', () => {
    expect(
      quoteLetter({
        ...WORDS,
        ring: 'a ring',
        price: 84,
        readyBy: 'Friday',
        validDays: 14,
        hasPicture: false,
      }),
    ).toMatchSnapshot();
    expect(
      approvalLetter({ ...WORDS, ring: 'a ring', readings: ['US 10'], hasPicture: false }),
    ).toMatchSnapshot();
    for (const change of [{}, { metal: 'copper' as const }, { pieces: 1 }, { pieces: 12 }]) {
      const question = {
        metal: 'silver-900' as const,
        pieces: 4,
        valueEach: 12,
        price: 80,
        reachMm: { min: 15, max: 22 },
        targetInsideDiameterMm: 19,
        ...change,
      };
      const answer = partExchange(question);
      expect(rounded(answer)).toMatchSnapshot();
      expect(exchangeLetter({ ...WORDS, ...question, piece: 'a coin' }, answer)).toMatchSnapshot();
    }
  });

  it('an order through its events', () => {
    const bodies: readonly OrderEventBody[] = [
      { kind: 'moved', to: 'quoted' },
      { kind: 'moved', to: 'agreed', why: 'by telephone' },
      { kind: 'approval-asked', messageId: 'm' },
      { kind: 'approval-answered', yes: false, words: 'darker', by: 'told' },
      { kind: 'approval-asked', messageId: 'm' },
      { kind: 'approval-answered', yes: true, words: '', by: 'mail' },
      { kind: 'note', text: 'sent a picture' },
    ];
    const events = bodies.map((body, i) => ({ id: `e${i}`, at: `2026-11-2${i}T10:00:00.000Z`, body }));
    expect(events.map((_event, i) => orderProgress(events.slice(0, i + 1)))).toMatchSnapshot();
  });

  it('what a route uses up, what a coin reaches, care, sizers, prices of metal, months', () => {
    const { steps } = routeFor({
      coin: COIN,
      holeMm: 12.7,
      targetInsideDiameterMm: 18.9,
      wall: { kind: 'straight' },
      school: 'over-stretch',
    });
    expect(rounded(usedBy(steps, { insideDiameterMm: 18.9, axialHeightMm: 8.7 }))).toMatchSnapshot();
    expect(rounded(coinReach(COIN, REFERENCE_KIT))).toMatchSnapshot();
    const ring = {
      metal: 'silver-900',
      finish: 'dark',
      lined: true,
      thicknessMm: 1.2,
      insideDiameterMm: 19,
      patterned: true,
      seam: 'none',
    } as const;
    expect([
      careWords(ring),
      resizeRoom(ring),
      careWords({ ...ring, metal: 'copper', lined: false, finish: 'satin' }),
    ]).toMatchSnapshot();
    const sizers = [0, 1, 2, 3, 4, 5, 6, 7].map((i) => ({
      cost: 3,
      paid: i % 2 ? 5 : 0,
      coupon: i % 2 ? 8 : 0,
      ordered: i % 3 === 0,
      couponUsed: i === 3,
      guarantee: i % 4 === 0,
    }));
    expect(rounded(compareSizers(sizers, 30, 25))).toMatchSnapshot();
    expect(rounded(simulatedSpot('silver', 20700, 20706))).toMatchSnapshot();
    const rings = [
      { overAt: '2026-11-03T10:00:00.000Z', workedMin: 60, sizeErrorUs: 0.3 },
      { overAt: '2026-10-21T10:00:00.000Z', workedMin: 30, spoiltBy: 'flare' },
      { overAt: '2026-10-22T10:00:00.000Z', workedMin: 50, spoiltBy: 'flare' },
      { overAt: '2026-10-23T10:00:00.000Z', workedMin: 50, spoiltBy: 'crack-at-cut-edge' },
    ];
    const sales = [
      { closedAt: '2026-11-22T10:00:00.000Z', price: 100, margin: 25, way: 'market', fees: 4.4, hours: 2 },
    ] as const;
    expect(rounded(shopNumbers(rings, sales, '2026-11-25T10:00:00.000Z'))).toMatchSnapshot();
  });
});
