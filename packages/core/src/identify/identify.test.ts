import { METALS } from '../metal';
import { identify, measureDensity, metalOfMark, metalsOfDensity, waterDensity } from './index';

/** What a piece of a density weighs in water, by its mass in air. */
function weighed(airG: number, densityGCm3: number) {
  return { airG, waterG: airG - (airG * waterDensity(20)) / densityGCm3 };
}

describe('density', () => {
  it('is that of water at 20 °C times the mass over what is lost', () => {
    expect(waterDensity(20)).toBeCloseTo(0.9982, 4);
    expect(waterDensity(4)).toBeCloseTo(1, 4);
    expect(waterDensity(30)).toBeCloseTo(0.99565, 4);
    expect(measureDensity({ airG: 12, waterG: 10.84 }).densityGCm3).toBeCloseTo((0.9982 * 12) / 1.16, 2);
  });

  it('is known to about 0.12 for a 12 g piece on a 0.01 g scale, and ten times better on one ten times better', () => {
    const rough = measureDensity({ airG: 12, waterG: 10.84 }).errorGCm3;
    expect(rough).toBeGreaterThan(0.1);
    expect(rough).toBeLessThan(0.14);
    expect(measureDensity({ airG: 12, waterG: 10.84, scaleErrorG: 0.001 }).errorGCm3).toBeCloseTo(
      rough / 10,
      9,
    );
  });

  it.each(METALS.map(({ id, densityGCm3 }) => [id, densityGCm3] as const))(
    'finds %s among what fits',
    (id, density) => {
      const fits = metalsOfDensity(measureDensity(weighed(12, density)));
      expect(fits.map(({ metal }) => metal)).toContain(id);
      expect(Math.abs(fits[0]!.offGCm3)).toBeLessThan(1e-6);
    },
  );

  it('cannot be where the piece weighs more in water', () => {
    expect(() => measureDensity({ airG: 3, waterG: 3 })).toThrow(/less than in air/);
  });
});

describe('marks', () => {
  it.each([
    ['STERLING', 'silver-925'],
    ['.800', 'silver-800'],
    ['E.P.N.S.', undefined],
    ['EPNS A1', 'silver-plate'],
    ['750', 'gold-18ct'],
    ['stainless 18/10', 'stainless'],
    ['J.B.', undefined],
  ])('%s speaks of %s', (mark, metal) => {
    expect(metalOfMark(mark)).toBe(metal);
  });
});

describe('what a piece is', () => {
  it('is steel where a magnet sticks: nothing may be done, whatever else was found', () => {
    const { certainty, may, nextTest } = identify({ magnet: 'sticks', mark: 'sterling' });
    expect(may).toMatchObject({ heat: 'no', bend: 'no', fold: 'no', solder: 'no' });
    expect(nextTest).toBeUndefined();
    expect(['likely', 'unsure', 'sure']).toContain(certainty);
  });

  it('is sterling when mark, density and stone agree', () => {
    const found = identify({
      magnet: 'none',
      mark: 'sterling',
      weighing: weighed(31, 10.36),
      stone: 'milky-pale-blue',
    });
    expect(found).toMatchObject({ metal: 'silver-925', certainty: 'sure' });
    expect(Object.values(found.may)).toEqual(['yes', 'yes', 'yes', 'yes', 'yes']);
  });

  it('is plated ware when the mark says silver plate and the density says base metal', () => {
    const found = identify({ magnet: 'none', mark: 'EPNS', weighing: weighed(40, 8.7) });
    expect(found.metal).toBe('silver-plate');
    expect(found.may).toMatchObject({
      heat: 'no',
      fold: 'no',
      solder: 'no',
      bend: 'yes',
      'polish-hard': 'no',
    });
  });

  it('believes the scale over a mark that lies', () => {
    const found = identify({
      magnet: 'none',
      mark: '925',
      weighing: { ...weighed(40, 8.7), scaleErrorG: 0.01 },
    });
    expect(found.metal).not.toBe('silver-925');
    expect(found.may.heat).not.toBe('yes');
  });

  it('asks for the test that would tell more, one after the other', () => {
    expect(identify({}).nextTest).toBe('magnet');
    expect(identify({ magnet: 'none' }).nextTest).toBe('mark');
    expect(identify({ magnet: 'none', mark: '' }).nextTest).toBe('density');
    expect(identify({ magnet: 'none', mark: '', weighing: weighed(12, 8.8) }).nextTest).toBe('stone');
  });

  it('allows nothing before anything is known', () => {
    expect(Object.values(identify({}).may)).not.toContain('yes');
  });

  it('gives probabilities that make one', () => {
    const { suspects } = identify({ magnet: 'none', stone: 'dissolves' });
    const sum = suspects.reduce((total, { probability }) => total + probability, 0);
    expect(sum).toBeGreaterThan(0.9);
    expect(sum).toBeLessThanOrEqual(1 + 1e-9);
  });

  it('weighs a coin’s own measures: an aluminium piece cannot be silver', () => {
    const disc = { diameterMm: 30, rimThicknessMm: 2, massG: 3.4 };
    expect(identify({ magnet: 'none', disc }).metal).toBe('aluminium');
  });
});
