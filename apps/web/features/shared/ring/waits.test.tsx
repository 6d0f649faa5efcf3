import type { RingEventInput } from '@round-mint/contract/rings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { benchRing } from './bench-model';
import { eventOf, RING_ID, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { StepWaits } from './StepWaits';
import { WaitBar } from './WaitBar';
import { clockText, spanWords, waitWords } from '@/features/shared/words/wait-words';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const OTHER = '00000004-0000-4000-8000-00000000000a';
const WAIT = '00000006-0000-4000-8000-000000000001';

function bodies(calls: ReturnType<typeof fakeServer>) {
  return calls
    .filter(({ path }) => path.endsWith('/events'))
    .flatMap(({ path, body }) =>
      (body as { events: RingEventInput[] }).events.map((event) => [path.split('/')[2], event.body] as const),
    );
}

const begun = (n: number, what: string, secondsAgo: number, change: object = {}): RingEventInput => ({
  ...eventOf(n, { kind: 'wait-started', waitId: WAIT, what, shortSec: 300, longSec: 900, ...change }),
  at: new Date(Date.now() - secondsAgo * 1000).toISOString(),
});

describe('the words of a wait', () => {
  it('are clocks', () => {
    expect(clockText(200)).toBe('3:20');
    expect(clockText(3803)).toBe('1:03:23');
    expect(waitWords({ phase: 'due', elapsedSec: 320, leftSec: 239.2 }, 900)).toBe('due, out within 4:00');
    expect(waitWords({ phase: 'late', elapsedSec: 940, leftSec: 40 }, 900)).toBe('late by 0:40');
    expect(spanWords({ what: '', shortSec: 300, longSec: 900 })).toBe('5–15 min');
    expect(spanWords({ what: '', shortSec: 20 })).toBe('20 s');
    expect(spanWords({ what: '' })).toBe('counts up, stop by eye');
  });
});

describe('WaitBar', () => {
  it('shows a bath with all its rings, and takes them out together', async () => {
    const rings = [
      ringOf([begun(1, 'Pickle', 100)]),
      ringOf([begun(2, 'Pickle', 60)], { id: OTHER, name: 'For Jorun' }),
    ];
    const calls = fakeServer({
      'GET /rings/in-full': listOf(...rings),
      [`POST /rings/${RING_ID}/events`]: () => rings[0],
      [`POST /rings/${OTHER}/events`]: () => rings[1],
    });
    renderWithStore(<WaitBar />);
    expect(await screen.findByText(/^Pickle: 3:\d\d left$/)).toBeTruthy();
    expect(screen.getByText('For Ilse, For Jorun')).toBeTruthy();
    fireEvent.press(screen.getByText('All out'));
    await waitFor(() => expect(bodies(calls)).toHaveLength(2));
    expect(bodies(calls)).toEqual([
      [RING_ID, { kind: 'wait-ended', waitId: WAIT }],
      [OTHER, { kind: 'wait-ended', waitId: WAIT }],
    ]);
  });

  it('counts dips up in large figures, and is not there when nothing waits', async () => {
    const dip = begun(1, 'Rainbow dips', 7, { shortSec: undefined, longSec: undefined });
    fakeServer({ 'GET /rings/in-full': listOf(ringOf([dip])) });
    const { unmount } = renderWithStore(<WaitBar />);
    expect(await screen.findByText(/^0:0[789]$/)).toBeTruthy();
    unmount();
    fakeServer({ 'GET /rings/in-full': listOf(ringOf()) });
    renderWithStore(<WaitBar />);
    await waitFor(() => expect(screen.queryByTestId('waits')).toBeNull());
  });
});

describe('StepWaits', () => {
  it('starts a clock, or shares the bath that is running', async () => {
    const pickle = stepIndex('pickle');
    const mine = ringOf(workedTo(pickle));
    const other = ringOf([begun(1, 'Pickle', 100)], { id: OTHER, name: 'For Jorun' });
    const calls = fakeServer({
      'GET /rings/in-full': listOf(mine, other),
      [`POST /rings/${RING_ID}/events`]: () => mine,
    });
    const bench = benchRing(mine);
    renderWithStore(<StepWaits bench={bench} waits={bench.step?.waits ?? []} />);
    fireEvent.press(await screen.findByText('In with For Jorun'));
    await waitFor(() =>
      expect(bodies(calls)).toEqual([
        [RING_ID, { kind: 'wait-started', waitId: WAIT, what: 'Pickle', shortSec: 300, longSec: 900 }],
      ]),
    );
  });
});
