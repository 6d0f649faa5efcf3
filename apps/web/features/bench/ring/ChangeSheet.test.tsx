import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { eventOf, RING_ID, stepIndex, workedTo } from '@/testing/demo-ring';
import { listOf, punchOf } from '@/testing/fake-server';
import { handleRingOf } from '@/testing/work-ring';
import { router } from '@/testing/router';
import { renderRing, renderWork } from './test-ring-work';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('what is other than planned', () => {
  beforeEach(() => jest.clearAllMocks());

  /** Opens what is different, at one of its parts. */
  function change(part: string): void {
    fireEvent.press(screen.getByLabelText('Something is other than planned'));
    fireEvent.press(screen.getByRole('radio', { name: part }));
  }

  it('plans on to another size, with its reason', async () => {
    const { sent } = await renderRing(workedTo(stepIndex('stretch')));
    change('the size');
    fireEvent.changeText(screen.getByLabelText('Size from here on'), 'quite wide');
    expect(screen.getByRole('button', { name: 'Plan on to this size' })).toBeDisabled();
    fireEvent.changeText(screen.getByLabelText('Size from here on'), 'US 8');
    fireEvent.changeText(screen.getByLabelText('Why'), 'Read again on a warm day');
    fireEvent.press(screen.getByRole('button', { name: 'Plan on to this size' }));
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toEqual({
      kind: 'target-changed',
      insideDiameterMm: expect.closeTo(18.1356, 3),
      why: 'Read again on a warm day',
    });
  });

  it('leaves a step out, and tells another wall', async () => {
    const { sent } = await renderRing(workedTo(1));
    change('skip the step');
    fireEvent.press(screen.getByRole('button', { name: 'Leave this step out' }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'step-skipped', step: 1 }]));
    change('the wall');
    fireEvent.press(screen.getByRole('radio', { name: 'rounded' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[1]).toMatchObject({ kind: 'wall-changed', wall: 'rounded', curl: { depth: 'half' } });
  });

  it('puts a step in before the one at hand', async () => {
    const { sent } = await renderRing(workedTo(stepIndex('stretch')));
    change('add a step');
    fireEvent.press(screen.getByRole('radio', { name: 'levelling' }));
    await waitFor(() =>
      expect(sent()).toEqual([{ kind: 'step-added', after: stepIndex('stretch') - 1, stepKind: 'flatten' }]),
    );
  });

  it('tells another tool of the kit, which the step then names', async () => {
    const tool = punchOf(12.7, 3);
    const used = eventOf(91, { kind: 'tool-used', step: 0, toolId: tool.id, setting: 'new edge' });
    const { sent } = await renderRing([used], { 'GET /kit': listOf(tool) });
    expect(await screen.findByText(`With: ${tool.name}, new edge`)).toBeTruthy();
    change('the tool');
    fireEvent.press(screen.getByRole('radio', { name: tool.name }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'tool-used', step: 0, toolId: tool.id }]));
  });

  it('keeps a note, and only one with words', async () => {
    const { sent } = await renderRing([]);
    change('a note');
    expect(screen.getByRole('button', { name: 'Save note' })).toBeDisabled();
    fireEvent.changeText(screen.getByLabelText('In your words'), ' hole 24, face B ');
    fireEvent.press(screen.getByRole('button', { name: 'Save note' }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'note', text: 'hole 24, face B' }]));
  });

  it('makes lapped ends meet, and offers it only where they lap', async () => {
    const { sent } = await renderWork(handleRingOf());
    change('the joint');
    fireEvent.press(screen.getByRole('button', { name: 'Make the ends meet' }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'style-changed', style: 'straight' }]));
    screen.unmount();
    const told = eventOf(90, { kind: 'style-changed', style: 'straight' });
    await renderWork(handleRingOf([told]));
    expect(screen.getByText(/^Now with ends that meet\./)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Something is other than planned'));
    expect(screen.queryByRole('radio', { name: 'the joint' })).toBeNull();
  });

  it('archives the ring, with undo', async () => {
    const { calls } = await renderRing([], { [`DELETE /rings/${RING_ID}`]: null });
    // The first row alone removes nothing.
    expect(screen.queryByText(/^Archive/)).toBeNull();
    fireEvent.press(screen.getByLabelText('Something is other than planned'));
    fireEvent.press(screen.getByRole('radio', { name: 'archive it' }));
    fireEvent.press(screen.getByRole('button', { name: 'Archive this ring' }));
    await waitFor(() => expect(router.replace).toHaveBeenCalledWith('/bench'));
    expect(calls.some(({ method }) => method === 'DELETE')).toBe(true);
  });
});
