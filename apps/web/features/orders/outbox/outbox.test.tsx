import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { messageOf, orderOf, QUIET_TRADE } from '@/testing/trade';
import { OutboxScreen } from './OutboxScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('OutboxScreen', () => {
  it('says that nothing has been written yet', async () => {
    fakeServer(QUIET_TRADE);
    renderWithStore(<OutboxScreen />);
    expect(await screen.findByText('No letter yet.')).toBeTruthy();
  });

  it('opens a letter as it went out, and leads from a question to its answer', async () => {
    const letter = messageOf({
      kind: 'approval',
      orderId: orderOf().id,
      subject: 'Please look',
      photoIds: ['p'],
    });
    fakeServer({ ...QUIET_TRADE, 'GET /outbox': listOf(letter) });
    renderWithStore(<OutboxScreen />);
    fireEvent.press(await screen.findByRole('button', { name: 'Please look, to Calla Venn' }));
    expect(screen.getByText('To Calla Venn <calla@venn.example>')).toBeTruthy();
    expect(screen.getByLabelText('The picture that goes along')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Log the answer' }));
    expect(router.push).toHaveBeenCalledWith({ pathname: '/orders/[id]', params: { id: orderOf().id } });
  });
});
