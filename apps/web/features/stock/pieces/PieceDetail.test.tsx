import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf, refusal } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { PieceDetail } from './PieceDetail';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('PieceDetail', () => {
  it('tells what the piece is and that its figures agree', async () => {
    fakeServer({});
    renderWithStore(<PieceDetail piece={pieceOf()} onRemoved={jest.fn()} />);
    await settle();
    expect(screen.getByText('Its figures agree.')).toBeTruthy();
    expect(screen.getByText('1.96 mm, from its mass')).toBeTruthy();
    expect(screen.getByText('Testland, 1948')).toBeTruthy();
    expect(screen.queryByText('Not for a ring.')).toBeNull();
  });

  it('warns where they do not, and refuses what is no metal for a ring', async () => {
    fakeServer({});
    renderWithStore(<PieceDetail piece={pieceOf({ metal: 'steel', massG: 40 })} onRemoved={jest.fn()} />);
    await settle();
    expect(screen.getByText('Not for a ring.')).toBeTruthy();
    expect(screen.getByText(/magnet/)).toBeTruthy();
    expect(screen.getByText('Measure again.')).toBeTruthy();
  });

  it('works from the rim while it was not weighed', async () => {
    fakeServer({});
    renderWithStore(<PieceDetail piece={pieceOf({ massG: undefined })} onRemoved={jest.fn()} />);
    await settle();
    expect(screen.getByText(/^not weighed; about \d+ g by its measures$/)).toBeTruthy();
    expect(screen.getByText(/from its rim/)).toBeTruthy();
  });

  it('archives the piece, with undo, and says so when it could not', async () => {
    const removed = jest.fn();
    const piece = pieceOf();
    const calls = fakeServer({ [`DELETE /stock/${piece.id}`]: null });
    const { store } = renderWithStore(<PieceDetail piece={piece} onRemoved={removed} />);
    await settle();
    fireEvent.press(screen.getByRole('button', { name: 'Archive' }));
    await waitFor(() => expect(removed).toHaveBeenCalled());
    expect(calls.map(({ method, path }) => `${method} ${path}`)).toContain(`DELETE /stock/${piece.id}`);
    expect(store.getState().notices.current).toMatchObject({ undo: { kind: 'stock', id: piece.id } });
    fakeServer({ [`DELETE /stock/${piece.id}`]: () => refusal(409, 'It is in use.') });
    fireEvent.press(screen.getByRole('button', { name: 'Archive' }));
    await waitFor(() =>
      expect(store.getState().notices.current).toMatchObject({ text: 'It is in use.', problem: true }),
    );
  });
});
