import * as fc from 'fast-check';
import { discountOff, discountRefusal, isSameCode, lessDiscount, type Discount } from './discount';
import { discountRefusalWords, takesWords } from './discount-words';
import { quoteLetter, saleLetter } from './letters';
import { shopNumbers, type PastSale } from './shop-numbers';

const TENTH = { kind: 'share', share: 0.1 } as const;
const SIX = { kind: 'sum', amount: 6 } as const;
const money = (amount: number) => `${amount.toFixed(2)} cr`;

const discount = (change: Partial<Discount> = {}): Discount => ({
  ...{ code: 'LANTERN', takes: TENTH, from: null, until: null, firstOrder: false },
  ...change,
});
const NEW = { isNamed: true, hasOrdered: false };

describe('a discount', () => {
  it('takes a share or a sum, to the cent, and never more than the price', () => {
    expect([discountOff(TENTH, 84.99), discountOff(SIX, 84.99), discountOff(SIX, 4)]).toEqual([8.5, 6, 4]);
    expect([takesWords(TENTH, money), takesWords({ kind: 'share', share: 0.125 }, money)]).toEqual([
      '10%',
      '12.5%',
    ]);
    expect(takesWords(SIX, money)).toBe('6.00 cr');
  });

  it('stops at the floor and says what that kept, unless it is given in full', () => {
    expect(lessDiscount(84, TENTH, 40)).toEqual({ price: 75.6, off: 8.4, heldBack: 0 });
    expect(lessDiscount(84, TENTH, 80)).toEqual({ price: 80, off: 4, heldBack: 4.4 });
    expect(lessDiscount(84, TENTH, 80, true)).toEqual({ price: 75.6, off: 8.4, heldBack: 0 });
    // A price that was set below the floor on purpose is not raised.
    expect(lessDiscount(70, SIX, 80)).toEqual({ price: 70, off: 0, heldBack: 6 });
  });

  it('never goes below the floor by itself, and what is off and held back is the whole of it', () => {
    const amount = fc.double({ min: 0.01, max: 900, noNaN: true });
    fc.assert(
      fc.property(amount, amount, fc.double({ min: 0.01, max: 1, noNaN: true }), (raw, floor, share) => {
        const price = Math.round(raw * 100) / 100;
        const takes = { kind: 'share', share } as const;
        const less = lessDiscount(price, takes, floor);
        expect(less.price).toBeGreaterThanOrEqual(Math.min(price, floor) - 1e-6);
        expect(less.price + less.off).toBeCloseTo(price, 6);
        expect(less.off + less.heldBack).toBeCloseTo(discountOff(takes, price), 6);
      }),
      { endOnFailure: true },
    );
  });

  it('holds from its first to its last day, both counted', () => {
    const spring = discount({ from: '2026-03-01', until: '2026-03-31' });
    const on = (day: string) => discountRefusal(spring, [day, day], NEW);
    expect(['2026-02-28', '2026-03-01', '2026-03-31', '2026-04-01'].map(on)).toEqual([
      'not-yet',
      undefined,
      undefined,
      'over',
    ]);
    // Where the day is not known for sure, it holds if it may.
    expect(discountRefusal(spring, ['2026-03-31', '2026-04-01'], NEW)).toBeUndefined();
    expect(discountRefusal(spring, ['2026-02-28', '2026-03-01'], NEW)).toBeUndefined();
  });

  it('for a first order is given to nobody who ordered before, nor to somebody unknown', () => {
    const first = discount({ firstOrder: true });
    const day = ['2026-03-01', '2026-03-01'] as const;
    expect(discountRefusal(first, day, NEW)).toBeUndefined();
    expect(discountRefusal(first, day, { isNamed: true, hasOrdered: true })).toBe('not-first');
    expect(discountRefusal(first, day, { isNamed: false, hasOrdered: false })).toBe('nobody');
    expect(discountRefusal(discount(), day, { isNamed: false, hasOrdered: true })).toBeUndefined();
  });

  it('says why it is not given', () => {
    const spring = discount({ from: '2026-03-01', until: '2026-03-31' });
    const said = (['not-yet', 'over', 'not-first', 'nobody'] as const).map((refusal) =>
      discountRefusalWords(refusal, spring, (iso) => iso),
    );
    expect(said).toEqual([
      'LANTERN holds from 2026-03-01 on.',
      'LANTERN ended on 2026-03-31.',
      'LANTERN is for a first order, and this is not their first.',
      'LANTERN is for a first order: say who buys it.',
    ]);
  });

  it('has one code, however it is written', () => {
    expect(isSameCode(' lantern', 'LANTERN ')).toBe(true);
    expect(isSameCode('LANTERN', 'LANTERN2')).toBe(false);
  });
});

describe('letters with a discount', () => {
  const words = { person: 'Calla', workshop: 'The Quay Workshop', money, ring: 'a ring', price: 75.6 };
  const quote = { ...words, readyBy: undefined, validDays: 14, hasPicture: false };
  const sale = { ...words, facts: ['Size: US 8'], care: ['Keep it dry.'], byPost: false };

  it('tell what was taken off and why', () => {
    const byCode = { by: 'code', code: 'LANTERN', off: 8.4 } as const;
    const told = 'That is 84.00 cr less 8.40 cr with your code LANTERN.';
    expect(quoteLetter({ ...quote, discount: byCode }).text).toContain(told);
    expect(saleLetter({ ...sale, discount: byCode }).text).toContain(told);
    expect(quoteLetter({ ...quote, discount: { by: 'sizer', code: 'RING107', off: 8.4 } }).text).toContain(
      'less 8.40 cr for the coupon RING107 of your sizer.',
    );
    expect(quoteLetter({ ...quote, discount: { by: 'sizer', code: '', off: 8.4 } }).text).toContain(
      'for the coupon of your sizer.',
    );
    expect(quoteLetter(quote).text).not.toContain('less');
  });
});

describe('the shop’s numbers', () => {
  const sale = (given?: PastSale['discount'], closedAt = '2026-11-10T10:00:00.000Z'): PastSale => ({
    ...{ closedAt, price: 60, margin: 10, way: 'market', fees: 4, hours: 2, discount: given },
  });

  it('count what was given on each code of these months, sizers’ coupons together', () => {
    const { byDiscount } = shopNumbers(
      [],
      [
        ...[
          sale(),
          sale({ by: 'code', code: 'Lantern', off: 6 }),
          sale({ by: 'code', code: 'LANTERN', off: 5 }),
        ],
        ...[sale({ by: 'sizer', code: 'RING1', off: 8 }), sale({ by: 'sizer', code: 'RING2', off: 8 })],
        sale({ by: 'code', code: 'LANTERN', off: 100 }, '2024-11-10T10:00:00.000Z'),
      ],
      '2026-11-25T10:00:00.000Z',
    );
    expect(byDiscount).toEqual([
      { code: '', by: 'sizer', sales: 2, off: 16 },
      { code: 'LANTERN', by: 'code', sales: 2, off: 11 },
    ]);
  });
});
