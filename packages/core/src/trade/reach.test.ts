import { glanceAt, sizeRange, washerOf } from '../forming';
import { REFERENCE_KIT, type Kit } from '../kit';
import type { Coin } from '../stock';
import { coinReach, coinWidths } from './reach';

const COIN: Coin = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' };
const SMALL_HOLE_MM = 11.1;
const LARGE_HOLE_MM = 15.9;
const TWO_PUNCHES: Kit = [
  ...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'punch'),
  ...[SMALL_HOLE_MM, LARGE_HOLE_MM].map((diameterMm) => ({
    id: `punch-${diameterMm}`,
    name: `${diameterMm} mm punch`,
    spec: { kind: 'punch' as const, diameterMm, selfCentring: true },
  })),
];

describe('what two punches make of a coin', () => {
  it('reaches from the smaller of the least sizes to the larger of the greatest', () => {
    const [small, large] = [SMALL_HOLE_MM, LARGE_HOLE_MM].map((holeMm) =>
      sizeRange(washerOf(COIN, holeMm), { kind: 'straight' }),
    );
    const reach = coinReach(COIN, TWO_PUNCHES);
    expect(reach?.min).toBe(Math.min(small?.min ?? 0, large?.min ?? 0));
    expect(reach?.max).toBe(Math.max(small?.max ?? 0, large?.max ?? 0));
    expect(small?.min).not.toBe(large?.min);
  });

  it('is widest from the smaller hole, narrowest from the larger', () => {
    const question = {
      coin: COIN,
      targetInsideDiameterMm: 20,
      wall: { kind: 'straight' },
      school: 'best',
    } as const;
    const widths = coinWidths(COIN, TWO_PUNCHES, 20);
    expect(widths?.max).toBe(glanceAt(question, SMALL_HOLE_MM).bandWidthMm);
    expect(widths?.min).toBe(glanceAt(question, LARGE_HOLE_MM).bandWidthMm);
    expect(widths?.max).toBeGreaterThan(widths?.min ?? 0);
  });

  it('is nothing for what is not folded, and for a size that no punch makes', () => {
    expect(coinReach({ ...COIN, form: 'holed' }, TWO_PUNCHES)).toBeUndefined();
    expect(coinReach({ ...COIN, metal: 'zinc-core' }, TWO_PUNCHES)).toBeUndefined();
    expect(coinWidths(COIN, TWO_PUNCHES, 29)).toBeUndefined();
  });
});
