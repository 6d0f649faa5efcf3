import type { LogEntry } from '@round-mint/contract/log';
import type { LearntAnswer } from '@round-mint/contract/learnt';
import { fireEvent, render, screen } from '@testing-library/react-native';
import type { ReactElement } from 'react';
import { ComparisonChart } from '@/features/log/rings/ComparisonChart';
import { nameOf } from '@/testing/render';
import { CourseChart } from './CourseChart';

/** Charts are drawn once their width is known. */
function drawn(element: ReactElement) {
  const { root } = render(element);
  fireEvent(root, 'layout', { nativeEvent: { layout: { width: 360, height: 200, x: 0, y: 0 } } });
  return nameOf(screen.UNSAFE_getByProps({ role: 'img' }));
}

const ENTRY = {
  predictedInsideDiameterMm: 20,
  actualInsideDiameterMm: 20.2,
  predictedWidthMm: 8,
  actualWidthMm: 7.6,
  kind: 'coin',
  predictedCutEdgeMm: 1.5,
  actualCutEdgeMm: null,
  predictedRimEdgeMm: 2,
  actualRimEdgeMm: 2.3,
} as LogEntry;

describe('the chart of a ring against its prediction', () => {
  it('says how far each measured figure is off, and leaves out what was not measured', () => {
    expect(drawn(<ComparisonChart entry={ENTRY} forecast={undefined} />)).toBe(
      'Off the prediction: Inside diameter 1.0 percent; Width -5.0 percent; Rim edge 15.0 percent',
    );
  });

  it('says where ninety in a hundred were to lie, where that was told', () => {
    const told = Array.from({ length: 19 }, (_, i) => 7.6 + (i * 0.8) / 18);
    const forecast = { widthMm: told, handsOnMin: told, widened: 1 };
    expect(drawn(<ComparisonChart entry={ENTRY} forecast={forecast} />)).toContain(
      'Width -5.0 percent, told -5.0 to 5.0; Rim edge 15.0 percent',
    );
    expect(screen.getByText(/^Shaded: 90 in 100/)).toBeTruthy();
  });

  it('is not there when nothing was measured', () => {
    const nothing = { ...ENTRY, actualInsideDiameterMm: null, actualWidthMm: null, actualRimEdgeMm: null };
    expect(render(<ComparisonChart entry={nothing} forecast={undefined} />).toJSON()).toBeNull();
  });
});

describe('the course of what was learnt', () => {
  const point = (n: number, before: number, after: number): LearntAnswer['course'][number] => ({
    ringId: `00000004-0000-4000-8000-00000000000${n}`,
    name: `Ring ${n}`,
    finishedAt: '2026-03-01T10:00:00.000Z',
    sizeBefore: before,
    sizeAfter: after,
  });

  it('says both errors as they stand at the end, over how many rings', () => {
    const course = [point(1, 0.3, 0.3), point(2, 0.2, 0.1), point(3, 0.1, 0.05)];
    expect(drawn(<CourseChart course={course} what="size" system="us" />)).toBe(
      'Where turned-in edges and trims landed off, US sizes: by default 0.20, as learnt 0.15, over 3 rings',
    );
    // A UK size is 0.3975 mm, a US size 0.8128.
    expect(drawn(<CourseChart course={course} what="size" system="uk" />)).toContain(
      'UK sizes: by default 0.41, as learnt 0.31,',
    );
  });

  it('is not there before two rings tell anything of it', () => {
    expect(render(<CourseChart course={[point(1, 0.3, 0.2)]} what="size" system="us" />).toJSON()).toBeNull();
    expect(
      render(<CourseChart course={[point(1, 1, 1), point(2, 1, 1)]} what="wall" system="us" />).toJSON(),
    ).toBeNull();
  });
});
