import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { QUIET_TRADE, scrapOf, TEST_PRICES } from '@/testing/trade';
import { heapsOf, inTin, spotOf } from './scrap-model';
import { ScrapScreen } from './ScrapScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const BUTTON = scrapOf(4, { kind: 'button', massG: 9, fineness: 0.85, source: 'scale', note: 'Spring' });
const THINGS = [
  scrapOf(1),
  scrapOf(2, { metal: 'copper', massG: 3 }),
  scrapOf(3, { meltedIntoId: BUTTON.id }),
  BUTTON,
];

describe('the tin', () => {
  it('holds a button instead of what went into it, and gives that back without it', () => {
    expect(inTin(THINGS).map(({ note }) => note)).toEqual(['Ring 1', 'Ring 2', 'Spring']);
    expect(inTin(THINGS.slice(0, 3)).map(({ note }) => note)).toEqual(['Ring 1', 'Ring 2', 'Ring 3']);
  });

  it('is sorted by worth; a button by its own fineness', () => {
    const heaps = heapsOf(inTin(THINGS), spotOf(TEST_PRICES));
    expect(heaps.map(({ name }) => name)).toEqual(['silver, melted', 'silver .900', 'copper']);
    expect(heaps.map(({ worth }) => Math.round(worth * 100))).toEqual([765, 225, 0]);
  });
});

describe('ScrapScreen', () => {
  function open(answers: Record<string, unknown> = {}) {
    const calls = fakeServer({
      ...QUIET_TRADE,
      'GET /scrap': listOf(...THINGS),
      'GET /metal-prices': TEST_PRICES,
      'GET /devices': listOf(),
      ...answers,
    });
    renderWithStore(<ScrapScreen />);
    return (method: string) => calls.filter((call) => call.method === method).map(({ body }) => body);
  }

  it('says what all of it is worth today', async () => {
    open();
    expect(await screen.findByText('14.5 g, worth 9.90 cr as metal today')).toBeTruthy();
    expect(screen.getByText('1.00 cr a gram, pure · simulated feed')).toBeTruthy();
  });

  it('takes what the scale says for what the plan guessed', async () => {
    const sent = open({ [`PUT /scrap/${scrapOf(1).id}`]: scrapOf(1) });
    fireEvent.press(await screen.findByRole('button', { name: 'Weigh or change: slug, Ring 1' }));
    fireEvent.changeText(screen.getByTestId('scrap-mass'), 'heavy');
    fireEvent.press(screen.getByText('Save mass'));
    expect(await screen.findByText(/^✕ must be from 0\.001/)).toBeTruthy();
    fireEvent.changeText(screen.getByTestId('scrap-mass'), '2,62');
    fireEvent.press(screen.getByText('Save mass'));
    await waitFor(() => expect(sent('PUT')).toHaveLength(1));
    expect(sent('PUT')[0]).toMatchObject({ massG: 2.62, source: 'scale' });
  });

  it('melts one metal at a time, and tells the loss', async () => {
    const sent = open({ 'POST /scrap/melt-out': BUTTON });
    fireEvent.press(await screen.findByText('Melt out'));
    expect(screen.getByText('1 pieces, 2.50 g, fineness .900')).toBeTruthy();
    fireEvent.press(screen.getByText('It is melted'));
    expect(await screen.findByText('Weigh the button first.')).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/Weight of the button/), '2.45');
    expect(screen.getByText('Lost in the fire: 2.0%')).toBeTruthy();
    fireEvent.press(screen.getByText('It is melted'));
    await waitFor(() => expect(sent('POST')).toHaveLength(1));
    expect(sent('POST')[0]).toMatchObject({ scrapIds: [scrapOf(1).id], buttonMassG: 2.45 });
  });

  it('says why the server would not melt it', async () => {
    open({ 'POST /scrap/melt-out': refusal(409, 'Some of these are not in the tin any more.') });
    fireEvent.press(await screen.findByText('Melt out'));
    fireEvent.changeText(screen.getByLabelText(/Weight of the button/), '2.45');
    fireEvent.press(screen.getByText('It is melted'));
    expect(await screen.findByText('Some of these are not in the tin any more.')).toBeTruthy();
  });
});
