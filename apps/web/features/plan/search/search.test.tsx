import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import type { CoinWay, Way } from '@round-mint/core/ways';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { FIRST_DRAFT } from '@/features/plan/draft/plan-draft-slice';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { dispatchAll, renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { sorted, wishFrom } from './search-model';
import { comparedToggled, searchAsked, searchSlice, wishTyped, type WishTexts } from './search-slice';
import { SearchScreen } from './SearchScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const TEXTS: WishTexts = {
  ...{ widthMin: '7', widthMax: '9.5', year: '', metal: '', face: '', priceMax: '' },
  marks: 'whole',
};
const wish = (change: Partial<WishTexts>, draft = FIRST_DRAFT) =>
  wishFrom({ ...TEXTS, ...change }, draft, DEFAULT_SETTINGS);

describe('wishFrom', () => {
  it('reads what was typed; empty boxes leave things open', () => {
    expect(wish({ year: '1948', metal: 'copper', face: 'reverse', priceMax: '20,5' }).wish).toMatchObject({
      widthMm: { min: 7, max: 9.5 },
      year: 1948,
      metal: 'copper',
      face: 'reverse',
      priceMax: 20.5,
    });
    expect(wish({ widthMin: '', widthMax: '' }).wish?.widthMm).toEqual({});
  });

  it('says what is wrong with each box', () => {
    expect(wish({ widthMin: 'wide' }).problems.widthMin).toContain('8.5');
    expect(wish({ widthMin: '9', widthMax: '8' }).problems.widthMax).toContain('smallest');
    expect(wish({ year: '19.5' }).problems.year).toContain('1948');
    expect(wish({ priceMax: '-3' }).problems.priceMax).toContain('20');
    expect(wish({}, { ...FIRST_DRAFT, sizeText: 'big' }).problems.size).toContain('7½');
  });
});

describe('the wish slice', () => {
  it('sets at most four beside each other and forgets them with a new search', () => {
    const { reducer } = searchSlice;
    let state = reducer(undefined, { type: 'start' });
    for (const key of ['a', 'b', 'c', 'd', 'e']) state = reducer(state, comparedToggled(key));
    expect(state.compared).toEqual(['a', 'b', 'c', 'd']);
    state = reducer(state, comparedToggled('b'));
    expect(state.compared).toEqual(['a', 'c', 'd']);
    state = reducer(reducer(state, wishTyped({ year: '1912' })), searchAsked());
    expect(state.compared).toEqual([]);
    expect(state.asked?.year).toBe('1912');
  });
});

describe('sorted', () => {
  const way = (change: Partial<CoinWay>): Way =>
    ({
      kind: 'coin',
      score: 50,
      widthErrorMm: 1,
      alike: 1,
      lost: 0.1,
      anotherPass: 0.02,
      annealCount: 4,
      minutes: 80,
      price: 10,
      onFront: false,
      ...change,
    }) as CoinWay;

  it('puts the best first, or what is least of a measure; unknown prices last', () => {
    const [a, b, c] = [
      way({ score: 70, price: undefined }),
      way({ score: 80, minutes: 90 }),
      way({ score: 60, price: 2, onFront: true }),
    ];
    expect(sorted([a, b, c], 'score', false)).toEqual([b, a, c]);
    expect(sorted([a, b, c], 'price', false)).toEqual([c, b, a]);
    expect(sorted([a, b, c], 'minutes', false).at(-1)).toBe(b);
    expect(sorted([a, b, c], 'score', true)).toEqual([c]);
  });
});

describe('SearchScreen', () => {
  const other = pieceOf({
    id: '00000001-0000-4000-8000-000000000002',
    name: 'Test limpet, 1912',
    year: 1912,
    metal: 'bronze',
    diameterMm: 30.4,
    rimThicknessMm: 1.75,
    massG: 10.46,
    price: 1,
  });

  const { id: _id, name: _name, kind: _kind, ...shared } = pieceOf();
  const spoon = {
    ...shared,
    id: '00000001-0000-4000-8000-000000000003',
    kind: 'handle' as const,
    name: 'Test spoon',
    metal: 'silver-925',
    stations: [
      { atMm: 0, thicknessMm: 1.5, widthMm: 9 },
      { atMm: 120, thicknessMm: 1.7, widthMm: 8 },
    ],
    enamel: [],
  };

  async function search() {
    fakeServer({
      'GET /stock': ({ query }: { query: URLSearchParams }) =>
        listOf(...[pieceOf(), other, spoon].filter(({ kind }) => kind === query.get('kind'))),
      'GET /kit': listOf(punchOf(14.3, 1), punchOf(15.9, 2)),
    });
    const rendered = renderWithStore(<SearchScreen />);
    fireEvent.press(await screen.findByRole('button', { name: 'Search the stock' }));
    return rendered;
  }

  /** On a phone, what is shown is told in a line that opens. */
  function showOnly(kind: string) {
    fireEvent.press(screen.getByRole('button', { name: 'Change what is shown, and its order' }));
    fireEvent.press(screen.getByRole('radio', { name: kind }));
  }

  beforeEach(() => jest.clearAllMocks());

  it('ranks pieces and holes, sets two side by side, and plans one', async () => {
    const { store } = await search();
    expect(await screen.findByText(/\d ways to make it/)).toBeTruthy();
    showOnly('coin ring');
    const boxes = screen.getAllByRole('checkbox');
    expect(boxes.length).toBeGreaterThan(2);
    fireEvent.press(boxes[0]!);
    fireEvent.press(boxes[1]!);
    fireEvent.press(screen.getByRole('button', { name: 'Side by side (2)' }));
    const plan = await screen.findAllByRole('button', { name: 'Plan this one' });
    expect(plan).toHaveLength(2);
    fireEvent.press(plan[0]!);
    expect(router.navigate).toHaveBeenCalledWith('/plan');
    expect([14.3, 15.9]).toContain(store.getState().planDraft.holeMm);
  });

  it('ranks a handle beside them, shows works of one kind, and plans it as it was found', async () => {
    const { store } = await search();
    await screen.findByText(/\d ways to make it/);
    showOnly('silverware');
    expect(screen.getAllByRole('checkbox')).toHaveLength(1);
    fireEvent.press(screen.getByRole('button', { name: /^Plan Test spoon, silverware: / }));
    expect(router.navigate).toHaveBeenCalledWith({ pathname: '/plan/[kind]', params: { kind: 'handle' } });
    const { stockId, sizeText, texts } = store.getState().works.handle;
    expect({ stockId, sizeText }).toEqual({ stockId: spoon.id, sizeText: 'US 10' });
    expect(['straight', 'overlap', 'spiral']).toContain(texts['style']);
  });

  it('says so when nothing in the drawer makes it', async () => {
    const { store } = await search();
    await screen.findByText(/ways to make it/);
    dispatchAll(store, wishTyped({ year: '1799' }));
    dispatchAll(store, searchAsked());
    expect(await screen.findByText('Nothing in stock makes this ring.')).toBeTruthy();
  });

  it('will not search for what it cannot read', async () => {
    const { store } = await search();
    dispatchAll(store, wishTyped({ widthMin: 'broad' }));
    await waitFor(() => expect(screen.getByText(/✕ a length in mm/)).toBeTruthy());
    expect(screen.getByRole('button', { name: 'Search the stock' })).toBeDisabled();
  });
});
