import { act, fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { PieceList } from './PieceList';
import { sizeTyped } from '@/features/plan/draft/plan-draft-slice';

const SMALL = pieceOf({
  id: '00000001-0000-4000-8000-000000000002',
  name: 'Small piece',
  diameterMm: 24.6,
  rimThicknessMm: 1.75,
  massG: 7.77,
});
const ZINC = pieceOf({ id: '00000001-0000-4000-8000-000000000003', name: 'Grey piece', metal: 'zinc-core' });

function rows(): string[] {
  return screen.getAllByRole('radio').map(textOf);
}

function textOf(row: ReturnType<typeof screen.getByRole>): string {
  return row
    .findAllByType('Text' as never)
    .map(({ props }) => [props.children].flat().join(''))
    .join(' ');
}

describe('PieceList', () => {
  beforeEach(() => {
    fakeServer({
      'GET /stock': listOf(SMALL, ZINC, pieceOf()),
      'GET /kit': listOf(punchOf(9.5, 1), punchOf(12.7, 2)),
    });
  });

  it('puts what can become the size first, with its width, and says why the others cannot', async () => {
    const { store } = renderWithStore(<PieceList chosenId={undefined} onChoose={jest.fn()} />);
    act(() => void store.dispatch(sizeTyped('US 13')));
    expect(await screen.findByText('not this size')).toBeTruthy();
    expect(screen.getByText('refused')).toBeTruthy();
    const order = rows();
    expect(order[0]).toMatch(/^Test brenn, 1948 .* \d+\.\d mm wide$/);
    expect(order[1]).toMatch(/^Small piece/);
    expect(order[2]).toMatch(/^Grey piece/);
  });

  it('answers anew for another size', async () => {
    const { store } = renderWithStore(<PieceList chosenId={undefined} onChoose={jest.fn()} />);
    await waitFor(() => expect(screen.getAllByText('wide')).toHaveLength(2));
    act(() => void store.dispatch(sizeTyped('US 13')));
    expect(await screen.findByText('not this size', {}, { timeout: 5000 })).toBeTruthy();
    expect(screen.getAllByText('wide')).toHaveLength(1);
  });

  it('tells which piece was chosen', async () => {
    const choose = jest.fn();
    renderWithStore(<PieceList chosenId={ZINC.id} onChoose={choose} />);
    fireEvent.press(await screen.findByText('Small piece'));
    expect(choose).toHaveBeenCalledWith(SMALL.id);
    expect(screen.getAllByRole('radio', { checked: true })).toHaveLength(1);
  });

  it('filters by words, of the metal too', async () => {
    renderWithStore(<PieceList chosenId={undefined} onChoose={jest.fn()} search="zinc grey" />);
    await screen.findByText('Grey piece');
    expect(screen.getAllByRole('radio')).toHaveLength(1);
  });

  it('says when nothing matches', async () => {
    renderWithStore(<PieceList chosenId={undefined} onChoose={jest.fn()} search="platinum" />);
    expect(await screen.findByText('No piece matches.')).toBeTruthy();
  });
});
