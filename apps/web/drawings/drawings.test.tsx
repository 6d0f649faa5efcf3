import { workWords } from '@round-mint/core/format';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { render, screen } from '@testing-library/react-native';
import { judgeLand } from '@round-mint/core/forming';
import { SizeSpread } from './chance/SizeSpread';
import { LandDrawing } from './coin/LandDrawing';
import { DieChartDrawing } from './die-chart/DieChartDrawing';
import { SoftnessGauge } from './gauge/SoftnessGauge';
import { Ladder } from './ladder/Ladder';
import { RouteStrip } from './route/RouteStrip';
import { framesOf, momentAt } from './section/film';
import { FilmStrip } from './section/FilmStrip';
import { LegendStretch } from './section/LegendStretch';
import { Section } from './section/Section';
import { StageDrawing } from './section/StageDrawing';

const route = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'rounded', curlDeg: 25 },
    school: 'over-stretch',
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
  const edges = (cut: number, rim: number) => [
    { name: 'Cut edge', spentStrainLog: cut },
    { name: 'Rim edge', spentStrainLog: rim },
  ];

  it('is a meter per edge and says when to anneal in words', () => {
    const { rerender } = render(<SoftnessGauge gauges={edges(0.06, 0.03)} allowanceStrainLog={0.12} />);
    expect(screen.getByText('50%')).toBeTruthy();
    expect(screen.getByText('25%')).toBeTruthy();
    rerender(<SoftnessGauge gauges={edges(0.15, 0.03)} allowanceStrainLog={0.12} />);
    expect(screen.getByText(/anneal now/)).toBeTruthy();
  });
});

describe('RouteStrip', () => {
  it('lists every step with its minutes, hands and waits apart', () => {
    render(<RouteStrip steps={route.steps} totals={route.totals} current={2} />);
    expect(screen.getAllByLabelText(/^\d+\. /)).toHaveLength(route.steps.length);
    expect(screen.getByLabelText('3. Anneal, 3 min, 2 min waiting')).toBeTruthy();
    expect(screen.getByText(workWords(route.totals.handsOnMin))).toBeTruthy();
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

describe('StageDrawing', () => {
  const frames = framesOf(route.steps);

  it.each([0, 1.5, frames.length - 1])('draws the film at %s', (place) => {
    const moment = momentAt(frames, place)!;
    render(
      <StageDrawing moment={moment} frames={frames} width={300} height={200} describe={`at ${place}`} />,
    );
    expect(screen.getByLabelText(`at ${place}`)).toBeTruthy();
    // Three layers of the wall, a part of the tool at least, and the ghost of what was before.
    const paths = JSON.stringify(screen.toJSON()).split('"RNSVGPath"').length - 1;
    expect(paths).toBeGreaterThanOrEqual(moment.before ? 5 : 4);
  });
});

describe('LegendStretch', () => {
  it('says how wide letters become at both edges', () => {
    const flat = framesOf(route.steps)[0]!.outline;
    const { rerender } = render(<LegendStretch letters="TARN 1929" flat={flat} now={flat} width={300} />);
    expect(
      screen.getByLabelText(/rim edge letters 100% as wide, cut edge letters 100% as wide/),
    ).toBeTruthy();
    rerender(<LegendStretch letters="TARN 1929" flat={flat} now={outlineOf('curl')} width={300} />);
    expect(
      screen.getByLabelText(/rim edge letters [67]\d% as wide, cut edge letters 1[3-7]\d% as wide/),
    ).toBeTruthy();
  });
});

describe('SizeSpread', () => {
  it('names the interval that ninety rings lie in', () => {
    const bins = [
      { from: 18.7, to: 18.9, count: 4 },
      { from: 18.9, to: 19.1, count: 5 },
    ];
    render(
      <SizeSpread
        bins={bins}
        interval={{ low: 18.75, middle: 18.9, high: 19.05 }}
        targetMm={18.9}
        width={280}
        write={() => 'US 9'}
      />,
    );
    expect(screen.getByLabelText(/between 18\.75 and 19\.05 mm/)).toBeTruthy();
  });
});

describe('DieChartDrawing', () => {
  it('marks where to stop for the size wanted', () => {
    const observations = [
      { reveal: 1, insideDiameterMm: 18.2 },
      { reveal: 5, insideDiameterMm: 19.4 },
    ];
    const want = { insideDiameterMm: 18.8, reveal: 3, extrapolated: false };
    render(
      <DieChartDrawing
        observations={observations}
        want={want}
        width={300}
        height={200}
        write={() => 'US 8¾'}
      />,
    );
    expect(screen.getByLabelText('Die chart of 2 observations; for US 8¾ stop at reveal 3.0')).toBeTruthy();
  });
});

describe('LandDrawing', () => {
  const readings = [0, 90, 180, 270].map((angleDeg, i) => ({ angleDeg, mm: [9.1, 9.55, 9.1, 8.65][i] ?? 0 }));

  it('counts what was measured until there is a verdict, then says where to file', () => {
    const shared = { diameterMm: 30.9, holeMm: 12.7, places: 4, size: 300 };
    const { rerender } = render(
      <LandDrawing {...shared} readings={readings.slice(0, 2)} verdict={undefined} />,
    );
    expect(screen.getByLabelText('The punched coin, 2 of 4 places measured')).toBeTruthy();
    rerender(<LandDrawing {...shared} readings={readings} verdict={judgeLand(30.9, 12.7, readings)} />);
    expect(screen.getByLabelText('The punched coin, wide side at 3:00, file there')).toBeTruthy();
  });
});
