import { screen } from '@testing-library/react-native';
import { Text } from 'react-native';
import { useListStockQuery } from '@/store/api';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { ReadingBar } from './ReadingBar';

function Reader() {
  const { data = [] } = useListStockQuery();
  return (
    <>
      <ReadingBar />
      <Text>{`${data.length} there`}</Text>
    </>
  );
}

/** A list of so many pages of two hundred; the last one comes when it is let go. */
function longList(pages: number) {
  let letGo: () => void = () => undefined;
  const held = new Promise<void>((resolve) => {
    letGo = resolve;
  });
  fakeServer({
    'GET /stock': async ({ query }: { query: URLSearchParams }) => {
      const page = Number(query.get('cursor') ?? 0);
      if (page === pages - 1) await held;
      const items = Array.from({ length: 200 }, (_, i) =>
        pieceOf({ id: `${page}-${i}`, name: `${page}-${i}` }),
      );
      return { items, nextCursor: page === pages - 1 ? null : `${page + 1}` };
    },
  });
  return letGo;
}

describe('ReadingBar', () => {
  it('tells how far a long list is read, and is gone when all of it is there', async () => {
    const letGo = longList(7);
    renderWithStore(<Reader />);
    expect(await screen.findByText('Reading pieces of stock: 1,200 so far.')).toBeTruthy();
    letGo();
    expect(await screen.findByText('1400 there')).toBeTruthy();
    expect(screen.queryByTestId('reading-bar')).toBeNull();
  });

  it('is not there for a list that is short', async () => {
    const letGo = longList(3);
    renderWithStore(<Reader />);
    await settle();
    await settle();
    expect(screen.queryByTestId('reading-bar')).toBeNull();
    letGo();
    expect(await screen.findByText('600 there')).toBeTruthy();
  });
});
