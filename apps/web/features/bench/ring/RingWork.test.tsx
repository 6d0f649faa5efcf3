import type { RingEventInput } from '@round-mint/contract/rings';
import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import { courseOf, eventOf, ringOf, stepIndex, workedTo } from '@/testing/demo-ring';
import { listOf, refusal } from '@/testing/fake-server';
import { router } from '@/testing/router';
import { RING_EVENTS, renderRing } from './test-ring-work';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('RingWork', () => {
  beforeEach(() => jest.clearAllMocks());

  it('shows one verb, where to stop, the caution, and what comes next', async () => {
    await renderRing([]);
    expect(screen.getByTestId('verb')).toHaveTextContent('Punch');
    expect(screen.getByTestId('stop-mark')).toHaveTextContent('hole 12.7 mm');
    expect(screen.getByTestId('caution')).toHaveTextContent(/razors/);
    expect(screen.getByText('Next: deburr the hole')).toBeTruthy();
    expect(screen.queryByText('Log reading')).toBeNull();
  });

  it('logs a step done, once', async () => {
    const { sent } = await renderRing([]);
    fireEvent.press(screen.getByTestId('step-done'));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'step-done', step: 0 }]));
  });

  it('dims the light by itself at the flame, lets it be turned up, and logs the anneal with its step', async () => {
    const anneal = stepIndex('anneal');
    const { sent, store } = await renderRing(workedTo(anneal));
    expect(screen.getByTestId('stop-mark')).toHaveTextContent(/Soften at 600–650 °C/);
    expect(store.getState().light.dimmed).toBe(true);
    fireEvent.press(screen.getByText('Day light'));
    expect(store.getState().light.dimmed).toBe(false);
    fireEvent.press(screen.getByText('Anneal done'));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'anneal-done', step: anneal }]));
  });

  it('answers a crack with what is left when it is filed out, and notes it', async () => {
    const { sent } = await renderRing(workedTo(stepIndex('stretch')), { 'GET /kit': listOf() });
    fireEvent.press(screen.getByRole('button', { name: 'Something went wrong' }));
    fireEvent.press(screen.getByText('A crack at the cut edge'));
    const [length] = screen.getAllByDisplayValue('');
    fireEvent.changeText(length!, 'long');
    expect(screen.getByText(/✕ a length in mm/)).toBeTruthy();
    fireEvent.changeText(length!, '0.6');
    expect(await screen.findByText(/File the cut edge back by 0\.9 mm: the ring can be saved/)).toBeTruthy();
    expect(screen.getByText(/mm wide, before 9\.\d mm/)).toBeTruthy();
    fireEvent.press(await screen.findByRole('button', { name: 'File it back and plan on' }));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[0]).toEqual({ kind: 'trouble', symptom: 'crack-at-cut-edge', crackMm: 0.6 });
    expect(sent()[1]).toMatchObject({
      kind: 'rerouted',
      fromStep: stepIndex('stretch'),
      steps: expect.arrayContaining([expect.objectContaining({ kind: 'file' })]),
      why: expect.stringMatching(/Band .* wide instead of/),
    });
  });

  it('shows remedies of other steps too, and says when nothing can be saved', async () => {
    await renderRing(workedTo(stepIndex('stretch')), { 'GET /kit': listOf() });
    fireEvent.press(screen.getByRole('button', { name: 'Something went wrong' }));
    expect(screen.queryByText('Silver is pink after the pickle')).toBeNull();
    fireEvent.press(screen.getByText('something else'));
    expect(screen.getByText('Silver is pink after the pickle')).toBeTruthy();
    fireEvent.press(screen.getByText('A crack at the cut edge'));
    fireEvent.changeText(screen.getAllByDisplayValue('')[0]!, '6');
    expect(await screen.findByText('It runs too far: no ring is left of this wall.')).toBeTruthy();
    fireEvent.press(screen.getByText('it looks different'));
    expect(screen.getByText('What does it look like?')).toBeTruthy();
  });

  it('asks what tells one cause from another, and goes on to a reading that plans the way on', async () => {
    const { sent } = await renderRing(workedTo(stepIndex('reduce')), { 'GET /kit': listOf() });
    fireEvent.press(screen.getByRole('button', { name: 'Something went wrong' }));
    fireEvent.press(screen.getByText('The two edges read differently'));
    fireEvent.press(screen.getByLabelText('the rim edge'));
    expect(screen.getAllByText(/Rim edge down into the die/).length).toBeGreaterThan(0);
    fireEvent.press(screen.getByText('Log a reading: plan on from it'));
    expect(screen.getByLabelText('Which way round')).toBeTruthy();
    await waitFor(() => expect(sent()).toEqual([{ kind: 'trouble', symptom: 'edges-differ' }]));
  });

  it('takes back what was logged last', async () => {
    const events = workedTo(2);
    const { sent } = await renderRing(events);
    fireEvent.press(screen.getByLabelText('Undo what was logged last'));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'undone', eventId: events[1]?.id }]));
  });

  it('logs a reading both ways round, begun from what the plan expects', async () => {
    const reduce = stepIndex('read');
    const { sent } = await renderRing(workedTo(reduce));
    fireEvent.press(screen.getByRole('button', { name: 'Log reading' }));
    fireEvent.press(screen.getByLabelText('Rim edge down: one mark larger'));
    expect(screen.getByLabelText(/^Rim edge down: US 9¼/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText(/^Cut edge down: US 9/));
    fireEvent.press(screen.getByLabelText('millimetres, from a calliper'));
    ['1', '8', 'decimal point', '8', '8', 'delete the last'].forEach((key) =>
      fireEvent.press(screen.getByLabelText(key)),
    );
    fireEvent.press(screen.getByLabelText('at the middle'));
    fireEvent.press(screen.getAllByRole('button', { name: 'Log reading' }).at(-1)!);
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({ kind: 'reading', cutDownMm: 18.8, mark: 'centre' });
    expect(sent()[0]).toHaveProperty('rimDownMm', expect.closeTo((0.458 + 0.032 * 9.25) * 25.4, 3));
  });

  it('takes a size by one tap of the pad, and asks once about one that cannot be', async () => {
    const reduce = stepIndex('reduce');
    const { sent } = await renderRing(workedTo(reduce));
    fireEvent.press(screen.getByRole('button', { name: 'Log reading' }));
    const [tap] = screen.getAllByLabelText(/^Rim edge down US /);
    fireEvent.press(tap!);
    expect(screen.getAllByLabelText(/^Cut edge down US /)).toHaveLength(9);
    // Far from the plan it is two taps: the whole size, then the mark.
    fireEvent.press(screen.getByLabelText('Cut edge down: marks round US 11'));
    fireEvent.press(screen.getByLabelText('Cut edge down US 11½'));
    expect(screen.getByLabelText(/^Cut edge down: US 11½/)).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Cut edge down: marks round US 9'));
    fireEvent.press(screen.getByLabelText('Cut edge down US 9'));
    for (let i = 0; i < 14; i++) fireEvent.press(screen.getByLabelText('Cut edge down: one mark smaller'));
    fireEvent.press(screen.getAllByRole('button', { name: 'Log reading' }).at(-1)!);
    expect(screen.getByTestId('doubt')).toHaveTextContent(/outside of where this step begins and ends/);
    expect(sent()).toEqual([]);
    fireEvent.press(screen.getByRole('button', { name: 'Log it all the same' }));
    await waitFor(() => expect(sent()[0]).toMatchObject({ kind: 'reading', mark: 'leading' }));
  });

  it('says what is to go of a reading part of the way, and adds nothing to the route', async () => {
    const stretch = stepIndex('stretch');
    const { from, mark } = courseOf(stretch);
    const half = (from + mark) / 2;
    const short = eventOf(90, { kind: 'reading', rimDownMm: half, cutDownMm: half, mark: 'leading' });
    await renderRing([...workedTo(stretch), short], { 'GET /kit': listOf(), 'GET /die-charts': listOf() });
    expect(screen.getByTestId('reading-verdict')).toHaveTextContent(
      /sizes? to go: about \d pulls?, turned 45°/,
    );
    expect(screen.getByText(new RegExp(`step ${stretch + 1} of ${ringOf().steps.length}$`))).toBeTruthy();
  });

  it('asks once when a step is done and its last reading is off the mark', async () => {
    const stretch = stepIndex('stretch');
    const { from, mark } = courseOf(stretch);
    const half = (from + mark) / 2;
    const short = eventOf(90, { kind: 'reading', rimDownMm: half, cutDownMm: half, mark: 'leading' });
    const { sent } = await renderRing([...workedTo(stretch), short], {
      'GET /kit': listOf(),
      'GET /die-charts': listOf(),
    });
    fireEvent.press(screen.getByTestId('step-done'));
    expect(screen.getByText(/^Last read US .*; the mark is US /)).toBeTruthy();
    expect(sent()).toEqual([]);
    fireEvent.press(screen.getByRole('button', { name: /^Go on from US/ }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'step-done', step: stretch, asRead: true }]));
  });

  it('plans the rest again at once from a reading past the mark; it is kept when the maker goes on', async () => {
    const stretch = stepIndex('stretch');
    const { mark } = courseOf(stretch);
    const past = eventOf(90, {
      kind: 'reading',
      rimDownMm: mark + 0.9,
      cutDownMm: mark + 0.9,
      mark: 'leading',
    });
    const { sent } = await renderRing([...workedTo(stretch), past], {
      'GET /kit': listOf(),
      'GET /die-charts': listOf(),
    });
    await waitFor(() =>
      expect(screen.getByTestId('reading-verdict')).toHaveTextContent(/larger than its mark\. Next: /),
    );
    expect(sent()).toEqual([]);
    fireEvent.press(screen.getByTestId('step-done'));
    await waitFor(() => expect(sent()).toHaveLength(2));
    expect(sent()[0]).toMatchObject({
      kind: 'rerouted',
      because: past.id,
      fromStep: stretch + 1,
      derived: true,
      why: expect.stringMatching(/Next: /),
    });
    expect(sent()[1]).toEqual({ kind: 'step-done', step: stretch });
  });

  const NO_TOOLS = { 'GET /kit': listOf(), 'GET /die-charts': listOf() };
  /** The punch left a far smaller hole than planned. */
  const smallHole = (diameterMm: number) => [
    ...workedTo(1),
    eventOf(90, { kind: 'hole-measured', diameterMm }),
  ];

  it('goes on with a thin cut edge only for a reason, or to the size that keeps it', async () => {
    const { sent } = await renderRing(smallHole(4), NO_TOOLS);
    expect(await screen.findByTestId('thin-edge')).toHaveTextContent(
      /US 9 leaves 0\.\d\d mm at the cut edge/,
    );
    // The step itself asks as well.
    fireEvent.press(screen.getByTestId('step-done'));
    const [, goOn] = screen.getAllByRole('button', { name: 'Go on to US 9' });
    expect(goOn).toBeDisabled();
    fireEvent.changeText(screen.getByLabelText('Why it may be so thin'), 'She likes it fine');
    fireEvent.press(goOn!);
    await waitFor(() => expect(sent()).toHaveLength(1));
    expect(sent()[0]).toMatchObject({
      kind: 'rerouted',
      why: expect.stringMatching(/^US 9 with a cut edge of 0\.\d\d mm: She likes it fine\./),
    });
  });

  it('makes it the nearest size that keeps the edge, in one tap', async () => {
    const { sent } = await renderRing(smallHole(4), NO_TOOLS);
    fireEvent.press(await screen.findByRole('button', { name: /^Make it US .* instead$/ }));
    await waitFor(() => expect(sent()[0]).toMatchObject({ kind: 'rerouted' }));
    expect((sent()[0] as { targetInsideDiameterMm: number }).targetInsideDiameterMm).toBeLessThan(18.6);
  });

  it('asks for a reading where it decides what comes next, and lets the maker go on', async () => {
    const trueUp = stepIndex('true-up');
    const { sent } = await renderRing(workedTo(trueUp));
    fireEvent.press(screen.getByTestId('step-done'));
    expect(screen.getByText('Nothing was read in this step.')).toBeTruthy();
    expect(sent()).toEqual([]);
    fireEvent.press(screen.getByRole('button', { name: 'Go on without' }));
    await waitFor(() => expect(sent()).toEqual([{ kind: 'step-done', step: trueUp }]));
  });

  it('offers the nearest size when the one wanted has come out of reach', async () => {
    const coin = { diameterMm: 30, rimThicknessMm: 1.1, metal: 'silver-900' } as const;
    const { sent } = await renderRing(smallHole(4), NO_TOOLS, { coin });
    expect(await screen.findByTestId('out-of-reach')).toHaveTextContent(/out of reach/);
    fireEvent.press(screen.getByRole('button', { name: /^Make it US/ }));
    await waitFor(() => expect(sent()[0]).toMatchObject({ kind: 'rerouted' }));
    expect((sent()[0] as { targetInsideDiameterMm: number }).targetInsideDiameterMm).not.toBeCloseTo(18.9, 1);
  });

  it('keeps a failed event and sends the very same again', async () => {
    const ids: string[] = [];
    await renderRing([], {
      [RING_EVENTS]: ({ body }: { body: { events: RingEventInput[] } }) => {
        ids.push(body.events[0]!.id);
        return ids.length === 1 ? refusal(500, 'The lamp went out.') : ringOf();
      },
    });
    fireEvent.press(screen.getByTestId('step-done'));
    expect(await screen.findByText('The lamp went out.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Send again' }));
    await waitFor(() => expect(ids).toHaveLength(2));
    expect(ids[0]).toBe(ids[1]);
    await waitFor(() => expect(screen.queryByText('The lamp went out.')).toBeNull());
  });

  it('asks for the calliper when all is done, and finishes with what was measured', async () => {
    const all = ringOf().steps.length;
    const { sent } = await renderRing(workedTo(all));
    expect(screen.getByText('The finished size was not read.')).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Finish this ring' }));
    expect(screen.getByText('✕ must be a length such as 9.1')).toBeTruthy();
    const [width, cut] = screen.getAllByDisplayValue('');
    fireEvent.changeText(width!, '90,5');
    fireEvent.press(screen.getByRole('button', { name: 'Finish this ring' }));
    expect(screen.getByText('✕ must be a length from 0.5 to 40 mm')).toBeTruthy();
    fireEvent.changeText(width!, '19,05');
    fireEvent.press(screen.getByRole('button', { name: 'Finish this ring' }));
    expect(screen.getByTestId('far-from-plan')).toHaveTextContent(/Width 19,05, plan 9\.1 mm/);
    expect(sent()).toEqual([]);
    fireEvent.changeText(width!, '9,05');
    fireEvent.changeText(cut!, 'thin');
    fireEvent.press(screen.getByRole('button', { name: 'Finish with these figures' }));
    expect(screen.getByText('✕ must be a length such as 1.45')).toBeTruthy();
    expect(sent()).toEqual([]);
    fireEvent.changeText(cut!, '1.4');
    fireEvent.press(screen.getByRole('button', { name: 'Finish with these figures' }));
    await waitFor(() => expect(router.replace).toHaveBeenCalled());
    expect(sent()).toEqual([
      { kind: 'measured', bandWidthMm: 9.05, thicknessCutEdgeMm: 1.4 },
      { kind: 'finished' },
    ]);
  });
});
