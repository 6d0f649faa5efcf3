import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { StockArchiveScreen } from './StockArchiveScreen';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('the archive of a place', () => {
  const piece = pieceOf({ name: 'Old brenn' });
  const onlyArchived =
    (thing: object) =>
    ({ query }: { query: URLSearchParams }) =>
      query.get('archived') === '1' ? listOf(thing) : listOf();

  it('lists what was archived by kind, and brings it back', async () => {
    const tool = punchOf(12.7, 1);
    const calls = fakeServer({
      'GET /stock': onlyArchived(piece),
      'GET /kit': onlyArchived(tool),
      'GET /scrap': listOf(),
      [`POST /kit/${tool.id}/restore`]: tool,
    });
    const { store } = renderWithStore(<StockArchiveScreen />);
    expect(await screen.findByText('Old brenn')).toBeTruthy();
    expect(await screen.findByText(/^None\. “Take it out”/)).toBeTruthy();
    fireEvent.press(await screen.findByLabelText('Restore 12.7 mm punch'));
    await waitFor(() => expect(calls.some(({ path }) => path === `/kit/${tool.id}/restore`)).toBe(true));
    await waitFor(() => expect(store.getState().notices.current).toEqual({ text: '12.7 mm punch is back.' }));
  });
});
