import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, refusal } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { SettingsScreen } from './SettingsScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('SettingsScreen', () => {
  it('leads through the first run again', async () => {
    const calls = fakeServer({ 'GET /settings': DEFAULT_SETTINGS, 'PATCH /settings': DEFAULT_SETTINGS });
    renderWithStore(<SettingsScreen />);
    fireEvent.press(await screen.findByText('Go through it again'));
    await waitFor(() => expect(router.push).toHaveBeenCalledWith('/first-run'));
    expect(calls.find(({ method }) => method === 'PATCH')?.body).toEqual({ setUp: 'sizes' });
  });

  it('sends only what was changed', async () => {
    const calls = fakeServer({ 'PATCH /settings': DEFAULT_SETTINGS });
    renderWithStore(<SettingsScreen />);
    fireEvent.press(await screen.findByLabelText('inches'));
    fireEvent.press(screen.getByLabelText('leave it to me'));
    await waitFor(() => expect(calls.filter(({ method }) => method === 'PATCH')).toHaveLength(2));
    expect(calls.filter(({ method }) => method === 'PATCH').map(({ body }) => body)).toEqual([
      { lengthUnit: 'in' },
      { wideBandAllowance: false },
    ]);
  });

  it('answers at once, and goes back with the reason when the server will not have it', async () => {
    let answer: (response: Response) => void = () => undefined;
    fakeServer({ 'PATCH /settings': () => new Promise((resolve) => (answer = resolve)) });
    const { store } = renderWithStore(<SettingsScreen />);
    fireEvent.press(await screen.findByLabelText('Torch'));
    await waitFor(() => expect(screen.getByLabelText('Torch')).toBeChecked());
    answer(refusal(500, 'The book is shut.'));
    await waitFor(() => expect(screen.getByLabelText('Torch')).not.toBeChecked());
    await waitFor(() => expect(store.getState().notices.current).not.toBeNull());
    expect(store.getState().notices.current).toEqual({ text: 'The book is shut.', problem: true });
  });
});
