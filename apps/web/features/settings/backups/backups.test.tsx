import type { Backup, BackupList } from '@round-mint/contract/backups';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { changeLines, countsWords, sizeWords, standing } from './backup-words';
import { BackupsScreen } from './BackupsScreen';

const ID = '20260301T100000000Z-daily';
const BACKUP: Backup = {
  id: ID,
  at: '2026-03-01T10:00:00.000Z',
  kind: 'daily',
  bytes: 2_340_000,
  counts: { rings: 24, stock: 61, orders: 1 },
  check: { ok: true, problem: null },
  restorable: true,
};
const LIST: BackupList = {
  items: [BACKUP],
  folder: '/home/maker/workshop/backups',
  secondFolder: null,
  lastGoodAt: BACKUP.at,
  problem: null,
  damage: null,
  running: null,
};
const ACCESS = {
  ...{ as: 'machine', deviceId: null, open: false, locked: false, addresses: [], certificateAddress: null },
};

function show(list: Partial<BackupList> = {}, more: Readonly<Record<string, unknown>> = {}) {
  const calls = fakeServer({
    'GET /backups': { ...LIST, ...list },
    'GET /access': ACCESS,
    'POST /backups': BACKUP,
    ...more,
  });
  return { calls, ...renderWithStore(<BackupsScreen />) };
}

describe('words of backups', () => {
  it('tell what one holds and how large it is', () => {
    expect(countsWords({ rings: 1, stock: 2, photos: 0 })).toBe('1 ring, 2 pieces of stock');
    expect(countsWords({})).toBe('nothing yet');
    expect([900, 238_000, 2_340_000, 23_400_000, 2_100_000_000].map(sizeWords)).toEqual([
      ...['1 kB', '238 kB', '2.3 MB', '23 MB', '2.1 GB'],
    ]);
  });

  it('tell what a restore changes, and nothing of what it does not', () => {
    const changes = {
      rings: { added: 2, changed: 1, removed: 0 },
      stock: { added: 0, changed: 0, removed: 0 },
      people: { added: 0, changed: 0, removed: 3 },
    };
    expect(changeLines(changes).map(({ text }) => text)).toEqual([
      '2 rings back, 1 ring as before',
      '3 people gone',
    ]);
  });

  it('warn after three days', () => {
    const at = (iso: string) => standing(BACKUP.at, new Date(iso)).level;
    expect(at('2026-03-04T09:00:00Z')).toBe('good');
    expect(at('2026-03-04T11:00:00Z')).toBe('warn');
    expect(standing(null, new Date()).level).toBe('note');
  });
});

describe('BackupsScreen', () => {
  it('lists backups, makes one, and chooses a second folder on the machine', async () => {
    const { calls } = show({}, { 'PATCH /backups': { ...LIST, secondFolder: '/media/stick' } });
    expect(await screen.findByText('Daily, read back and whole')).toBeTruthy();
    expect(screen.getByText('24 rings, 61 pieces of stock, 1 order')).toBeTruthy();
    fireEvent.press(screen.getByText('Back up now'));
    await waitFor(() =>
      expect(calls.some(({ method, path }) => method === 'POST' && path === '/backups')).toBe(true),
    );
    fireEvent.changeText(await screen.findByTestId('second-folder'), ' /media/stick ');
    fireEvent.press(screen.getByText('Save folder'));
    await waitFor(() =>
      expect(calls.find(({ method }) => method === 'PATCH')?.body).toEqual({ secondFolder: '/media/stick' }),
    );
  });

  it('looks before it restores, and restores nothing that changes nothing', async () => {
    const none = { dryRun: true, changes: { rings: { added: 0, changed: 0, removed: 0 } }, before: null };
    const some = { dryRun: true, changes: { rings: { added: 2, changed: 0, removed: 0 } }, before: null };
    let look = none;
    const { calls } = show({}, { [`POST /backups/${ID}/restore`]: () => look });
    fireEvent.press(await screen.findByText('restore'));
    expect(await screen.findByText(/^Nothing changes/)).toBeTruthy();
    fireEvent.press(screen.getByTestId('restore-now'));
    fireEvent.press(screen.getByLabelText('Close'));
    expect(calls.filter(({ path }) => path.endsWith('/restore'))).toHaveLength(1);
    look = some;
    fireEvent.press(screen.getByText('restore'));
    expect(await screen.findByText('2 rings back')).toBeTruthy();
    fireEvent.press(screen.getByTestId('restore-now'));
    await waitFor(() => expect(calls.filter(({ query }) => query.get('dryRun') === '0')).toHaveLength(1));
  });

  it('says what is damaged and what failed, and does not offer what cannot be restored', async () => {
    const harmed = {
      ...BACKUP,
      restorable: false,
      check: { ok: false, problem: 'It was cut off.' },
      counts: null,
    };
    show({
      damage: '2 of 9 rings are gone.',
      problem: 'The last backup failed: no room.',
      items: [harmed],
      lastGoodAt: null,
    });
    expect(await screen.findByText('The workshop’s data are damaged.')).toBeTruthy();
    expect(screen.getByText('The last backup failed: no room.')).toBeTruthy();
    expect(screen.getByText('Daily, not whole: It was cut off.')).toBeTruthy();
    expect(screen.queryByText('restore')).toBeNull();
    expect(screen.queryByText('save a copy')).toBeNull();
  });
});
