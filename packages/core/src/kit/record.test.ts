import { rounded, roundedLines } from '../testing';
import {
  chooseBall,
  chooseCone,
  choosePunch,
  chooseReducingHole,
  chooseStretcher,
  dieCurve,
  foldDies,
  holesFor,
  REFERENCE_KIT,
  revealFor,
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

  it('a die chart between and past what was seen', () => {
    expect(roundedLines(dieCurve(SEEN))).toMatchSnapshot();
    expect(rounded([20, 19.3, 18.8, 18.72, 18, 17].map((mm) => revealFor(SEEN, mm)))).toMatchSnapshot();
  });
});
