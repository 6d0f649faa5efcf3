import { screen } from '@testing-library/react-native';
import { keptAnswerShown, serverHeard } from '@/store/contact-slice';
import { dispatchAll, renderWithStore } from '@/testing/render';
import { ageWords, AwayBar } from './AwayBar';

describe('AwayBar', () => {
  it('tells how old what is shown is, as long as the server is away', () => {
    const { store } = renderWithStore(<AwayBar />);
    expect(screen.queryByTestId('away-bar')).toBeNull();
    dispatchAll(store, keptAnswerShown(new Date(2026, 2, 1, 16, 5).toISOString()));
    expect(screen.getByText('The server is away. What you see is from Sun, Mar 1, 16:05.')).toBeTruthy();
    dispatchAll(store, serverHeard(new Date().toISOString()));
    expect(screen.queryByTestId('away-bar')).toBeNull();
  });

  it('names the day only where it is another one', () => {
    const then = new Date(2026, 2, 1, 16, 5);
    expect(ageWords(then.toISOString(), new Date(2026, 2, 1, 18, 0))).toBe('16:05');
    expect(ageWords(then.toISOString(), new Date(2026, 2, 2, 1, 0))).toBe('Sun, Mar 1, 16:05');
  });
});
