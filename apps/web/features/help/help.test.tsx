import { fireEvent, screen, within } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { params, router } from '@/testing/router';
import { orderOf, personOf } from '@/testing/trade';
import { defaultWriters } from '@/testing/writers';
import { chapterAt, CHAPTERS, findSections } from './handbook/handbook-model';
import { HandbookScreen } from './handbook/HandbookScreen';
import { SectionScreen } from './handbook/SectionScreen';
import { WordsScreen } from './handbook/WordsScreen';
import { findEverywhere, type Holding, type Holdings } from './search/search-model';
import { SearchScreen } from './search/SearchScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

function open(asked: Readonly<Record<string, string>>) {
  for (const key of Object.keys(params)) delete params[key];
  Object.assign(params, asked);
}

const WRITE = defaultWriters();
const NONE: Holding<never> = { items: [], isFound: false };
const EMPTY: Holdings = { pieces: NONE, tools: NONE, people: NONE, orders: NONE, rings: NONE, log: NONE };
const titlesOf = (search: string, holdings = EMPTY) =>
  findEverywhere(search, holdings, WRITE).map(({ title }) => title);

describe('the handbook', () => {
  it('has chapters in order, each with its parts, and its neighbours', () => {
    expect(CHAPTERS.map(({ id }) => id)).toEqual(Array.from({ length: 15 }, (_chapter, i) => String(i + 1)));
    const at = chapterAt('3-fold');
    expect(at?.chapter.title).toBe('Coin to band');
    expect([at?.before?.id, at?.after?.id]).toEqual(['2', '4']);
    expect(chapterAt('1')?.before).toBeUndefined();
    expect(chapterAt('15')?.after).toBeUndefined();
    expect(chapterAt('99')).toBeUndefined();
  });

  it('is searched: what has the word in its name goes first, with the words round it', () => {
    const [first, ...others] = findSections('springback');
    expect(first).toMatchObject({ id: '6-bending-and-springback', within: 'Silverware, strip and wire' });
    expect(others.length).toBeGreaterThan(0);
    const [tape] = findSections('PTFE');
    expect(tape).toMatchObject({ id: '5', within: undefined });
    expect(tape?.excerpt).toContain('PTFE tape');
    expect(tape?.excerpt.length).toBeLessThan(130);
  });

  it('has every word that is looked for, or is not found', () => {
    expect(findSections('magnet acid').map(({ id }) => id)).toEqual(['2-what-is-this-piece']);
    expect(findSections('magnet gibberish')).toEqual([]);
    expect(findSections('  ')).toEqual([]);
  });

  it('shows its contents, and what is found instead while something is typed', () => {
    renderWithStore(<HandbookScreen />);
    expect(within(screen.getByLabelText('Contents')).getByText('Anneal budget')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Search the handbook'), 'fritsch');
    expect(screen.queryByLabelText('Contents')).toBeNull();
    expect(screen.getByText('Stepped reduction under tape')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Search the handbook'), 'gibberish');
    expect(screen.getByText('Nothing in the handbook has these words.')).toBeTruthy();
  });

  it.each(CHAPTERS.map(({ id, title }) => [id, title] as const))(
    'chapter %s, %s, is drawn whole',
    (id, title) => {
      open({ section: id });
      renderWithStore(<SectionScreen />);
      expect(screen.getByText(`${id} ${title}`)).toBeTruthy();
      for (const part of chapterAt(id)?.chapter.sections ?? []) {
        expect(screen.getByTestId(`section-${part.id}`)).toBeTruthy();
      }
    },
  );

  it('tells every trouble with what to do, and opens at the one that was asked for', () => {
    open({ section: '10', trouble: 'saddle' });
    renderWithStore(<SectionScreen />);
    expect(screen.getByText('What to do now')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Close' }));
    expect(screen.queryByText('What to do now')).toBeNull();
    fireEvent.press(screen.getByText('A crack at the cut edge'));
    expect(screen.getByText('Stop. Anneal.')).toBeTruthy();
  });

  it('says so where an address leads to no section', () => {
    open({ section: '99' });
    renderWithStore(<SectionScreen />);
    fireEvent.press(screen.getByRole('button', { name: 'Open the handbook' }));
    expect(router.replace).toHaveBeenCalledWith('/help');
  });

  it('has the words, narrowed to what is typed', () => {
    open({ word: 'sagitta' });
    renderWithStore(<WordsScreen />);
    expect(screen.getByText(/hollowed to meet a round coin/)).toBeTruthy();
    expect(screen.queryByText(/witness lines of a pusher/)).toBeNull();
    fireEvent.changeText(screen.getByLabelText('Search the words'), 'gibberish');
    expect(screen.getByText('No such word.')).toBeTruthy();
  });
});

describe('the search over everything', () => {
  const holdings: Holdings = {
    ...EMPTY,
    pieces: { items: [pieceOf({ name: 'Tellow 9 marrin' })], isFound: false },
    tools: { items: [punchOf(12.5, 1)], isFound: false },
    orders: { items: [orderOf({ name: 'Heron ring', personName: 'Odile Marr' })], isFound: false },
    people: { items: [personOf({ name: 'Odile Marr' })], isFound: false },
  };

  it('finds by every kind of thing, each leading to where it stands', () => {
    expect(titlesOf('marr', holdings)).toEqual(['Orders', 'People', 'Stock']);
    const [orders, people, stock] = findEverywhere('marr', holdings, WRITE);
    expect(orders?.found[0]).toMatchObject({ title: 'Heron ring', href: { pathname: '/orders/[id]' } });
    expect(people?.found[0]).toMatchObject({ href: { pathname: '/orders/people' } });
    expect(stock?.found[0]).toMatchObject({ title: 'Tellow 9 marrin', href: { pathname: '/stock/[id]' } });
    expect(titlesOf('12.5', holdings)).toContain('Tools');
  });

  it('finds troubles, sections and words beside', () => {
    expect(titlesOf('saddle')).toEqual(['When something goes wrong', 'Words']);
    expect(titlesOf('PTFE')).toEqual(['Handbook']);
    expect(titlesOf('')).toEqual([]);
  });

  it('takes over what the server found by fields that are not shown', () => {
    const found: Holdings = { ...EMPTY, pieces: { items: [pieceOf({ name: 'Tellow' })], isFound: true } };
    expect(titlesOf('inherited', found)).toEqual(['Stock']);
    expect(titlesOf('inherited', { ...found, pieces: { ...found.pieces, isFound: false } })).toEqual([]);
  });

  const LISTS = {
    'GET /stock': listOf(
      ...Array.from({ length: 7 }, (_piece, n) =>
        pieceOf({ id: `00000001-0000-4000-8000-00000000000${n}`, name: `Tellow ${n}` }),
      ),
    ),
    'GET /kit': listOf(punchOf(12.5, 1)),
    'GET /people': listOf(personOf()),
    'GET /orders': listOf(orderOf()),
    'GET /rings/in-full': listOf(),
    'GET /log': listOf(),
  };

  it('shows five of a kind, and all when asked', async () => {
    fakeServer(LISTS);
    open({});
    renderWithStore(<SearchScreen />);
    expect(screen.getByText('Keys and gestures')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/^Rings, orders/), 'tellow');
    await screen.findByText('Stock (7)');
    expect(screen.queryByText('Tellow 6')).toBeNull();
    fireEvent.press(screen.getByRole('button', { name: 'Show all of stock' }));
    expect(screen.getByText('Tellow 6')).toBeTruthy();
  });

  it('says that not everything is searched while the server is away', async () => {
    fakeServer({});
    open({ q: 'centring' });
    renderWithStore(<SearchScreen />);
    await screen.findByText('The server does not answer: not everything is searched.');
    expect(screen.getByText('Handbook (1)')).toBeTruthy();
  });
});
