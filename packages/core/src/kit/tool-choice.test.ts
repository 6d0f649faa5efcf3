import type { Kit, Tool, ToolSpec } from './kit';
import {
  chooseBall,
  chooseCone,
  chooseMandrel,
  choosePunch,
  chooseReducingHole,
  chooseStretcher,
  foldDies,
  lacksFoldDie,
  stretchersFor,
} from './tool-choice';

function kitOf(...specs: readonly ToolSpec[]): Kit {
  return specs.map((spec, i) => ({ id: `tool-${i}`, name: `${spec.kind} ${i}`, spec }));
}

const punch = (diameterMm: number): ToolSpec => ({ kind: 'punch', diameterMm, selfCentring: false });
const die = (mouthMm: number, angleDeg = 17): ToolSpec => ({
  kind: 'fold-die',
  angleDeg,
  mouthMm,
  smallEndMm: 14,
});
const plate = (angleDeg: number, ...holesMm: number[]): ToolSpec => ({
  kind: 'reducing-die',
  angleDeg,
  holesMm,
});
const IN_DIE = { kind: 'die', angleDeg: 17, leading: 'both' } as const;
const stretcher = (largestMm: number, splines = 4): ToolSpec => ({
  kind: 'stretcher',
  smallestMm: 13,
  largestMm,
  splines,
});

describe('choosing tools', () => {
  it('finds the punch of a hole within a hair', () => {
    expect(choosePunch(kitOf(punch(12.72)), 12.7)).toMatchObject({ use: 'punch 0' });
    expect(choosePunch(kitOf(punch(13)), 12.7)).toMatchObject({
      missing: { kind: 'punch', sizeMm: 12.7, words: 'a 12.7 mm punch' },
    });
  });

  it('files a hole out from the next smaller punch, as far as filing goes', () => {
    const punches = kitOf(punch(11.1), punch(12.7));
    expect(choosePunch(punches, 13.4)).toMatchObject({ use: 'punch 1, then file to 13.4 mm' });
    expect(choosePunch(punches, 14.5)).toMatchObject({ missing: { words: 'a 14.5 mm punch' } });
  });

  it('takes the tightest fold die of each angle that lets the coin in and does not let the rim through', () => {
    const rimOutside = () => 22;
    const found = foldDies(kitOf(die(42), die(32), die(34, 25)), 30.9, rimOutside);
    expect(found.map(({ angleDeg, choice }) => [angleDeg, 'use' in choice && choice.use])).toEqual([
      [17, 'fold-die 1'],
      [25, 'fold-die 2'],
    ]);
    expect(foldDies(kitOf(die(26.8)), 30.9, rimOutside)).toEqual([]);
    // A mouth a little too small still takes it, the widest first; one that is wide enough goes before them.
    expect(foldDies(kitOf(die(28), die(29)), 30.9, rimOutside)).toMatchObject([{ narrowMouthMm: 29 }]);
    expect(foldDies(kitOf(die(29), die(40)), 30.9, rimOutside)[0]).not.toHaveProperty('narrowMouthMm');
    expect(foldDies(kitOf(die(32)), 30.9, () => 13)).toEqual([]);
    expect(lacksFoldDie(30.9, 17)).toMatchObject({
      missing: { words: 'a 17° fold die with a mouth of 31 mm or more' },
    });
  });

  it('takes the ball nearest the coin, and does without one', () => {
    const balls = kitOf({ kind: 'dapping-ball', diameterMm: 15 }, { kind: 'dapping-ball', diameterMm: 24 });
    expect(chooseBall(balls, 30)).toMatchObject({ diameterMm: 24 });
    expect(chooseBall([], 30)).toBeUndefined();
  });

  it('says of six splines that an even ring needs no turn, and of a plug that it cannot go back', () => {
    const useOf = (splines: number) => stretchersFor(kitOf(stretcher(26, splines)), 14, 22)?.use;
    expect(useOf(4)).toMatch(/turn 45° between pulls$/);
    expect(useOf(6)).toMatch(/turn 30° between pulls, or not at all while it stays even$/);
    expect(useOf(0)).toMatch(/a light blow, turn it over, read: it cannot go back, so stop a quarter short$/);
  });

  it('turns the stretcher by half a spline pitch', () => {
    expect(chooseStretcher(kitOf(stretcher(26)), 14, 22)).toMatchObject({
      use: expect.stringContaining('turn 45°'),
    });
    expect(chooseStretcher(kitOf(stretcher(26, 6)), 14, 22)).toMatchObject({
      use: expect.stringContaining('turn 30°'),
    });
    expect(chooseStretcher(kitOf(stretcher(20)), 14, 22)).toMatchObject({
      missing: { words: 'a stretcher that reaches 22.0 mm' },
    });
    expect(chooseStretcher(kitOf(stretcher(26)), 12, 22)).toMatchObject({
      missing: { words: 'a stretcher that goes into 12.0 mm' },
    });
  });

  it('names the reducing hole nearest the ring, of the angle asked for', () => {
    const plates = kitOf(plate(17, 20, 23, 26), plate(25, 23.5));
    expect(chooseReducingHole(plates, 23.6, 17, IN_DIE)).toMatchObject({ use: 'reducing-die 0, hole 23' });
    expect(chooseReducingHole(plates, 23.6, 25, IN_DIE)).toMatchObject({ use: 'reducing-die 1, hole 23.5' });
    expect(chooseReducingHole(plates, 32, 17, IN_DIE)).toMatchObject({
      missing: { words: 'a 17° reducing hole near 32.0 mm' },
    });
  });

  it('takes a cone only where the ring ends in its upper part and the rim sits on a lid', () => {
    const cone = kitOf({
      kind: 'expansion-cone',
      angleDeg: 6,
      smallEndMm: 14,
      largeEndMm: 26,
      lidHolesMm: [18, 20, 22],
    });
    const cut = { fromMm: 16.5, toMm: 18.9 };
    expect(chooseCone(cone, cut, 22.5, 9)).toMatchObject({ use: 'expansion-cone 0, lid 22' });
    expect(chooseCone(cone, cut, 21, 9)).toMatchObject({ use: 'expansion-cone 0, lid 20' });
    expect(chooseCone(cone, { fromMm: 16.5, toMm: 23 }, 26.5, 9)).toMatchObject({
      missing: { kind: 'expansion-cone' },
    });
    expect(chooseCone(cone, { fromMm: 13, toMm: 18.9 }, 22.5, 9)).toMatchObject({
      missing: { kind: 'expansion-cone' },
    });
  });

  it('knows whether there is a mandrel', () => {
    expect(chooseMandrel(kitOf({ kind: 'mandrel', mmPerUsSize: 12.7 }))).toMatchObject({ use: 'mandrel 0' });
    expect(chooseMandrel([])).toMatchObject({ missing: { words: 'a ring mandrel' } });
  });
});

describe('the stretchers of a pull, in words', () => {
  const stretcher = (name: string, smallestMm: number, largestMm: number): Tool => ({
    id: name,
    name,
    spec: { kind: 'stretcher', smallestMm, largestMm, splines: 4 },
  });
  const small = stretcher('small', 15, 19);
  const large = stretcher('large', 18.9, 24);

  it('are one where one does, two where their ranges meet, and none where they do not', () => {
    expect(stretchersFor([small, large], 16, 18)?.use).toBe('small, turn 45° between pulls');
    // US 9 is 18.95 mm: the small one ends a hair past it.
    expect(stretchersFor([small, large], 16, 22)?.use).toBe(
      'small, turn 45° between pulls, up to US 9; then large, turn 45° between pulls',
    );
    expect(stretchersFor([small, large], 16, 22, 'uk')?.use).toMatch(/up to UK S; then large/);
    expect(stretchersFor([small, stretcher('huge', 21, 26)], 16, 25)).toBeUndefined();
  });
});
