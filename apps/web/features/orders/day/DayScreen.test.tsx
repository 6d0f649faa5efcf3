import type { DayJob, DayPlan, SavedDayPlan } from '@round-mint/contract/day-plan';
import { fireEvent, screen, waitFor, within } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { QUIET_TRADE } from '@/testing/trade';
import { DayScreen } from './DayScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

function job(n: number, change: Partial<DayJob> = {}): DayJob {
  const id = `00000004-0000-4000-8000-00000000000${n}`;
  return {
    id,
    name: `Ring ${n}`,
    ringId: id,
    orderId: null,
    arrivedAt: '2026-11-20T10:00:00.000Z',
    dueOn: null,
    held: false,
    steps: [0, 1].map((index) => ({
      index,
      kind: index === 0 ? ('anneal' as const) : ('polish' as const),
      title: 'Step',
      handsMin: 20,
      waitMin: 0,
      lane: index === 0 ? ('flame' as const) : ('bench' as const),
      setUp: index === 0 ? 'the torch' : 'wheel',
      leadMin: 0,
    })),
    ...change,
  };
}

function open(day: Partial<DayPlan> = {}) {
  const answer: DayPlan = { plan: null, jobs: [job(1), job(2)], problems: [], ...day };
  const calls = fakeServer({
    ...QUIET_TRADE,
    'GET /day-plan': answer,
    'PUT /day-plan': (call: { body: SavedDayPlan }) => ({ ...answer, plan: call.body }),
  });
  renderWithStore(<DayScreen />);
  return () => calls.filter(({ method }) => method === 'PUT').map(({ body }) => body as SavedDayPlan);
}

describe('DayScreen', () => {
  it('lays the day out and lets the bench follow it', async () => {
    const saved = open();
    expect(await screen.findByTestId('gain', {}, { timeout: 20_000 })).toBeTruthy();
    const ready = screen.getByLabelText('When each ring is ready');
    expect(within(ready).getAllByText(/^Ring \d$/)).toHaveLength(2);
    await waitFor(() => expect(screen.getByTestId('follow-plan')).toBeEnabled());
    fireEvent.press(screen.getByTestId('follow-plan'));
    await waitFor(() => expect(saved()).toHaveLength(1));
    expect(saved()[0]?.blocks).toHaveLength(4);
    expect(await screen.findByText('Plan in use')).toBeTruthy();
  });

  it('pins a go of the hands to another time and solves round it', async () => {
    const saved = open();
    await screen.findByTestId('gain', {}, { timeout: 20_000 });
    const runs = () => within(screen.getByTestId('day-lanes')).getAllByRole('button');
    fireEvent.press(runs()[0]!);
    fireEvent.press(await screen.findByRole('button', { name: '60 minutes later' }));
    expect((await screen.findAllByRole('button', { name: /, pinned$/ }, { timeout: 20_000 })).length).toBe(1);
    await waitFor(() => expect(screen.getByTestId('follow-plan')).toBeEnabled());
    fireEvent.press(screen.getByTestId('follow-plan'));
    await waitFor(() => expect(saved()[0]?.pins).toHaveLength(1));
    fireEvent.press(screen.getByRole('button', { name: /, pinned$/ }));
    fireEvent.press(await screen.findByText('Unpin it'));
    await waitFor(() => expect(screen.queryByRole('button', { name: /, pinned$/ })).toBeNull());
  });

  it('says which order can no longer be made, and which step is too long', async () => {
    const long = job(3, { steps: [{ ...job(3).steps[0]!, handsMin: 600 }] });
    open({ jobs: [long], problems: [{ orderId: job(9).id, message: 'This ring cannot be made: gone.' }] });
    expect(await screen.findByText('This ring cannot be made: gone.')).toBeTruthy();
    expect(
      await screen.findByText(/Ring 3 has a step longer than any stretch/, {}, { timeout: 20_000 }),
    ).toBeTruthy();
  });

  it('has nothing to lay out without rings', async () => {
    open({ jobs: [] });
    expect(await screen.findByText('Nothing to do.', {}, { timeout: 20_000 })).toBeTruthy();
  });
});
