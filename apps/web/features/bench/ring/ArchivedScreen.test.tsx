import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { ArchivedScreen } from './ArchivedScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('archived rings', () => {
  const away = ringOf(workedTo(stepIndex('stretch')), { id: 'away', name: 'Away' });
  const split = ringOf(workedTo(2), { id: 'split', name: 'Split', status: 'spoilt' });

  function show(...archived: ReturnType<typeof ringOf>[]) {
    return fakeServer({
      'GET /rings/in-full': ({ query }: { query: URLSearchParams }) =>
        query.get('archived') === '1' ? listOf(...archived) : listOf(split),
      'POST /rings/away/restore': away,
    });
  }

  it('are listed with how far they were, and come back by one press', async () => {
    const calls = show(away);
    renderWithStore(<ArchivedScreen />);
    expect(await screen.findByText(/, step \d+ of \d+: /)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Restore: Away' }));
    await waitFor(() => expect(calls.some(({ path }) => path === '/rings/away/restore')).toBe(true));
  });

  it('shows what was given up, and leads to it', async () => {
    show();
    renderWithStore(<ArchivedScreen />);
    expect(await screen.findByText(/given up at step 3 of/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Open: Split' }));
    expect(router.push).toHaveBeenCalledWith({ pathname: '/bench/[id]', params: { id: 'split' } });
  });
});
