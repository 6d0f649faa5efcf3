import { roundedLines } from '../testing';
import { METALS, silverCopperDensity, stiffnessOf } from './index';

/** The table of metals as plans take it, pinned: whoever changes a figure sees it here, and says where it is from. */
describe('the record of metals', () => {
  it('is a line for each', () => {
    expect(
      roundedLines(METALS.map((metal) => ({ ...metal, stiffness: stiffnessOf(metal.id) }))),
    ).toMatchSnapshot();
  });

  it('mixes silver and copper by volume', () => {
    expect(roundedLines([0.4, 0.625, 0.8, 0.925].map(silverCopperDensity))).toMatchSnapshot();
  });
});
