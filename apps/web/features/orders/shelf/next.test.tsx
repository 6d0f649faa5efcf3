import { fireEvent, screen } from '@testing-library/react-native';
import type { NextRing } from '@round-mint/contract/shelf';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { QUIET_TRADE } from '@/testing/trade';
import { defaultWriters } from '@/testing/writers';
import { basisWords, chanceWords, madeFromWords, planHref, ringWords, whyWords } from './next-model';
import { NextScreen } from './NextScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const WRITE = defaultWriters();
const RING: NextRing = {
  ...{ stockId: '00000001-0000-4000-8000-000000000001', stockName: 'Test brenn, 1948', kind: 'coin' },
  ...{ wall: 'rounded', insideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(8.5), hours: 1.92, price: 175 },
  ...{ margin: 44.1, sellChance: 0.608, asked: { mean: 0.38, low: 0.12, high: 0.74 }, gainPerHour: 13.3 },
  ...{ alike: 0, oldestDays: null, work: null, otherName: null },
};
const SPINNER: NextRing = {
  ...RING,
  ...{ stockName: 'Strip, 6 × 1.5', kind: 'spinner', wall: null, otherName: 'Copper strip' },
  work: {
    ...{ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4, outerMetal: 'copper' },
    ...{ clearanceMm: 0.3, otherStockId: '00000001-0000-4000-8000-000000000002' },
  },
};

describe('why a ring is to be made', () => {
  it('is told with how sure it is', () => {
    expect(chanceWords(RING, 3)).toBe('61 in 100 to be sold within 3 months');
    expect(whyWords(RING, WRITE)).toEqual([
      'asked for 0.4 times a month (0.1 to 0.7)',
      'nothing like it on the shelf',
      'leaves 44.10 cr at 175.00 cr, for 1 h 55 min of work',
    ]);
    expect(whyWords({ ...RING, alike: 1, oldestDays: 171.6 }, WRITE)[1]).toBe(
      '1 like it on the shelf, the oldest for 172 days',
    );
    expect(whyWords({ ...RING, alike: 2 }, WRITE)[1]).toBe('2 like it on the shelf, in this list');
  });

  it('tells what it goes by, and that it is nothing yet', () => {
    expect(basisWords({ asked: 42, months: 10.6 })).toMatch(/^From 42 rings asked for or sold in 11 months/);
    expect(basisWords({ asked: 0, months: 0 })).toContain('goes by what is usual');
  });

  it('leads to the planner with piece, size and wall', () => {
    expect(planHref(RING, WRITE)).toEqual({
      pathname: '/plan',
      params: { stockId: RING.stockId, size: 'US 8½', wall: 'rounded' },
    });
    expect(planHref(SPINNER, WRITE)).toEqual({
      pathname: '/plan/[kind]',
      params: {
        ...{ kind: 'spinner', stockId: RING.stockId, size: 'US 8½' },
        work: JSON.stringify(SPINNER.work),
      },
    });
  });

  it('says what is made, and of what', () => {
    expect(ringWords(SPINNER, WRITE)).toBe('US 8½, spinner');
    expect(madeFromWords(SPINNER)).toBe('Strip, 6 × 1.5 and Copper strip');
    expect(madeFromWords({ ...SPINNER, otherName: SPINNER.stockName })).toBe('Strip, 6 × 1.5');
  });
});

describe('NextScreen', () => {
  it('lists what to make, looks as far ahead as asked, and takes one to Plan by one tap', async () => {
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /next-rings': ({ query }: { query: URLSearchParams }) => ({
        items: query.get('months') === '1' ? [] : [RING],
        basis: { asked: 42, months: 10.6 },
      }),
    });
    renderWithStore(<NextScreen />);
    fireEvent.press(await screen.findByLabelText('Plan US 8½, rounded of Test brenn, 1948'));
    expect(router.push).toHaveBeenCalledWith(planHref(RING, WRITE));
    expect(screen.getByText('13.30 cr an hour')).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: '1 month' }));
    expect(await screen.findByText('Nothing to propose.')).toBeTruthy();
    expect(calls.map(({ query }) => query.get('months')).filter(Boolean)).toEqual(['3', '1']);
  });
});
