import type { StoredDiscount } from '@round-mint/contract/discounts';
import type { OrderInput } from '@round-mint/contract/orders';
import type { MessageInput } from '@round-mint/contract/outbox';
import type { SaleInput } from '@round-mint/contract/shelf';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { SellSheet } from '@/features/orders/shelf/SellSheet';
import { QuoteSheet } from '@/features/orders/order/QuoteSheet';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { messageOf, orderOf, personOf, QUIET_TRADE, shelfRingOf, sizerOf, TEST_COSTS } from '@/testing/trade';
import {
  answerCode,
  codesToday,
  discountTexts,
  discountWords,
  parseDiscount,
  type DiscountQuestion,
} from './discount-model';
import { DiscountsScreen } from './DiscountsScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const LIFE = { createdAt: '2026-11-20T10:00:00.000Z', updatedAt: '2026-11-20T10:00:00.000Z', version: 1 };

function discountOf(n: number, change: Partial<StoredDiscount> = {}): StoredDiscount {
  return {
    id: `00000010-0000-4000-8000-00000000000${n}`,
    ...{ code: `CODE${n}`, takes: { kind: 'share', share: 0.1 }, from: null, until: null },
    ...{ firstOrder: false, notes: '' },
    ...LIFE,
    ...change,
  };
}

const TENTH = discountOf(1, { code: 'LANTERN' });
const FIRST = discountOf(2, { code: 'FIRSTRING', firstOrder: true });
const OVER = discountOf(3, { code: 'HIGHTIDE', until: '2026-03-31' });
const COUPON = sizerOf(1, { paid: 5, coupon: 8, couponCode: 'RING107' });
/** What a ring takes that is quoted. */
const COSTS = {
  ...{ stockCost: 20, meltValue: 12, consumablesCost: 3, minutes: 90, hourlyRate: 40, scrapValue: 4 },
  ...{ refinerShare: 0.9, post: 6, feeShare: 0.05, feeFixed: 0.5, marginShare: 0.25 },
};
const money = (amount: number) => `${amount.toFixed(2)} cr`;

describe('a code', () => {
  const question: Omit<DiscountQuestion, 'code'> = {
    ...{ inFull: false, price: 60, floor: 9, today: '2026-12-02', personId: personOf().id },
    ...{ otherOrders: [], ownSizerId: null, discounts: [TENTH, FIRST, OVER], sizers: [COUPON] },
  };
  const why = (code: string, change: Partial<typeof question> = {}) => {
    const answer = answerCode({ ...question, ...change, code });
    return answer.kind === 'refused' ? answer.why : answer.kind;
  };

  it('takes off what it says, however it is written', () => {
    expect(answerCode({ ...question, code: ' lantern' })).toMatchObject({
      kind: 'given',
      less: { price: 54, off: 6 },
      given: { by: 'code', id: TENTH.id, code: 'LANTERN', off: 6 },
    });
    expect(why(' ')).toBe('none');
  });

  it('says why it does not hold', () => {
    expect(why('HIGHTIDE')).toMatch(/^HIGHTIDE ended on .*31/);
    expect(why('SPRING')).toBe('No discount and no sizer has this code.');
    expect(why('FIRSTRING', { otherOrders: [{ state: 'cancelled' }] })).toBe('given');
    expect(why('FIRSTRING', { otherOrders: [{ state: 'closed' }] })).toContain('not their first');
    expect(why('FIRSTRING', { personId: undefined })).toContain('say who buys it');
  });

  it('of a sizer is its person’s, once', () => {
    expect(answerCode({ ...question, code: 'ring107' })).toMatchObject({
      given: { by: 'sizer', id: COUPON.id, code: 'RING107', off: 8 },
    });
    expect(why('RING107', { personId: undefined })).toContain('say who buys it');
    expect(why('RING107', { personId: 'somebody' })).toBe('This coupon went to somebody else.');
    const sizers = [{ ...COUPON, couponUsed: true }];
    expect(why('RING107', { sizers })).toBe('This coupon is used.');
    expect(why('RING107', { sizers, ownSizerId: COUPON.id })).toBe('given');
    expect(why('COUPON', { sizers: [{ ...COUPON, couponCode: '' }] })).toBe('given');
  });

  it('that holds today stands there to be tapped', () => {
    expect(codesToday(question)).toEqual(['RING107', 'LANTERN', 'FIRSTRING']);
    expect(codesToday({ ...question, personId: undefined })).toEqual(['LANTERN']);
  });
});

describe('a discount as it is typed', () => {
  it('is read, and what is wrong is told by box', () => {
    const texts = { ...discountTexts(undefined), code: ' spring ', amount: '12,5', until: '2026-12-31' };
    expect(parseDiscount(texts, TENTH.id)).toEqual({
      ok: true,
      discount: {
        ...{ id: TENTH.id, code: 'SPRING', takes: { kind: 'share', share: 0.125 }, from: null },
        ...{ until: '2026-12-31', firstOrder: false, notes: '' },
      },
    });
    expect(
      parseDiscount({ ...texts, code: '', amount: '120', from: '2027-01-01', until: 'soon' }, TENTH.id),
    ).toEqual({
      ok: false,
      problems: {
        code: 'must not be empty',
        amount: 'must be a percentage from 1 to 100',
        until: 'must be a date such as 2026-12-04',
      },
    });
    expect(parseDiscount({ ...texts, from: '2027-01-01' }, TENTH.id)).toMatchObject({
      problems: { until: 'must not end before it begins' },
    });
    expect(parseDiscount({ ...texts, kind: 'sum', amount: 'much' }, TENTH.id)).toMatchObject({
      problems: { amount: 'must be an amount such as 6' },
    });
    expect(discountTexts(discountOf(1, { takes: { kind: 'sum', amount: 6 } }))).toMatchObject({
      kind: 'sum',
      amount: '6',
    });
  });

  it('is told in a line', () => {
    expect(discountWords(TENTH, money, '2026-12-02')).toBe('10%');
    expect(discountWords(OVER, money, '2026-12-02')).toMatch(/^10% · ended .*31/);
    const later = { from: '2026-12-24', until: '2026-12-31', firstOrder: true };
    expect(discountWords(discountOf(1, later), money, '2026-12-02')).toMatch(
      /^10% · from .*24.* · until .*31.* · first order$/,
    );
  });
});

describe('DiscountsScreen', () => {
  it('shows what each code takes and took, and adds one', async () => {
    const calls = fakeServer({
      'GET /discounts': listOf(TENTH, OVER),
      'GET /shop-numbers': {
        byDiscount: [
          { code: 'LANTERN', by: 'code', sales: 2, off: 11.5 },
          { code: '', by: 'sizer', sales: 1, off: 8 },
        ],
      },
      'POST /discounts': TENTH,
    });
    renderWithStore(<DiscountsScreen />);
    expect(await screen.findByText('2 sales, 11.50 cr off')).toBeTruthy();
    expect(screen.getByText('not used yet')).toBeTruthy();
    expect(screen.getByText(/Coupons of sizers: 1 sale, 8\.00 cr off/)).toBeTruthy();
    fireEvent.press(screen.getByText('Add a discount'));
    fireEvent.press(await screen.findByText('Add the discount'));
    expect(await screen.findByText(/must not be empty/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Code'), 'spring');
    fireEvent.press(screen.getByRole('radio', { name: 'a sum' }));
    fireEvent.changeText(screen.getByLabelText('Sum (cr)'), '5');
    fireEvent.press(screen.getByText('Add the discount'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      ...{ code: 'SPRING', takes: { kind: 'sum', amount: 5 }, firstOrder: false },
    });
  });
});

describe('a sale with a code', () => {
  const sold = async (floor: number, act: () => void) => {
    const ring = shelfRingOf(1, { ring: { floor } });
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /discounts': listOf(TENTH, OVER),
      [`POST /shelf/${ring.id}/sale`]: { shelfRing: ring, order: orderOf() },
    });
    renderWithStore(<SellSheet item={ring} onClose={jest.fn()} />);
    fireEvent.press(await screen.findByRole('button', { name: 'Take the code LANTERN' }));
    act();
    fireEvent.press(screen.getByText('Sold'));
    await waitFor(() => expect(calls.filter(({ path }) => path.endsWith('/sale')).length).toBe(1));
    return calls.find(({ path }) => path.endsWith('/sale'))?.body as SaleInput;
  };

  it('is sold for what is left to pay', async () => {
    const sale = await sold(9, () => {
      expect(screen.getByText('−6.00 cr')).toBeTruthy();
      expect(screen.getByText('54.00 cr')).toBeTruthy();
    });
    expect(sale).toMatchObject({
      price: 54,
      discount: { by: 'code', id: TENTH.id, code: 'LANTERN', off: 6 },
    });
  });

  it('stops at the floor and says so', async () => {
    const sale = await sold(57, () =>
      expect(screen.getByText('It stops at the floor: 3.00 cr of 6.00 cr is taken off.')).toBeTruthy(),
    );
    expect(sale).toMatchObject({ price: 57, discount: { off: 3 } });
  });

  it('goes below the floor where that is asked for, and says that, too', async () => {
    const sale = await sold(57, () => {
      fireEvent.press(screen.getByText('Take off all'));
      expect(screen.getByText('Below what the piece was worth as metal: 57.00 cr.')).toBeTruthy();
    });
    expect(sale).toMatchObject({ price: 54, discount: { off: 6 } });
  });

  it('that is over is not sold; cleared, it is', async () => {
    const sale = await sold(9, () => {
      fireEvent.changeText(screen.getByTestId('discount-code'), 'hightide');
      expect(screen.getByText(/HIGHTIDE ended on/)).toBeTruthy();
      fireEvent.press(screen.getByText('Sold'));
      fireEvent.changeText(screen.getByTestId('discount-code'), '');
    });
    expect(sale.price).toBe(60);
    expect(sale).not.toHaveProperty('discount');
  });
});

describe('a quote with a coupon', () => {
  it('proposes that of the order’s own sizer, tells it in the letter and keeps both', async () => {
    const order = orderOf({ sizerId: COUPON.id, planId: '00000003-0000-4000-8000-000000000001' });
    const input = { ...COSTS, coupon: 8 };
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /sizers': listOf(COUPON),
      [`GET /orders/${order.id}/costs`]: { ...TEST_COSTS, planned: input },
      [`PUT /orders/${order.id}`]: order,
      'POST /outbox': messageOf(),
    });
    renderWithStore(<QuoteSheet order={order} person="Calla Venn" input={input} onClose={jest.fn()} />);
    expect(await screen.findByText('−8.00 cr')).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('quote-price'), '130');
    fireEvent.press(screen.getByRole('button', { name: 'Put the quote into the outbox' }));
    const bodies = <T,>(method: string) =>
      calls.filter((call) => call.method === method).map(({ body }) => body as T);
    await waitFor(() => expect(bodies<MessageInput>('POST').length).toBe(1));
    expect(bodies<MessageInput>('POST')[0]).toMatchObject({
      subject: 'Quote for your ring: 122.00 cr',
      text: expect.stringContaining('That is 130.00 cr less 8.00 cr for the coupon RING107 of your sizer.'),
    });
    expect(bodies<OrderInput>('PUT')[0]).toMatchObject({
      sizerId: COUPON.id,
      quote: { price: 122, discount: { by: 'sizer', id: COUPON.id, off: 8 }, input: { coupon: 8 } },
    });
  });

  it('quoted again, takes the code it was quoted with off the same price', async () => {
    const given = { by: 'code', id: TENTH.id, code: 'LANTERN', off: 12 } as const;
    const quote = {
      at: LIFE.createdAt,
      price: 108,
      input: COSTS,
      readyBy: null,
      discount: given,
    };
    fakeServer({ ...QUIET_TRADE, 'GET /discounts': listOf({ ...TENTH, until: dayFromNow(3) }) });
    renderWithStore(
      <QuoteSheet order={orderOf({ quote })} person="Calla Venn" input={COSTS} onClose={jest.fn()} />,
    );
    expect((await screen.findByTestId('quote-price')).props.value).toBe('120.00');
    expect(await screen.findByText('108.00 cr')).toBeTruthy();
  });
});
