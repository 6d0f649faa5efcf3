import { spinnerBlanks } from '@round-mint/core/strip';
import { spinnerShape } from './spinner-shape';

const WISH = { insideDiameterMm: 18, innerThicknessMm: 1, outerThicknessMm: 1.2, outerWidthMm: 4 };
const shape = spinnerShape({ ...WISH, parts: spinnerBlanks(WISH) });

it('leaves the clearance between the bands', () => {
  const innerFace = Math.max(...shape.inner.filter(([, y]) => y > 0 && y < shape.tallMm).map(([x]) => x));
  const outerFace = Math.min(...shape.outer.map(([x]) => x));
  expect(outerFace - innerFace).toBeCloseTo(0.15, 9);
});

it('flares both edges past the inside of the outer band', () => {
  const outerFace = Math.min(...shape.outer.map(([x]) => x));
  for (const edge of [0, shape.tallMm]) {
    const reach = Math.max(...shape.inner.filter(([, y]) => y === edge).map(([x]) => x));
    expect(reach - outerFace).toBeCloseTo(0.3, 9);
  }
});

it('is as tall as the inner band, two millimetres more than the outer', () => {
  expect(shape.tallMm).toBe(6);
  expect(shape.deepMm).toBeCloseTo(2.35, 9);
});
