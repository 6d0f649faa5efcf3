import { fireEvent, render, screen } from '@testing-library/react-native';
import { PlaceProblem } from './PlaceProblem';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('a place that cannot be shown', () => {
  it('says what happened, that nothing is lost, and tries again', () => {
    const retry = jest.fn();
    render(<PlaceProblem error={new Error('no wall to draw')} retry={retry} />);
    expect(screen.getByText(/What was logged and saved is kept/)).toBeTruthy();
    expect(screen.getByTestId('problem-detail')).toHaveTextContent('no wall to draw');
    fireEvent.press(screen.getByText('Try again'));
    expect(retry).toHaveBeenCalledTimes(1);
  });
});
