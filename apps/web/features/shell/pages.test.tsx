import { fireEvent, render, screen } from '@testing-library/react-native';
import { NoSuchPage } from './NoSuchPage';
import { pageTitle } from './use-page-title';

const mockReplace = jest.fn();
jest.mock('expo-router', () => ({
  ...jest.requireActual('@/testing/router').fakeRouter(),
  useRouter: () => ({ replace: mockReplace }),
}));

describe('the name of a page', () => {
  it('is its heading, its place and the app', () => {
    expect(pageTitle('Marenza 5 corvi', '/plan')).toBe('Marenza 5 corvi · Plan · Round Mint');
  });

  it('says a place once, and leaves out what is not there', () => {
    expect(pageTitle('Stock', '/stock')).toBe('Stock · Round Mint');
    expect(pageTitle('Settings', '/settings')).toBe('Settings · Round Mint');
    expect(pageTitle(undefined, '/orders/day')).toBe('Orders · Round Mint');
  });
});

describe('an address that leads nowhere', () => {
  it('leads on to each place', () => {
    render(<NoSuchPage />);
    fireEvent.press(screen.getByRole('button', { name: 'Log' }));
    expect(mockReplace).toHaveBeenCalledWith('/log');
  });
});
