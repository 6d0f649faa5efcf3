import { fireEvent, screen, waitFor } from '@testing-library/react-native';
import type { ShownTool } from '@round-mint/contract/kit';
import { ringOf, workedTo } from '@/testing/demo-ring';
import { listOf, punchOf } from '@/testing/fake-server';
import { renderRing } from './test-ring-work';

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

const { steps } = ringOf();
const FOLD = steps.findIndex(({ kind, contact }) => kind === 'fold' && contact?.kind === 'fold-die');
const contact = steps[FOLD]?.contact;
const die = (n: number, change: Partial<ShownTool> = {}): ShownTool => ({
  ...punchOf(1, n),
  name: `die ${n}`,
  spec: {
    ...{ kind: 'fold-die', angleDeg: 17, mouthMm: 42 },
    smallEndMm: contact?.kind === 'fold-die' ? contact.smallEndMm : 14,
  },
  ...change,
});

/** At the first stroke in a die, with a kit. */
async function atFold(...kit: readonly ShownTool[]) {
  return atFoldWith(() => kit);
}

/** The same with a kit as it is whenever it is asked for. */
async function atFoldWith(kit: () => readonly ShownTool[]) {
  // Steps planned before tools were told: known by where they touch the wall.
  const planned = steps.map(({ toolId: _toolId, ...step }) => step);
  return renderRing(workedTo(FOLD), { 'GET /kit': () => listOf(...kit()) }, { steps: planned });
}

describe('a tool marked at the bench', () => {
  it('takes two taps, and goes with the ring', async () => {
    const faults: ShownTool['faults'] = [];
    const { sent } = await atFoldWith(() => [die(1, { faults: [...faults] })]);
    fireEvent.press(await screen.findByRole('button', { name: 'Mark a tool as dented, chipped or worn' }));
    faults.push('grooved');
    fireEvent.press(
      screen.getByRole('button', { name: 'Grooved: it wanders, and the wall goes down askew' }),
    );
    await waitFor(() => expect(sent().length).toBe(1));
    expect(sent()[0]).toEqual({ kind: 'tool-marked', toolId: die(1).id, fault: 'grooved' });
    expect(await screen.findByText(/^die 1 is grooved: it wanders/)).toBeTruthy();
  });

  it('marked so already, is not marked again', async () => {
    await atFold(die(1, { faults: ['grooved'] }));
    fireEvent.press(await screen.findByRole('button', { name: 'Mark a tool as dented, chipped or worn' }));
    expect(screen.getByRole('button', { name: /^Grooved/ })).toBeDisabled();
    expect(screen.getByText('Marked so already.')).toBeTruthy();
  });

  it('is told with its spare, which is used by one tap', async () => {
    const { sent } = await atFold(die(1, { faults: ['grooved'] }), die(2));
    expect(await screen.findByText(/Take die 2 instead\.$/)).toBeTruthy();
    fireEvent.press(screen.getByRole('button', { name: 'Use die 2' }));
    await waitFor(() => expect(sent().length).toBe(1));
    expect(sent()[0]).toEqual({ kind: 'tool-used', step: FOLD, toolId: die(2).id });
  });
});
