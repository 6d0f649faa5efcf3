import { fireEvent, screen } from '@testing-library/react-native';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore, settle } from '@/testing/render';
import { DemoBar } from './DemoBar';

const health = (demo: boolean) => ({ ok: true, version: '1', database: 'pglite', schema: 9, demo });

describe('DemoBar', () => {
  it('says that the workshop is made up, and how to begin one’s own', async () => {
    fakeServer({ 'GET /health': health(true) });
    renderWithStore(<DemoBar />);
    expect(await screen.findByText(/made-up workshop/)).toBeTruthy();
    fireEvent.press(screen.getByText('Start my own'));
    expect(screen.getByText('npm start')).toBeTruthy();
  });

  it('is not there in a maker’s own', async () => {
    fakeServer({ 'GET /health': health(false) });
    renderWithStore(<DemoBar />);
    await settle();
    expect(screen.queryByTestId('demo-bar')).toBeNull();
  });
});
