import { elevationShape } from './elevation-shape';

const RING = { outsideMm: 22, widthMm: 8, turns: 1, pitchMm: 0 };

it('shows a closed ring as wide as its outside and as tall as its band', () => {
  const { front, back, tallMm } = elevationShape(RING);
  expect(front).toHaveLength(1);
  expect(back).toHaveLength(1);
  expect(tallMm).toBe(8);
  const xs = front.flat().map(([x]) => x);
  expect([Math.min(...xs), Math.max(...xs)]).toEqual([-11, 11]);
  front.flat().forEach(([, y]) => expect([0, 8]).toContain(y));
});

it('lets a spiral climb by its pitch each turn', () => {
  const { front, back, tallMm } = elevationShape({ ...RING, turns: 2.5, pitchMm: 10 });
  expect(front).toHaveLength(3);
  expect(back).toHaveLength(2);
  expect(tallMm).toBe(33);
  const ys = [...front, ...back].flat().map(([, y]) => y);
  expect([Math.min(...ys), Math.max(...ys)]).toEqual([0, 33]);
});

it('ends where the last part of a turn ends', () => {
  const { front } = elevationShape({ ...RING, turns: 1.25, pitchMm: 10 });
  const last = front.at(-1) ?? [];
  expect(Math.max(...last.map(([x]) => x))).toBeCloseTo(0, 9);
});
