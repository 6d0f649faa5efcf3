import { REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';
import { sectionLines } from '@round-mint/core/steps';
import { edgeLabelLevels, outlinePath, strainStops } from './section-geometry';

const { steps } = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
  },
  { kit: REFERENCE_KIT },
)!;
const flat = steps[0]!.outline;
const finished = steps.at(-1)!.outline;
const scale = { pxPerMm: 10, x: (mm: number) => mm * 10, y: (mm: number) => 100 - mm * 10 };

describe('sectionLines', () => {
  it('draws the flat washer lying down: as high as nothing, faces a thickness apart', () => {
    const { inside, outside, heightMm } = sectionLines(flat);
    expect(heightMm).toBeCloseTo(0, 6);
    expect(inside[0]?.x).toBeCloseTo(6.35, 3);
    expect((inside[0]?.y ?? 0) - (outside[0]?.y ?? 0)).toBeCloseTo(1.8, 6);
  });

  it('draws the straight band standing up, even inside and as high as it is wide', () => {
    const { inside, outside, heightMm } = sectionLines(finished);
    inside.forEach(({ x }) => expect(x).toBeCloseTo(9.45, 2));
    expect(heightMm).toBeCloseTo(finished.arcMm.at(-1) ?? 0, 3);
    expect(outside.at(-1)!.x).toBeGreaterThan(outside[0]!.x);
  });
});

describe('outlinePath', () => {
  it('is closed and goes once round', () => {
    const path = outlinePath(sectionLines(finished), scale);
    expect(path.startsWith('M')).toBe(true);
    expect(path.endsWith('Z')).toBe(true);
    expect(path.match(/[ML]/g)).toHaveLength(2 * finished.arcMm.length);
  });
});

describe('strainStops', () => {
  it('runs from a stretched cut edge to a crowded rim edge', () => {
    const stops = strainStops(finished);
    expect(stops[0]).toMatchObject({ offset: 0 });
    expect(stops.at(-1)?.offset).toBeCloseTo(1, 6);
    expect(stops[0]!.share).toBeGreaterThan(0);
    expect(stops.at(-1)!.share).toBeLessThan(0);
  });
});

describe('the names of the edges', () => {
  it('stand beside them, and above each other where the wall is low', () => {
    expect(edgeLabelLevels(60, 300)).toEqual({ rimY: 74, cutY: 278 });
    expect(edgeLabelLevels(200, 240)).toEqual({ rimY: 180, cutY: 218 });
  });
});
