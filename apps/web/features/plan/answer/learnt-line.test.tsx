import { screen, waitFor } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { learntOf, valueOf } from '@/testing/learnt';
import { renderWithStore } from '@/testing/render';
import { LearntLine } from './LearntLine';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('LearntLine', () => {
  it('stands at a plan that goes by the log, and at no other', async () => {
    fakeServer({ 'GET /learnt': learntOf(valueOf()) });
    const { unmount } = renderWithStore(<LearntLine />);
    expect(await screen.findByText('Uses what 23 finished rings taught')).toBeTruthy();
    unmount();
    fakeServer({ 'GET /learnt': { ...learntOf(valueOf()), used: false } });
    renderWithStore(<LearntLine />);
    await waitFor(() => expect(screen.queryByTestId('learnt-line')).toBeNull());
  });
});
