import { drawHandle, halfWidthMm } from '../drawn-face';
import { profileOf, usedStretch, wrapHandle, type HandleShape } from '../handle';
import { pictureTiles, roundedLines, tileMeans } from '../testing';
import { PHOTOGRAPHED_HANDLE } from '../testing/test-handle-photo';
import { face, FACE_RADIUS, outlines, relief, scene, straight } from '../testing/test-ring';
import { runToEnd } from '../uncertainty';
import {
  bandPicture,
  drawHandleRing,
  drawRing,
  handleMesh,
  handleShadow,
  handleSolid,
  heightAt,
  letterHeight,
  metalColour,
  rimLetters,
  RING_SIDES,
  RING_SURFACES,
  ringMesh,
  ringProfile,
  ringShadow,
  roomPicture,
  stripRelief,
  surfaceTexture,
  type Relief,
  type RingScene,
  type ShadowPicture,
} from './index';

const VIEW = { widthPx: 96, heightPx: 72, turnDeg: 40, tiltDeg: 33, light: 'day', fine: 1 } as const;
const TILES = { across: 8, down: 6 };

const drawn = (change: Partial<RingScene>, view: Partial<Parameters<typeof drawRing>[1]> = {}) =>
  pictureTiles(runToEnd(drawRing(scene({ outside: relief, ...change }), { ...VIEW, ...view })), TILES);
const look = (surface: (typeof RING_SURFACES)[number], goldInside = false) => ({
  metal: metalColour('copper'),
  surface,
  goldInside,
});
const square = (sidePx: number, values: ArrayLike<number>, every = 1) =>
  tileMeans({ widthPx: sidePx, heightPx: sidePx, valueAt: (i) => values[every * i] ?? NaN }, { digits: 2 });
/** Numbers of a list as mean and mean square of each of so many parts of it. */
const inParts = (values: ArrayLike<number>, parts: number) => {
  const all = Array.from(values);
  const length = Math.ceil(all.length / parts);
  return roundedLines(
    Array.from({ length: parts }, (_, part) => {
      const own = all.slice(part * length, (part + 1) * length);
      const mean = own.reduce((sum, value) => sum + value, 0) / own.length;
      const meanSquare = own.reduce((sum, value) => sum + value ** 2, 0) / own.length;
      return [mean + 100, Math.sqrt(meanSquare), own.length];
    }),
  );
};

/** Pictures of rings, pinned in tiles of their pixels: what moves, or is lit otherwise, is seen. */
describe('the record of ring pictures', () => {
  it.each(RING_SURFACES)('is %s by day and by a torch', (surface) => {
    expect(drawn({ look: look(surface) })).toMatchSnapshot();
    expect(drawn({ look: look(surface, true) }, { light: 'torch', tiltDeg: 60 })).toMatchSnapshot();
  });

  it('has both faces, reeds or letters on its rim, and as much depth as is asked for', () => {
    const rich = {
      inside: relief,
      turn: 'coin',
      depth: 1.6,
      profile: ringProfile(straight, { lipMm: 0.2 }),
    } as const;
    expect(drawn({ ...rich, rim: 'reeded' })).toMatchSnapshot();
    expect(drawn({ ...rich, rim: 'lettered', rimText: 'RIVER 7' }, { tiltDeg: 75 })).toMatchSnapshot();
    expect(drawn({ ...rich }, { fine: 2, turnDeg: -130, tiltDeg: 8 })).toMatchSnapshot();
  });

  it('has something beside it for its size', () => {
    const piece = { kind: 'piece', diameterMm: 31, thicknessMm: 2, metal: 'bronze', relief } as const;
    expect(drawn({ beside: piece })).toMatchSnapshot();
    expect(drawn({ beside: { kind: 'finger', diameterMm: 18.9 } })).toMatchSnapshot();
    expect(drawn({ room: { radiusMm: 17, heightMm: 12 } })).toMatchSnapshot();
  });
});

describe('the record of what rings are drawn from', () => {
  it.each(outlines)('has the surfaces of a %s wall', (_kind, outline) => {
    const profile = ringProfile(outline, { lipMm: 0.3, roundMm: 0.15 });
    for (const side of RING_SIDES) {
      const every = Math.ceil(profile[side].length / 9);
      expect(roundedLines(profile[side].filter((_, i) => i % every === 0))).toMatchSnapshot();
    }
    const { dark, sidePx, sideMm } = ringShadow(profile);
    expect([sidePx, sideMm.toFixed(4), ...square(sidePx, dark)]).toMatchSnapshot();
  });

  it.each(['medal', 'coin'] as const)('has a mesh whose inside is turned as a %s', (turn) => {
    const mesh = ringMesh(ringProfile(straight), { faceRadiusMm: FACE_RADIUS, turn });
    for (const side of RING_SIDES) {
      const { positionsMm, normals, places, triangles } = mesh[side];
      for (const list of [positionsMm, normals, places, triangles])
        expect(inParts(list, 4)).toMatchSnapshot();
    }
  });

  it.each(['outside', 'inside'] as const)('has the band laid flat, seen from %s', (side) => {
    for (const turn of ['medal', 'coin'] as const) {
      const band = {
        outline: straight,
        side,
        relief,
        faceRadiusMm: FACE_RADIUS,
        turn,
        look: look('dark'),
        lipMm: 0.5,
      };
      const picture = runToEnd(bandPicture(band, 5));
      expect([picture.widthPx, picture.heightPx]).toMatchSnapshot();
      expect(pictureTiles(picture, { across: 12, down: 4 })).toMatchSnapshot();
    }
  });

  it.each(['day', 'torch'] as const)('has a room that lights it by %s', (light) => {
    const room = roomPicture(light, 64, 32);
    for (const colour of [0, 1, 2]) {
      const valueAt = (i: number) => room[4 * i + colour] ?? NaN;
      expect(tileMeans({ widthPx: 64, heightPx: 32, valueAt })).toMatchSnapshot();
    }
  });

  it.each(RING_SURFACES)('has a surface that is %s', (surface) => {
    for (const side of ['outside', 'inside'] as const) {
      const { sidePx, colour, roughness, height } = runToEnd(
        surfaceTexture(relief, look(surface, true), side),
      );
      for (const list of [colour, colour.subarray(1), colour.subarray(2), roughness.subarray(1), height])
        expect(square(sidePx, list, 4)).toMatchSnapshot();
    }
  });

  it('has letters that run round the rim’s edge', () => {
    const letters = rimLetters(ringProfile(straight).rimEdge, 'RIVER 7');
    if (!letters) throw new Error('the edge is wide enough');
    const { row, ...flat } = letters;
    expect(roundedLines([flat, row.widthPx, row.heightPx])).toMatchSnapshot();
    const heights = [-2, 0.013, 0.4, 1.3, 5.9].flatMap((round) =>
      [-0.1, 0.2, 0.45, 0.7, 1, 1.1].map((across) => letterHeight(row, round, across)),
    );
    expect(roundedLines(heights)).toMatchSnapshot();
  });

  it('has a relief read between its places', () => {
    expect(square(relief.sidePx, relief.height)).toMatchSnapshot();
    const small: Relief = { sidePx: 2, height: Uint8Array.of(0, 51, 102, 255) };
    // Middles of the four places lie at a quarter and three quarters: half-way between them is their mean.
    expect(heightAt(small, 0, 0)).toBeCloseTo((0 + 51 + 102 + 255) / 4 / 255, 2);
    expect(heightAt(small, 0.5, 0.5)).toBeCloseTo(51 / 255, 2);
    expect(heightAt(small, -0.5, -0.5)).toBeCloseTo(102 / 255, 2);
    expect(face.widthPx).toBe(512);
  });
});

const PROFILE = profileOf(PHOTOGRAPHED_HANDLE.stations);
const SHAPES: readonly (readonly [HandleShape['style'], HandleShape])[] = [
  ['straight', { insideDiameterMm: 18, style: 'straight' }],
  ['spiral', { insideDiameterMm: 18, style: 'spiral', turns: 1.4, pitchMm: 9 }],
];

describe('the record of rings from a handle', () => {
  const half = (atMm: number) => halfWidthMm(PHOTOGRAPHED_HANDLE, atMm);
  const strip = drawHandle(PHOTOGRAPHED_HANDLE, 4, [240, 238, 230]);
  const acrossMm = strip.heightPx / 4;
  const carved = stripRelief(strip, (share) => {
    const reach = half(share * PROFILE.lengthMm) / (acrossMm / 2);
    return { above: 0.95 * reach, below: reach };
  });
  const inPicture = {
    along: { at0: 0.01, perMm: 1 / PROFILE.lengthMm },
    across: { at0: 0.5, perMm: -1 / acrossMm },
  };
  const shadowOf = ({ dark, sidePx, sideMm }: ShadowPicture) => [
    sidePx,
    sideMm.toFixed(4),
    ...square(sidePx, dark),
  ];

  it.each(SHAPES)('has the surfaces of one that is wrapped %s, and its picture', (_style, shape) => {
    const wrapped = wrapHandle(PROFILE, usedStretch(PROFILE, 4, shape), shape);
    const outlineAt = (atMm: number) => ({ leftMm: half(atMm), rightMm: 0.9 * half(atMm) });
    const solid = handleSolid({
      profile: PROFILE,
      wrapped,
      outlineAt,
      ends: ['pattern', 'round'],
      worn: 'middle',
    });
    const mesh = handleMesh({ solid, inPicture });
    for (const side of RING_SIDES) {
      const { positionsMm, normals, places, triangles } = mesh[side];
      for (const list of [positionsMm, normals, places, triangles])
        expect(inParts(list, 4)).toMatchSnapshot();
    }
    expect([
      solid.radiusMm.toFixed(4),
      solid.heightMm.toFixed(4),
      ...shadowOf(handleShadow(solid)),
    ]).toMatchSnapshot();
    const scenery = { solid, relief: carved, inPicture, look: look('dark'), depth: 1.2 };
    expect(pictureTiles(runToEnd(drawHandleRing(scenery, VIEW)), TILES)).toMatchSnapshot();
  });

  it('has the relief of its pattern', () => {
    expect(square(carved.sidePx, carved.height)).toMatchSnapshot();
  });
});
