import { faultWords } from '@round-mint/core/kit';
import type { ShownTool, ToolEventInput } from '@round-mint/contract/kit';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { KitScreen } from './KitScreen';
import { passesWords, toOil, wearHistory } from './tool-wear';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const RING = '00000004-0000-4000-8000-000000000001';
const event = (n: number, body: ShownTool['history'][number]['body']): ShownTool['history'][number] => ({
  ...{ id: `0000000e-0000-4000-8000-00000000000${n}`, at: `2026-11-0${n}T10:00:00.000Z`, body },
});
const CHIPPED = punchOf(12.7, 1, {
  faults: ['chipped'],
  history: [{ ...event(1, { kind: 'fault', fault: 'chipped' }), ringId: RING }],
});
const SECOND = { ...punchOf(12.7, 2), name: 'second punch' };

describe('the wear of a tool', () => {
  it('is told in a line: what is wrong, and how often it was used', () => {
    expect(`${faultWords('punch', 'chipped')}.`).toBe('Chipped: it tears the hole, and cracks begin there.');
    expect(passesWords(CHIPPED, 34)).toBe('34 passes');
    expect(passesWords({ ...SECOND, renewedAt: '2026-11-01T10:00:00.000Z' }, 1)).toBe(
      '1 pass since it was replaced',
    );
    expect(passesWords(SECOND, undefined)).toBe('');
  });

  it('has a history, the latest first, without what was taken back', () => {
    const history = [
      ...CHIPPED.history,
      event(2, { kind: 'mended', fault: 'chipped' }),
      event(3, { kind: 'replaced' }),
      event(4, { kind: 'oiled' }),
      event(5, { kind: 'undone', eventId: event(3, { kind: 'replaced' }).id }),
    ];
    expect(wearHistory({ history }).map(({ words }) => words)).toEqual([
      'oiled',
      'mended: chipped no more',
      'found chipped',
    ]);
    expect(wearHistory(CHIPPED)[0]?.ringId).toBe(RING);
  });

  it('asks for oil after a damp week', () => {
    const oiled = { ...SECOND, history: [event(5, { kind: 'oiled' })] };
    const now = '2026-11-20T10:00:00.000Z';
    expect(toOil([oiled], null, now)).toEqual([]);
    expect(toOil([oiled], '2026-11-10T10:00:00.000Z', now)).toEqual([oiled]);
  });
});

describe('the kit', () => {
  const open = async (answers = {}) => {
    const calls = fakeServer({
      'GET /kit': listOf(CHIPPED, SECOND),
      'GET /kit-passes': { items: [{ toolId: CHIPPED.id, passes: 34 }] },
      'POST /kit/events': listOf(CHIPPED),
      ...answers,
    });
    renderWithStore(<KitScreen />);
    await screen.findByText('34 passes');
    return (): readonly ToolEventInput[] =>
      calls
        .filter(({ method, path }) => method === 'POST' && path === '/kit/events')
        .flatMap(({ body }) => (body as { events: ToolEventInput[] }).events);
  };

  it('shows what is wrong with a tool, what does as well, and where it was found', async () => {
    const sent = await open();
    expect(screen.getByText('0 passes')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Wear and care of 12.7 mm punch' }));
    expect((await screen.findAllByText('Chipped: it tears the hole, and cracks begin there.')).length).toBe(
      2,
    );
    expect(screen.getByText('Does as well: second punch')).toBeTruthy();
    expect(screen.getByText('Found chipped')).toBeTruthy();
    expect(screen.getByText('The ring it was found at')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Mended: chipped' }));
    await waitFor(() => expect(sent().length).toBe(1));
    expect(sent()[0]).toMatchObject({ toolId: CHIPPED.id, body: { kind: 'mended', fault: 'chipped' } });
  });

  it('a tool is marked, oiled, replaced, and the last of it taken back', async () => {
    const sent = await open();
    fireEvent.press(screen.getByRole('button', { name: 'Wear and care of 12.7 mm punch' }));
    const press = async (name: string, count: number) => {
      fireEvent.press(await screen.findByRole('button', { name }));
      await waitFor(() => expect(sent().length).toBe(count));
    };
    await press('Rusty', 1);
    await press('Oiled', 2);
    await press('Replaced by a new one of the same measures', 3);
    await press('Take the last one back', 4);
    expect(sent().map(({ body }) => body)).toEqual([
      { kind: 'fault', fault: 'rusty' },
      { kind: 'oiled' },
      { kind: 'replaced' },
      { kind: 'undone', eventId: CHIPPED.history[0]?.id },
    ]);
  });

  it('all steel is oiled at once after a damp week', async () => {
    const sent = await open();
    expect(screen.getByText(/^Oil the steel, 2 tools/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'All oiled' }));
    await waitFor(() => expect(sent().length).toBe(2));
    expect(sent().map(({ body }) => body.kind)).toEqual(['oiled', 'oiled']);
  });
});
