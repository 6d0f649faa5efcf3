import type { RingEventInput } from '@round-mint/contract/rings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { benchRing } from '@/features/shared/ring/bench-model';
import { TogetherList } from './TogetherList';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const idOf = (n: number) => `00000004-0000-4000-8000-00000000000${n}`;

/** Rings that all stand at a kind of step. */
function ringsAt(kind: string, count: number) {
  return Array.from({ length: count }, (_, n) =>
    ringOf(workedTo(stepIndex(kind)), { id: idOf(n + 1), name: `Ring ${n + 1}` }),
  );
}

function render(rings: ReturnType<typeof ringsAt>) {
  const calls = fakeServer({
    'GET /rings/in-full': listOf(...rings),
    ...Object.fromEntries(rings.map((ring) => [`POST /rings/${ring.id}/events`, () => ring])),
  });
  const { store } = renderWithStore(<TogetherList rings={rings.map(benchRing)} />);
  const sent = () =>
    calls
      .filter(({ path }) => path.endsWith('/events'))
      .flatMap(({ path, body }) =>
        (body as { events: RingEventInput[] }).events.map((event) => ({
          ring: path.split('/')[2],
          id: event.id,
          body: event.body,
        })),
      );
  return { sent, store };
}

describe('what rings need together', () => {
  it('is one time at the torch, logged for each of them at once', async () => {
    const { sent } = render(ringsAt('anneal', 3));
    expect(screen.getByText('Anneal 3 rings')).toBeTruthy();
    expect(screen.getByText('Ring 1, Ring 2, Ring 3')).toBeTruthy();
    fireEvent.press(screen.getByText('Done for all'));
    await waitFor(() => expect(sent()).toHaveLength(3));
    const step = stepIndex('anneal');
    expect(sent().map(({ ring, body }) => ({ ring, ...body }))).toEqual(
      [1, 2, 3].map((n) => ({ ring: idOf(n), kind: 'anneal-done', step })),
    );
  });

  it('can be taken back for all of them', async () => {
    const { sent, store } = render(ringsAt('anneal', 2));
    fireEvent.press(screen.getByText('Done for all'));
    await waitFor(() => expect(sent()).toHaveLength(2));
    const { current } = store.getState().notices;
    expect(current?.text).toBe('Anneal 2 rings: done.');
    expect(current?.undo).toEqual({
      kind: 'events',
      events: sent().map(({ ring, id }) => ({ ringId: ring, eventId: id })),
    });
  });

  it('is one bath with one clock', async () => {
    const { sent } = render(ringsAt('pickle', 2));
    expect(screen.getByText('2 rings into the pickle')).toBeTruthy();
    fireEvent.press(screen.getByText('All in: start the clock'));
    await waitFor(() => expect(sent()).toHaveLength(2));
    const [first, second] = sent().map(({ body }) => body as { waitId?: string; what?: string });
    expect(first?.what).toBe('Pickle');
    expect(first?.waitId).toBe(second?.waitId);
  });

  it('is never done for all where each ring has to be read', () => {
    render(ringsAt('reduce', 2));
    expect(screen.getByText('Reduce 2 rings')).toBeTruthy();
    expect(screen.queryByText('Done for all')).toBeNull();
  });

  it('is not there for a ring alone', () => {
    render(ringsAt('anneal', 1));
    expect(screen.queryByTestId('together')).toBeNull();
  });
});
