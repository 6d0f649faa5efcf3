import type { LogEntry, LogSummary } from '@round-mint/contract/log';
import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { eventOf, RING_ID, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf, refusal } from '@/testing/fake-server';
import { eventsLogged } from '@/store/unsent-slice';
import { renderWithStore } from '@/testing/render';
import { params } from '@/testing/router';
import { defaultWriters } from '@/testing/writers';
import { LogRingScreen } from './LogRingScreen';
import { LogScreen } from './LogScreen';
import { ringHistory } from './ring-history';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const ENTRY: LogEntry = {
  ringId: RING_ID,
  name: 'For Ilse',
  stockName: 'Test brenn, 1948',
  kind: 'coin',
  metal: 'silver-900',
  wall: 'straight',
  holeMm: 12.7,
  finishedAt: '2026-03-02T10:00:00.000Z',
  predictedInsideDiameterMm: 18.9,
  actualInsideDiameterMm: 19.3,
  predictedWidthMm: 9.1,
  actualWidthMm: 9.0,
  predictedCutEdgeMm: 1.4,
  actualCutEdgeMm: null,
  predictedRimEdgeMm: 2.2,
  actualRimEdgeMm: 2.3,
  sizeErrorUs: 0.49,
  predictedAnneals: 6,
  leftOut: false,
  actualAnneals: 7,
};

describe('LogScreen', () => {
  it('sums up how good the predictions were and lists each ring', async () => {
    const unread = {
      ...ENTRY,
      ringId: 'other',
      name: 'Unread',
      sizeErrorUs: null,
      actualInsideDiameterMm: null,
      actualWidthMm: null,
    };
    const summary: LogSummary = {
      rings: 2,
      meanSizeErrorUs: 0.49,
      meanWidthError: 0.011,
      sizeErrors: [{ sizeErrorUs: 0.5, rings: 1 }],
    };
    fakeServer({ 'GET /log': listOf(ENTRY, unread), 'GET /log/summary': summary });
    renderWithStore(<LogScreen />);
    expect(
      await screen.findByText('2 finished rings. Off by 0.49 size on average, 1.1% in width.'),
    ).toBeTruthy();
    expect(screen.getByText('US 9: ½ size too large')).toBeTruthy();
    expect(screen.getByText('US 9: not read')).toBeTruthy();
    expect(screen.getByText('planned 9.1 mm wide')).toBeTruthy();
  });

  it('is empty in words', async () => {
    fakeServer({
      'GET /log': listOf(),
      'GET /log/summary': { rings: 0, meanSizeErrorUs: null, meanWidthError: null, sizeErrors: [] },
    });
    renderWithStore(<LogScreen />);
    expect(await screen.findByText('No ring finished yet.')).toBeTruthy();
  });
});

/** The screen of a finished ring, and what it asks the server. */
function openRing(ring: ReturnType<typeof ringOf>) {
  params['id'] = RING_ID;
  const calls = fakeServer({
    [`GET /log/${RING_ID}`]: ENTRY,
    'GET /rings/in-full': listOf(),
    [`GET /rings/${RING_ID}`]: ring,
    [`POST /rings/${RING_ID}/events`]: () => ring,
  });
  renderWithStore(<LogRingScreen />);
  return calls;
}

describe('LogRingScreen', () => {
  it('sets what came out against what was planned', async () => {
    openRing(ringOf([...workedTo(2), eventOf(80, { kind: 'finished' })], { status: 'finished' }));
    expect(await screen.findByText('US 9: ½ size too large')).toBeTruthy();
    expect(screen.getByText('−1.1%')).toBeTruthy();
    expect(screen.getByText('19.30 mm')).toBeTruthy();
    expect(screen.getByText('Punch the 12.7 mm hole')).toBeTruthy();
    expect(screen.getByText('Finished')).toBeTruthy();
  });

  it('knows that it was begun half-way, and what was taken to be so', async () => {
    const startedFrom = { stage: 'folded', rimDownMm: 16.52, cutDownMm: 15.7 } as const;
    const assumptions = [{ code: 'hole-as-planned', message: 'Its hole was 12.7 mm, as planned.' }];
    openRing(ringOf([eventOf(80, { kind: 'finished' })], { status: 'finished', startedFrom, assumptions }));
    expect(await screen.findByText('Begun half-way: folded, read US 6 and US 5')).toBeTruthy();
    expect(screen.getByText('– Its hole was 12.7 mm, as planned.')).toBeTruthy();
  });

  it('is left out of what the log learns, and taken in again', async () => {
    const out = eventOf(81, { kind: 'left-out', leftOut: true });
    const ring = ringOf([eventOf(80, { kind: 'finished' }), out], { status: 'finished' });
    const calls = openRing(ring);
    expect(await screen.findByText('Left out: plans do not learn from this ring.')).toBeTruthy();
    fireEvent.press(screen.getByText('Take it in again'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      events: [{ body: { kind: 'left-out', leftOut: false } }],
    });
  });

  it('has its figures corrected: new ones are logged, what was said before stays', async () => {
    const measured = eventOf(79, { kind: 'measured', bandWidthMm: 90, massG: 8.4 });
    const ring = ringOf([measured, eventOf(80, { kind: 'finished' })], { status: 'finished' });
    const calls = openRing(ring);
    fireEvent.press(await screen.findByText('Correct the figures'));
    const width = screen.getByDisplayValue('90.00');
    expect(screen.getByText(/must be a length from 0\.5 to 40 mm/)).toBeTruthy();
    fireEvent.press(screen.getByText('Save the figures'));
    expect(calls.some(({ method }) => method === 'POST')).toBe(false);
    fireEvent.changeText(width, '9,05');
    fireEvent.changeText(screen.getByLabelText(/^Reads, rim edge down/), 'US 9¼');
    fireEvent.changeText(screen.getByLabelText(/^Reads, cut edge down/), 'nine');
    fireEvent.press(screen.getByText('Save the figures'));
    expect(calls.some(({ method }) => method === 'POST')).toBe(false);
    fireEvent.changeText(screen.getByLabelText(/^Reads, cut edge down/), 'US 9');
    fireEvent.press(screen.getByText('Save the figures'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    // US 9 is 18.95 mm inside, a quarter 0.2032 mm more.
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      events: [
        { body: { kind: 'measured', bandWidthMm: 9.05, massG: 8.4 } },
        {
          body: {
            kind: 'reading',
            rimDownMm: expect.closeTo(19.15, 1),
            cutDownMm: expect.closeTo(18.95, 1),
            mark: 'leading',
          },
        },
      ],
    });
  });

  it('shows at once what the server refused of it, and goes in with other figures', async () => {
    params['id'] = RING_ID;
    const ring = ringOf([], { status: 'in-work' });
    let refuse = true;
    const calls = fakeServer({
      'GET /log': listOf(),
      'GET /rings/in-full': listOf(ring),
      [`GET /rings/${RING_ID}`]: ring,
      [`POST /rings/${RING_ID}/events`]: () => {
        if (refuse) return refusal(400, 'This figure cannot be.');
        return ring;
      },
    });
    const { store } = renderWithStore(<LogRingScreen />);
    const logged = [eventOf(79, { kind: 'measured', bandWidthMm: 30 }), eventOf(80, { kind: 'finished' })];
    act(() => void store.dispatch(eventsLogged(logged.map((event) => ({ ringId: RING_ID, event })))));
    fireEvent.press(await screen.findByText('Change it'));
    refuse = false;
    fireEvent.changeText(screen.getByDisplayValue('30.00'), '9.05');
    fireEvent.press(screen.getByText('Save the figures'));
    await waitFor(() => expect(store.getState().unsent.queue).toEqual([]));
    const sent = calls.filter(({ method }) => method === 'POST').at(-1)?.body as {
      readonly events: readonly { readonly body: { readonly kind: string; readonly bandWidthMm?: number } }[];
    };
    expect(sent.events.map(({ body }) => [body.kind, body.bandWidthMm])).toEqual([
      ['finished', undefined],
      ['measured', 9.05],
    ]);
  });

  it('says so when the ring is not there', async () => {
    params['id'] = 'unknown';
    fakeServer({ 'GET /log': listOf(ENTRY), 'GET /rings/in-full': listOf() });
    renderWithStore(<LogRingScreen />);
    expect(await screen.findByText('This ring is not in the log.')).toBeTruthy();
  });
});

describe('ringHistory', () => {
  it('tells everything that stands, in words', () => {
    const ring = ringOf([
      eventOf(1, { kind: 'step-done', step: 0 }),
      eventOf(2, { kind: 'step-done', step: 1 }),
      eventOf(3, { kind: 'undone', eventId: eventOf(2, { kind: 'finished' }).id }),
      eventOf(4, { kind: 'anneal-done' }),
      eventOf(5, { kind: 'reading', rimDownMm: 18.9, cutDownMm: 18.7, mark: 'leading' }),
      eventOf(6, { kind: 'measured', bandWidthMm: 9.05 }),
      eventOf(7, { kind: 'note', text: 'hole 24, face B' }),
    ]);
    expect(ringHistory(ring, defaultWriters(), 'us').map(({ text }) => text)).toEqual([
      'Punch the 12.7 mm hole',
      'Annealed once more',
      'Read US 9 rim edge down, US 8¾ cut edge down',
      'Measured 9.05 mm wide',
      'hole 24, face B',
    ]);
  });

  it('tells a reading’s mark as the bench said it, and the limits that were gone beyond', () => {
    const at = stepIndex('true-up');
    const ring = ringOf(
      [...workedTo(at), eventOf(90, { kind: 'reading', rimDownMm: 18.9, cutDownMm: 18.9, mark: 'leading' })],
      { overruled: [{ code: 'cut-edge-thin', why: 'worn on a chain' }] },
    );
    const told = ringHistory(ring, defaultWriters(), 'us').map(({ text }) => text);
    expect(told[0]).toBe('Begun all the same, thin cut edge: worn on a chain');
    expect(told.at(-1)).toMatch(/^Read US 9 rim edge down, US 9 cut edge down; its mark US \S+, /);
  });
});
