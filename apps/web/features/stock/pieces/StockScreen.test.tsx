import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { StockScreen } from './StockScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const TERN = pieceOf({
  id: '00000001-0000-4000-8000-000000000002',
  name: 'Test tern',
  metal: 'cupronickel',
  diameterMm: 28.8,
});
const ZINC = pieceOf({
  id: '00000001-0000-4000-8000-000000000003',
  name: 'Grey piece',
  metal: 'zinc-core',
  diameterMm: 28,
});

function names(): string[] {
  return screen.getAllByText(/^(Test|Grey)/).map(({ props }) => String(props.children));
}

describe('StockScreen', () => {
  it('lists pieces, marks the refused ones in words, sorts and searches', async () => {
    fakeServer({ 'GET /stock': listOf(pieceOf(), TERN, ZINC) });
    renderWithStore(<StockScreen />);
    await screen.findByText('Test tern');
    expect(names()).toEqual(['Grey piece', 'Test brenn, 1948', 'Test tern']);
    expect(screen.getAllByText('✕ refused')).toHaveLength(1);
    fireEvent.press(screen.getByLabelText('Sort by size'));
    expect(names()).toEqual(['Grey piece', 'Test tern', 'Test brenn, 1948']);
    fireEvent.press(screen.getByLabelText('Sort by size'));
    expect(names()).toEqual(['Test brenn, 1948', 'Test tern', 'Grey piece']);
    fireEvent.changeText(screen.getByTestId('stock-search'), 'cupro');
    expect(names()).toEqual(['Test tern']);
    fireEvent.changeText(screen.getByTestId('stock-search'), 'gold');
    expect(screen.getByText('Nothing matches.')).toBeTruthy();
  });

  it('says what to do with an empty drawer', async () => {
    fakeServer({ 'GET /stock': listOf() });
    renderWithStore(<StockScreen />);
    expect(await screen.findByText('The stock is empty.')).toBeTruthy();
  });

  it('waits, fails in words and tries again', async () => {
    let down = true;
    fakeServer({ 'GET /stock': () => (down ? refusal(500, 'down') : listOf(pieceOf())) });
    renderWithStore(<StockScreen />);
    expect(screen.getByLabelText('Loading the stock')).toBeTruthy();
    expect(await screen.findByText('Could not fetch the stock.')).toBeTruthy();
    down = false;
    fireEvent.press(screen.getByRole('button', { name: 'Try again' }));
    await waitFor(() => expect(screen.getByText('Test brenn, 1948')).toBeTruthy());
  });
});
