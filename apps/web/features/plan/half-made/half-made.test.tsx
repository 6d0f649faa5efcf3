import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { BeginScreen } from './BeginScreen';
import { boughtPiece, readDraft } from './half-made-model';
import { EMPTY_HALF_MADE } from './half-made-slice';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('what was typed of a half-made piece', () => {
  const READING = { unit: 'mm', system: 'us', piece: undefined } as const;
  const read = (change: Partial<typeof EMPTY_HALF_MADE>) =>
    readDraft({ ...EMPTY_HALF_MADE, ...change }, READING);

  it('waits for both readings, without finding fault', () => {
    expect(read({ rimText: 'US 9' })).toMatchObject({ started: undefined, problems: {} });
    expect(read({ rimText: 'US 9', cutText: 'US 8' }).started).toEqual({
      stage: 'folded',
      rimDownMm: expect.closeTo(18.95, 1),
      cutDownMm: expect.closeTo(18.14, 1),
    });
  });

  it('of a punched piece is its hole', () => {
    expect(read({ stage: 'punched', holeText: '13,4' }).started).toEqual({
      stage: 'punched',
      rimDownMm: 13.4,
      cutDownMm: 13.4,
    });
  });

  it.each([
    ['heightText', 'tall', 'must be a length'],
    ['thicknessRimText', '40', 'mm'],
    ['leanText', 'steep', 'degrees'],
    ['leanText', '95', 'degrees'],
    ['rimText', 'quite wide', 'Type a size like'],
  ] as const)('says at %s what is accepted instead of “%s”', (field, text, hint) => {
    const { started, problems } = read({ rimText: 'US 9', cutText: 'US 8', [field]: text });
    expect(started).toBeUndefined();
    expect(problems[field]).toContain(hint);
  });

  it('is entered in the drawer as one piece that came half-made', () => {
    const piece = boughtPiece({ metal: 'copper', diameterMm: 29.83, rimThicknessMm: 2 }, 'Box, no. 1');
    expect(piece).toMatchObject({ name: 'Box, no. 1', diameterMm: 29.8, quantity: 1, metal: 'copper' });
  });
});

describe('BeginScreen', () => {
  function show() {
    const calls = fakeServer({
      'GET /stock': listOf(),
      'GET /kit': listOf(
        ...REFERENCE_KIT.map((tool) => ({ ...tool, createdAt: '', updatedAt: '', version: 1 })),
      ),
      'GET /die-charts': listOf(),
      'GET /learnt': { used: false },
      'GET /settings': DEFAULT_SETTINGS,
      'POST /stock': {},
      'POST /plans': {},
      'POST /rings': {},
    });
    renderWithStore(<BeginScreen />);
    return calls;
  }

  it('enters one of a box and begins it: two readings are enough', async () => {
    const calls = show();
    fireEvent.changeText(await screen.findByLabelText('Rim edge down'), 'US 6');
    expect(screen.getByTestId('begin')).toBeDisabled();
    fireEvent.changeText(screen.getByLabelText('Cut edge down'), 'US 5');
    expect(await screen.findByTestId('as-measured')).toBeTruthy();
    expect(screen.getByText(/Its hole was 12\.7/)).toBeTruthy();
    await waitFor(() => expect(screen.getByTestId('begin')).toBeEnabled());
    fireEvent.press(screen.getByTestId('begin'));
    await waitFor(() =>
      expect(router.push).toHaveBeenCalledWith(expect.objectContaining({ pathname: '/bench/[id]' })),
    );
    const posted = calls
      .filter(({ method }) => method === 'POST')
      .map(({ path, body }) => [path, body] as const);
    expect(posted.map(([path]) => path)).toEqual(['/stock', '/plans', '/rings']);
    const [stock, plan, ring] = posted.map(([, body]) => body as Record<string, unknown>);
    expect(stock).toMatchObject({ origin: 'Came half-made', quantity: 1 });
    expect(plan).toMatchObject({ stockId: stock?.['id'], holeMm: 12.7, finish: 'polished' });
    expect(ring).toMatchObject({ planId: plan?.['id'], startedFrom: { stage: 'folded' } });
    // The next one of the box begins with empty readings.
    expect(screen.getByLabelText('Rim edge down').props['value']).toBe('');
  });

  it('says what cannot be made of it', async () => {
    show();
    const [stage] = await screen.findAllByRole('radio', { name: 'straight' });
    fireEvent.press(stage!);
    fireEvent.changeText(screen.getByLabelText('One edge down (rim)'), 'US 9');
    fireEvent.changeText(screen.getByLabelText('The other (cut)'), 'US 9');
    fireEvent.changeText(screen.getByLabelText('Target size'), '39 mm');
    expect(await screen.findByText(/is out of reach/)).toBeTruthy();
    expect(screen.getByTestId('begin')).toBeDisabled();
  });
});
