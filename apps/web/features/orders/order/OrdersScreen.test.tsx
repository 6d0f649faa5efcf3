import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { nameOf, renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { orderOf, QUIET_TRADE } from '@/testing/trade';
import { OrdersScreen } from './OrdersScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const ORDERS = [
  orderOf({ id: '00000008-0000-4000-8000-000000000001', name: 'Later', wantedBy: '2026-12-20' }),
  orderOf({
    id: '00000008-0000-4000-8000-000000000002',
    name: 'Sooner',
    wantedBy: '2026-12-01',
    state: 'ready',
  }),
  orderOf({ id: '00000008-0000-4000-8000-000000000003', name: 'Gone', state: 'closed' }),
  orderOf({
    id: '00000008-0000-4000-8000-000000000004',
    name: 'Asking',
    wantedBy: null,
    state: 'awaiting-approval',
  }),
];

describe('OrdersScreen', () => {
  beforeEach(() => {
    jest.clearAllMocks();
    fakeServer({ ...QUIET_TRADE, 'GET /orders': listOf(...ORDERS) });
    renderWithStore(<OrdersScreen />);
  });

  it('lists what is open, earliest wanted first, with the next thing to do', async () => {
    const links = await screen.findAllByRole('link', { name: /Calla Venn/ });
    expect(links.map((link) => nameOf(link).split(',')[0])).toEqual(['Sooner', 'Later', 'Asking']);
    expect(screen.getByText('→ It is sent')).toBeTruthy();
    expect(screen.getByText('3 open, earliest wanted first · 1 with the customer')).toBeTruthy();
  });

  it('shows what is over on request, and opens an order', async () => {
    fireEvent.press(await screen.findByRole('radio', { name: 'closed' }));
    fireEvent.press(await screen.findByRole('link', { name: /^Gone, Calla Venn/ }));
    expect(router.push).toHaveBeenCalledWith({
      pathname: '/orders/[id]',
      params: { id: '00000008-0000-4000-8000-000000000003' },
    });
  });
});
