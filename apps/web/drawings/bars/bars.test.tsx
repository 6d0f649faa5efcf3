import { fireEvent, render, screen } from '@testing-library/react-native';
import { StationLine, stationX } from '../orders/StationLine';
import { MonthBars } from './MonthBars';
import { PriceLine } from './PriceLine';

function layOut(width = 340) {
  screen.root
    .findAll(({ type, props }) => String(type) === 'View' && typeof props.onLayout === 'function')
    .forEach((view) => fireEvent(view, 'layout', { nativeEvent: { layout: { width, height: 150 } } }));
  if (typeof screen.root.props.onLayout === 'function') {
    fireEvent(screen.root, 'layout', { nativeEvent: { layout: { width, height: 150 } } });
  }
}

const heights = () =>
  screen.root.findAll(({ type }) => String(type) === 'RNSVGRect').map(({ props }) => Number(props.height));

describe('MonthBars', () => {
  it('draws a bar for what is known, a gap for what is not, and what was lost on top', () => {
    const bars = [
      { label: 'S', value: 4 },
      { label: 'O', value: undefined },
      { label: 'N', value: 2, lost: 1 },
    ];
    render(<MonthBars bars={bars} write={String} describe="Rings by month" />);
    layOut();
    expect(screen.getByLabelText('Rings by month')).toBeTruthy();
    const [four, two, lost] = heights();
    expect(heights()).toHaveLength(3);
    expect(four).toBeCloseTo(2 * (two ?? 0), 6);
    expect(lost).toBeCloseTo((two ?? 0) / 2, 6);
  });

  it('stands on nought where some are below it', () => {
    render(
      <MonthBars
        bars={[
          { label: 'A', value: -2 },
          { label: 'B', value: 2 },
        ]}
        write={String}
        describe="Left over"
      />,
    );
    layOut();
    const [below, above] = heights();
    expect(below).toBeCloseTo(above ?? 0, 6);
  });

  it('draws nothing before it knows its width', () => {
    render(<MonthBars bars={[{ label: 'A', value: 1 }]} write={String} describe="Rings" />);
    expect(screen.queryByLabelText('Rings')).toBeNull();
  });
});

describe('PriceLine', () => {
  it('runs through every day and marks the last', () => {
    render(
      <PriceLine values={[1, 2, 1.5]} firstLabel="Mon" lastLabel="Wed" write={String} describe="Silver" />,
    );
    layOut();
    const [path] = screen.root.findAll(({ type }) => String(type) === 'RNSVGPath');
    expect(String(path?.props.d).match(/[ML]/g)).toHaveLength(3);
    expect(screen.root.findAll(({ type }) => String(type) === 'RNSVGCircle')).toHaveLength(1);
  });

  it('is nothing without prices', () => {
    render(<PriceLine values={[]} firstLabel="" lastLabel="" write={String} describe="Silver" />);
    expect(screen.queryByLabelText('Silver')).toBeNull();
  });
});

describe('StationLine', () => {
  it('spreads its stations evenly, the outermost whole', () => {
    const xs = [0, 1, 2, 3, 4].map((i) => stationX(i, 5, 200));
    const steps = xs.slice(1).map((x, i) => x - (xs[i] ?? 0));
    expect(new Set(steps.map((step) => step.toFixed(6))).size).toBe(1);
    expect(xs[0]).toBeGreaterThanOrEqual(8);
    expect(xs[4]).toBeLessThanOrEqual(192);
  });

  it('shows the ring where the order stands, and none for one that is off the line', () => {
    const rings = () => screen.root.findAll(({ type }) => String(type) === 'RNSVGCircle').length;
    render(<StationLine count={5} at={2} width={200} />);
    expect(rings()).toBe(7);
    screen.rerender(<StationLine count={5} at={-1} width={200} />);
    expect(rings()).toBe(5);
  });
});
