import type { RingEventInput } from '@round-mint/contract/rings';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { say, speakable } from '@/features/shared/ring/speech';
import { courseOf, eventOf, RING_ID, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { router } from '@/testing/router';
import { orderOf, QUIET_TRADE } from '@/testing/trade';
import { HandsFree } from './HandsFree';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());
jest.mock('@/features/shared/ring/speech', () => ({
  ...jest.requireActual('@/features/shared/ring/speech'),
  say: jest.fn(),
}));

type Listener = (event: object) => void;

/** Who listens to the window's keys: there is no window where these tests run. */
const heard = new Set<Listener>();
const fakeWindow = {
  addEventListener: (_kind: string, listener: Listener) => void heard.add(listener),
  removeEventListener: (_kind: string, listener: Listener) => void heard.delete(listener),
  HTMLElement: class {},
};
const { addEventListener, removeEventListener, HTMLElement } = globalThis;
beforeAll(() => void Object.assign(globalThis, fakeWindow));
afterAll(() => void Object.assign(globalThis, { addEventListener, removeEventListener, HTMLElement }));

function send(key: string): void {
  for (const listener of [...heard])
    listener({ key, target: null, repeat: false, preventDefault: () => undefined });
}

/** A pedal sends keys; presses that are nearer than its bounce are one. */
async function press(key: string): Promise<void> {
  await act(async () => {
    send(key);
    await new Promise((resolve) => setTimeout(resolve, 450));
  });
}

async function show(events: RingEventInput[], answers = {}) {
  const ring = ringOf(events);
  const calls = fakeServer({ ...QUIET_TRADE, [`POST /rings/${RING_ID}/events`]: () => ring, ...answers });
  renderWithStore(<HandsFree bench={benchRing(ring)} />);
  await settle();
  // A step counts as seen once it has stood for a while.
  await press('Shift');
  return () =>
    calls
      .filter(({ path }) => path.endsWith('/events'))
      .flatMap(({ body }) => (body as { events: RingEventInput[] }).events.map((event) => event.body));
}

describe('hands-free', () => {
  beforeEach(() => jest.clearAllMocks());

  it('shows verb, mark, way round and gauge in letters of its own', async () => {
    const at = stepIndex('fold');
    await show(workedTo(at));
    expect(screen.getByTestId('verb')).toHaveTextContent('Fold');
    expect(screen.getByTestId('mark')).toHaveTextContent(/^US \S+$/);
    expect(screen.getByText(/edge down; US \S+ the other way round/)).toBeTruthy();
    expect(screen.getByTestId('caution')).toHaveTextContent('Take care: eye protection, hands clear');
    expect(screen.getByTestId('hands-free-gauge')).toHaveTextContent(/Cut \d+%.*Rim \d+%/);
  });

  it.each([' ', 'Enter', 'PageDown'])('goes on by the key “%s”, and by a tap anywhere', async (key) => {
    const sent = await show([]);
    await press(key);
    await waitFor(() => expect(sent()).toEqual([{ kind: 'step-done', step: 0 }]));
    fireEvent.press(screen.getByTestId('hands-free-next'));
    await waitFor(() => expect(sent()).toHaveLength(2));
  });

  it('hears a bounce once', async () => {
    const sent = await show([]);
    act(() => {
      send('PageDown');
      send('PageDown');
    });
    await press('Shift');
    expect(sent()).toHaveLength(1);
  });

  it('takes back by page-up, and leaves by escape', async () => {
    const sent = await show(workedTo(1));
    await press('PageUp');
    await waitFor(() => expect(sent()).toEqual([{ kind: 'undone', eventId: workedTo(1)[0]?.id }]));
    await press('Escape');
    expect(router.replace).toHaveBeenCalledWith({ pathname: '/bench/[id]', params: { id: RING_ID } });
  });

  it('starts a bath’s clock first', async () => {
    const sent = await show(workedTo(stepIndex('pickle')));
    expect(screen.getByText('Tap, space or pedal: pickle, start the clock')).toBeTruthy();
    await press(' ');
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ kind: 'wait-started', what: 'Pickle' });
  });

  it('asks before it leaves a reading that is off its mark, and goes on by a second press', async () => {
    const at = stepIndex('stretch');
    const { from, mark } = courseOf(at);
    const half = (from + mark) / 2;
    const read = eventOf(90, { kind: 'reading', rimDownMm: half, cutDownMm: half, mark: 'leading' });
    const sent = await show([...workedTo(at), read]);
    await press(' ');
    expect(sent()).toEqual([]);
    expect(screen.getByTestId('said')).toHaveTextContent(/^Last read US .*the mark is US .*Once more/);
    await press(' ');
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toEqual({ kind: 'step-done', step: at, asRead: true });
  });

  it('is held for the customer, however often it is pressed', async () => {
    const last = ringOf().steps.findLastIndex(({ kind }) => kind === 'stretch');
    const sent = await show(workedTo(last), {
      'GET /orders': listOf(orderOf({ ringId: RING_ID, state: 'in-work' })),
    });
    await press(' ');
    await press(' ');
    expect(screen.getByTestId('said')).toHaveTextContent('Held: the customer decides first.');
    expect(sent()).toEqual([]);
  });

  it('speaks only where it is wanted', async () => {
    await show(workedTo(stepIndex('fold')));
    expect(say).not.toHaveBeenCalled();
    screen.unmount();
    await show(workedTo(stepIndex('fold')), { 'GET /settings': { ...DEFAULT_SETTINGS, speech: true } });
    await waitFor(() => expect(say).toHaveBeenCalledWith(expect.stringMatching(/^Fold\. Stop at US \S+, /)));
  });
});

describe('speakable', () => {
  it.each([
    ['Stop at US 8½, rim edge down', 'Stop at US 8 and a half, rim edge down'],
    ['¼ size to go', 'a quarter size to go'],
    ['US 10¾ at 17°', 'US 10 and three quarters at 17 degrees'],
    ['a 12.7 mm hole', 'a 12.7 millimetres hole'],
  ])('“%s” is “%s”', (text, spoken) => {
    expect(speakable(text)).toBe(spoken);
  });
});
