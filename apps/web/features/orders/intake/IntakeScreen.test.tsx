import type { OrderInput } from '@round-mint/contract/orders';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { orderOf, personOf, QUIET_TRADE } from '@/testing/trade';
import { IntakeScreen } from './IntakeScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

beforeEach(() => jest.clearAllMocks());

function open(answers: Record<string, unknown> = {}) {
  const calls = fakeServer({ ...QUIET_TRADE, ...answers });
  renderWithStore(<IntakeScreen />);
  return (path: string) => calls.filter(({ method, path: at }) => method === 'POST' && at === path);
}

const type = (label: string, text: string) => fireEvent.changeText(screen.getByLabelText(label), text);

describe('IntakeScreen', () => {
  it('takes over the finger of a person who is known, and answers from stock', async () => {
    open();
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'call');
    fireEvent.press(await screen.findByRole('radio', { name: 'Calla Venn' }));
    expect(screen.getByLabelText('Size as given').props.value).toBe('10');
    expect(screen.getByLabelText(/Width of the gauge/).props.value).toBe('6.0 mm');
    expect(
      await screen.findByRole('radio', { name: /^Test brenn, 1948: hole/ }, { timeout: 20_000 }),
    ).toBeTruthy();
    expect(screen.getByText('✓ 1 way to make it, below.')).toBeTruthy();
  });

  it('keeps person, plan and order, once each, and opens the order', async () => {
    const sent = open({
      'POST /people': personOf(),
      'POST /plans': { id: 'p' },
      'POST /orders': (call: { body: OrderInput }) => orderOf({ id: call.body.id ?? '' }),
    });
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', '10');
    fireEvent.press(await screen.findByRole('radio', { name: /^Test brenn, 1948/ }, { timeout: 20_000 }));
    fireEvent.press(screen.getByTestId('keep-order'));
    await waitFor(() => expect(router.replace).toHaveBeenCalled());
    const [person] = sent('/people');
    const [plan] = sent('/plans');
    const order = sent('/orders')[0]?.body as OrderInput;
    expect(person?.body).toMatchObject({ name: 'Nela Prow', fingers: [{ sizeText: '10', finger: 'ring' }] });
    expect(plan?.body).toMatchObject({ kind: 'coin', stockId: '00000001-0000-4000-8000-000000000001' });
    expect(order).toMatchObject({
      personId: (person?.body as { id: string }).id,
      planId: (plan?.body as { id: string }).id,
      name: 'Nela, coin ring',
    });
    expect(router.replace).toHaveBeenCalledWith({ pathname: '/orders/[id]', params: { id: order.id } });
  });

  it('loses nothing when the server will not have it', async () => {
    open({ 'POST /people': refusal(500, 'The book is shut.') });
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', '10');
    fireEvent.press(screen.getByTestId('keep-order'));
    expect(await screen.findByText('The book is shut.')).toBeTruthy();
    expect(screen.getByLabelText('Size as given').props.value).toBe('10');
    expect(router.replace).not.toHaveBeenCalled();
  });

  it('says what is not possible, why, and what comes near', async () => {
    open();
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', '10');
    type('Year', '1799');
    expect(await screen.findByTestId('not-possible', {}, { timeout: 20_000 })).toBeTruthy();
    expect(screen.getByRole('radio', { name: /1948 instead of 1799/ })).toBeTruthy();
    expect(screen.getByText('✕ Not exactly; 1 close option below.')).toBeTruthy();
  });

  it('keeps nothing of a size that it cannot read', async () => {
    const sent = open();
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', 'big');
    expect(screen.getByText(/^✕ .*7½/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('keep-order'));
    expect(sent('/orders')).toEqual([]);
    expect(router.replace).not.toHaveBeenCalled();
  });

  it('tells what is missing once it is tried to save', async () => {
    open();
    await screen.findByTestId('intake-person');
    expect(screen.queryByText('✕ must not be empty')).toBeNull();
    fireEvent.press(screen.getByTestId('keep-order'));
    expect(screen.getByText('✕ must not be empty')).toBeTruthy();
    expect(screen.getByText(/^✕ .*7½/)).toBeTruthy();
  });

  it('begins anew on request', async () => {
    open();
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    fireEvent.press(screen.getByText('Start again'));
    expect(screen.getByTestId('intake-person').props.value).toBe('');
  });
});

describe('pieces offered in exchange', () => {
  it('are judged at once by metal and size', async () => {
    open();
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', '10');
    type('Pieces in exchange', '3');
    type('Taken for, each', '12');
    expect(
      await screen.findByText('In exchange: 2 pieces like this pay 24.00 cr.', {}, { timeout: 20_000 }),
    ).toBeTruthy();
  });

  it('are refused with the reason', async () => {
    open({ 'GET /stock': listOf(pieceOf({ metal: 'copper' })) });
    fireEvent.changeText(await screen.findByTestId('intake-person'), 'Nela Prow');
    type('Size as given', '10');
    type('Pieces in exchange', '3');
    expect(
      await screen.findByText(/^Not in exchange: copper is worth too little/, {}, { timeout: 20_000 }),
    ).toBeTruthy();
  });
});
