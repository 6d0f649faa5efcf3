import { act, fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { sendAgain } from '@/store/unsent-slice';
import type { UnsentThing } from '@/store/unsent-things-slice';
import { orderOf, QUIET_TRADE, shelfRingOf } from '@/testing/trade';
import { defaultWriters } from '@/testing/writers';
import { MarketScreen } from './MarketScreen';
import { labelsOf, priceList } from './table-papers';
import { takingsOn, totalsOf } from './takings';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const WRITE = defaultWriters();
const us = (size: number) => SIZE_SYSTEMS.us.toDiameterMm(size);
const EIGHT = shelfRingOf(1);
const TEN = shelfRingOf(2, { price: 75, ring: { name: 'Large one', insideDiameterMm: us(10) } });
const SIX = shelfRingOf(3, { state: 'reserved', ring: { name: 'Small one', insideDiameterMm: us(6) } });

describe('papers for the table', () => {
  it('list prices and make labels, smallest first', () => {
    const { blocks } = priceList([TEN, EIGHT, SIX], 'The Quay', WRITE);
    expect(blocks.slice(2)).toEqual([
      { kind: 'line', label: 'US 6  Small one', value: '9.1 mm, silver .900  60.00 cr, reserved' },
      { kind: 'line', label: 'US 8  Quay ring 1', value: '9.1 mm, silver .900  60.00 cr' },
      { kind: 'line', label: 'US 10  Large one', value: '9.1 mm, silver .900  75.00 cr' },
    ]);
    const labels = labelsOf([TEN, EIGHT], WRITE, (id) => ({ size: 21, path: id }));
    expect(labels.map(({ large, price, code }) => [large, price, code.path])).toEqual([
      ['US 8', '60.00 cr', EIGHT.id],
      ['US 10', '75.00 cr', TEN.id],
    ]);
    expect(labels[0]?.lines).toEqual(['UK P½ · 18.1 mm inside', '9.1 mm wide, silver .900']);
  });
});

describe('what was taken', () => {
  const at = (hour: number) => new Date(2026, 10, 28, hour).toISOString();
  const sold = (n: number, hour: number, way: 'market' | 'other', price: number) =>
    shelfRingOf(n, {
      ...{ state: 'sold', price, goneAt: at(hour), sale: { orderId: orderOf().id, way } },
    });
  const kept: UnsentThing = {
    kind: 'sale',
    ...{ id: '0000000f-0000-4000-8000-0000000000aa', at: at(12), label: 'Kept one' },
    body: {
      ...{ id: '0000000f-0000-4000-8000-0000000000aa', orderId: orderOf().id, at: at(12), personId: null },
      ...{ price: 40, way: 'market', post: 0, handedOver: true },
    },
  };

  it('on a day counts what waits for the server, too, and the table apart from other ways', () => {
    const yesterday = { ...sold(4, 9, 'market', 5), goneAt: new Date(2026, 10, 27, 9).toISOString() };
    const apart = shelfRingOf(5, { state: 'taken-apart', goneAt: at(10) });
    const gone = [sold(1, 9, 'market', 60), sold(2, 15, 'other', 75), yesterday, apart];
    const takings = takingsOn('2026-11-28', gone, [kept, { ...kept, kind: 'order', id: 'x' }]);
    expect(takings.map(({ name, isWaiting }) => [name, isWaiting])).toEqual([
      ['Quay ring 2', false],
      ['Kept one', true],
      ['Quay ring 1', false],
    ]);
    expect(totalsOf(takings)).toEqual({ market: 100, others: 75 });
  });
});

describe('MarketScreen', () => {
  it('sells by size in two taps, and adds it up though the server is gone', async () => {
    let isAway = true;
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /shelf': ({ query }: { query: URLSearchParams }) =>
        query.get('gone') === '1' ? listOf() : listOf(TEN, EIGHT, SIX),
      [`POST /shelf/${TEN.id}/sale`]: () =>
        isAway ? new Response('', { status: 503 }) : { shelfRing: TEN, order: orderOf() },
    });
    const { store } = renderWithStore(<MarketScreen />);
    fireEvent.press(await screen.findByRole('radio', { name: 'US 10, 1 ring' }));
    expect(screen.queryByText('Quay ring 1')).toBeNull();
    fireEvent.press(screen.getByLabelText('Sell Large one, US 10, 75.00 cr'));
    fireEvent.press(screen.getByText('Sold'));
    // A count, not the row itself: a row that is still there would be written out whole at every look.
    await waitFor(() => expect(screen.queryAllByText('Large one').length).toBe(0));
    const takings = within(screen.getByTestId('takings'));
    expect(await takings.findByText(/Large one, waits for the server/)).toBeTruthy();
    expect(takings.getAllByText('75.00 cr').length).toBeGreaterThan(0);
    isAway = false;
    act(() => void store.dispatch(sendAgain(undefined)));
    await waitFor(() => expect(store.getState().unsentThings.things).toEqual([]), { timeout: 8000 });
    // Sent again and again, it is one sale.
    const sales = calls.filter(({ method }) => method === 'POST').map(({ body }) => body);
    expect(sales[0]).toMatchObject({ price: 75, way: 'market', personId: null, handedOver: true });
    expect(new Set(sales.map((sale) => JSON.stringify(sale))).size).toBe(1);
  });
});
