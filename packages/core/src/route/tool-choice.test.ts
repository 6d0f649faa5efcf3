import type { Kit, ToolSpec } from './kit';
import {
  chooseBall,
  chooseFoldDie,
  chooseMandrel,
  choosePunch,
  choosePusher,
  chooseReducingHole,
  chooseStretcher,
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
const pusher = (diameterMm: number): ToolSpec => ({ kind: 'stepped-pusher', diameterMm });
const stretcher = (largestMm: number, splines = 4): ToolSpec => ({
  kind: 'stretcher',
  smallestMm: 13,
  largestMm,
  splines,
});

describe('choosing tools', () => {
  it('finds the punch of a hole within a hair', () => {
    expect(choosePunch(kitOf(punch(12.72)), 12.7)).toMatchObject({ use: 'punch 0' });
    expect(choosePunch(kitOf(punch(13)), 12.7)).toEqual({ missing: 'a 12.7 mm punch' });
  });

  it('takes the smallest fold die of the angle that the coin fits into', () => {
    expect(chooseFoldDie(kitOf(die(42), die(32), die(34, 25)), 30.6, 17)).toMatchObject({
      use: 'fold-die 1',
    });
    expect(chooseFoldDie(kitOf(die(28)), 30.6, 17)).toEqual({
      missing: 'a 17° fold die with a mouth of 31 mm or more',
    });
  });

  it('takes the ball nearest the coin, and does without one', () => {
    const balls = kitOf({ kind: 'dapping-ball', diameterMm: 15 }, { kind: 'dapping-ball', diameterMm: 24 });
    expect(chooseBall(balls, 30)).toMatchObject({ use: 'dapping-ball 1, in the dapping block' });
    expect(chooseBall([], 30)).toBeUndefined();
  });

  it('turns the stretcher by half a spline pitch', () => {
    expect(chooseStretcher(kitOf(stretcher(26)), 22)).toMatchObject({
      use: expect.stringContaining('turn 45°'),
    });
    expect(chooseStretcher(kitOf(stretcher(26, 6)), 22)).toMatchObject({
      use: expect.stringContaining('turn 30°'),
    });
    expect(chooseStretcher(kitOf(stretcher(20)), 22)).toEqual({
      missing: 'a stretcher that reaches 22.0 mm',
    });
  });

  it('names the reducing hole nearest the ring, of the angle asked for', () => {
    const plates = kitOf(plate(17, 20, 23, 26), plate(25, 23.5));
    expect(chooseReducingHole(plates, 23.6, 17)).toMatchObject({ use: 'reducing-die 0, hole 23' });
    expect(chooseReducingHole(plates, 23.6, 25)).toMatchObject({ use: 'reducing-die 1, hole 23.5' });
    expect(chooseReducingHole(plates, 32, 17)).toEqual({ missing: 'a 17° reducing hole near 32.0 mm' });
  });

  it('takes the largest pusher that goes in', () => {
    const pushers = kitOf(pusher(16), pusher(18), pusher(20));
    expect(choosePusher(pushers, 19)).toMatchObject({ tool: { id: 'tool-1' } });
    expect(choosePusher(pushers, 15)).toEqual({ missing: 'a stepped pusher up to 15.0 mm' });
  });

  it('knows whether there is a mandrel', () => {
    expect(chooseMandrel(kitOf({ kind: 'mandrel', mmPerUsSize: 12.7 }))).toMatchObject({ use: 'mandrel 0' });
    expect(chooseMandrel([])).toEqual({ missing: 'a ring mandrel' });
  });
});
