import { REFERENCE_KIT, type Kit } from '../kit';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '../size';
import { planCoinRing } from './plan';
import { compareCost } from './route-cost';

const us = SIZE_SYSTEMS.us.toDiameterMm;
const COIN = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;
const without = (...kinds: readonly string[]): Kit =>
  REFERENCE_KIT.filter(({ spec }) => !kinds.includes(spec.kind));

function routeOf(kit: Kit, school?: 'over-stretch' | 'straighten' | 'leave' | 'best') {
  const input = {
    coin: COIN,
    holeMm: 12.7,
    targetInsideDiameterMm: us(9),
    wall: { kind: 'straight' },
  } as const;
  const { route } = planCoinRing({ ...input, school }, { kit });
  if (!route) throw new Error('this ring cannot be made');
  return route;
}

describe('the school that is taken where none is asked for', () => {
  it('lacks no tool and never stretches past the size', () => {
    const route = routeOf(REFERENCE_KIT);
    expect(route.missingTools).toEqual([]);
    expect(route.school).not.toBe('over-stretch');
    const largest = Math.max(...route.steps.map(({ after }) => after.cutInsideDiameterMm));
    // A trim raises the last reading by up to 0.4 sizes: never half a size past.
    expect(largest).toBeLessThan(us(9) + MM_PER_US_SIZE / 2);
  });

  it('is the one of less effort of the two that do not', () => {
    const [leave, straighten] = [routeOf(REFERENCE_KIT, 'leave'), routeOf(REFERENCE_KIT, 'straighten')];
    const less = compareCost(leave.cost, straighten.cost) <= 0 ? 'leave' : 'straighten';
    expect(routeOf(REFERENCE_KIT).school).toBe(less);
  });

  it('is another where a tool is lacking', () => {
    const noCones = without('expansion-cone');
    expect(routeOf(noCones, 'straighten').missingTools.length).toBeGreaterThan(0);
    expect(routeOf(noCones)).toMatchObject({ school: 'leave', missingTools: [] });
  });

  it('is the first that lacks least where every one lacks a tool', () => {
    const none = without('stretcher', 'expansion-cone', 'reducing-die');
    const missing = (school?: 'over-stretch' | 'straighten' | 'leave') =>
      routeOf(none, school).missingTools.length;
    expect(missing()).toBe(Math.min(missing('leave'), missing('straighten'), missing('over-stretch')));
  });
});
