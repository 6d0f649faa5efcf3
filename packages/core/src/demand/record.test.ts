import { roundedLines } from '../testing';
import { sizeRates, SIZES_US, type AskedFor, type Lay } from './index';
import { spreadOver, takes, USUAL_SHARES } from './sizes';
import { ago, mm, NOW_ISO } from './test-demand';

const asked = (us: number, days: number, weight = 1): AskedFor => ({
  ...{ at: ago(days), group: 'coin', insideDiameterMm: mm(us), weight },
});

/** Demand as it is computed, pinned: of a shop with a history of some years, and of one without. */
describe('the record of demand', () => {
  it('has the sizes that are counted, and how common each is', () => {
    expect(roundedLines(SIZES_US.map((us, i) => [us, USUAL_SHARES[i]]))).toMatchSnapshot();
    expect(roundedLines([spreadOver(3), spreadOver(8.2)])).toMatchSnapshot();
    // As it is up to 0.3 sizes off, half of them after a resize up to 1.05.
    expect([7, 7.29, 7.31, 8.04, 8.06].map((us) => takes(us, 7))).toEqual([1, 1, 0.5, 0.5, 0]);
  });

  it('has rates of a shop that sold for four years', () => {
    const sales = [asked(8, 1400), asked(8, 400), asked(9.3, 90, 0.4), asked(6, 12), asked(11, 3, 0.7)];
    const lays: readonly Lay[] = [
      { group: 'coin', insideDiameterMm: mm(8), fromAt: ago(1500), toAt: ago(1400) },
      { group: 'coin', insideDiameterMm: mm(8), fromAt: ago(500), toAt: ago(400) },
      { group: 'coin', insideDiameterMm: mm(6.2), fromAt: ago(40), toAt: ago(12) },
      { group: 'coin', insideDiameterMm: mm(10), fromAt: ago(200), toAt: undefined },
    ];
    expect(roundedLines([...sizeRates(sales, lays, NOW_ISO)])).toMatchSnapshot();
    expect(roundedLines([...sizeRates([], lays.slice(3), NOW_ISO)])).toMatchSnapshot();
  });
});
