import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { holeChosen, stockChosen } from '@/features/plan/draft/plan-draft-slice';
import { fakeServer, listOf, pieceOf, punchOf } from '@/testing/fake-server';
import { dispatchAll, nameOf, renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { judgeReadings } from './centring-model';
import { centringSlice, landTyped, placesChosen } from './centring-slice';
import { CentreScreen } from './CentreScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

/** Readings of a hole that is off by e towards 9 o'clock: the land is wide at 3. */
function landTexts(places: number, e: number): string[] {
  return Array.from({ length: places }, (_, i) =>
    (9.1 + e * Math.sin((2 * Math.PI * i) / places)).toFixed(2),
  );
}

const QUESTION = {
  diameterMm: 30.9,
  holeMm: 12.7,
  unit: 'mm',
  punchesMm: [12.7, 14.3],
  cutEdgeMeanRadiusMm: 10.4,
  share: 0.5,
} as const;

describe('judgeReadings', () => {
  it('waits for four, says what is wrong with a box, and keeps the good ones', () => {
    const early = judgeReadings({ ...QUESTION, texts: ['8.9', '', 'wide', ''] });
    expect(early).toMatchObject({ verdict: undefined, waitingFor: '3 more readings' });
    expect(early.problems[2]).toContain('8.65');
    expect(judgeReadings({ ...QUESTION, texts: ['25', '8.9', '8.9', '8.9'] }).problems[0]).toContain(
      'cannot be',
    );
  });

  it('finds the wide side and what to file', () => {
    const { verdict, unevenMm } = judgeReadings({ ...QUESTION, texts: landTexts(8, 0.4) });
    expect(verdict?.wideClock).toBe('3:00');
    expect(verdict?.fileDepthMm).toBeCloseTo(0.8, 1);
    expect(verdict?.repunchMm).toBe(14.3);
    expect(unevenMm).toBeGreaterThan(0.5);
  });

  it('asks for readings all round when they lie on one side', () => {
    const texts = Array.from({ length: 12 }, (_, i) => (i === 0 ? '8.9' : ''));
    expect(judgeReadings({ ...QUESTION, texts }).waitingFor).toBe('3 more readings');
  });
});

describe('the readings as typed', () => {
  it('keep their place when more places are measured', () => {
    const { reducer } = centringSlice;
    let state = reducer(undefined, placesChosen(4));
    state = reducer(state, landTyped({ place: 1, text: '8.7' }));
    expect(reducer(state, placesChosen(8)).texts).toEqual(['', '', '8.7', '', '', '', '', '']);
    expect(reducer(reducer(state, placesChosen(12)), placesChosen(4)).texts).toEqual(['', '8.7', '', '']);
  });
});

describe('CentreScreen', () => {
  beforeEach(() => jest.clearAllMocks());

  async function renderCentre() {
    fakeServer({ 'GET /stock': listOf(pieceOf()), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    const rendered = renderWithStore(<CentreScreen />);
    dispatchAll(rendered.store, stockChosen(pieceOf().id), holeChosen(12.7));
    await screen.findByTestId('centre-screen');
    return rendered;
  }

  it('says what to file, what the band becomes, and plans with the new hole', async () => {
    const { store } = await renderCentre();
    const places = landTexts(8, 0.4);
    dispatchAll(store, ...places.map((text, place) => landTyped({ place, text })));
    expect(await screen.findByText(/File the wide side at 3:00 by up to 0\.8\d mm/)).toBeTruthy();
    expect(screen.getByText(/mm wide, now/)).toBeTruthy();
    const action = await screen.findByRole('button', { name: /Plan with a hole of 13\.\d\d mm/ });
    const label = nameOf(action);
    fireEvent.press(action);
    const planned = Number(/of ([\d.]+)/.exec(label)?.[1]);
    expect(store.getState().planDraft.holeMm).toBeCloseTo(planned, 2);
    expect(router.navigate).toHaveBeenCalledWith('/plan');
  });

  it('says what the hole spoils where it is, and once it is filed', async () => {
    const mark = { kind: 'sector', fromDeg: 250, toDeg: 290, innerMm: 6.6, outerMm: 9 } as const;
    const piece = pieceOf({ mustStay: [{ id: pieceOf().id, name: 'the year', face: 'obverse', mark }] });
    fakeServer({ 'GET /stock': listOf(piece), 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    const { store } = renderWithStore(<CentreScreen />);
    dispatchAll(store, stockChosen(piece.id), holeChosen(12.7));
    await screen.findByTestId('centre-screen');
    const read = (e: number) =>
      dispatchAll(store, ...landTexts(8, e).map((text, place) => landTyped({ place, text })));
    // Off towards 9, where the year is.
    read(0.4);
    expect(await screen.findByText('Left as it is')).toBeTruthy();
    expect(screen.getAllByText('cuts the year')).toHaveLength(2);
    read(0.1);
    expect(await screen.findByText('all that must stay is whole')).toBeTruthy();
    expect(screen.queryByText('Filed true')).toBeNull();
  });

  it('asks to measure a pair again before anything is filed', async () => {
    const { store } = await renderCentre();
    dispatchAll(store, placesChosen(4));
    ['9.1', '9.1', '9.75', '9.1'].forEach((text, place) => dispatchAll(store, landTyped({ place, text })));
    expect(await screen.findByText('Measure again before anything is filed.')).toBeTruthy();
    expect(screen.getByText(/12:00 and 6:00 add up to/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /Plan with/ })).toBeNull();
  });

  it('needs a coin', async () => {
    fakeServer({ 'GET /stock': listOf(), 'GET /kit': listOf() });
    renderWithStore(<CentreScreen />);
    await waitFor(() => expect(screen.getByText('No coin chosen yet.')).toBeTruthy());
  });
});
