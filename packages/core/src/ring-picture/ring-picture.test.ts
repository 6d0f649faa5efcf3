import { faceMap, wallLineOfOutline } from '../faces';
import { face, FACE_RADIUS, outlines, relief, straight } from '../testing/test-ring';
import { runToEnd } from '../uncertainty';
import {
  bandPicture,
  bandSize,
  heightAt,
  metalColour,
  reliefOf,
  RING_SIDES,
  ringMesh,
  ringProfile,
  roomPicture,
  ROUND_CORNERS,
  surfaceTexture,
} from './index';

describe('the surfaces of a wall', () => {
  it.each(outlines)('of a %s wall go round it once, without a gap', (_kind, outline) => {
    const profile = ringProfile(outline, { lipMm: 0.2 });
    RING_SIDES.forEach((side, i) => {
      const next = RING_SIDES[(i + 1) % RING_SIDES.length] ?? 'outside';
      const [last, first] = [profile[side].at(-1), profile[next][0]];
      expect(last?.radiusMm).toBeCloseTo(first?.radiusMm ?? NaN, 6);
      expect(last?.heightMm).toBeCloseTo(first?.heightMm ?? NaN, 6);
      expect(last?.normalOut).toBeCloseTo(first?.normalOut ?? NaN, 2);
      expect(last?.normalUp).toBeCloseTo(first?.normalUp ?? NaN, 2);
    });
    const all = RING_SIDES.flatMap((side) => profile[side]);
    for (const { normalOut, normalUp } of all) expect(Math.hypot(normalOut, normalUp)).toBeCloseTo(1, 6);
  });

  it.each(outlines)(
    'of a %s wall enclose as much as its outline does, less the rounded edges',
    (_kind, outline) => {
      const profile = ringProfile(outline, { roundMm: 0.2 });
      const points = RING_SIDES.flatMap((side) => profile[side]);
      let area = 0;
      points.forEach((from, i) => {
        const to = points[(i + 1) % points.length] ?? from;
        area += (from.radiusMm * to.heightMm - to.radiusMm * from.heightMm) / 2;
      });
      const whole = outline.arcMm.reduce((sum, arc, i) => {
        if (i === 0) return 0;
        const mean = ((outline.thicknessMm[i] ?? 0) + (outline.thicknessMm[i - 1] ?? 0)) / 2;
        return sum + (arc - (outline.arcMm[i - 1] ?? 0)) * mean;
      }, 0);
      // Four corners of a quarter circle each lose (1 − π/4) r².
      expect(area / (whole - 4 * (1 - Math.PI / 4) * 0.2 ** 2)).toBeCloseTo(1, 2);
    },
  );

  it.each(outlines)('of a %s wall show each place of the face where the mapping has it', (_kind, outline) => {
    const map = faceMap(wallLineOfOutline(outline), { side: 'outside' });
    for (const { faceMm, radiusMm } of ringProfile(outline).outside) {
      expect(map.bandRadiusMm(faceMm)).toBeCloseTo(radiusMm, 2);
    }
  });

  it('lose more of the inner rim edge to a trimmed lip', () => {
    const top = (lipMm: number) => ringProfile(straight, { lipMm }).inside[0]?.heightMm ?? 0;
    expect(top(0.1) - top(0.6)).toBeCloseTo(0.35, 2);
  });
});

describe('the relief of a face', () => {
  it('stands where the face is raised, and lies flat where it is not', () => {
    const letter = heightAt(relief, 0.78, 0);
    const field = heightAt(relief, 0.5, 0.55);
    expect(letter).toBeGreaterThan(field + 0.3);
    expect(field).toBeCloseTo(64 / 255, 1);
    expect(heightAt(relief, -0.78, 0)).toBeCloseTo(field, 1);
  });

  it('does not see the ground beyond the rim', () => {
    const lit = {
      ...face,
      rgba: face.rgba.map((value, i) => (face.rgba[4 * Math.floor(i / 4) + 3] === 0 ? 255 : value)),
    };
    const other = reliefOf(lit);
    expect(heightAt(other, 0.9, 0.2)).toBeCloseTo(heightAt(relief, 0.9, 0.2), 6);
  });

  it('of a picture without any shades is flat', () => {
    const grey = { widthPx: 32, heightPx: 32, rgba: new Uint8ClampedArray(4 * 32 * 32).fill(128) };
    expect(new Set(reliefOf(grey).height)).toEqual(new Set([64]));
  });
});

describe('a band laid flat', () => {
  const band = (change: object = {}) => ({
    outline: straight,
    side: 'outside' as const,
    relief,
    faceRadiusMm: FACE_RADIUS,
    turn: 'medal' as const,
    look: { metal: metalColour('silver-900'), surface: 'dark' as const, goldInside: false },
    lipMm: 0,
    ...change,
  });
  /** Columns, as shares of the length, in which something bright stands a little below the rim edge. */
  const bright = (picture: { widthPx: number; heightPx: number; rgba: Uint8ClampedArray }) => {
    const row = Math.round(picture.heightPx * 0.36);
    return Array.from({ length: picture.widthPx }, (_, i) => i)
      .filter((i) => (picture.rgba[4 * (row * picture.widthPx + i)] ?? 0) > 120)
      .map((i) => i / picture.widthPx);
  };

  it('is as wide and as long as the mapping says, to scale', () => {
    const { widthMm, lengthMm } = bandSize(band());
    const map = faceMap(wallLineOfOutline(straight), { side: 'outside' });
    expect(widthMm).toBeCloseTo(map.widthMm, 9);
    expect(lengthMm).toBeCloseTo(Math.PI * 2 * (18.95 / 2 + 1.8), -1);
    const { widthPx, heightPx } = runToEnd(bandPicture(band(), 10));
    expect([widthPx, heightPx]).toEqual([Math.round(10 * lengthMm), Math.round(10 * widthMm)]);
  });

  it('has what is at the right of the face a quarter to the right, outside', () => {
    const columns = bright(runToEnd(bandPicture(band(), 8)));
    expect(columns.length).toBeGreaterThan(0);
    for (const column of columns) expect(column).toBeCloseTo(0.75, 1.5);
  });

  it.each([
    // Looked at from inside nothing is mirrored either: right of the top is right of where the top is.
    ['medal', 0.75],
    ['coin', 0.25],
  ] as const)('has it inside, for a %s turn, where it lies behind', (turn, where) => {
    const columns = bright(runToEnd(bandPicture(band({ side: 'inside', turn }), 8)));
    expect(columns.length).toBeGreaterThan(0);
    for (const column of columns) expect(column).toBeCloseTo(where, 1.5);
  });

  it('shows what is trimmed away pale', () => {
    const { rgba, widthPx } = runToEnd(bandPicture(band({ lipMm: 1 }), 8));
    expect(rgba[3]).toBeLessThan(128);
    expect(rgba[4 * widthPx * 20 + 3]).toBe(255);
  });
});

describe('a ring as triangles', () => {
  const mesh = ringMesh(ringProfile(straight), { faceRadiusMm: FACE_RADIUS, turn: 'medal' });

  it('is closed, and encloses what the section sweeps', () => {
    let volume = 0;
    for (const side of RING_SIDES) {
      const { positionsMm, triangles } = mesh[side];
      for (let i = 0; i < triangles.length; i += 3) {
        const corner = (n: number) =>
          [0, 1, 2].map((part) => positionsMm[3 * (triangles[i + n] ?? 0) + part] ?? 0);
        const [a = [], b = [], c = []] = [corner(0), corner(1), corner(2)];
        const at = (v: number[], n: number) => v[n] ?? 0;
        volume +=
          (at(a, 0) * (at(b, 1) * at(c, 2) - at(b, 2) * at(c, 1)) -
            at(a, 1) * (at(b, 0) * at(c, 2) - at(b, 2) * at(c, 0)) +
            at(a, 2) * (at(b, 0) * at(c, 1) - at(b, 1) * at(c, 0))) /
          6;
      }
    }
    const swept = straight.arcMm.reduce((sum, arc, i) => {
      if (i === 0) return 0;
      const mean = (values: readonly number[]) => ((values[i] ?? 0) + (values[i - 1] ?? 0)) / 2;
      return (
        sum +
        2 *
          Math.PI *
          mean(straight.meanRadiusMm) *
          mean(straight.thicknessMm) *
          (arc - (straight.arcMm[i - 1] ?? 0))
      );
    }, 0);
    // Seen from outside the metal every triangle turns the same way; edges are rounded.
    expect(volume).toBeGreaterThan(0.97 * swept);
    expect(volume).toBeLessThan(swept);
  });

  it('has as many corners as rows of its sides', () => {
    const profile = ringProfile(straight);
    for (const side of RING_SIDES) {
      expect(mesh[side].positionsMm.length).toBe(3 * (ROUND_CORNERS + 1) * profile[side].length);
      expect(Math.max(...mesh[side].triangles)).toBe(mesh[side].positionsMm.length / 3 - 1);
    }
  });

  it('takes each corner from its own place of the face', () => {
    const { places } = mesh.outside;
    const quarter = ROUND_CORNERS / 4;
    expect(places[2 * quarter]).toBeGreaterThan(0.65);
    expect(places[2 * quarter + 1]).toBeCloseTo(0.5, 6);
    const inside = mesh.inside.places;
    expect(inside[2 * quarter]).toBeLessThan(0.35);
  });
});

describe('surfaces for a viewer in the round', () => {
  it.each(['polished', 'dark', 'fire-scale'] as const)('cover a %s face from its foot up', (surface) => {
    const look = { metal: metalColour('silver-900'), surface, goldInside: false };
    const { sidePx, colour, height, roughness } = runToEnd(surfaceTexture(relief, look, 'outside'));
    expect(sidePx).toBe(512);
    const at = (x: number, y: number) =>
      4 * (Math.floor(((1 + y) / 2) * sidePx) * sidePx + Math.floor(((1 + x) / 2) * sidePx));
    expect(height[at(0.78, 0)]).toBeGreaterThan((height[at(-0.78, 0)] ?? 0) + 60);
    // The motif stands upright: the legend is nowhere else.
    expect(height[at(0, 0.78)]).toBeLessThan(90);
    if (surface === 'dark') {
      expect(colour[at(0.78, 0)]).toBeGreaterThan((colour[at(-0.78, 0)] ?? 0) + 100);
      expect(roughness[at(0.78, 0) + 1]).toBeLessThan(roughness[at(-0.78, 0) + 1] ?? 0);
    }
  });

  it('mirror a room that is lighter above than below', () => {
    const [width, height] = [16, 8];
    const room = roomPicture('day', width, height);
    const row = (n: number) => room.slice(4 * width * n, 4 * width * (n + 1)).filter((_, i) => i % 4 === 1);
    const light = (n: number) => row(n).reduce((sum, value) => sum + value, 0);
    expect(light(height - 2)).toBeGreaterThan(light(1));
    expect(room.filter((_, i) => i % 4 === 3).every((value) => value === 1)).toBe(true);
  });
});
