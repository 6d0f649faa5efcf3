import { ringOutcome } from './ring-outcome';
import type { LoggedReading, RingState } from './ring-state';

function stateWith(change: Partial<RingState>): RingState {
  return {
    step: 0,
    steps: [],
    targetInsideDiameterMm: 18,
    holeMm: 12.7,
    wall: undefined,
    style: undefined,
    openChange: undefined,
    toolsUsed: new Map(),
    reroutes: [],
    waits: [],
    stepReading: undefined,
    openReading: undefined,
    rolled: [],
    openRolled: undefined,
    formedSinceReading: false,
    stepFrom: { rimInsideDiameterMm: 18, cutInsideDiameterMm: 18 },
    stepSpent: { cut: 0, rim: 0 },
    leftOut: false,
    edges: { rimInsideDiameterMm: 18, cutInsideDiameterMm: 18 },
    edgesSource: 'planned',
    spent: { cut: 0, rim: 0 },
    partsSpent: [],
    anneals: 0,
    readings: [],
    measured: undefined,
    notes: [],
    troubles: [],
    finished: true,
    finishedAt: undefined,
    spoilt: undefined,
    lastEventId: undefined,
    ...change,
  };
}

function reading(rim: number, cut: number): LoggedReading {
  return {
    eventId: 'e',
    at: '',
    step: 3,
    from: { rimInsideDiameterMm: 20, cutInsideDiameterMm: 20 },
    leading: { rimDownMm: rim, cutDownMm: cut },
    rimDownMm: rim,
    cutDownMm: cut,
    rimInsideDiameterMm: rim,
    cutInsideDiameterMm: cut,
  };
}

describe('ringOutcome', () => {
  it('goes by the smaller edge of the last reading: there a finger binds', () => {
    const outcome = ringOutcome(stateWith({ readings: [reading(20, 20), reading(18.4, 18.2)] }), 18);
    expect(outcome.insideDiameterMm).toBe(18.2);
    expect(outcome.sizeErrorUs).toBeCloseTo(0.2 / 0.8128, 9);
  });

  it('takes no size from a reading that was made before the last blow', () => {
    const outcome = ringOutcome(stateWith({ readings: [reading(18, 18)], formedSinceReading: true }), 18);
    expect([outcome.insideDiameterMm, outcome.sizeErrorUs]).toEqual([undefined, undefined]);
  });

  it('claims nothing that was not measured', () => {
    expect(ringOutcome(stateWith({ anneals: 5 }), 18)).toEqual({
      insideDiameterMm: undefined,
      bandWidthMm: undefined,
      thicknessCutEdgeMm: undefined,
      thicknessRimEdgeMm: undefined,
      sizeErrorUs: undefined,
      anneals: 5,
    });
  });

  it('passes on the calliper’s figures', () => {
    const measured = { bandWidthMm: 9, thicknessCutEdgeMm: 1.4, thicknessRimEdgeMm: 2.1 };
    expect(ringOutcome(stateWith({ measured }), 18)).toMatchObject(measured);
  });
});
