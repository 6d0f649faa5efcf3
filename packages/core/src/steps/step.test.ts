import { movesWall, routeTotals, type RouteStep } from './step';

function step(kind: RouteStep['kind'], handsOnMin: number, waitMin: number): RouteStep {
  const edges = { rimInsideDiameterMm: 20, cutInsideDiameterMm: 20 };
  return {
    kind,
    title: kind,
    instruction: '',
    lookFor: '',
    before: edges,
    after: edges,
    strainCutEdge: 0,
    strainRimEdge: 0,
    annealFirst: false,
    handsOnMin,
    waitMin,
    outline: { arcMm: [], meanRadiusMm: [], thicknessMm: [], leanDeg: [], strainLog: [] },
  };
}

describe('routeTotals', () => {
  it('adds hands, waits and anneals up', () => {
    expect(
      routeTotals([step('anneal', 3, 2), step('fold', 4, 0), step('anneal', 3, 2), step('pickle', 2, 10)]),
    ).toEqual({
      anneals: 2,
      handsOnMin: 12,
      waitMin: 14,
    });
    expect(routeTotals([])).toEqual({ anneals: 0, handsOnMin: 0, waitMin: 0 });
  });
});

describe('movesWall', () => {
  it.each([
    [0, 0, false],
    [0.1, 0, true],
    [0, -0.1, true],
  ])('strains %p and %p: %p', (strainCutEdge, strainRimEdge, moves) => {
    expect(movesWall({ strainCutEdge, strainRimEdge })).toBe(moves);
  });
});
