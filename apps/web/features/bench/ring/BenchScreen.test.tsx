import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { eventOf, RING_ID, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { nameOf, renderWithStore } from '@/testing/render';
import { router } from '@/testing/router';
import { BenchScreen } from './BenchScreen';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('BenchScreen', () => {
  it('shows the next action of every ring in work, the one touched last first', async () => {
    const older = ringOf(workedTo(stepIndex('fold')), { id: 'older', name: 'Older' });
    const newer = ringOf([eventOf(59, { kind: 'step-done', step: 0 })], { name: 'Newer' });
    const done = ringOf([], { id: 'done', name: 'Done', status: 'finished' });
    fakeServer({ 'GET /rings/in-full': listOf(older, newer, done) });
    renderWithStore(<BenchScreen />);
    expect(await screen.findByText('2 in work')).toBeTruthy();
    const actions = screen.getAllByRole('link').map(nameOf);
    expect(actions).toEqual([
      'Newer: Deburr the hole',
      expect.stringMatching(/^Older: Fold, stroke 1 of \d, to US \S+$/),
    ]);
    fireEvent.press(screen.getByLabelText('Newer: Deburr the hole'));
    expect(router.push).toHaveBeenCalledWith({ pathname: '/bench/[id]', params: { id: RING_ID } });
  });

  it('goes by the route that follows from what was found: size and steps are those of the ring itself', async () => {
    const wanted = eventOf(90, { kind: 'target-changed', insideDiameterMm: 18.1356, why: 'Read again' });
    const ring = ringOf([...workedTo(stepIndex('stretch')), wanted], { name: 'Now smaller' });
    fakeServer({ 'GET /rings/in-full': listOf(ring), 'GET /kit': listOf(), 'GET /die-charts': listOf() });
    renderWithStore(<BenchScreen />);
    expect(await screen.findByText(/→ US 8$/)).toBeTruthy();
    const kept = `Now smaller · step ${stepIndex('stretch') + 1} of ${ring.steps.length}`;
    // Yes or no: a node that is still there takes seconds to print, each time it is looked for.
    await waitFor(() => expect(screen.queryByText(kept) === null).toBe(true));
    expect(screen.getByText(/^Now smaller · step \d+ of \d+$/)).toBeTruthy();
  });

  it('says how to begin when nothing is in work', async () => {
    fakeServer({ 'GET /rings/in-full': listOf() });
    renderWithStore(<BenchScreen />);
    expect(await screen.findByText('No ring in work.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Plan a ring' }));
    expect(router.navigate).toHaveBeenCalledWith('/plan');
  });
});
