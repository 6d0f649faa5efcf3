import type { SavedDayPlan } from '@round-mint/contract/day-plan';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { wallMinutes } from '@/features/shared/words/wall-clock';
import { useHolds } from '@/features/shared/ring/use-holds';
import { eventOf, ringOf, RING_ID, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { orderOf, QUIET_TRADE } from '@/testing/trade';
import { approvalStep } from '@round-mint/core/trade';
import { Text } from 'react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { HoldNotice } from './HoldNotice';
import { behindMin, byPlan, plannedFor } from './plan-of-day';
import { SpoiltScreen } from './SpoiltScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const NINE = wallMinutes(new Date(2026, 2, 1, 9, 0));
const block = (jobId: string, step: number, startMin: number) => ({
  jobId,
  step,
  kind: 'anneal' as const,
  lane: 'flame' as const,
  setUp: 'the torch',
  startMin,
  workMin: startMin,
  handsEndMin: startMin + 5,
  endMin: startMin + 7,
});
const at = (minutes: number) => new Date(2026, 2, 1, 9, minutes);
const plan = (...blocks: SavedDayPlan['blocks']): SavedDayPlan => ({
  madeAt: at(0).toISOString(),
  pins: [],
  blocks,
});

describe('the plan of the day at the bench', () => {
  const first = benchRing(ringOf([], { id: 'first' }));
  const second = benchRing(ringOf([], { id: 'second' }));
  const other = benchRing(ringOf([], { id: 'other' }));

  it('puts rings in its order; those it does not name stay behind', () => {
    const made = plan(block('second', 0, NINE), block('first', 0, NINE + 30));
    const ids = (rings: readonly { ring: { id: string } }[]) => rings.map(({ ring }) => ring.id);
    expect(ids(byPlan(made, [other, first, second]))).toEqual(['second', 'first', 'other']);
    expect(ids(byPlan(null, [other, first]))).toEqual(['other', 'first']);
    expect(plannedFor(made, first)?.startMin).toBe(NINE + 30);
  });

  it('knows how far the bench is behind, by what was done last and by what should be', () => {
    const done = (minutes: number) => ({
      ...eventOf(1, { kind: 'step-done', step: 0 }),
      at: at(minutes).toISOString(),
    });
    const made = plan(block('r', 0, NINE), block('r', 1, NINE + 30));
    const ring = (minutes: number) => benchRing(ringOf([done(minutes)], { id: 'r' }));
    expect(behindMin(made, [ring(17)], at(18))).toBe(12);
    expect(behindMin(made, [ring(5)], at(6))).toBe(0);
    expect(behindMin(made, [ring(5)], at(50))).toBe(15);
    expect(behindMin(made, [benchRing(ringOf([], { id: 'r' }))], at(1))).toBe(0);
    expect(behindMin(null, [], at(1))).toBeUndefined();
  });
});

describe('a ring that waits for its customer', () => {
  const HOLD = approvalStep(ringOf().steps) ?? 0;

  function Held({ step }: { step: number }) {
    const holdOf = useHolds();
    const order = holdOf(benchRing(ringOf(workedTo(step))));
    return <Text>{order ? `held for ${order.name}` : 'free'}</Text>;
  }

  function look(step: number, change: Parameters<typeof orderOf>[0]) {
    fakeServer({ ...QUIET_TRADE, 'GET /orders': listOf(orderOf({ ringId: RING_ID, ...change })) });
    renderWithStore(<Held step={step} />);
  }

  it('is held at the step that cannot be undone, until there is a yes', async () => {
    look(HOLD, { state: 'in-work' });
    expect(await screen.findByText('held for Test order')).toBeTruthy();
  });

  it.each([
    ['before that step', HOLD - 1, {}],
    ['once the customer agreed', HOLD, { approval: 'yes' as const }],
    ['when the maker went on without', HOLD, { approval: 'overridden' as const }],
    ['once that step is behind', HOLD + 1, {}],
    ['when nobody has to be asked', HOLD, { approvalWanted: false }],
    ['when the order was cancelled', HOLD, { state: 'cancelled' as const }],
  ])('is free %s', async (_when, step, change) => {
    look(step, change);
    expect(await screen.findByText('free')).toBeTruthy();
  });

  it('says so, and leads to its order', () => {
    renderWithStore(<HoldNotice order={orderOf({ approval: 'asked' })} />);
    expect(screen.getByText('Held: the customer has been asked.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Log the answer of the customer' }));
    fireEvent.press(screen.getByText('To the order: log the answer'));
    expect(router.push).toHaveBeenCalledWith({ pathname: '/orders/[id]', params: { id: orderOf().id } });
  });

  describe('whose customer stands in the shop', () => {
    function hold() {
      const order = orderOf({ approval: 'none' });
      const calls = fakeServer({ ...QUIET_TRADE, [`POST /orders/${order.id}/events`]: order });
      renderWithStore(<HoldNotice order={order} />);
      fireEvent.press(screen.getByRole('button', { name: 'Ask the customer for approval' }));
      return () =>
        calls
          .filter(({ method }) => method === 'POST')
          .flatMap(({ body }) => (body as { events: { body: unknown }[] }).events)
          .map(({ body }) => body);
    }

    it('is free by one tap when they have seen it', async () => {
      const sent = hold();
      fireEvent.press(screen.getByText('Seen and agreed here'));
      await waitFor(() => expect(sent()).toHaveLength(1));
      expect(sent()).toEqual([{ kind: 'approval-answered', yes: true, words: '', by: 'seen' }]);
    });

    it('goes on without their word only with a reason', async () => {
      const sent = hold();
      fireEvent.press(screen.getByText('Go on without asking'));
      fireEvent.press(screen.getByText('Go on without their word'));
      expect(sent()).toEqual([]);
      fireEvent.changeText(screen.getByLabelText('Why without'), ' at sea ');
      fireEvent.press(screen.getByText('Go on without their word'));
      await waitFor(() => expect(sent()).toHaveLength(1));
      expect(sent()).toEqual([{ kind: 'approval-overridden', why: 'at sea' }]);
    });
  });
});

describe('a spoilt ring', () => {
  it('says what spoilt it, and is taken back by undoing that', async () => {
    const spoilt = eventOf(9, { kind: 'spoilt', cause: 'crack-at-cut-edge' });
    const ring = ringOf([...workedTo(stepIndex('stretch')), spoilt], { status: 'spoilt' });
    const calls = fakeServer({
      ...QUIET_TRADE,
      [`POST /rings/${ring.id}/events`]: ring,
      'GET /rings/in-full': listOf(),
    });
    renderWithStore(<SpoiltScreen ring={ring} />);
    expect(screen.getByText('Spoilt: a crack at the cut edge')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Take it back to work' }));
    await screen.findByText('Spoilt: a crack at the cut edge');
    await new Promise((resolve) => setTimeout(resolve, 50));
    const sent = calls.find(({ method }) => method === 'POST')?.body as { events: { body: unknown }[] };
    expect(sent.events[0]?.body).toEqual({ kind: 'undone', eventId: spoilt.id });
  });
});
