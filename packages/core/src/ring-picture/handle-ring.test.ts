import { drawHandle, halfWidthMm, HANDLE_MARGIN_MM } from '../drawn-face';
import { profileOf, usedStretch, wrapHandle, type HandleShape } from '../handle';
import { PHOTOGRAPHED_HANDLE } from '../testing/test-handle-photo';
import { runToEnd } from '../uncertainty';
import {
  drawHandleRing,
  handleMesh,
  handleShadow,
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

/** Places of a surface are those of a picture as long as the handle, and half as high as that. */
const IN_PICTURE = { along: { at0: 0, perMm: 1 / 200 }, across: { at0: 0.5, perMm: -1 / 100 } };

/** The space that triangles enclose, mm³ (the divergence theorem). */
function volumeMm3(solid: HandleSolid): number {
  const mesh = handleMesh({ solid, inPicture: IN_PICTURE });
  let six = 0;
  for (const side of RING_SIDES) {
    const { positionsMm, triangles } = mesh[side];
    for (let i = 0; i < triangles.length; i += 3) {
      const corner = (n: number) =>
        positionsMm.subarray(3 * (triangles[i + n] ?? 0), 3 * (triangles[i + n] ?? 0) + 3);
      const [[ax = 0, ay = 0, az = 0], [bx = 0, by = 0, bz = 0], [cx = 0, cy = 0, cz = 0]] = [
        corner(0),
        corner(1),
        corner(2),
      ];
      six += ax * (by * cz - bz * cy) + ay * (bz * cx - bx * cz) + az * (bx * cy - by * cx);
    }
  }
  return six / 6;
}

describe('a handle as a ring in the round', () => {
  it.each([
    ['straight', { insideDiameterMm: 18, style: 'straight' }],
    ['spiral', { insideDiameterMm: 18, style: 'spiral', turns: 1.5, pitchMm: 10 }],
  ] as const)('is closed, its front outside, and holds the metal of the blank: %s', (_name, shape) => {
    const { fromMm, toMm } = usedStretch(EVEN, 0, shape);
    // 8 × 2 mm without its four rounded corners of 0.35 mm.
    const areaMm2 = 8 * 2 - (4 - Math.PI) * 0.35 ** 2;
    expect(volumeMm3(bent(shape)) / (areaMm2 * (toMm - fromMm))).toBeCloseTo(1, 1.5);
  });

  it('has each place of its outside where it is in the picture of the handle, told from its foot', () => {
    const solid = bent({ insideDiameterMm: 18, style: 'straight' });
    const { places } = handleMesh({ solid, inPicture: IN_PICTURE }).outside;
    const { columns, placesMm } = solid.sides.outside;
    // In the middle row, half-way round: (18 + 2)π / 2 = 31.4 of 200 mm along, and in the middle across.
    const at = 2 * (4 * columns + (columns - 1) / 2);
    expect(placesMm[at]).toBeCloseTo(10 * Math.PI, 1);
    expect(places[at]).toBeCloseTo((10 * Math.PI) / 200, 3);
    expect(places[at + 1]).toBeCloseTo(0.5, 5);
    // The row that lies 3.65 mm to the left is 3.65 hundredths higher in it.
    expect(places[2 * (8 * columns + 10) + 1]).toBeCloseTo(0.5 + (4 - 0.35) / 100, 5);
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

describe('the ground under a ring from a handle', () => {
  it('is darkest where it stands, and bare beyond its shadow and in its middle', () => {
    const { sideMm, sidePx, dark } = handleShadow(bent({ insideDiameterMm: 18, style: 'straight' }));
    // 11 mm of ring and four times 0.9 mm of shadow on both sides.
    expect(sideMm).toBeCloseTo(2 * (11 + 3.6), 5);
    const darkAt = (xMm: number) =>
      dark[(sidePx / 2) * sidePx + Math.floor((xMm / sideMm + 0.5) * sidePx)] ?? 0;
    // 34 % of black under the metal; two soft edges out e⁻² of that.
    expect(darkAt(10)).toBe(Math.round(255 * 0.34));
    expect(Math.abs(darkAt(11 + 1.8) / darkAt(10) - Math.exp(-2))).toBeLessThan(0.06);
    expect([darkAt(0), darkAt(14.5)]).toEqual([0, 0]);
  });
});
