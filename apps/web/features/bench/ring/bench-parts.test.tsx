import type { NewRoute } from '@round-mint/core/replan';
import type { RouteStep } from '@round-mint/core/steps';
import { fireEvent, screen } from '@testing-library/react-native';
import { ringOf } from '@/testing/demo-ring';
import { fakeServer } from '@/testing/fake-server';
import { withBrowserStorage } from '@/testing/fake-storage';
import { renderWithStore } from '@/testing/render';
import { benchRing } from '@/features/shared/ring/bench-model';
import { CautionLine } from './CautionLine';
import { doubtWords, expectedAt } from './reading-model';
import { outOfReachWords, replanWords } from './replan-words';
import { cautionRead, useCautionSeen } from './use-caution-seen';

const { steps } = ringOf();
const stepOf = (kind: string) => steps.find((step) => step.kind === kind) as RouteStep;
const size = (mm: number) => `size ${mm.toFixed(1)}`;
const length = (mm: number) => `${mm.toFixed(1)} mm`;

/** A step's caution as the step shows it. */
function Told({ step }: { step: RouteStep }) {
  const seen = useCautionSeen(step.kind, 0);
  return <CautionLine caution={step.caution ?? ''} seen={seen} />;
}

jest.mock('expo-router', () => jest.requireActual('@/testing/router').fakeRouter());

describe('CautionLine', () => {
  const kept = withBrowserStorage();
  beforeEach(() => void fakeServer({}));

  it('is told in full the first time, in a line later, and opens again', () => {
    const step = stepOf('fold');
    const { unmount } = renderWithStore(<Told step={step} />);
    expect(screen.getByTestId('caution')).toHaveTextContent(/Never strike hardened steel/);
    unmount();
    cautionRead('fold');
    renderWithStore(<Told step={step} />);
    expect(screen.getByTestId('caution')).not.toHaveTextContent(/Never strike/);
    fireEvent.press(screen.getByText('all of it'));
    expect(screen.getByTestId('caution')).toHaveTextContent(/Never strike hardened steel/);
  });

  it('what another program has kept there is no reason to hide a caution', () => {
    kept.set('cautions-read', '{not a list');
    const step = stepOf('anneal');
    renderWithStore(<Told step={step} />);
    expect(screen.getByTestId('caution')).toHaveTextContent(/Quench away from your face/);
  });
});

describe('the words of a new route', () => {
  const route = (change: object, from: RouteStep[] = [stepOf('stretch')]): NewRoute =>
    ({
      steps: from,
      change: { next: from[0], counts: {}, annealNow: false, bandWidthMm: { from: 9, to: 9 }, ...change },
    }) as unknown as NewRoute;

  it('tell the next move, the counts that changed, the curl and the width', () => {
    const words = replanWords(
      route({
        counts: { stretch: 2, anneal: -1, polish: 1 },
        beforeCurlMm: { from: 21, to: 21.5 },
        reveal: { from: 4, to: 6.5 },
        bandWidthMm: { from: 9, to: 8.4 },
      }),
      size,
      length,
    );
    expect(words).toMatch(/^Next: stretch until the wall is straight/);
    expect(words).toContain('1 anneal fewer. 2 pulls more.');
    expect(words).toContain('Curl from size 21.5 instead of size 21.0.');
    expect(words).toContain('Stop at line 6.5 instead of 4.0.');
    expect(words).toContain('Band 8.4 mm wide instead of 9.0 mm.');
    expect(words).not.toContain('polish');
  });

  it('put the flame first when it is due now', () => {
    const words = replanWords(
      route({ annealNow: true }, [stepOf('anneal'), stepOf('stretch')]),
      size,
      length,
    );
    expect(words).toMatch(/^Anneal now\. Then: stretch/);
  });

  it('say why a size is out of reach', () => {
    expect(outOfReachWords('edge-too-thin')).toMatch(/cut edge/);
    expect(outOfReachWords('rim-would-grow')).toMatch(/rim/);
  });
});

describe('a reading on the sheet', () => {
  const bench = benchRing(ringOf());
  const reduce = stepOf('reduce');

  it('begins at what the plan expects, at the mark that is read', () => {
    expect(expectedAt(bench, reduce, 'leading')).toEqual(reduce.reading);
    const centre = expectedAt(bench, reduce, 'centre');
    expect(centre.cutDownMm).toBeLessThan(reduce.reading?.cutDownMm ?? 0);
  });

  it('is doubted in words only when metal does not do that', () => {
    const read = expectedAt(bench, reduce, 'leading');
    const past = { ...read, rimDownMm: 29 };
    expect(doubtWords(bench, reduce, past, 'leading', 'us')).toMatch(/wider outside than the coin/);
    const standing = { ...bench, state: { ...bench.state, edges: reduce.before } };
    expect(doubtWords(standing, reduce, read, 'leading', 'us')).toBeUndefined();
  });
});
