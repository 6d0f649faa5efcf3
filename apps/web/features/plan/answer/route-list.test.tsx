import { stopAt, stopWords } from '@round-mint/core/bench';
import { type Kit, REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { fireEvent, screen } from '@testing-library/react-native';
import { tapeWords } from '@/features/shared/words/tape-words';
import { fakeServer } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { RouteList } from './RouteList';

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
    renderWithStore(<RouteList steps={steps} />);
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
    screen.rerender(<RouteList steps={known} />);
    expect(screen.getAllByText(/nine of ten within 0\.21 mm, as this die’s readings say$/).length).toBe(
      steps.filter(({ kind, reading }) => kind === 'fold' && reading).length,
    );
    expect(screen.getAllByText(/pusher in the long die, under tape/).length).toBeGreaterThan(0);
    expect(screen.getAllByText(/^\d+\. /)).toHaveLength(steps.length);
  });
});
