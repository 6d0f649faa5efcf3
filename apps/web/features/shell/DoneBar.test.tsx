import { act, fireEvent, screen } from '@testing-library/react-native';
import { noticeShown } from '@/store/notices-slice';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { DoneBar } from './DoneBar';

describe('DoneBar', () => {
  afterEach(() => jest.useRealTimers());

  it('says what was done, and goes when it is closed', () => {
    const { store } = renderWithStore(<DoneBar />);
    expect(screen.queryByText('Undo')).toBeNull();
    act(
      () =>
        void store.dispatch(
          noticeShown({ text: 'The tern was archived.', undo: { kind: 'stock', id: 'x' } }),
        ),
    );
    expect(screen.getByText('The tern was archived.')).toBeTruthy();
    expect(screen.getByText('Undo')).toBeTruthy();
    fireEvent.press(screen.getByText('Close'));
    expect(screen.queryByText('The tern was archived.')).toBeNull();
  });

  it('takes back what was logged, ring by ring', () => {
    fakeServer({ 'POST /rings/first/events': {}, 'POST /rings/second/events': {} });
    const { store } = renderWithStore(<DoneBar />);
    const undo = {
      kind: 'events' as const,
      events: [
        { ringId: 'first', eventId: 'one' },
        { ringId: 'second', eventId: 'two' },
      ],
    };
    act(() => void store.dispatch(noticeShown({ text: 'Anneal 2 rings: done.', undo })));
    fireEvent.press(screen.getByText('Undo'));
    const { queue } = store.getState().unsent;
    expect(queue.map(({ ringId, event }) => [ringId, event.body])).toEqual([
      ['first', { kind: 'undone', eventId: 'one' }],
      ['second', { kind: 'undone', eventId: 'two' }],
    ]);
    expect(screen.queryByText('Anneal 2 rings: done.')).toBeNull();
  });

  it('goes by itself after a while', () => {
    jest.useFakeTimers();
    const { store } = renderWithStore(<DoneBar />);
    act(() => void store.dispatch(noticeShown({ text: 'Copied.' })));
    act(() => jest.advanceTimersByTime(13_000));
    expect(screen.queryByText('Copied.')).toBeNull();
  });
});
