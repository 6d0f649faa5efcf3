import type { Order, OrderEventInput, OrderInput } from '@round-mint/contract/orders';
import type { MessageInput } from '@round-mint/contract/outbox';
import { fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { ringOf } from '@/testing/demo-ring';
import { fakeServer, listOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { messageOf, orderOf, QUIET_TRADE, TEST_COSTS } from '@/testing/trade';
import { OrderDetail } from './OrderDetail';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

beforeEach(() => jest.clearAllMocks());

const RING = ringOf();

function open(change: Partial<Order>, answers: Record<string, unknown> = {}) {
  const order = orderOf(change);
  const calls = fakeServer({
    ...QUIET_TRADE,
    [`GET /orders/${order.id}`]: order,
    [`GET /orders/${order.id}/costs`]: TEST_COSTS,
    [`POST /orders/${order.id}/events`]: order,
    [`PUT /orders/${order.id}`]: order,
    [`GET /rings/${RING.id}`]: RING,
    [`GET /rings/${RING.id}/photos`]: listOf(),
    'GET /rings/in-full': listOf(RING),
    'POST /outbox': messageOf(),
    ...answers,
  });
  const row = { order, person: 'Calla Venn', readyMin: undefined, lateMin: undefined };
  const { store } = renderWithStore(<OrderDetail row={row} />);
  const bodies = <T,>(method: string, path: string) =>
    calls.filter((call) => call.method === method && call.path === path).map(({ body }) => body as T);
  return {
    store,
    events: () =>
      bodies<{ events: OrderEventInput[] }>('POST', `/orders/${order.id}/events`).flatMap(({ events }) =>
        events.map(({ body }) => body),
      ),
    saved: () => bodies<OrderInput>('PUT', `/orders/${order.id}`),
    letters: () => bodies<MessageInput>('POST', '/outbox'),
  };
}

const next = () => screen.getByTestId('order-next');
const PLANNED = { planId: '00000003-0000-4000-8000-000000000001' };

describe('an order', () => {
  it('shows its price with every part, each with its reason', async () => {
    open(PLANNED);
    const panel = await screen.findByTestId('price-panel');
    // 20 + 3 + 60 − 3.6 is made for; 6 post and 0.5 fees; 5 % and 25 % of the price.
    expect(within(panel).getByText('122.71 cr')).toBeTruthy();
    fireEvent.press(within(panel).getByRole('button', { name: '1 h 30 min at the bench: why?' }));
    expect(await screen.findByText('1 h 30 min × 40.00 cr an hour.')).toBeTruthy();
  });

  it('is quoted: price kept, letter into the outbox', async () => {
    const { saved, letters } = open(PLANNED);
    await waitFor(() => expect(next()).toBeEnabled());
    expect(next()).toHaveTextContent('Make the quote');
    fireEvent.press(next());
    fireEvent.changeText(await screen.findByTestId('quote-price'), '130');
    fireEvent.press(screen.getByRole('button', { name: 'Put the quote into the outbox' }));
    await waitFor(() => expect(letters()).toHaveLength(1));
    expect(saved()[0]?.quote).toMatchObject({ price: 130, input: TEST_COSTS.planned });
    expect(letters()[0]).toMatchObject({ kind: 'quote', subject: 'Quote for your ring: 130.00 cr' });
    expect(letters()[0]?.text).toContain('Dear Calla Venn');
  });

  it('lets the letter follow the price until a word of it is changed', async () => {
    open(PLANNED);
    await waitFor(() => expect(next()).toBeEnabled());
    fireEvent.press(next());
    const text = () => String(screen.getByTestId('letter-text').props.value);
    fireEvent.changeText(await screen.findByTestId('quote-price'), '140');
    expect(text()).toContain('140.00 cr');
    fireEvent.changeText(screen.getByTestId('letter-text'), 'My own words');
    fireEvent.changeText(screen.getByTestId('quote-price'), '150');
    expect(text()).toBe('My own words');
    expect(screen.getByLabelText('Subject').props.value).toContain('150.00 cr');
  });

  it('warns of a price below the metal, and will not send one that is none', async () => {
    open(PLANNED);
    await waitFor(() => expect(next()).toBeEnabled());
    fireEvent.press(next());
    fireEvent.changeText(await screen.findByTestId('quote-price'), '5');
    expect(screen.getByText(/worth as metal: 12\.00 cr/)).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('quote-price'), 'cheap');
    expect(screen.getByRole('button', { name: 'Put the quote into the outbox' })).toBeDisabled();
  });

  it('goes to the bench as one ring, however often it is pressed', async () => {
    const answers = { 'POST /rings': RING };
    const { saved, events } = open({ ...PLANNED, state: 'agreed' }, answers);
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    await waitFor(() => expect(router.push).toHaveBeenCalled());
    const ringId = saved()[0]?.ringId;
    expect(ringId).toEqual(expect.any(String));
    expect(events()).toEqual([{ kind: 'moved', to: 'in-work' }]);
    expect(router.push).toHaveBeenCalledWith({ pathname: '/bench/[id]', params: { id: ringId } });
  });

  it('says why it cannot go to the bench', async () => {
    open(
      { ...PLANNED, state: 'agreed' },
      { 'POST /rings': refusal(409, 'None of this piece is left in stock.') },
    );
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    expect(await screen.findByText('None of this piece is left in stock.')).toBeTruthy();
    expect(router.push).not.toHaveBeenCalled();
  });

  it('is not shown to the customer without a photo', async () => {
    open({ ...PLANNED, state: 'in-work', ringId: RING.id, holdReached: true });
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    expect(await screen.findByText(/Take a photo first/)).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Ask the customer' })).toBeDisabled();
  });

  it('goes out with its latest photo once there is one', async () => {
    const photo = (n: number) => ({
      id: `0000000e-0000-4000-8000-00000000000${n}`,
      ringId: RING.id,
      at: '2026-11-24T10:00:00.000Z',
      part: 'during',
      widthPx: 4,
      heightPx: 3,
    });
    const answers = { [`GET /rings/${RING.id}/photos`]: listOf(photo(1), photo(2)) };
    const { letters } = open({ ...PLANNED, state: 'in-work', ringId: RING.id, holdReached: true }, answers);
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    const ask = await screen.findByRole('button', { name: 'Ask the customer' });
    await waitFor(() => expect(ask).toBeEnabled());
    fireEvent.press(ask);
    await waitFor(() => expect(letters()).toHaveLength(1));
    expect(letters()[0]).toMatchObject({ kind: 'approval', photoIds: [photo(2).id] });
  });

  it.each([
    ['Yes, go on', true],
    ['No: something has to change', false],
  ])('takes the answer “%s” in the customer’s words', async (button, yes) => {
    const { events } = open({ ...PLANNED, state: 'awaiting-approval', ringId: RING.id, approval: 'asked' });
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    fireEvent.changeText(screen.getByLabelText('In their words'), ' lovely ');
    fireEvent.press(screen.getByRole('radio', { name: 'told me' }));
    fireEvent.press(screen.getByRole('button', { name: button }));
    await waitFor(() => expect(events()).toHaveLength(1));
    expect(events()[0]).toEqual({ kind: 'approval-answered', yes, words: 'lovely', by: 'told' });
  });

  it('moves by its menu where nothing is missing, and says what is', async () => {
    const { events } = open({ state: 'asked' });
    fireEvent.press(await screen.findByRole('button', { name: /^Move Test order/ }));
    expect(screen.getByRole('button', { name: 'quoted, needs a way to make it; a quote' })).toBeDisabled();
    fireEvent.press(screen.getByRole('button', { name: 'cancelled' }));
    await waitFor(() => expect(events()).toEqual([{ kind: 'moved', to: 'cancelled' }]));
  });

  it('shows a refusal in its own words', async () => {
    const order = orderOf();
    const path = `POST /orders/${order.id}/events`;
    const { store } = open(
      { ...PLANNED, state: 'quoted' },
      { [path]: refusal(409, 'Before it is agreed: make a quote.') },
    );
    await screen.findByTestId('price-panel');
    fireEvent.press(next());
    await waitFor(() => expect(store.getState().notices.current?.problem).toBe(true));
    expect(store.getState().notices.current?.text).toBe('Before it is agreed: make a quote.');
  });

  it('tells its history, latest first, and takes the last back', async () => {
    const event = (n: number, to: 'quoted' | 'agreed'): OrderEventInput => ({
      id: `00000009-0000-4000-8000-00000000000${n}`,
      at: `2026-11-2${n}T10:00:00.000Z`,
      body: { kind: 'moved', to },
    });
    const { events } = open({
      ...PLANNED,
      state: 'agreed',
      events: [event(1, 'quoted'), event(2, 'agreed')],
    });
    const history = await screen.findByLabelText('History of the order');
    await within(history).findByText('To agreed');
    const lines = within(history).getAllByText(/^To |^Asked for/);
    expect(lines.map(({ props }) => String(props.children))).toEqual(['To agreed', 'To quoted', 'Asked for']);
    fireEvent.press(screen.getByText('Undo the last'));
    await waitFor(() => expect(events()).toEqual([{ kind: 'undone', eventId: event(2, 'agreed').id }]));
  });

  it('computes a part exchange and takes the pieces in at their value', async () => {
    const exchange = { pieces: 3, valueEach: 12 };
    const stockId = '00000001-0000-4000-8000-000000000001';
    const answers = { 'POST /stock': {} };
    const { letters } = open({ ...PLANNED, state: 'quoted', exchange, stockId }, answers);
    fireEvent.press(await screen.findByText('Part exchange: what is left to pay'));
    expect(await screen.findByText('2 of 3 pay 24.00 cr.')).toBeTruthy();
    expect(screen.getByText('Left to pay: 98.71 cr.')).toBeTruthy();
    fireEvent.press(screen.getByText('They are here: put all 3 into stock'));
    fireEvent.press(screen.getByRole('button', { name: 'Put the terms into the outbox' }));
    await waitFor(() => expect(letters()).toHaveLength(1));
    expect(letters()[0]?.text).toContain('Taken in exchange: 24.00 cr');
  });
});
