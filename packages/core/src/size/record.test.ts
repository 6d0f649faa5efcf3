import { rounded, roundedLines } from '../testing';
import {
  allMarks,
  checkMandrel,
  DEFAULT_MANDREL,
  edgesFromReading,
  knuckleAdvice,
  parseSize,
  predictReading,
  SIZE_SYSTEM_IDS,
  SIZE_SYSTEMS,
  stepMark,
  wideBandAllowance,
  writeSize,
} from './index';

const DIAMETERS_MM = [14.05, 16.51, 18.19, 19.84, 22.6];

/** Sizes in every system, readings and advice, pinned. */
describe('the record of sizes', () => {
  it.each(SIZE_SYSTEM_IDS)('%s', (system) => {
    const { sizes: _sizes, ...about } = { sizes: 0, ...SIZE_SYSTEMS[system] };
    expect(rounded(about.prefix)).toMatchSnapshot();
    const told = DIAMETERS_MM.map((mm) => ({
      mark: allMarks(mm)[system],
      written: writeSize(mm, system),
      up: stepMark(mm, system, 1),
      down: stepMark(mm, system, -1),
    }));
    expect(roundedLines(told)).toMatchSnapshot();
    expect(rounded(DIAMETERS_MM.map((mm) => parseSize(writeSize(mm, system), system)))).toMatchSnapshot();
  });

  it('what a mandrel reads, either way round and by either mark', () => {
    const edges = { rimInsideDiameterMm: 19.1, cutInsideDiameterMm: 18.6 };
    for (const mark of ['leading', 'centre'] as const) {
      const reading = predictReading(edges, 8.4, mark, DEFAULT_MANDREL);
      expect(rounded([reading, edgesFromReading(reading, 8.4, mark, DEFAULT_MANDREL)])).toMatchSnapshot();
    }
  });

  it('fingers, wide bands and a mandrel that is checked', () => {
    const knuckles = [18, 18.6, 19.1, 19.6, 20.4].map((mm) => knuckleAdvice(mm, 18));
    expect(rounded(knuckles)).toMatchSnapshot();
    expect(
      rounded(
        [5, 6.5, 8.5, 10.5, 13].flatMap((mm) => [wideBandAllowance(mm, false), wideBandAllowance(mm, true)]),
      ),
    ).toMatchSnapshot();
    const us = SIZE_SYSTEMS.us.toDiameterMm;
    const checks = [0, 0.08, 0.3, -0.3].flatMap((off) =>
      [0, 0.1, 0.3].map((bent) =>
        checkMandrel({ us: 4, diameterMm: us(4) + off }, { us: 12, diameterMm: us(12) + off + bent }, 62, us),
      ),
    );
    expect(roundedLines(checks)).toMatchSnapshot();
  });
});
