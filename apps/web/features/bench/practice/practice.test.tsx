import { act, edgesOf, EXERCISES, startGame, type Game } from '@round-mint/core/practice';
import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { params, router } from '@/testing/router';
import { ExerciseScreen } from './ExerciseScreen';
import { offersOf, toolsFor } from './practice-actions';
import { practiceSlice, scored } from './practice-slice';
import { actionWords } from './practice-words';
import { PracticeScreen } from './PracticeScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const [first, , , curl, large] = EXERCISES;
const size = (mm: number) => `${mm.toFixed(1)}`;

function taken(): Game {
  return act(startGame(first!, 1), { kind: 'take', piece: 0, holeMm: 12.7 });
}

describe('what a learner is offered', () => {
  it('has the tools that the exercise needs', () => {
    expect(toolsFor(first!)).not.toContain('curl');
    expect(toolsFor(curl!)).toContain('curl');
    expect(toolsFor(large!)).toContain('push');
  });

  it('folds by a share of what is left', () => {
    expect(offersOf('fold', taken(), size, 'us').map(({ label }) => label)).toEqual([
      'a third',
      'half',
      'the rest',
    ]);
    expect(offersOf('stretch', startGame(first!, 1), size, 'us')).toEqual([]);
  });

  it('opens by marks of the maker’s own mandrel', () => {
    const game = act(startGame(first!, 1), { kind: 'take', piece: 0, holeMm: 12.7 });
    const { cutMm, rimMm } = edgesOf(game.now!);
    const [quarter] = offersOf('stretch', game, size, 'us');
    expect(quarter).toEqual({
      label: '+¼',
      action: { kind: 'stretch', toMm: expect.closeTo(Math.min(cutMm, rimMm) + 0.2032, 9) },
    });
    expect(offersOf('reduce', game, size, 'uk').map(({ label }) => label)).toEqual(['−½', '−1', '−2', '−4']);
  });

  it('turns edges in by so much more than they are', () => {
    const game = act(startGame(curl!, 1), { kind: 'take', piece: 0, holeMm: 12.7 });
    const pushed: Game = { ...game, now: { ...game.now!, pushedMm: 1.5 } };
    expect(offersOf('curl', pushed, (mm) => `${mm} mm`, 'us')).toEqual(
      [0.25, 0.5, 1, 2].map((mm) => ({
        label: `+${mm} mm`,
        action: { kind: 'curl', depthMm: 1.5 + mm },
      })),
    );
  });

  it('is told in words', () => {
    const words = (action: Parameters<typeof actionWords>[0]) =>
      actionWords(action, taken(), size, (mm) => `${mm} mm`);
    expect(words({ kind: 'take', piece: 0, holeMm: 12.7 })).toBe('Silver brenn, hole 12.7 mm');
    expect(words({ kind: 'reduce', toMm: 18.94 })).toBe('Reduce both edges to 18.9');
    expect(words({ kind: 'curl', depthMm: 1.25 })).toBe('Both edges in to 1.25 mm past the first touch');
    expect(words({ kind: 'fold', share: 1 / 2 })).toBe('Fold by 50% of what is left');
  });
});

describe('the best points', () => {
  it('only ever rise', () => {
    const { reducer } = practiceSlice;
    const once = reducer(undefined, scored({ exercise: 'first-band', points: 70 }));
    expect(reducer(once, scored({ exercise: 'first-band', points: 40 })).best).toEqual({ 'first-band': 70 });
  });
});

describe('the practice bench', () => {
  beforeEach(() => fakeServer({}));

  it('lists five exercises and leads to each', () => {
    renderWithStore(<PracticeScreen />);
    expect(screen.getAllByText('not tried yet')).toHaveLength(5);
    // What it is judged by is told beforehand.
    expect(screen.getByText('US 9, 8.0 mm to 10.0 mm wide')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Work it: Which coin?'));
    expect(router.push).toHaveBeenCalledWith({
      pathname: '/bench/practice/[id]',
      params: { id: 'which-coin' },
    });
  });

  it('is worked from the punch to the score', async () => {
    params['id'] = 'first-band';
    // Always the same piece of metal.
    jest.spyOn(Math, 'random').mockReturnValue(0.0000015);
    renderWithStore(<ExerciseScreen />);
    fireEvent.press(screen.getByText('Punch it'));
    expect(screen.getByTestId('feel')).toHaveTextContent(/Punched and deburred/);
    fireEvent.press(screen.getByText('Stop: it is done'));
    expect(screen.getByTestId('feel')).toHaveTextContent(/no ring yet/);
    for (let stroke = 0; stroke < 5; stroke++) {
      fireEvent.press(screen.getByText('Anneal'));
      fireEvent.press(screen.getByLabelText('Fold a third'));
    }
    fireEvent.press(screen.getByText('Anneal'));
    fireEvent.press(screen.getByLabelText('Fold the rest'));
    fireEvent.press(screen.getByText('Stop: it is done'));
    expect(await screen.findByTestId('score')).toHaveTextContent(/of 100/);
    expect(screen.getByText(/^Your move|^No move cost much/)).toBeTruthy();
    fireEvent.press(screen.getByText('Once more, another piece'));
    expect(screen.getByText('Punch it')).toBeTruthy();
  });

  it('knows no other exercise', () => {
    params['id'] = 'welding';
    renderWithStore(<ExerciseScreen />);
    expect(screen.getByText('There is no such exercise.')).toBeTruthy();
  });
});
