import { REFERENCE_KIT } from '@round-mint/core/kit';
import { outlineBetween } from '@round-mint/core/replan';
import { coinRoute } from '@round-mint/core/route';
import { framesOf, letterStretch, momentAt } from './film';

const { steps } = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
  },
  { kit: REFERENCE_KIT },
)!;
const frames = framesOf(steps);
const [flat, finished] = [frames[0]!.outline, frames.at(-1)!.outline];

describe('framesOf', () => {
  it('starts with the flat washer and keeps only the blows', () => {
    expect(frames[0]?.kind).toBe('cut');
    expect(
      frames.slice(1).every(({ strainCutEdge, strainRimEdge }) => strainCutEdge !== 0 || strainRimEdge !== 0),
    ).toBe(true);
    expect(frames.length).toBeLessThan(steps.length);
  });
});

describe('momentAt', () => {
  it('shows a frame at a whole place, the way to it between', () => {
    expect(momentAt(frames, 0)).toMatchObject({ index: 0, arrived: true, before: undefined });
    expect(momentAt(frames, 2)?.outline).toBe(frames[2]?.outline);
    const between = momentAt(frames, 1.5);
    expect(between).toMatchObject({ index: 2, arrived: false });
    const rim = (outline: typeof flat) => outline.meanRadiusMm.at(-1) ?? 0;
    expect(rim(between!.outline)).toBeCloseTo((rim(frames[1]!.outline) + rim(frames[2]!.outline)) / 2, 9);
    expect(between?.before).toBe(frames[1]?.outline);
  });

  it('stays within the film, and is nothing without frames', () => {
    expect(momentAt(frames, -3)?.index).toBe(0);
    expect(momentAt(frames, 99)?.index).toBe(frames.length - 1);
    expect(momentAt([], 0)).toBeUndefined();
  });
});

describe('outlineBetween', () => {
  it('begins and ends with its two outlines', () => {
    expect(outlineBetween(flat, finished, 0)).toEqual(flat);
    const end = outlineBetween(flat, finished, 1);
    end.arcMm.forEach((arc, i) => expect(arc).toBeCloseTo(finished.arcMm[i] ?? 0, 9));
  });
});

describe('letterStretch', () => {
  it('leaves letters on the flat coin as they were struck', () => {
    const { rim, cut } = letterStretch(flat, flat);
    for (const { along, across } of [rim, cut]) {
      expect(along).toBeCloseTo(1, 6);
      expect(across).toBeCloseTo(1, 6);
    }
  });

  it('crowds them at the rim, stretches them at the cut edge; what is narrower grows taller', () => {
    const { rim, cut } = letterStretch(flat, finished);
    expect(rim.along).toBeLessThan(0.8);
    expect(rim.across).toBeGreaterThan(1);
    expect(cut.along).toBeGreaterThan(1.4);
    expect(cut.across).toBeLessThan(1);
  });
});
