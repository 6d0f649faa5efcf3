import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { NewPieceScreen } from './PieceFormScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

function type(field: string, text: string): void {
  fireEvent.changeText(screen.getByTestId(`field-${field}`), text);
}

describe('NewPieceScreen', () => {
  beforeEach(() => jest.clearAllMocks());

  it('refuses by field, keeps what was typed, and saves once it is right', async () => {
    const calls = fakeServer({ 'POST /stock': () => pieceOf() });
    renderWithStore(<NewPieceScreen />);
    type('diameterMm', 'thirty');
    type('rimThicknessMm', '2');
    fireEvent.press(screen.getByRole('button', { name: 'Save the piece' }));
    expect(await screen.findByText(/✕ must be a length such as 30/)).toBeTruthy();
    expect(screen.getByText('✕ must not be empty')).toBeTruthy();
    expect(screen.getByTestId('field-diameterMm').props.value).toBe('thirty');
    expect(calls.some(({ method }) => method === 'POST')).toBe(false);

    // Who issued it need not be known.
    type('name', 'Regatta medal');
    type('diameterMm', '30');
    type('massG', '13.2');
    expect(await screen.findByText('The figures agree.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Save the piece' }));
    await waitFor(() => expect(router.replace).toHaveBeenCalled());
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      name: 'Regatta medal',
      diameterMm: 30,
      rimThicknessMm: 2,
      massG: 13.2,
      quantity: 1,
    });
  });

  it('shows the server’s refusal and sends the same id again', async () => {
    const ids: unknown[] = [];
    fakeServer({
      'POST /stock': ({ body }: { body: unknown }) => {
        ids.push((body as { id: string }).id);
        return ids.length === 1 ? refusal(500, 'Not just now.') : pieceOf();
      },
    });
    renderWithStore(<NewPieceScreen />);
    type('name', 'Medal');
    type('issuer', 'Skerrow');
    type('diameterMm', '30');
    type('massG', '13.2');
    fireEvent.press(screen.getByRole('button', { name: 'Save the piece' }));
    expect(await screen.findByText('Not just now.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Save the piece' }));
    await waitFor(() => expect(ids).toHaveLength(2));
    expect(ids[0]).toBe(ids[1]);
  });

  it('lets a refused metal be entered, and says so', async () => {
    fakeServer({});
    renderWithStore(<NewPieceScreen />);
    fireEvent.press(screen.getByTestId('metal-picker'));
    fireEvent.press(screen.getByLabelText('zinc core, plated zinc, refused for rings'));
    expect(await screen.findByText(/✕ No ring: Zinc/)).toBeTruthy();
  });
});
