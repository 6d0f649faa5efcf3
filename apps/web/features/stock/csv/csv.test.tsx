import type { CsvImportResult } from '@round-mint/contract/csv';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { CsvScreen } from './CsvScreen';
import { previewWords, rowWords } from './csv-words';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());
const mockPick = jest.fn();
jest.mock('@/ui/pick-file', () => ({ pickFile: () => mockPick() }));

type Row = CsvImportResult['rows'][number];
const row = (change: Partial<Row>): Row => ({
  row: 2,
  name: 'Tern',
  action: 'change',
  changes: [{ column: 'quantity', from: '3', to: '5' }],
  problems: [],
  ...change,
});
const REFUSED = row({
  row: 3,
  name: '',
  action: 'refused',
  changes: [],
  problems: [{ path: 'name', message: 'must not be empty' }],
});

describe('words', () => {
  it('count what each row would do', () => {
    expect(
      previewWords({ dryRun: true, taken: false, unread: 0, rows: [row({}), row({ action: 'add' })] }),
    ).toBe('1 to add, 1 to change.');
    expect(previewWords({ dryRun: true, taken: false, unread: 0, rows: [REFUSED] })).toContain(
      '1 refused. Nothing is imported',
    );
    expect(previewWords({ dryRun: false, taken: true, unread: 0, rows: [row({ action: 'same' })] })).toBe(
      'Imported: 1 as they are.',
    );
    expect(previewWords({ dryRun: true, taken: false, unread: 0, rows: [] })).toBe('No rows.');
    expect(previewWords({ dryRun: true, taken: false, unread: 7, rows: [REFUSED] })).toBe(
      '1 refused. The 7 rows after that are not read. Nothing is imported until these are put right.',
    );
  });

  it('tell what changes, and what is wrong', () => {
    expect(rowWords(row({}))).toBe('quantity: 3 → 5');
    expect(rowWords(row({ changes: [{ column: 'notes', from: '', to: 'x' }] }))).toBe('notes: – → x');
    expect(rowWords(row({ action: 'add' }))).toBe('is new');
    expect(rowWords(REFUSED)).toBe('name must not be empty');
  });
});

describe('CsvScreen', () => {
  const file = { name: 'pieces.csv', text: async () => 'name,quantity\nTern,5\n' };

  it('looks first, then takes in', async () => {
    mockPick.mockResolvedValue(file);
    const calls = fakeServer({
      'POST /stock/import': () => ({ dryRun: true, taken: false, unread: 0, rows: [row({})] }),
    });
    renderWithStore(<CsvScreen />);
    fireEvent.press(screen.getByText('Look into a CSV file'));
    expect(await screen.findByText('quantity: 3 → 5')).toBeTruthy();
    fireEvent.press(screen.getByText('Take it in'));
    await waitFor(() => expect(calls).toHaveLength(2));
    expect(calls[1]?.body).toEqual({ csv: 'name,quantity\nTern,5\n' });
  });

  it('shows every row that is refused, and of very many others the first', async () => {
    mockPick.mockResolvedValue(file);
    const added = Array.from({ length: 230 }, (_, i) =>
      row({ row: i + 4, name: `Piece ${i}`, action: 'add' }),
    );
    fakeServer({
      'POST /stock/import': () => ({ dryRun: true, taken: false, unread: 0, rows: [...added, REFUSED] }),
    });
    renderWithStore(<CsvScreen />);
    fireEvent.press(screen.getByText('Look into a CSV file'));
    expect(await screen.findByText('name must not be empty')).toBeTruthy();
    expect(screen.getAllByText('is new')).toHaveLength(200);
    expect(screen.getByText('and 30 more like these')).toBeTruthy();
  });

  it('offers nothing to take in while a row is refused, and tells what the server says', async () => {
    mockPick.mockResolvedValue(file);
    fakeServer({
      'POST /stock/import': () => ({ dryRun: true, taken: false, unread: 0, rows: [row({}), REFUSED] }),
    });
    renderWithStore(<CsvScreen />);
    fireEvent.press(screen.getByText('Look into a CSV file'));
    expect(await screen.findByText('name must not be empty')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'Take it in', disabled: true })).toBeTruthy();
    fakeServer({ 'POST /stock/import': () => refusal(400, 'The first row must name columns.') });
    fireEvent.press(screen.getByText('Another file than pieces.csv'));
    expect(await screen.findByText('The first row must name columns.')).toBeTruthy();
  });
});
