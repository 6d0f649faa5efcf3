import { rounded, roundedLines } from '../testing';
import { MAGNET_ANSWERS, STONE_ANSWERS } from './codes';
import { identify, measureDensity, metalsOfDensity } from './index';

/** Verdicts on pieces, pinned: every answer of every test. */
describe('the record of verdicts', () => {
  it.each(MAGNET_ANSWERS)('magnet: %s', (magnet) => {
    expect(rounded(identify({ magnet }))).toMatchSnapshot();
  });

  it.each(STONE_ANSWERS)('touchstone: %s', (stone) => {
    expect(rounded(identify({ stone }))).toMatchSnapshot();
  });

  it.each([8.9, 10.2, 10.36, 13.1])('density %d', (densityGCm3) => {
    const airG = 15;
    const weighing = { airG, waterG: airG - (airG * 0.9982) / densityGCm3 };
    expect(rounded(identify({ weighing, mark: '' }))).toMatchSnapshot();
    expect(roundedLines(metalsOfDensity({ densityGCm3, errorGCm3: 0.1 }))).toMatchSnapshot();
  });

  it('weighed in water', () => {
    expect(
      rounded(measureDensity({ airG: 15.13, waterG: 13.66, waterTempC: 23, scaleErrorG: 0.01 })),
    ).toMatchSnapshot();
  });
});
