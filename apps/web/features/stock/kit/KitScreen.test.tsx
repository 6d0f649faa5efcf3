import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, punchOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { KitScreen } from './KitScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('KitScreen', () => {
  it('groups tools by what they are for', async () => {
    fakeServer({ 'GET /kit': listOf(punchOf(12.7, 1), punchOf(14.3, 2)) });
    renderWithStore(<KitScreen />);
    expect(await screen.findByText('Punches')).toBeTruthy();
    expect(screen.getByText('14.30 mm')).toBeTruthy();
    expect(screen.queryByText('Stretchers')).toBeNull();
  });

  it('says what plans use while there are none', async () => {
    fakeServer({ 'GET /kit': listOf() });
    renderWithStore(<KitScreen />);
    expect(await screen.findByText(/plans go by a reference kit/)).toBeTruthy();
  });

  it('adds a tool after its figures are right', async () => {
    const calls = fakeServer({ 'GET /kit': listOf(punchOf(12.7, 1)), 'POST /kit': () => punchOf(13.2, 3) });
    renderWithStore(<KitScreen />);
    fireEvent.press(await screen.findByRole('button', { name: 'Add a tool' }));
    fireEvent.press(screen.getByRole('button', { name: 'Add the tool' }));
    expect(await screen.findByText('✕ must not be empty')).toBeTruthy();
    expect(screen.getByText('✕ must be a length from 2 to 60 mm')).toBeTruthy();
    const [name, diameter] = screen.getAllByDisplayValue('');
    fireEvent.changeText(name!, 'odd punch');
    fireEvent.changeText(diameter!, '13.2');
    fireEvent.press(screen.getByRole('button', { name: 'Add the tool' }));
    await waitFor(() => expect(calls.some(({ method }) => method === 'POST')).toBe(true));
    expect(calls.find(({ method }) => method === 'POST')?.body).toMatchObject({
      name: 'odd punch',
      spec: { kind: 'punch', diameterMm: 13.2, selfCentring: false },
    });
  });

  it('archives a tool, with undo', async () => {
    const punch = punchOf(12.7, 1);
    fakeServer({ 'GET /kit': listOf(punch), [`DELETE /kit/${punch.id}`]: null });
    const { store } = renderWithStore(<KitScreen />);
    fireEvent.press(await screen.findByLabelText('Archive 12.7 mm punch'));
    await waitFor(() =>
      expect(store.getState().notices.current?.undo).toEqual({ kind: 'tool', id: punch.id }),
    );
  });
});
