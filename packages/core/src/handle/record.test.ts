import { roundedLines } from '../testing';
import { judgeHandle, profileOf, reachAt, usedStretch, widthAt, wrapHandle, type HandleShape } from './index';

const PROFILE = profileOf([
  { atMm: 0, thicknessMm: 2.6, widthMm: 19 },
  { atMm: 35, thicknessMm: 2.1 },
  { atMm: 60, thicknessMm: 2.2, widthMm: 9 },
  { atMm: 125, thicknessMm: 3.6, widthMm: 8 },
]);
const SHAPES: readonly HandleShape[] = [
  { insideDiameterMm: 18, style: 'straight' },
  { insideDiameterMm: 19.5, style: 'overlap', overlapMm: 9 },
  { insideDiameterMm: 17, style: 'spiral', turns: 1.6, pitchMm: 8 },
];

/** Handles as they come to lie round a finger, pinned place by place. */
describe('the record of handles', () => {
  it.each(SHAPES)('$style', (shape) => {
    const used = usedStretch(PROFILE, 4, shape);
    const { at, placeAt, wholeRad } = wrapHandle(PROFILE, used, shape);
    const places = [0, 0.13, 0.5, 0.77, 1].map((share) =>
      at(used.fromMm + share * (used.toMm - used.fromMm)),
    );
    expect(roundedLines([used, wholeRad, ...places])).toMatchSnapshot();
    expect(roundedLines([0.3, 2, 4.4, 6].map(placeAt))).toMatchSnapshot();
  });

  it('is as wide as the stations that tell it say, between them', () => {
    // Half-way from 19 at the tip to 9 at 60 mm, though a station without a width lies between.
    expect(widthAt(PROFILE, 30)).toBeCloseTo(14, 9);
    expect(widthAt(PROFILE, 130)).toBe(8);
    expect(widthAt(profileOf([{ atMm: 0, thicknessMm: 2 }]), 5)).toBeUndefined();
    const outline = [
      { at: 0.2, left: 4, right: 3 },
      { at: 0.6, left: 7, right: 5 },
    ];
    expect([0, 0.2, 0.3, 0.6, 0.9].map((at) => reachAt(outline, at))).toEqual([
      { left: 4, right: 3 },
      { left: 4, right: 3 },
      { left: 4.75, right: 3.5 },
      { left: 7, right: 5 },
      { left: 7, right: 5 },
    ]);
    expect(reachAt([], 0.5)).toEqual({ left: 0, right: 0 });
  });

  it.each([
    ['short', 100, {}],
    ['thick', 0, { metal: 'silver-plate' }],
    ['enamelled', 4, { enamel: [{ fromMm: 20, toMm: 30 }] }],
    ['in a former of its own', 4, { formerMm: 17 }],
  ] as const)('is judged: %s', (_name, startMm, change) => {
    const verdicts = SHAPES.map((shape) => {
      return judgeHandle({
        profile: PROFILE,
        metal: 'silver-925',
        startMm,
        enamel: [],
        formersMm: [14, 16, 17, 18],
        ...shape,
        ...change,
      });
    });
    expect(roundedLines(verdicts)).toMatchSnapshot();
  });
});
