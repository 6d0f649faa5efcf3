import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { orderOf, personOf, QUIET_TRADE, sizerOf } from '@/testing/trade';
import { breakEvenWords, conversionWords, schoolsOf, verdictWords } from './sizer-model';
import { SizersScreen } from './SizersScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const FREE = [1, 2, 3, 4, 5].map((n) => sizerOf(n));
const SOLD = [6, 7, 8, 9].map((n) => sizerOf(n, { paid: 5, coupon: 8, couponUsed: n === 6 }));
const money = (amount: number) => `${amount.toFixed(2)} cr`;

describe('two schools of sizers', () => {
  const schools = schoolsOf([...FREE, ...SOLD], [orderOf({ sizerId: sizerOf(6).id })], 30, 25);

  it('count an order that came of a sizer to its school', () => {
    expect(conversionWords(schools.free)).toBe('0 of 5 (0–43%)');
    expect(conversionWords(schools.paid)).toMatch(/^1 of 4 \(\d+–\d+%\)$/);
    expect(conversionWords(schoolsOf([], [], 30, 25).free)).toBe('none sent');
  });

  it('say when there are too few of one to judge, and what would break even', () => {
    expect(verdictWords(schools, money)).toContain('Too few');
    expect(breakEvenWords(schools)).toMatch(/pays for itself when 10%/);
    expect(breakEvenWords(schoolsOf(SOLD, [], 30, 25))).not.toContain('paid ones');
  });

  it('say which is better once there are enough', () => {
    const more = [...FREE, ...SOLD, sizerOf(0, { paid: 5, coupon: 8 })];
    expect(verdictWords(schoolsOf(more, [orderOf({ sizerId: sizerOf(6).id })], 30, 25), money)).toMatch(
      /selling them .* brings \d/,
    );
  });
});

describe('SizersScreen', () => {
  it('sends a sizer out, to someone', async () => {
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /sizers': listOf(...FREE),
      'GET /shop-numbers': { marginPerOrder: null },
      'POST /sizers': sizerOf(1),
    });
    renderWithStore(<SizersScreen />);
    fireEvent.press(await screen.findByText('Send a sizer'));
    fireEvent.press(screen.getByText('It is sent'));
    expect(await screen.findByText(/choose who it goes to/)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'Calla Venn' }));
    fireEvent.changeText(screen.getByLabelText('Paid for it (cr)'), '6');
    fireEvent.press(screen.getByText('It is sent'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    const body = calls.find(({ method }) => method === 'POST')?.body;
    expect(body).toMatchObject({ personId: personOf().id, paid: 6, guarantee: false });
  });
});
