import { screen, waitFor } from '@testing-library/react-native';
import { serverLost } from '@/store/contact-slice';
import { createLease } from '@/store/unsent-store';
import { eventsLogged, eventsSent } from '@/store/unsent-slice';
import { eventOf, RING_ID, ringOf } from '@/testing/demo-ring';
import { fakeServer } from '@/testing/fake-server';
import { dispatchAll, renderWithStore } from '@/testing/render';
import { UnsentBar } from './UnsentBar';

const NOTE = { ringId: RING_ID, event: eventOf(1, { kind: 'note', text: 'said' }) };

describe('UnsentBar', () => {
  it('tells what waits while the server is away', async () => {
    fakeServer({
      [`POST /rings/${RING_ID}/events`]: () => {
        throw new TypeError('network');
      },
    });
    const { store } = renderWithStore(<UnsentBar />);
    dispatchAll(store, serverLost(), eventsLogged([NOTE]));
    expect(
      await screen.findByText('1 waiting: the server is away. Kept here, sent when it returns.'),
    ).toBeTruthy();
  });

  it('tells what waits for another page that may still be sending, until it is sent', async () => {
    fakeServer({ [`POST /rings/${RING_ID}/events`]: () => ringOf() });
    const other = createLease('another page');
    await other.take();
    const { store } = renderWithStore(<UnsentBar />);
    dispatchAll(store, eventsLogged([NOTE]));
    expect(await screen.findByText('1 waiting: kept here, sent in a moment.')).toBeTruthy();
    dispatchAll(store, eventsSent([NOTE.event.id]));
    await waitFor(() => expect(screen.queryByTestId('unsent')).toBeNull());
    await other.give();
  });
});
