import * as fc from 'fast-check';
import {
  ACCEPTED_SIZES,
  allMarks,
  edgesFromReading,
  nearestMark,
  parseSize,
  predictReading,
  SIZE_SYSTEM_IDS,
  SIZE_SYSTEMS,
  stepMark,
  wideBandAllowance,
  writeSize,
} from './index';

function diameterOf(text: string, system?: 'us' | 'uk' | 'eu' | 'swiss' | 'jp'): number {
  const parsed = parseSize(text, system);
  if (!parsed.ok) throw new Error(parsed.message);
  return parsed.insideDiameterMm;
}

describe('size systems', () => {
  it('knows the marks that standards fix', () => {
    expect(SIZE_SYSTEMS.us.toDiameterMm(7)).toBeCloseTo(0.682 * 25.4, 9);
    expect(SIZE_SYSTEMS.uk.toDiameterMm(0) * Math.PI).toBeCloseTo(37.5, 9);
    expect(SIZE_SYSTEMS.uk.toDiameterMm(25) * Math.PI).toBeCloseTo(68.75, 9);
    expect(SIZE_SYSTEMS.eu.toDiameterMm(54) * Math.PI).toBeCloseTo(54, 9);
    expect(SIZE_SYSTEMS.swiss.toDiameterMm(14) * Math.PI).toBeCloseTo(54, 9);
    expect(SIZE_SYSTEMS.jp.toDiameterMm(13)).toBeCloseTo(17, 9);
  });

  it('round-trips every system over every finger', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIZE_SYSTEM_IDS),
        fc.double({ min: 10, max: 40, noNaN: true }),
        (id, d) => {
          const system = SIZE_SYSTEMS[id];
          expect(system.toDiameterMm(system.fromDiameterMm(d))).toBeCloseTo(d, 9);
        },
      ),
    );
  });

  it('never names a mark further off than half a step', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIZE_SYSTEM_IDS),
        fc.double({ min: 14, max: 30, noNaN: true }),
        (id, d) => {
          const system = SIZE_SYSTEMS[id];
          const stepMm =
            system.toDiameterMm(system.lowest + system.step) - system.toDiameterMm(system.lowest);
          expect(Math.abs(nearestMark(d, system).offMm)).toBeLessThanOrEqual(stepMm / 2 + 1e-9);
        },
      ),
    );
  });

  it('writes every system at once, fractions as fractions', () => {
    const marks = allMarks(SIZE_SYSTEMS.us.toDiameterMm(7.5));
    expect(marks.us).toEqual({ mark: '7½', exact: expect.closeTo(7.5, 9), offMm: expect.closeTo(0, 9) });
    expect(marks.uk.mark).toBe('O½');
    expect(marks.eu.mark).toBe('55.5');
    expect(marks.swiss.mark).toBe('16');
    expect(marks.jp.mark).toBe('15');
  });

  it('goes on past Z and stops at the lowest mark', () => {
    expect(writeSize(SIZE_SYSTEMS.uk.toDiameterMm(27.5), 'uk')).toBe('UK Z+2½');
    expect(nearestMark(10.5, SIZE_SYSTEMS.us).mark).toBe('0');
    expect(nearestMark(10.5, SIZE_SYSTEMS.us).offMm).toBeLessThan(-1);
  });

  it('steps to the neighbouring mark', () => {
    const seven = SIZE_SYSTEMS.us.toDiameterMm(7);
    expect(writeSize(stepMark(seven, 'us', 1), 'us')).toBe('US 7¼');
    expect(writeSize(stepMark(seven + 0.05, 'us', -1), 'us')).toBe('US 6¾');
  });
});

describe('parseSize', () => {
  it.each([
    ['7', 17.3228],
    ['7.5', 17.7292],
    ['7 1/2', 17.7292],
    ['7½', 17.7292],
    ['us 7½', 17.7292],
    ['P½', (37.5 + 1.25 * 15.5) / Math.PI],
    ['P 1/2', (37.5 + 1.25 * 15.5) / Math.PI],
    ['uk p½', (37.5 + 1.25 * 15.5) / Math.PI],
    ['Z+2', (37.5 + 1.25 * 27) / Math.PI],
    ['EU 54', 54 / Math.PI],
    ['CH 14', 54 / Math.PI],
    ['JP 13', 17],
    ['17.3mm', 17.3],
    ['17,3 mm', 17.3],
    ['⌀ 17.3 mm', 17.3],
    ['c 54 mm', 54 / Math.PI],
    ['0.68 in', 17.272],
    ['0.68"', 17.272],
  ])('reads %p', (text, mm) => {
    expect(diameterOf(text)).toBeCloseTo(mm, 3);
  });

  it('reads bare numbers in the system asked for', () => {
    expect(diameterOf('54', 'eu')).toBeCloseTo(54 / Math.PI, 9);
    expect(diameterOf('13', 'jp')).toBeCloseTo(17, 9);
  });

  it.each(['', 'large', '7 and a bit', 'P+2', '54', '17.3 cm', '400 mm', 'US', 'uk 7'])(
    'refuses %p and names what would be accepted',
    (text) => {
      const parsed = parseSize(text);
      expect(parsed.ok).toBe(false);
      expect(parsed.ok ? '' : parsed.message).toContain(ACCEPTED_SIZES);
    },
  );

  it('refuses a bare number where sizes are letters', () => {
    const parsed = parseSize('7', 'uk');
    expect(parsed.ok ? '' : parsed.message).toMatch(/letters/);
  });

  it('reads back what it writes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...SIZE_SYSTEM_IDS),
        fc.double({ min: 14, max: 28, noNaN: true }),
        (id, d) => {
          const mark = nearestMark(d, SIZE_SYSTEMS[id]);
          expect(diameterOf(writeSize(d, id))).toBeCloseTo(d - mark.offMm, 9);
        },
      ),
    );
  });
});

describe('wideBandAllowance', () => {
  it.each([
    [5.9, false, 0],
    [6, false, 0.25],
    [8, false, 0.5],
    [10.5, false, 0.75],
    [9, true, 0.25],
    [5, true, 0],
  ])('%p mm, rounded %p: %p', (width, rounded, sizes) => {
    expect(wideBandAllowance(width, rounded).usSizes).toBe(sizes);
  });
});

describe('mandrel', () => {
  it('binds at the leading edge when the wall is straight', () => {
    expect(predictReading({ rimInsideDiameterMm: 18, cutInsideDiameterMm: 18 }, 9)).toEqual({
      rimDownMm: 18,
      cutDownMm: 18,
    });
  });

  it('binds at the trailing edge when that is much smaller', () => {
    const reading = predictReading({ rimInsideDiameterMm: 20, cutInsideDiameterMm: 18 }, 9);
    expect(reading.rimDownMm).toBeCloseTo(18 + 9 * 0.064, 9);
    expect(edgesFromReading(reading, 9).hiddenEdge).toBe('rim');
  });

  it('recovers the edges of any nearly straight ring from either mark', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 15, max: 25, noNaN: true }),
        fc.double({ min: -0.3, max: 0.3, noNaN: true }),
        fc.constantFrom('leading' as const, 'centre' as const),
        (rim, difference, mark) => {
          const edges = { rimInsideDiameterMm: rim, cutInsideDiameterMm: rim + difference };
          const back = edgesFromReading(predictReading(edges, 8, mark), 8, mark);
          expect(back.rimInsideDiameterMm).toBeCloseTo(edges.rimInsideDiameterMm, 9);
          expect(back.cutInsideDiameterMm).toBeCloseTo(edges.cutInsideDiameterMm, 9);
        },
      ),
    );
  });
});
