import { drawHandle, halfWidthMm, HANDLE_MARGIN_MM } from '../drawn-face';
import { profileOf, usedStretch, wrapHandle, type HandleShape } from '../handle';
import { PHOTOGRAPHED_HANDLE } from '../testing/test-handle-photo';
import { runToEnd } from '../uncertainty';
import {
  drawHandleRing,
  handleSolid,
  heightAt,
  metalColour,
  NO_RELIEF,
  RING_SIDES,
  stripRelief,
  type HandleSolid,
} from './index';

const EVEN = profileOf([
  { atMm: 0, thicknessMm: 2 },
  { atMm: 200, thicknessMm: 2 },
]);

function bent(shape: HandleShape, widthMm = 8): HandleSolid {
  const wrapped = wrapHandle(EVEN, usedStretch(EVEN, 0, shape), shape);
  const outlineAt = () => ({ leftMm: widthMm / 2, rightMm: widthMm / 2 });
  return handleSolid({ profile: EVEN, wrapped, outlineAt, ends: ['square', 'square'], worn: 'middle' });
}

/** Six times the space that triangles enclose, of one surface (the divergence theorem). */
function sixVolumes({ sides }: HandleSolid): number {
  let sum = 0;
  for (const side of RING_SIDES) {
    const { rows, columns, positionsMm } = sides[side];
    const point = (row: number, column: number) =>
      positionsMm.subarray(3 * (row * columns + column), 3 * (row * columns + column) + 3);
    const add = (a: Float32Array, b: Float32Array, c: Float32Array) => {
      const [ax = 0, ay = 0, az = 0] = a;
      const [bx = 0, by = 0, bz = 0] = b;
      const [cx = 0, cy = 0, cz = 0] = c;
      sum += ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
    };
    for (let row = 0; row < rows - 1; row++) {
      for (let column = 0; column < columns - 1; column++) {
        add(point(row, column), point(row, column + 1), point(row + 1, column + 1));
        add(point(row, column), point(row + 1, column + 1), point(row + 1, column));
      }
    }
  }
  return sum;
}

describe('a handle as a ring in the round', () => {
  it.each([
    ['straight', { insideDiameterMm: 18, style: 'straight' }],
    ['spiral', { insideDiameterMm: 18, style: 'spiral', turns: 1.5, pitchMm: 10 }],
  ] as const)('is closed, its front outside, and holds the metal of the blank: %s', (_name, shape) => {
    const { fromMm, toMm } = usedStretch(EVEN, 0, shape);
    // 8 × 2 mm without its four rounded corners of 0.35 mm.
    const areaMm2 = 8 * 2 - (4 - Math.PI) * 0.35 ** 2;
    expect(sixVolumes(bent(shape)) / 6 / (areaMm2 * (toMm - fromMm))).toBeCloseTo(1, 1.5);
  });

  it('stands on the ground, as wide as the finger and twice the metal, as high as the handle is wide', () => {
    const solid = bent({ insideDiameterMm: 18, style: 'straight' });
    expect(solid.radiusMm).toBeCloseTo(11, 4);
    expect(solid.heightMm).toBeCloseTo(8, 4);
    const heights = RING_SIDES.flatMap((side) => {
      return [...solid.sides[side].positionsMm].filter((_, i) => i % 3 === 1);
    });
    expect(Math.min(...heights)).toBeCloseTo(0, 5);
    const inside = solid.sides.inside;
    const middle = 3 * 112;
    expect(Math.hypot(inside.positionsMm[middle] ?? 0, inside.positionsMm[middle + 2] ?? 0)).toBeCloseTo(
      9,
      4,
    );
  });

  it('looks where each surface looks: normals are of length 1 and point out of the metal', () => {
    const { sides } = bent({ insideDiameterMm: 18, style: 'spiral', turns: 1.5, pitchMm: 10 });
    for (const side of RING_SIDES) {
      const { normals, positionsMm } = sides[side];
      for (let i = 0; i < normals.length; i += 3 * 37) {
        const [x = 0, y = 0, z = 0] = normals.subarray(i, i + 3);
        expect(Math.hypot(x, y, z)).toBeCloseTo(1, 4);
        if (side !== 'outside' && side !== 'inside') continue;
        const out = x * (positionsMm[i] ?? 0) + z * (positionsMm[i + 2] ?? 0);
        if (Math.abs(out) > 5) expect(Math.sign(out)).toBe(side === 'outside' ? 1 : -1);
      }
    }
  });

  it('is drawn with its pattern in front, on see-through ground', () => {
    const profile = profileOf(PHOTOGRAPHED_HANDLE.stations);
    const shape = { insideDiameterMm: 18, style: 'straight' } as const;
    const wrapped = wrapHandle(profile, usedStretch(profile, 0, shape), shape);
    const half = (atMm: number) => halfWidthMm(PHOTOGRAPHED_HANDLE, atMm);
    const outlineAt = (atMm: number) => ({ leftMm: half(atMm), rightMm: half(atMm) });
    const solid = handleSolid({ profile, wrapped, outlineAt, ends: ['pattern', 'round'], worn: 'middle' });
    const strip = drawHandle(PHOTOGRAPHED_HANDLE, 5, [240, 238, 230]);
    const acrossMm = 19 + 2 * HANDLE_MARGIN_MM;
    const relief = stripRelief(strip, (share) => {
      const reach = half(share * profile.lengthMm) / (acrossMm / 2);
      return { above: reach, below: reach };
    });
    const look = { metal: metalColour('silver-925'), surface: 'dark', goldInside: false } as const;
    const inPicture = {
      along: { at0: 0, perMm: 1 / profile.lengthMm },
      across: { at0: 0.5, perMm: -1 / acrossMm },
    };
    const view = { widthPx: 120, heightPx: 90, turnDeg: 0, tiltDeg: 12, light: 'day', fine: 1 } as const;
    const drawn = (one: typeof relief) =>
      runToEnd(drawHandleRing({ solid, relief: one, inPicture, look, depth: 1 }, view));
    const picture = drawn(relief);
    const alphaAt = (x: number, y: number) => picture.rgba[4 * (y * 120 + x) + 3] ?? 0;
    expect([alphaAt(2, 2), alphaAt(60, 50)]).toEqual([0, 255]);
    // Raised waves are rubbed bright on dark ground; without a picture all of it stays dark.
    const bright = ({ rgba }: typeof picture) =>
      [...rgba].filter((value, i) => i % 4 === 1 && value > 120 && (rgba[i + 2] ?? 0) === 255).length;
    expect(bright(picture)).toBeGreaterThan(1.5 * bright(drawn(NO_RELIEF)));
  });
});

describe('the relief of a handle', () => {
  it('is high where the picture is light, and knows nothing of the ground beside it', () => {
    const [widthPx, heightPx] = [400, 80];
    const rgba = new Uint8ClampedArray(4 * widthPx * heightPx).fill(255);
    for (let i = 0; i < widthPx * heightPx; i++) {
      const [x, y] = [i % widthPx, Math.floor(i / widthPx)];
      const isOn = Math.abs(y - 39.5) < 30;
      rgba.fill(isOn ? (x > 195 && x < 205 ? 220 : 150) : 10, 4 * i, 4 * i + 3);
    }
    const relief = stripRelief({ widthPx, heightPx, rgba }, () => ({ above: 0.75, below: 0.75 }));
    const ground = heightAt(relief, -0.5, 0);
    expect(heightAt(relief, 0, 0)).toBeGreaterThan(ground + 0.3);
    expect(heightAt(relief, -0.5, 0.95)).toBeCloseTo(ground, 1);
  });
});
