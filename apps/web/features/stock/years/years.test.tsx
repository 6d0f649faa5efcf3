import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { YearsScreen } from './YearsScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const id = (n: number) => `00000001-0000-4000-8000-00000000000${n}`;
const COINS = [
  pieceOf(),
  pieceOf({ id: id(2), name: 'Old limpet', year: 1912, issuer: 'Otherland', outsideFace: 'reverse' }),
  pieceOf({ id: id(3), name: 'Holed piece', year: 1920, form: 'holed' }),
  pieceOf({ id: id(4), name: 'All gone', year: 1948, quantity: 0 }),
];

async function open() {
  fakeServer({ 'GET /stock': listOf(...COINS), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
  renderWithStore(<YearsScreen />);
  await screen.findByText('3 kinds of coin, earliest first');
}

describe('YearsScreen', () => {
  it('shows the sizes each coin becomes; one that is holed becomes none', async () => {
    await open();
    expect(screen.getByText('no ring')).toBeTruthy();
    expect(screen.getAllByText(/US \S+ to US \S+|up to US/)).toHaveLength(2);
    expect(screen.queryByText('All gone')).toBeNull();
  });

  it('finds one year, a span, an issuer, a face', async () => {
    await open();
    fireEvent.changeText(screen.getByLabelText('Year, or from'), '1948');
    expect(screen.getByText('Test brenn, 1948')).toBeTruthy();
    expect(screen.queryByText('Old limpet')).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Year, or from'), '1900');
    fireEvent.changeText(screen.getByLabelText('To'), '1915');
    expect(screen.getByText('Old limpet')).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'Testland' }));
    expect(screen.getByText('No coin carries it.')).toBeTruthy();
  });

  it('says what a year looks like', async () => {
    await open();
    fireEvent.changeText(screen.getByLabelText('To'), 'old');
    expect(screen.getByText('✕ a year such as 1948, or nothing')).toBeTruthy();
  });
});
