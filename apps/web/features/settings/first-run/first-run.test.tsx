import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { COMMON_SETS } from '@round-mint/core/kit';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { screenAfter, setUpScreen } from './first-run-model';
import { FirstRunScreen } from './FirstRunScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('which screen of the first run comes next', () => {
  it('is the one that was left, and the first only in an empty workshop', () => {
    expect(setUpScreen({ setUp: 'sizes' }, { isEmpty: true })).toBe('sizes');
    // A workshop of before there was a first run.
    expect(setUpScreen({ setUp: 'sizes' }, { isEmpty: false })).toBeUndefined();
    expect(setUpScreen({ setUp: 'first-piece' }, { isEmpty: false })).toBe('first-piece');
    expect(setUpScreen({ setUp: 'done' }, { isEmpty: true })).toBeUndefined();
  });

  it('leads to the end', () => {
    expect(screenAfter('sizes')).toBe('tools');
    expect(screenAfter('tools')).toBe('first-piece');
    expect(screenAfter('first-piece')).toBe('done');
  });
});

describe('the tools of a first run', () => {
  const [punches] = COMMON_SETS;

  function open(answers = {}) {
    const calls = fakeServer({
      'GET /settings': { ...DEFAULT_SETTINGS, setUp: 'tools' },
      'PATCH /settings': { ...DEFAULT_SETTINGS, setUp: 'first-piece' },
      'POST /kit': {},
      ...answers,
    });
    renderWithStore(<FirstRunScreen />);
    return calls;
  }

  it('are entered set by set, each tool once', async () => {
    const calls = open();
    fireEvent.press(await screen.findByRole('checkbox', { name: /^Punches, inch/ }));
    fireEvent.press(screen.getByRole('checkbox', { name: /^Stretcher/ }));
    fireEvent.press(screen.getByRole('checkbox', { name: /^Stretcher/ }));
    fireEvent.press(screen.getByText(`Enter these ${punches?.tools.length} tools`));
    expect(await screen.findByText('Enter a piece')).toBeTruthy();
    const added = calls
      .filter(({ path }) => path === '/kit' || path.endsWith('/kit'))
      .filter(({ method }) => method === 'POST');
    expect(added.map(({ body }) => (body as { name: string }).name)).toEqual(
      punches?.tools.map(({ name }) => name),
    );
    expect(new Set(added.map(({ body }) => (body as { id: string }).id)).size).toBe(added.length);
  });

  it('that could not be entered are told, and nothing is left behind', async () => {
    const calls = open({ 'POST /kit': refusal(500, 'Something went wrong on the server.') });
    fireEvent.press(await screen.findByRole('checkbox', { name: /^Ring mandrel/ }));
    fireEvent.press(screen.getByText('Enter this tool'));
    expect(await screen.findByText(/Something went wrong on the server/)).toBeTruthy();
    expect(calls.some(({ method }) => method === 'PATCH')).toBe(false);
    await waitFor(() => expect(screen.getByText('Enter this tool')).toBeEnabled());
  });
});
