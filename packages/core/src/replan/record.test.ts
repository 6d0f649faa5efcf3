import { rounded, roundedLines, stepRecord } from '../testing';
import type { EdgeDiameters } from '../size';
import { DEFAULT_MANDREL } from '../size';
import { REFERENCE_KIT } from '../kit';
import { ringState } from '../ring';
import { routeFor } from '../route/test-route';
import { replan } from './replan';
import { filedBack, flatFound, foundAt, outlineBetween } from './resume';

const INPUT = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
  school: 'over-stretch',
} as const;
const { steps, school } = routeFor(INPUT);
const last = (kind: string) => steps.findLastIndex((step) => step.kind === kind);

function foundOff(kind: string, rimOff: number, cutOff: number) {
  const index = last(kind);
  const { after } = steps[index]!;
  const read: EdgeDiameters = {
    rimInsideDiameterMm: after.rimInsideDiameterMm + rimOff,
    cutInsideDiameterMm: after.cutInsideDiameterMm + cutOff,
  };
  return foundAt(steps, index, read, 1.96);
}

/** What is made of readings that are off, pinned. */
describe('the record of planning on', () => {
  it.each([
    ['fold', 0.4, 0.2],
    ['stretch', 0, -1.6],
    ['reduce', 0.5, 0.3],
    ['curl', -0.6, 0.1],
  ])('%s: rim off by %d, cut edge by %d', (kind, rimOff, cutOff) => {
    const found = foundOff(kind, rimOff, cutOff);
    const index = last(kind);
    const state = ringState(
      { steps, targetInsideDiameterMm: 18.9, holeMm: 12.7 },
      steps.slice(0, index).map((step, i) => ({
        id: `e${i}`,
        at: '2026-03-01T10:00:00Z',
        body: step.kind === 'anneal' ? { kind: 'anneal-done', step: i } : { kind: 'step-done', step: i },
      })),
    );
    expect(rounded({ pieceState: found?.pieceState, arrived: found?.arrived })).toMatchSnapshot();
    const { after } = steps[index]!;
    const edges = {
      rimInsideDiameterMm: after.rimInsideDiameterMm + rimOff,
      cutInsideDiameterMm: after.cutInsideDiameterMm + cutOff,
    };
    const answer = replan(
      {
        coin: INPUT.coin,
        wall: INPUT.wall,
        school,
        mandrel: DEFAULT_MANDREL,
        kit: REFERENCE_KIT,
        state: { ...state, edges },
      },
      { kind: 'reading' },
    );
    const { kind: outcome } = answer;
    const route =
      answer.kind === 'changed' ? answer.route : answer.kind === 'out-of-reach' ? answer.nearest : undefined;
    expect({
      outcome,
      route: rounded(
        route && {
          ...route,
          steps: roundedLines(route.steps.map(stepRecord)),
          change: { ...route.change, next: undefined },
        },
      ),
    }).toMatchSnapshot();
  });

  it('walls in between, filed back, and flat', () => {
    const [a, b] = [steps[last('fold')]!.outline, steps[last('stretch')]!.outline];
    expect(rounded(outlineBetween(a, b, 0.3))).toMatchSnapshot();
    expect(rounded(filedBack(b, 0.7))).toMatchSnapshot();
    expect(rounded(flatFound(30, 12.7, 1.8))).toMatchSnapshot();
  });
});
