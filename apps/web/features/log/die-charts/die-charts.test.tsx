import type { StoredDieChart } from '@round-mint/contract/die-charts';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { parseChart, parseObservation } from './die-chart-form';
import { DieChartsScreen } from './DieChartsScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const CHART: StoredDieChart = {
  id: '00000006-0000-4000-8000-000000000001',
  metal: 'silver-900',
  coinDiameterMm: 37.7,
  die: 'Long die',
  pusherMm: 20,
  observations: [
    { reveal: 1, insideDiameterMm: 18.9 },
    { reveal: 5, insideDiameterMm: 20.5 },
  ],
  createdAt: '2026-03-01T10:00:00.000Z',
  updatedAt: '2026-03-01T10:00:00.000Z',
  version: 1,
};

describe('what was typed', () => {
  it('becomes an observation in any size notation, or says what is accepted', () => {
    expect(parseObservation('2,5', 'US 10', 'us')).toMatchObject({ ok: true, observation: { reveal: 2.5 } });
    const wrong = parseObservation('-1', 'large', 'us');
    expect(wrong).toMatchObject({
      ok: false,
      reveal: expect.stringContaining('0 to 40'),
      size: expect.stringContaining('7½'),
    });
    expect(parseObservation('', 'US 10', 'us')).toMatchObject({ ok: false });
  });

  it('becomes a chart, checked by the contract', () => {
    const texts = { metal: 'silver-900', coinDiameter: '37.7', die: 'Long die', pusher: '20' };
    expect(parseChart(CHART.id, texts, 'mm')).toMatchObject({
      ok: true,
      chart: { pusherMm: 20, observations: [] },
    });
    expect(parseChart(CHART.id, { ...texts, pusher: 'big', die: ' ' }, 'mm')).toMatchObject({
      ok: false,
      problems: { pusherMm: expect.stringContaining('mm'), die: 'must not be empty' },
    });
  });
});

describe('DieChartsScreen', () => {
  it('says at which line to stop, and when that is a guess', async () => {
    fakeServer({ 'GET /die-charts': listOf(CHART) });
    renderWithStore(<DieChartsScreen />);
    const wanted = await screen.findByLabelText('Size wanted after this pass');
    fireEvent.changeText(wanted, '19.7 mm');
    expect(screen.getByText('Stop with 3 lines showing.')).toBeTruthy();
    fireEvent.changeText(wanted, '22 mm');
    expect(screen.getByText(/outside what was seen/)).toBeTruthy();
    fireEvent.changeText(wanted, 'snug');
    expect(screen.getByText(/✕ .*Type a size/)).toBeTruthy();
  });

  it('adds an observation to what was seen', async () => {
    const calls = fakeServer({ 'GET /die-charts': listOf(CHART), [`PUT /die-charts/${CHART.id}`]: CHART });
    renderWithStore(<DieChartsScreen />);
    fireEvent.changeText(await screen.findByLabelText('Lines showing'), '3');
    fireEvent.changeText(screen.getByLabelText('Size after it'), '19.8 mm');
    fireEvent.press(screen.getByRole('button', { name: 'Add an observation to the Long die chart' }));
    await waitFor(() => expect(calls.some(({ method }) => method === 'PUT')).toBe(true));
    expect(calls.find(({ method }) => method === 'PUT')?.body).toMatchObject({
      pusherMm: 20,
      observations: [...CHART.observations, { reveal: 3, insideDiameterMm: 19.8 }],
    });
  });

  it('archives a chart, with undo, and says what is missing from a new one', async () => {
    fakeServer({ 'GET /die-charts': listOf(CHART), [`DELETE /die-charts/${CHART.id}`]: null });
    const { store } = renderWithStore(<DieChartsScreen />);
    fireEvent.press(
      await screen.findByRole('button', { name: 'Archive the chart of the 20.0 mm pusher, Long die' }),
    );
    await waitFor(() =>
      expect(store.getState().notices.current?.undo).toEqual({ kind: 'die-chart', id: CHART.id }),
    );
    fireEvent.press(screen.getByRole('button', { name: 'Add a chart' }));
    fireEvent.press(screen.getByRole('button', { name: 'Add the chart' }));
    expect((await screen.findAllByText(/✕ must be a length/)).length).toBe(2);
  });
});
