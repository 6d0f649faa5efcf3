import { coinRoute, REFERENCE_KIT } from '@round-mint/core/route';
import { render, screen } from '@testing-library/react-native';
import { SoftnessGauge } from './gauge/SoftnessGauge';
import { Ladder } from './ladder/Ladder';
import { RouteStrip } from './route/RouteStrip';
import { framesOf } from './section/film';
import { FilmStrip } from './section/FilmStrip';
import { Section } from './section/Section';

const route = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'rounded', curlDeg: 25 },
  },
  { kit: REFERENCE_KIT },
)!;
const length = (mm: number) => `${mm.toFixed(1)} mm`;
const outlineOf = (kind: string) => route.steps.filter((step) => step.kind === kind).at(-1)!.outline;

describe('Section', () => {
  it('says what it draws: a straight band by its width, a leaning or rounded one by its height', () => {
    const { rerender } = render(
      <Section outline={outlineOf('reduce')} width={300} height={260} length={length} />,
    );
    expect(screen.getByLabelText(/Section of the wall: ⌀ 20\.\d mm inside, 8\.\d mm wide/)).toBeTruthy();
    rerender(<Section outline={outlineOf('curl')} width={300} height={260} length={length} />);
    expect(
      screen.getByLabelText(/⌀ 18\.9 mm inside, 8\.\d mm high, rim edge 2\.\d mm, cut edge 1\.\d mm/),
    ).toBeTruthy();
  });
});

describe('Ladder', () => {
  it('names target and pointers in the maker’s system', () => {
    render(
      <Ladder
        width={150}
        height={300}
        targetMm={18.9}
        primary="us"
        second="eu"
        pointers={[{ label: 'rim', diameterMm: 18.1 }]}
      />,
    );
    expect(screen.getByLabelText('Size ladder. Target US 9, EU 59.5; rim US 8')).toBeTruthy();
  });
});

describe('SoftnessGauge', () => {
  it('is a meter per edge and says when to anneal in words', () => {
    const { rerender } = render(<SoftnessGauge spent={{ cut: 0.06, rim: 0.03 }} allowanceStrainLog={0.12} />);
    expect(screen.getByText('50 %')).toBeTruthy();
    expect(screen.getByText('25 %')).toBeTruthy();
    rerender(<SoftnessGauge spent={{ cut: 0.15, rim: 0.03 }} allowanceStrainLog={0.12} />);
    expect(screen.getByText(/anneal now/)).toBeTruthy();
  });
});

describe('RouteStrip', () => {
  it('lists every step with its minutes, hands and waits apart', () => {
    render(<RouteStrip steps={route.steps} totals={route.totals} current={2} />);
    expect(screen.getAllByLabelText(/^\d+\. /)).toHaveLength(route.steps.length);
    expect(screen.getByLabelText('3. Anneal, 3 min, 2 min waiting')).toBeTruthy();
    expect(screen.getByText(`${route.totals.handsOnMin} min of hands`)).toBeTruthy();
  });
});

describe('FilmStrip', () => {
  it('has a frame for each blow that changes the wall, and for the flat washer', () => {
    render(
      <FilmStrip
        frames={framesOf(route.steps)}
        onChoose={() => undefined}
        write={(mm) => `${mm.toFixed(1)}`}
      />,
    );
    const blows = route.steps.filter(
      ({ kind, strainCutEdge, strainRimEdge }) =>
        kind === 'cut' || strainCutEdge !== 0 || strainRimEdge !== 0,
    );
    expect(blows.length).toBeGreaterThan(6);
    for (const { title } of blows) expect(screen.getAllByLabelText(title, { exact: false })).toHaveLength(1);
    expect(screen.queryByLabelText('Anneal')).toBeNull();
  });
});
