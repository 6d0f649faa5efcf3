import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { QUIET_TRADE, supplyOf } from '@/testing/trade';
import { SuppliesScreen } from './SuppliesScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const GAS = supplyOf({
  id: 'gas',
  name: 'torch gas',
  unit: 'g',
  leftAmount: 80,
  buyAtAmount: 100,
  buy: true,
  packs: 2,
});
const GOLD = supplyOf({
  id: 'gold',
  name: 'gold for lining',
  unit: 'mg',
  countedAmount: 0,
  usedAmount: 0,
  leftAmount: 0,
});

function open(answers: Record<string, unknown> = {}) {
  const items = [supplyOf(), GAS, GOLD];
  const calls = fakeServer({ ...QUIET_TRADE, 'GET /consumables': { items }, ...answers });
  const { store } = renderWithStore(<SuppliesScreen />);
  return { store, sent: (method: string) => calls.filter((call) => call.method === method) };
}

describe('SuppliesScreen', () => {
  it('asks for what runs out, first; what was never counted asks for nothing', async () => {
    open();
    expect(await screen.findByText('To buy: torch gas')).toBeTruthy();
    expect(screen.getByText('✕ buy: under 100 g')).toBeTruthy();
    expect(screen.getByText('not counted')).toBeTruthy();
    expect(screen.getByText('20.0 m')).toBeTruthy();
  });

  it('adds bought packs', async () => {
    const { store, sent } = open({ 'POST /consumables/gas/bought': GAS });
    fireEvent.press(await screen.findByRole('button', { name: '2 packs of torch gas were bought' }));
    await waitFor(() => expect(store.getState().notices.current?.text).toBe('torch gas: 2 packs added.'));
    expect(sent('POST')[0]?.body).toEqual({ packs: 2 });
  });

  it('counts a supply anew, and says which figure is wrong', async () => {
    const { sent } = open({ 'PUT /consumables/tape': supplyOf() });
    fireEvent.press(await screen.findByRole('button', { name: 'Count PTFE tape' }));
    fireEvent.changeText(screen.getByLabelText(/Left now/), 'some');
    fireEvent.press(screen.getByText('Save count'));
    expect(await screen.findByText(/^✕ must be from 0/)).toBeTruthy();
    fireEvent.changeText(screen.getByLabelText(/Left now/), '31,5');
    fireEvent.press(screen.getByText('Save count'));
    await waitFor(() => expect(sent('PUT')).toHaveLength(1));
    expect(sent('PUT')[0]?.body).toMatchObject({ countedAmount: 31.5, packPrice: 3 });
  });
});
