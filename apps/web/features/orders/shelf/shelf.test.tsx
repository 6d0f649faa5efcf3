import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { figureFacts, fitsWords, shelfStateWords } from '@/features/shared/words/shelf-words';
import { fakeServer, listOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { params, router } from '@/testing/router';
import { orderOf, personOf, QUIET_TRADE, shelfRingOf } from '@/testing/trade';
import { defaultWriters } from '@/testing/writers';
import { fitWords, shelfHistory, shelfNote, shelfRows } from './shelf-model';
import { ShelfRingScreen } from './ShelfRingScreen';
import { ShelfScreen } from './ShelfScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const WRITE = defaultWriters();
const us = (size: number) => SIZE_SYSTEMS.us.toDiameterMm(size);
const RING = shelfRingOf();
const COSTS = {
  ...{ stockCost: 20, meltValue: 15, consumablesCost: 2, minutes: 60, hourlyRate: 20, scrapValue: 0 },
  ...{ refinerShare: 1, post: 0, feeShare: 0, feeFixed: 0, marginShare: 0.25, coupon: 0, roundTo: 0 },
};

describe('the words of the shelf', () => {
  it('tell every figure, and which of them nobody measured', () => {
    const facts = new Map(figureFacts(RING.ring, WRITE));
    expect(facts.get('In every system')).toBe('US 8 · UK P½ · EU 57 · CH 17 · JP 16');
    expect(facts.get('Size')).toBe('18.1 mm inside');
    expect(facts.get('Wall at its thinnest')).toBe('1.60 mm, as planned');
    expect(facts.get('Mass')).toBe('8.4 g, computed');
    expect(facts.get('Metal')).toBe('silver .900, 900 of 1000 fine');
    expect(facts.get('Finish')).toBe('dark, straight wall');
  });

  it('tell what else it fits, and when nothing', () => {
    expect(fitsWords(RING.ring, WRITE)).toBe('US 7 to US 9 safely, US 6 to US 10 at the most');
    const { insideDiameterMm, fits } = RING.ring;
    const here = { fromMm: insideDiameterMm, toMm: insideDiameterMm };
    expect(fitsWords({ ...RING.ring, fits: { safe: here, usual: here } }, WRITE)).toContain('this size only');
    expect(fitsWords({ ...RING.ring, fits: { ...fits, safe: fits.usual } }, WRITE)).toBe(
      'US 6 to US 10 safely',
    );
    expect(fitsWords({ ...RING.ring, seam: 'open' }, WRITE)).toBe(
      'US 6 to US 10: it is open and can be bent',
    );
  });

  it('tell where it stands', () => {
    const now = new Date('2026-12-24T12:00:00.000Z');
    expect(shelfStateWords(RING, now)).toBe('for sale for 34 days');
    const reserved = { until: '2026-12-28', who: 'Orrin' };
    expect(shelfStateWords({ ...RING, reserved }, now)).toMatch(/^reserved for Orrin until .*28/);
    expect(shelfStateWords({ ...RING, finished: false }, now)).toBe('back at the bench');
    const sale = { orderId: orderOf().id, way: 'own-page' } as const;
    const sold = { ...RING, state: 'sold', goneAt: '2026-12-01T10:00:00.000Z', sale } as const;
    expect(shelfStateWords(sold, now)).toMatch(/^sold .*2026.* by own page$/);
  });

  it('put those that fit a finger first, the nearest before the others', () => {
    const far = shelfRingOf(2, { ring: { insideDiameterMm: us(12) } });
    const rows = shelfRows([far, RING], us(8.5));
    expect(rows.map(({ item }) => item.id)).toEqual([RING.id, far.id]);
    expect(rows.map(({ fit }) => fit && fitWords(fit, WRITE))).toEqual([
      'fits when made ½ size larger: low risk',
      'does not fit: it would have to be 3½ sizes smaller',
    ]);
    expect(fitWords(shelfRows([RING], us(6.25))[0]!.fit!, WRITE)).toContain(
      '1¾ sizes smaller: the usual risk',
    );
    expect(shelfRows([RING], us(8))[0]!.fit!.how).toBe('as-it-is');
  });

  it('tell the history without what was taken back, and what all is worth', () => {
    const at = '2026-11-21T10:00:00.000Z';
    const priced = { id: 'p', at, body: { kind: 'priced', price: 70 } } as const;
    const events = [
      ...RING.events,
      priced,
      { id: 'g', at, body: { kind: 'given-away', who: '' } } as const,
      { id: 'u', at, body: { kind: 'undone', eventId: 'g' } } as const,
    ];
    expect(shelfHistory({ events }, WRITE).map(({ words }) => words)).toEqual([
      'Put up at 60.00 cr',
      'Priced at 70.00 cr',
    ]);
    const reserved = shelfRingOf(2, { state: 'reserved' });
    expect(shelfNote([RING, reserved], WRITE)).toBe('2 rings, 120.00 cr · 1 reserved');
  });
});

const ON_IT = {
  ...QUIET_TRADE,
  'GET /shelf': listOf(RING, shelfRingOf(2, { ring: { name: 'Far one', insideDiameterMm: us(13) } })),
  'GET /unplaced-rings': listOf({ ringId: RING.ringId, orderCancelled: false, ring: RING.ring }),
  [`GET /rings/${RING.ringId}/costs`]: { actual: COSTS },
  [`GET /shelf/${RING.id}`]: RING,
};

describe('ShelfScreen', () => {
  it('asks the whole shelf whether it fits', async () => {
    fakeServer(ON_IT);
    renderWithStore(<ShelfScreen />);
    expect(await screen.findByText('Far one')).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('shelf-finger'), '8 1/2');
    expect(await screen.findByText('fits when made ½ size larger: low risk')).toBeTruthy();
    expect(screen.queryByText('Far one')).toBeNull();
    fireEvent.changeText(screen.getByTestId('shelf-finger'), '3');
    expect(await screen.findByText('None fits.')).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('shelf-finger'), 'wide');
    expect(await screen.findByText(/✕/)).toBeTruthy();
  });

  it('puts a ring up at a price from what it took', async () => {
    const calls = fakeServer({ ...ON_IT, 'POST /shelf': RING });
    renderWithStore(<ShelfScreen />);
    fireEvent.press(await screen.findByRole('radio', { name: 'to put up (1)' }));
    fireEvent.press(await screen.findByLabelText('Put Quay ring 1 on the shelf'));
    // 20 + 2 + an hour at 20, a quarter of the price left over: 42 / 0.75.
    await waitFor(() => expect(screen.getByTestId('shelf-price').props.value).toBe('56.00'));
    expect(screen.getByText('Leaves 14.00 cr over. By your rates it would be 56.00 cr.')).toBeTruthy();
    fireEvent.press(screen.getByText('Why?'));
    expect(screen.getByText('1 h at the bench')).toBeTruthy();
    expect(screen.getByText('Worth as metal: the floor')).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('shelf-price'), '12');
    expect(screen.getByText('Below what the piece was worth as metal: 15.00 cr.')).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('shelf-price'), 'dear');
    fireEvent.press(screen.getByText('For sale'));
    expect(screen.getByText(/must be an amount such as 84/)).toBeTruthy();
    expect(calls.some(({ method }) => method === 'POST')).toBe(false);
    fireEvent.changeText(screen.getByTestId('shelf-price'), '58,50');
    fireEvent.press(screen.getByText('For sale'));
    await waitFor(() =>
      expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
        ringId: RING.ringId,
        price: 58.5,
      }),
    );
  });
});

describe('ShelfRingScreen', () => {
  beforeEach(() => {
    params['id'] = RING.id;
    router.push.mockClear();
  });
  const posts = (calls: ReturnType<typeof fakeServer>, path: string) =>
    calls.filter((call) => call.method === 'POST' && call.path === path).map(({ body }) => body);

  it('sells to somebody new by post, and says what is missing before', async () => {
    const calls = fakeServer({
      ...ON_IT,
      'POST /people': personOf(),
      [`POST /shelf/${RING.id}/sale`]: { shelfRing: RING, order: orderOf() },
    });
    renderWithStore(<ShelfRingScreen />);
    fireEvent.press(await screen.findByTestId('sell'));
    fireEvent.press(screen.getByRole('radio', { name: /goes by post/ }));
    fireEvent.press(screen.getByText('Sold'));
    expect(screen.getByText(/say who it is sent to/)).toBeTruthy();
    fireEvent.press(screen.getByRole('radio', { name: 'new' }));
    fireEvent.press(screen.getByText('Sold'));
    expect(screen.getByText(/must not be empty/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Name'), 'Nela Prow');
    fireEvent.press(screen.getByRole('radio', { name: 'own page' }));
    fireEvent.press(screen.getByText('Sold'));
    await waitFor(() => expect(router.push).toHaveBeenCalled());
    const [person] = posts(calls, '/people');
    const [sale] = posts(calls, `/shelf/${RING.id}/sale`);
    expect(person).toMatchObject({ name: 'Nela Prow' });
    expect(sale).toMatchObject({
      ...{ price: 60, way: 'own-page', post: 7.5, handedOver: false },
      personId: (person as { id: string }).id,
    });
    expect(router.push).toHaveBeenCalledWith({
      pathname: '/orders/[id]',
      params: { id: (sale as { orderId: string }).orderId },
    });
  });

  it('keeps what was typed when somebody else was quicker, and says so', async () => {
    fakeServer({
      ...ON_IT,
      [`POST /shelf/${RING.id}/sale`]: refusal(409, 'This ring has left the shelf meanwhile.'),
    });
    renderWithStore(<ShelfRingScreen />);
    fireEvent.press(await screen.findByTestId('sell'));
    fireEvent.changeText(screen.getByTestId('shelf-price'), '51');
    fireEvent.press(screen.getByText('Sold'));
    expect(await screen.findByText(/has left the shelf meanwhile/)).toBeTruthy();
    expect(screen.getByTestId('shelf-price').props.value).toBe('51');
  });

  it('keeps words that were changed, as of the version they were changed from', async () => {
    const path = `/shelf/${RING.id}`;
    const calls = fakeServer({ ...ON_IT, [`PUT ${path}`]: RING });
    renderWithStore(<ShelfRingScreen />);
    fireEvent.press(await screen.findByText('Story and texts'));
    fireEvent.changeText(screen.getByLabelText('Its story'), 'From the slipway.');
    fireEvent.changeText(screen.getByLabelText('In short'), 'My own line.');
    fireEvent.press(screen.getByText('Save'));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PUT')).toBe(true));
    expect(calls.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      story: 'From the slipway.',
      texts: { short: 'My own line.', long: expect.stringContaining('must never be passed as money') },
    });
  });

  it('reserves it until a day, gives it away, and takes the last thing back', async () => {
    const events = `/shelf/${RING.id}/events`;
    const told = { id: '0000000f-0000-4000-8000-0000000000aa', at: RING.putUpAt };
    const reserved = { until: '2199-01-02', who: 'Orrin' };
    const answer = {
      ...RING,
      ...{ state: 'reserved', reserved },
      events: [...RING.events, { ...told, body: { kind: 'reserved', ...reserved } }],
    };
    const calls = fakeServer({ ...ON_IT, [`POST ${events}`]: answer, [`GET /shelf/${RING.id}`]: answer });
    renderWithStore(<ShelfRingScreen />);
    fireEvent.press(await screen.findByText('Undo the last'));
    await waitFor(() => expect(posts(calls, events)).toHaveLength(1));
    fireEvent.press(screen.getByText('For sale again'));
    await waitFor(() => expect(posts(calls, events)).toHaveLength(2));
    fireEvent.press(screen.getByText('Something else …'));
    fireEvent.press(screen.getByRole('radio', { name: 'taken apart' }));
    fireEvent.changeText(screen.getByLabelText('Metal that is left (g)'), 'much');
    fireEvent.press(screen.getByText('It is taken apart'));
    expect(screen.getByText(/must be from 0.1 to 500 g/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText('Metal that is left (g)'), '7.9');
    fireEvent.press(screen.getByText('It is taken apart'));
    await waitFor(() => expect(posts(calls, events)).toHaveLength(3));
    expect(posts(calls, events)).toMatchObject([
      { events: [{ body: { kind: 'undone', eventId: told.id } }] },
      { events: [{ body: { kind: 'released' } }] },
      { events: [{ body: { kind: 'taken-apart', massG: 7.9 } }] },
    ]);
  });
});
