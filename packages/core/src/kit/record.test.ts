import { rounded, roundedLines } from '../testing';
import {
  chooseBall,
  chooseHollow,
  chooseCone,
  choosePunch,
  chooseReducingHole,
  chooseStretcher,
  dieCurve,
  foldDies,
  holesFor,
  REFERENCE_KIT,
  revealFor,
  stretcherTaperDeg,
  type Kit,
  type ToolChoice,
} from './index';

const CONTACT = { kind: 'curl-die', angleDeg: 17 } as const;
const SEEN = [
  { revealMm: 1, insideDiameterMm: 19.6 },
  { revealMm: 2, insideDiameterMm: 19 },
  { revealMm: 3.5, insideDiameterMm: 18.7 },
  { revealMm: 3.6, insideDiameterMm: 18.75 },
  { revealMm: 5, insideDiameterMm: 17.6 },
].map(({ revealMm, insideDiameterMm }) => ({ reveal: revealMm, insideDiameterMm }));

/** What is taken from a kit, pinned, at and past the edges of what it holds. */
describe('the record of tools', () => {
  it('punches, balls, holes', () => {
    expect(
      rounded([9, 9.5, 9.62, 10.2, 12.7, 13.4, 19.1, 21].map((mm) => choosePunch(REFERENCE_KIT, mm))),
    ).toMatchSnapshot();
    expect(
      rounded(
        [22, 30, 38].map((mm) => [chooseBall(REFERENCE_KIT, mm)?.diameterMm, holesFor(REFERENCE_KIT, mm)]),
      ),
    ).toMatchSnapshot();
  });

  it('stretchers, reducing holes, cones, fold dies', () => {
    expect(
      rounded(
        [
          [12, 18],
          [13.2, 20],
          [17, 25.9],
          [17, 26.4],
        ].map(([from, to]) => chooseStretcher(REFERENCE_KIT, from!, to!)),
      ),
    ).toMatchSnapshot();
    expect(
      rounded([14, 15.2, 17, 22.3, 30, 36].map((mm) => chooseReducingHole(REFERENCE_KIT, mm, 17, CONTACT))),
    ).toMatchSnapshot();
    expect(
      rounded(
        [
          [16, 19],
          [11, 19],
          [20, 31],
        ].map(([fromMm, toMm]) =>
          chooseCone(REFERENCE_KIT, { fromMm: fromMm!, toMm: toMm! }, toMm! + 3.6, 8),
        ),
      ),
    ).toMatchSnapshot();
    expect(rounded([26, 41, 43].map((mm) => foldDies(REFERENCE_KIT, mm, () => mm * 0.7)))).toMatchSnapshot();
  });

  it('of two alike the first, and of dies that are too narrow the widest', () => {
    const kit: Kit = [
      { id: 'p1', name: 'punch', spec: { kind: 'punch', diameterMm: 12.7, selfCentring: false } },
      { id: 'p2', name: 'other punch', spec: { kind: 'punch', diameterMm: 12.7, selfCentring: false } },
      { id: 'b1', name: 'ball', spec: { kind: 'dapping-ball', diameterMm: 24.6 } },
      { id: 'b2', name: 'other ball', spec: { kind: 'dapping-ball', diameterMm: 25.4 } },
      { id: 'd1', name: 'die', spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 28, smallEndMm: 14 } },
      { id: 'd2', name: 'wide die', spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 31, smallEndMm: 17 } },
      { id: 'd3', name: 'wider die', spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 36, smallEndMm: 19 } },
    ];
    const idOf = (choice: ToolChoice | undefined) =>
      choice && 'tool' in choice ? choice.tool.id : undefined;
    expect(idOf(choosePunch(kit, 12.7))).toBe('p1');
    expect(idOf(chooseHollow(kit, 25, CONTACT))).toBe('b1');
    expect(idOf(chooseHollow(kit, 25.6, CONTACT))).toBe('b2');
    expect(idOf(chooseHollow(kit, 26, CONTACT))).toBeUndefined();
    const dies = (coinMm: number, rimMm = 30) =>
      foldDies(kit, coinMm, () => rimMm).map(({ choice, narrowMouthMm }) => [idOf(choice), narrowMouthMm]);
    expect(dies(30)).toEqual([['d2', undefined]]);
    expect(dies(33)).toEqual([['d3', undefined]]);
    // Up to 4 mm wider than the mouth it still turns over the corner, of the widest.
    expect(dies(38)).toEqual([['d3', 36]]);
    expect(dies(40.1)).toEqual([]);
    // A rim that ends smaller than the small end would fall through.
    expect(dies(30, 16.9)).toEqual([['d1', 28]]);
    expect(dies(30, 13.9)).toEqual([]);
  });

  it('the taper of the stretcher that a pull ends with', () => {
    const kit: Kit = [
      {
        id: 's1',
        name: 'narrow',
        spec: { kind: 'stretcher', smallestMm: 12, largestMm: 18, taperDeg: 1.5, splines: 4 },
      },
      {
        id: 's2',
        name: 'wide',
        spec: { kind: 'stretcher', smallestMm: 17, largestMm: 26, taperDeg: 0.8, splines: 4 },
      },
    ];
    expect(stretcherTaperDeg(kit, 14, 17)).toBe(1.5);
    expect(stretcherTaperDeg(kit, 14, 22)).toBe(0.8);
    expect(stretcherTaperDeg(kit, 14, 30)).toBe(0);
  });

  it('a die chart between and past what was seen', () => {
    expect(roundedLines(dieCurve(SEEN))).toMatchSnapshot();
    expect(rounded([20, 19.3, 18.8, 18.72, 18, 17].map((mm) => revealFor(SEEN, mm)))).toMatchSnapshot();
  });
});
