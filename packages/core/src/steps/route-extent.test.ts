import { REFERENCE_KIT } from '../kit';
import { planCoinRing } from '../route';
import { axialHeightMm, routeExtent } from './index';

describe('the room that a route takes', () => {
  it('is that of its widest piece, the flat washer, and of its highest', () => {
    const coin = { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' } as const;
    const wish = { coin, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: { kind: 'straight' } } as const;
    const steps = planCoinRing(wish, { kit: REFERENCE_KIT }).route?.steps ?? [];
    const { radiusMm, heightMm } = routeExtent(steps);
    // Half the coin: a washer lies flat.
    expect(radiusMm).toBeCloseTo(15, 0);
    expect(heightMm).toBeCloseTo(Math.max(...steps.map(({ outline }) => axialHeightMm(outline))), 9);
    expect(routeExtent([])).toEqual({ radiusMm: 0, heightMm: 0 });
  });
});
