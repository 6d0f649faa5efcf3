import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { stockItemSchema } from '@round-mint/contract/stock';
import { fakeServer } from '@/testing/fake-server';
import { withBrowserStorage } from '@/testing/fake-storage';
import { renderWithStore } from '@/testing/render';
import { params } from '@/testing/router';
import { NewPieceScreen } from './PieceFormScreen';
import {
  newPieceTexts,
  parseWorkPiece,
  withStation,
  workPieceTexts,
  type WorkPieceKind,
} from './work-piece-form';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const LIFE = {
  id: '00000001-0000-4000-8000-000000000077',
  createdAt: '2026-03-01T10:00:00.000Z',
  updatedAt: '2026-03-01T10:00:00.000Z',
  version: 1,
};

function texts(kind: WorkPieceKind, values: Readonly<Record<string, string>>) {
  const start = newPieceTexts(kind);
  return { ...start, values: { ...start.values, name: 'Test', ...values } };
}

describe('parseWorkPiece', () => {
  it('reads a handle’s stations, leaving out empty places', () => {
    const start = texts('handle', { enamelFromMm: '2', enamelToMm: '9' });
    const stations = [
      { atMm: '0', thicknessMm: '2.5', widthMm: '18' },
      { atMm: '', thicknessMm: '', widthMm: '' },
      { atMm: '80', thicknessMm: '3', widthMm: '' },
    ];
    const parsed = parseWorkPiece('handle', { ...start, stations }, 'mm', 'us');
    expect(parsed).toMatchObject({
      ok: true,
      piece: {
        kind: 'handle',
        stations: [
          { atMm: 0, thicknessMm: 2.5, widthMm: 18 },
          { atMm: 80, thicknessMm: 3 },
        ],
        enamel: [{ fromMm: 2, toMm: 9 }],
      },
    });
  });

  it('takes a wire’s diameter for its width, and a band’s size in any notation', () => {
    const wire = parseWorkPiece(
      'strip',
      texts('strip', { section: 'round', thicknessMm: '3', lengthMm: '200' }),
      'mm',
      'us',
    );
    expect(wire).toMatchObject({ ok: true, piece: { widthMm: 3, thicknessMm: 3 } });
    const band = texts('band', { insideDiameterMm: 'US 9', thicknessMm: '1.7', widthMm: '6', stones: 'yes' });
    expect(parseWorkPiece('band', band, 'mm', 'us')).toMatchObject({
      ok: true,
      piece: { stones: true, patterned: false },
    });
  });

  it('names what is missing', () => {
    const parsed = parseWorkPiece('handle', texts('handle', { name: '' }), 'mm', 'us');
    expect(parsed.ok).toBe(false);
    if (parsed.ok) return;
    expect(parsed.problems['name']).toContain('empty');
    expect(parsed.problems['stations']).toBeTruthy();
  });

  it('reads back what it wrote', () => {
    const band = texts('band', {
      insideDiameterMm: 'US 9',
      thicknessMm: '1.7',
      widthMm: '6',
      soldered: 'yes',
    });
    const parsed = parseWorkPiece('band', band, 'mm', 'us');
    if (!parsed.ok) throw new Error('refused');
    const stored = stockItemSchema.parse({ ...parsed.piece, ...LIFE });
    if (stored.kind === 'coin') throw new Error('a coin');
    expect(parseWorkPiece('band', workPieceTexts(stored, 'us'), 'mm', 'us')).toEqual(parsed);
    expect(withStation(newPieceTexts('handle')).stations).toHaveLength(4);
  });
});

describe('a new piece that is no coin', () => {
  withBrowserStorage();
  const shown = (field: string): unknown => screen.getByTestId(`field-${field}`).props.value;
  const type = (field: string, text: string) =>
    fireEvent.changeText(screen.getByTestId(`field-${field}`), text);

  it('takes along what was typed of it as another kind, and the other way', async () => {
    fakeServer({});
    renderWithStore(<NewPieceScreen />);
    type('name', 'Old bar');
    type('notes', 'From the box under the bench');
    type('diameterMm', '31');
    fireEvent.press(await screen.findByText('strip, wire'));
    expect(shown('name')).toBe('Old bar');
    expect(shown('notes')).toBe('From the box under the bench');
    type('name', 'Old bar of silver');
    type('thicknessMm', '2.2');
    fireEvent.press(screen.getByText('coin, medal'));
    expect(shown('name')).toBe('Old bar of silver');
    expect(shown('diameterMm')).toBe('31');
  });

  it('is there, box for box, when the page is loaded anew', () => {
    fakeServer({});
    params['kind'] = 'band';
    const { unmount } = renderWithStore(<NewPieceScreen />);
    type('name', 'Court band');
    type('thicknessMm', '1.7');
    fireEvent.press(screen.getAllByText('yes')[0] ?? screen.getByText('yes'));
    unmount();
    renderWithStore(<NewPieceScreen />);
    expect(shown('name')).toBe('Court band');
    expect(shown('thicknessMm')).toBe('1.7');
    expect(screen.getAllByRole('radio', { name: 'yes', checked: true })).toHaveLength(1);
    delete params['kind'];
  });

  it('is chosen by its kind, filled in and saved', async () => {
    const calls = fakeServer({ 'POST /stock': { id: LIFE.id } });
    renderWithStore(<NewPieceScreen />);
    fireEvent.press(await screen.findByText('silverware'));
    fireEvent.changeText(screen.getByTestId('field-name'), 'Fish knife');
    fireEvent.press(screen.getByText('Save the piece'));
    expect(await screen.findByRole('alert')).toBeTruthy();
    ['0', '2.2', '16', '90', '2.9', '9'].forEach((text, i) => {
      const field = ['at', 'thick', 'wide'][i % 3];
      fireEvent.changeText(screen.getByLabelText(`Place ${Math.floor(i / 3) + 1}, ${field} (mm)`), text);
    });
    fireEvent.press(screen.getByText('Save the piece'));
    await waitFor(() => expect(calls.some(({ path }) => path === '/stock')).toBe(true));
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      kind: 'handle',
      name: 'Fish knife',
      stations: [{ atMm: 0 }, { atMm: 90 }],
    });
  });
});
