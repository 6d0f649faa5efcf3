import { sideShape, topShape } from './blank-geometry';

const STATIONS = [
  { atMm: 0, thicknessMm: 2, widthMm: 12 },
  { atMm: 60, thicknessMm: 2, widthMm: 8 },
];

it('draws a flat blank as long and as thick as it is', () => {
  const { widthMm, heightMm } = sideShape(STATIONS, null);
  expect(widthMm).toBeCloseTo(60, 9);
  expect(heightMm).toBeCloseTo(2, 9);
});

it('draws a closed ring as wide as its outside', () => {
  const insideMm = 60 / Math.PI - 2;
  const { widthMm, heightMm } = sideShape(STATIONS, insideMm);
  expect(widthMm).toBeCloseTo(insideMm + 4, 1);
  expect(heightMm).toBeCloseTo(insideMm + 4, 1);
});

it('draws a half-bent blank lower than the ring is wide', () => {
  const { widthMm, heightMm } = sideShape(STATIONS, 36.2);
  expect(heightMm).toBeCloseTo(20.1, 0);
  expect(widthMm).toBeCloseTo(40.2, 0);
});

it('draws the blank from above with its widths', () => {
  expect(topShape(STATIONS, 5)).toMatchObject({ widthMm: 60, heightMm: 12 });
  expect(
    topShape(
      [
        { atMm: 0, thicknessMm: 1 },
        { atMm: 30, thicknessMm: 1 },
      ],
      5,
    ).heightMm,
  ).toBe(5);
});
