import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { FaceTurned, outsideWords } from './FaceTurned';

const at = (face: 'obverse' | 'reverse', name: string) =>
  ({
    id: `0000000e-0000-4000-8000-00000000000${name.length % 10}`,
    name,
    face,
    mark: { kind: 'sector', fromDeg: 150, toDeg: 210, innerMm: 8, outerMm: 11 },
  }) as const;

describe('which face comes outside', () => {
  it('is told with its reason', () => {
    const words = (change: Parameters<typeof pieceOf>[0]) => outsideWords(pieceOf(change));
    expect(words({ outsideFace: 'either' })).toBe('Either face may come outside; shown is the obverse.');
    expect(words({ outsideFace: 'reverse' })).toBe('The reverse comes outside, as the piece says.');
    expect(words({ outsideFace: 'either', mustStay: [at('reverse', 'the year')] })).toBe(
      'The year lies on the reverse: it is proposed for the outside.',
    );
    expect(words({ outsideFace: 'obverse', mustStay: [at('obverse', 'the year')] })).toBe(
      'The year lies on the obverse, which comes outside.',
    );
    const two = [at('reverse', 'the year'), at('reverse', 'a ship')];
    expect(words({ outsideFace: 'obverse', mustStay: two })).toBe(
      'The year and a ship lie on the reverse, which comes inside.',
    );
  });

  it('is turned by a tap, and kept with the piece', async () => {
    const piece = pieceOf({ outsideFace: 'obverse' });
    const calls = fakeServer({ [`PUT /stock/${piece.id}`]: { ...piece, outsideFace: 'reverse' } });
    renderWithStore(<FaceTurned piece={piece} />);
    fireEvent.press(screen.getByLabelText('Turn the reverse outside'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PUT')).toBe(true));
    expect(calls.find(({ method }) => method === 'PUT')?.body).toMatchObject({ outsideFace: 'reverse' });
  });
});
