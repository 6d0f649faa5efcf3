import { stopAt, stopWords } from '@round-mint/core/bench';
import { type Kit, REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { fireEvent, screen } from '@testing-library/react-native';
import { tapeWords } from '@/features/shared/words/tape-words';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import type { RouteStep } from '@round-mint/core/steps';
import { RouteList } from './RouteList';
import { routePaper } from './route-paper';

const PUSHERS: Kit = [22, 21, 20, 19, 18].map((diameterMm) => ({
  id: `p${diameterMm}`,
  name: `${diameterMm} mm pusher`,
  spec: { kind: 'stepped-pusher', diameterMm },
}));

describe('tapeWords', () => {
  it('names turns, length and the mark, in metres or inches', () => {
    expect(tapeWords({ turns: 25, lengthMm: 2130 }, (mm) => `${mm} mm`)).toBe('25 turns of tape, 2.1 m');
    expect(tapeWords({ turns: 15, lengthMm: 1270, reveal: 3 }, (mm) => `${mm} in`)).toBe(
      '15 turns of tape, 50 in, stop with 3 lines showing',
    );
  });
});

describe('RouteList', () => {
  it('lists every step with its tool, reading, springback, tape and care', () => {
    fakeServer({});
    const { steps } = coinRoute(
      {
        coin: { diameterMm: 37.7, rimThicknessMm: 2.6, metal: 'silver-900' },
        holeMm: 12.7,
        targetInsideDiameterMm: 18.9,
        wall: { kind: 'straight' },
      },
      { kit: [...REFERENCE_KIT, ...PUSHERS] },
    )!;
    renderWithStore(<RouteList about="Test brenn, US 9" steps={steps} />);
    fireEvent.press(screen.getByRole('button', { name: `All ${steps.length} steps, tools and readings` }));
    expect(screen.getByText(/^PTFE tape for this ring: \d+ turns of tape, \d+\.\d m\.$/)).toBeTruthy();
    // The same mark as the bench will say when the step is at hand.
    const read = steps.filter(({ kind, reading }) => reading && kind !== 'fold');
    expect(read.length).toBeGreaterThan(3);
    for (const step of read) {
      const mark = stopWords(stopAt(step, 'us')!, 'us');
      expect(screen.getAllByText(mark, { exact: false }).length).toBeGreaterThan(0);
    }
    expect(screen.getAllByText(/^stop at US .*; taken half a mark past it$/).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/^about US .*½ size either way$/)).toHaveLength(
      steps.filter(({ kind, reading }) => kind === 'fold' && reading).length,
    );
    const known = steps.map((step) =>
      step.kind === 'fold' ? { ...step, funnel: { growthMm: 0.3, scatterMm: 0.21 } } : step,
    );
    screen.rerender(<RouteList about="Test brenn, US 9" steps={known} />);
    expect(screen.getAllByText(/nine of ten within 0\.21 mm, as this die’s readings say$/).length).toBe(
      steps.filter(({ kind, reading }) => kind === 'fold' && reading).length,
    );
    expect(screen.getAllByText(/pusher in the long die, under tape/).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/^\d+\. /)).toHaveLength(steps.length);
  });
});

describe('the sheet for the wall', () => {
  const stepOf = (title: string, kind: RouteStep['kind'], caution?: string) =>
    ({ title, kind, handsOnMin: 4, waitMin: 0, ...(caution ? { caution } : {}) }) as RouteStep;

  it('has a box for each step, and tells a caution where it first stands', () => {
    const steps = [
      stepOf('Fold, stroke 1 of 2', 'fold', 'Hands clear.'),
      stepOf('Anneal', 'anneal', 'Ventilate.'),
      stepOf('Fold, stroke 2 of 2', 'fold', 'Hands clear.'),
    ];
    const { title, blocks } = routePaper({ about: 'Test brenn, US 9', steps, done: 0 }, ({ title: of }) => [
      `${of} by hand`,
    ]);
    expect(title).toBe('Route: Test brenn, US 9');
    expect(blocks).toContainEqual({ kind: 'text', text: '3 steps, 1 anneal' });
    expect(blocks.filter(({ kind }) => kind === 'task')).toEqual([
      {
        kind: 'task',
        label: '1. Fold, stroke 1 of 2',
        value: '4 min',
        notes: ['Fold, stroke 1 of 2 by hand', 'Take care: Hands clear.'],
      },
      {
        kind: 'task',
        label: '2. Anneal',
        value: '4 min',
        notes: ['Anneal by hand', 'Take care: Ventilate.'],
      },
      {
        kind: 'task',
        label: '3. Fold, stroke 2 of 2',
        value: '4 min',
        notes: ['Fold, stroke 2 of 2 by hand'],
      },
    ]);
  });

  it('of a ring in work has what is to come, under its number in the route', () => {
    const steps = [stepOf('Punch', 'cut', 'Hands clear.'), stepOf('Anneal', 'anneal', 'Ventilate.')];
    const { blocks } = routePaper({ about: 'Quay ring', steps, done: 1 }, () => []);
    expect(blocks).toContainEqual({ kind: 'text', text: '1 of 2 steps to come, 1 anneal' });
    expect(blocks.filter(({ kind }) => kind === 'task')).toMatchObject([{ label: '2. Anneal' }]);
  });
});
