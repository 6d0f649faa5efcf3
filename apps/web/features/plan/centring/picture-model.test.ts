import { judgeReadings } from './centring-model';
import { centreWords, filledBy, problemWords } from './picture-model';

const CENTRE = { offMm: 0.31, wideDeg: 90, plusMinusMm: 0.06, holeMm: 12.7, pxPerMm: 41 } as const;
const write = (mm: number, digits = 1) => `${mm.toFixed(digits)} mm`;

describe('what a photograph of the punched piece says', () => {
  it('is told with how far it may be off, and with no side where it may be in the middle', () => {
    expect(centreWords(CENTRE, 12.7, write)).toBe(
      'Hole off centre by 0.31 mm, ± 0.06 mm, wide at 3:00. The hole measures 12.7 mm.',
    );
    expect(centreWords({ ...CENTRE, offMm: 0.05 }, 12.7, write)).toContain('no side can be told');
    expect(centreWords(CENTRE, 12.3, write)).toContain('not 12.3 mm: was it another punch?');
  });

  it.each([
    ['rim', /plain ground/],
    ['hole', /12\.7 mm/],
    ['small', /Go nearer/],
    ['tilt', /slant of 7°/],
    ['blur', /sharp/],
  ] as const)('says what to do about %s', (problem, words) => {
    expect(problemWords({ problem, tiltDeg: 7.2, centre: undefined }, '12.7 mm')).toMatch(words);
  });

  it('fills the places that no calliper read, and the same fit takes both', () => {
    const texts = filledBy(CENTRE, 30.9, ['8.95', '', '', '', '', '', '', ''], 'mm');
    expect(texts[0]).toBe('8.95');
    expect(texts[2]).toBe('9.41');
    const { verdict } = judgeReadings({
      diameterMm: 30.9,
      holeMm: 12.7,
      texts,
      unit: 'mm',
      punchesMm: [12.7, 14.3],
      cutEdgeMeanRadiusMm: 10.4,
      share: 0.5,
    });
    expect(verdict?.remeasure).toEqual([]);
    expect(verdict?.eccentricityMm).toBeCloseTo(0.31, 1);
    expect(verdict?.wideClock).toBe('3:00');
  });

  it('is typed as a calliper in inches would show it', () => {
    expect(filledBy(CENTRE, 30.9, ['', '', '', ''], 'in')[1]).toBe('0.3705');
  });
});
