import { stockItemSchema, type StockItem } from '@round-mint/contract/stock';
import { fireEvent, screen, within } from '@testing-library/react-native';
import { Dimensions } from 'react-native';
import { fakeServer, listOf, pieceOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { StockScreen } from './StockScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const ZINC = pieceOf({
  id: '00000001-0000-4000-8000-000000000003',
  name: 'Grey piece',
  metal: 'zinc-core',
  quantity: 3,
});
const HANDLE = stockItemSchema.parse({
  ...{ id: '00000001-0000-4000-8000-000000000004', kind: 'handle', name: 'Test spoon', metal: 'silver-800' },
  stations: [
    { atMm: 0, thicknessMm: 2, widthMm: 14 },
    { atMm: 120, thicknessMm: 3, widthMm: 6 },
  ],
  enamel: [],
  ...{ issuer: '', year: null, grade: '', origin: '', price: null, legalNote: '', notes: '', quantity: 1 },
  ...{ createdAt: '2026-03-01T10:00:00.000Z', updatedAt: '2026-03-01T10:00:00.000Z', version: 1 },
});

const window = { width: 1280, height: 800, scale: 1, fontScale: 1 };

describe('Stock on a wide screen', () => {
  it('shows the drawer as a table, or as pictures that are chosen from', async () => {
    Dimensions.set({ window, screen: window });
    fakeServer({ 'GET /stock': listOf<StockItem>(pieceOf(), ZINC, HANDLE) });
    renderWithStore(<StockScreen />);
    expect(await screen.findByText('Name ↑')).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'pictures' }));
    expect(screen.queryByText('Name ↑')).toBeNull();
    fireEvent(screen.getByTestId('stock-tiles'), 'layout', { nativeEvent: { layout: { width: 800 } } });
    const tiles = within(screen.getByTestId('stock-tiles'));
    expect(tiles.getAllByRole('button')).toHaveLength(3);
    expect(tiles.getByText(/^3 × .* ✕ refused$/)).toBeTruthy();
    fireEvent.press(tiles.getByRole('button', { name: /Test spoon/ }));
    expect(tiles.getByRole('button', { selected: true })).toHaveTextContent(/120 mm long/);
  });
});
