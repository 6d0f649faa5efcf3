import type { RingEventBody } from '../ring';
import { DEFAULT_MANDREL, type MandrelReading } from '../size';
import type { RouteStep } from '../steps';
import { workedRing } from './worked-ring';
import { REFERENCE_KIT, type Kit } from '../kit';
import { formerSightings, springbackSightings, spreadSightings } from './elastic-sightings';
import { trimSightings } from './sightings';

const round = { rimInsideDiameterMm: 20, cutInsideDiameterMm: 20 };
const reading: MandrelReading = { rimDownMm: 20, cutDownMm: 20 };

function stepOf(kind: RouteStep['kind'], more: Partial<RouteStep>): RouteStep {
  return {
    kind,
    title: kind,
    instruction: '',
    lookFor: '',
    before: round,
    after: round,
    strainCutEdge: 0.1,
    strainRimEdge: 0.1,
    annealFirst: false,
    handsOnMin: 1,
    waitMin: 0,
    outline: { arcMm: [], meanRadiusMm: [], thicknessMm: [], leanDeg: [], strainLog: [] },
    reading,
    ...more,
  };
}

/** A ring whose steps were each read and done, with the cut edge down and with the rim down. */
function workedFrom(
  steps: readonly RouteStep[],
  readMm: readonly { cut: number; rim: number }[],
  first: readonly RingEventBody[] = [],
) {
  const read = readMm.flatMap(({ cut, rim }, step): RingEventBody[] => [
    { kind: 'reading', rimDownMm: rim, cutDownMm: cut, mark: 'leading' },
    { kind: 'step-done', step },
  ]);
  return workedRing({
    id: 'r1',
    name: 'One',
    finishedAt: '2026-03-02T10:00:00Z',
    targetInsideDiameterMm: 20,
    steps,
    mandrel: DEFAULT_MANDREL,
    events: [...first, ...read].map((body, i) => ({ id: `e${i}`, at: '2026-03-01T10:00:00Z', body })),
  });
}

describe('what a ring gave back', () => {
  // Each tool was taken 0.05 mm past the mark of 20 mm. Twice that came back: the factor is 1 more than the default's.
  it.each([
    ['stretch', 19.95],
    ['reduce', 20.05],
    ['bend', 20.05],
  ] as const)('after %s: a ring at %d mm gave back twice what was predicted', (kind, cut) => {
    const worked = workedFrom([stepOf(kind, { springbackMm: 0.05 })], [{ cut, rim: 20 }]);
    const [sighting] = springbackSightings(worked, REFERENCE_KIT).get(kind) ?? [];
    expect(sighting!.off / sighting!.slope).toBeCloseTo(1, 9);
    expect(Math.abs(sighting!.slope)).toBe(0.05);
  });

  it('says nothing of blows that nothing was predicted of', () => {
    expect(
      springbackSightings(workedFrom([stepOf('stretch', {})], [{ cut: 19.9, rim: 20 }]), REFERENCE_KIT).size,
    ).toBe(0);
    const curl = stepOf('curl', { springbackMm: 0.05 });
    expect(springbackSightings(workedFrom([curl], [{ cut: 19.9, rim: 20 }]), REFERENCE_KIT).size).toBe(0);
  });
});

describe('what a former gave back', () => {
  const kit: Kit = [16, 17].map((diameterMm) => ({
    id: `former-${diameterMm}`,
    name: `${diameterMm} mm former`,
    spec: { kind: 'former', diameterMm },
  }));
  const bend = stepOf('bend', { springbackMm: 0.5, contact: { kind: 'former', diameterMm: 17 } });

  it('belongs to that former', () => {
    const found = formerSightings(workedFrom([bend], [{ cut: 20.25, rim: 20 }]), kit);
    expect([...found.keys()]).toEqual([17]);
    // Half of what was predicted came on top: the factor is 1.5.
    expect(found.get(17)?.[0]).toMatchObject({ off: 0.25, slope: 0.5 });
  });

  it('belongs to the former that was really used, and the millimetre between them is no springback', () => {
    const used: RingEventBody = { kind: 'tool-used', step: 0, toolId: 'former-16' };
    const worked = workedFrom([bend], [{ cut: 19.25, rim: 20 }], [used]);
    expect([...formerSightings(worked, kit).keys()]).toEqual([16]);
    expect(formerSightings(worked, kit).get(16)?.[0]?.off).toBeCloseTo(0.25, 9);
    expect(springbackSightings(worked, kit).get('bend')?.[0]?.off).toBeCloseTo(0.25, 9);
  });
});

describe('how wide the rolls left a bar', () => {
  const bar = { shape: 'round', diameterMm: 3, lengthMm: 40 } as const;
  const roll = stepOf('roll', { rolling: { bar, fromMm: 3, toMm: 2.5, gaugePerStrain: 0.4 } });
  const measured = (thicknessMm: number, widthMm?: number): RingEventBody => ({
    kind: 'rolled',
    step: 0,
    thicknessMm,
    ...(widthMm === undefined ? {} : { widthMm }),
  });

  it('tells of the spread: by the rule 3 (3/2.4)^0.47', () => {
    const widthMm = 3 * (3 / 2.4) ** (0.47 * 1.4);
    const [sighting] = spreadSightings(workedFrom([roll], [], [measured(2.4, widthMm)]));
    expect(sighting!.off / sighting!.slope).toBeCloseTo(0.4, 9);
    expect(sighting!.sigma).toBeCloseTo(0.08 / widthMm, 9);
  });

  it('says nothing where no width was read, or nothing was rolled off', () => {
    expect(spreadSightings(workedFrom([roll], [], [measured(2.4)]))).toEqual([]);
    expect(spreadSightings(workedFrom([roll], [], [measured(3, 3.02)]))).toEqual([]);
  });
});

describe('what trimming gave', () => {
  it('is by how much the rim’s reading rose, past the default of 0.4 size', () => {
    const steps = [stepOf('reduce', {}), stepOf('trim', { strainCutEdge: 0, strainRimEdge: 0 })];
    const worked = workedFrom(steps, [
      { cut: 20, rim: 19.5 },
      { cut: 20, rim: 19.9 },
    ]);
    const [sighting] = trimSightings(worked);
    // 0.4 sizes of 0.8128 mm are 0.325 mm; 0.4 mm were read; two readings of ±0.08 mm lie in it.
    expect(sighting).toMatchObject({ slope: 1, off: expect.closeTo(0.4 - 0.4 * 0.8128, 4) });
    expect(sighting!.sigma).toBeCloseTo(0.1131, 4);
  });
});
