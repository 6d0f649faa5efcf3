import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { numbersText } from './numbers-text';
import { ShopScreen } from './ShopScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

function numbers(change: Partial<ShopNumbersAnswer> = {}): ShopNumbersAnswer {
  return {
    months: Array.from({ length: 12 }, (_, i) => ({
      month: `2026-${String(i + 1).padStart(2, '0')}`,
      finished: i < 9 ? 2 : 5,
      spoilt: i === 11 ? 1 : 0,
      hoursEach: i < 6 ? null : 1.5,
      income: 0,
      margin: 0,
      sizeErrorUs: null,
    })),
    spoiltShare: 0.04,
    spoiltBy: [{ cause: 'flare', count: 2 }],
    marginShare: null,
    marginPerOrder: null,
    byWay: [],
    byDiscount: [],
    shelf: { rings: 0, atPrice: 0, atCost: 0 },
    ...change,
  };
}

async function open(change?: Partial<ShopNumbersAnswer>) {
  fakeServer({ 'GET /shop-numbers': numbers(change) });
  renderWithStore(<ShopScreen />);
  await screen.findByText('Rings finished');
}

describe('ShopScreen', () => {
  it('answers each question in words beside its chart', async () => {
    await open();
    expect(
      screen.getByText(/^5 on average over the last three months, 2 over the three before/),
    ).toBeTruthy();
    expect(screen.getByText(/1\.5 h on average/)).toBeTruthy();
    expect(screen.getByText('4% of the rings that were begun.')).toBeTruthy();
    expect(screen.getByText('2 times')).toBeTruthy();
  });

  it('tells what each way of selling brought, and what lies on the shelf', async () => {
    const market = { way: 'market', sales: 2, income: 140, fees: 8, margin: 30, marginPerHour: 7.5 } as const;
    await open({ byWay: [market], shelf: { rings: 7, atPrice: 1081, atCost: 700 } });
    expect(screen.getByText('Market, 2 rings')).toBeTruthy();
    expect(screen.getByText('30.00 cr left of 140.00 cr, 8.00 cr fees, 7.50 cr an hour')).toBeTruthy();
    expect(screen.getByText('7 rings, 1081.00 cr at their prices, 700.00 cr at what they cost')).toBeTruthy();
  });

  it('says what is not known yet rather than nought', async () => {
    await open();
    expect(screen.getByText(/Nothing is known yet/)).toBeTruthy();
    expect(screen.getByText('No order was closed yet.')).toBeTruthy();
  });

  it('is copied as a table, what is unknown left empty', () => {
    const lines = numbersText(numbers()).split('\n');
    expect(lines).toHaveLength(13);
    expect(lines[0]?.split('\t')).toContain('hoursEach');
    expect(lines[1]?.split('\t').slice(0, 4)).toEqual(['2026-01', '2', '0', '']);
  });

  it('draws a bar a month, read aloud in a sentence', async () => {
    await open({ marginShare: 0.24 });
    screen.root
      .findAll(({ type, props }) => String(type) === 'View' && typeof props.onLayout === 'function')
      .forEach((view) => fireEvent(view, 'layout', { nativeEvent: { layout: { width: 340, height: 150 } } }));
    expect(screen.getByLabelText(/^Rings finished 5 on average/)).toBeTruthy();
    expect(screen.getByText(/^24% of what customers paid/)).toBeTruthy();
  });
});
