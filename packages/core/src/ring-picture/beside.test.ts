import { letterRow } from '../drawn-face';
import { relief, scene } from '../testing/test-ring';
import { runToEnd } from '../uncertainty';
import { drawRing, letterHeight, NO_RELIEF, rimLetters, type RingScene } from './index';

const VIEW = { widthPx: 160, heightPx: 90, turnDeg: 0, tiltDeg: 30, light: 'day', fine: 1 } as const;

function drawn(
  change: Partial<RingScene>,
  view: { readonly turnDeg?: number; readonly tiltDeg?: number } = {},
) {
  const { rgba, widthPx } = runToEnd(drawRing({ ...scene(), ...change }, { ...VIEW, ...view }));
  const solid = Array.from({ length: rgba.length / 4 }, (_, i) => i).filter((i) => rgba[4 * i + 3] === 255);
  const columns = solid.map((i) => i % widthPx);
  return {
    rgba,
    left: Math.min(...columns),
    right: Math.max(...columns),
    top: Math.min(...solid.map((i) => Math.floor(i / widthPx))),
    count: solid.length,
  };
}

const PIECE = {
  kind: 'piece',
  diameterMm: 30,
  thicknessMm: 2,
  metal: 'silver-900',
  relief,
} as const;

describe('what is shown with a ring', () => {
  it('is a finger that fills it and stands out above it', () => {
    const alone = drawn({});
    const worn = drawn({ beside: { kind: 'finger', diameterMm: 19 } });
    // With the finger in the picture the ring itself is smaller.
    expect(worn.right - worn.left).toBeLessThan(0.75 * (alone.right - alone.left));
    const above = { tiltDeg: 84 } as const;
    const middleOf = ({ rgba }: typeof alone) => rgba[4 * (45 * 160 + 80) + 3];
    expect(middleOf(drawn({}, above))).toBeLessThan(20);
    expect(middleOf(drawn({ beside: { kind: 'finger', diameterMm: 19 } }, above))).toBe(255);
  });

  it('is the flat piece to the right of it, whatever way the ring is turned, its face up', () => {
    const reach = (turnDeg: number) => {
      const { left, right } = drawn({ beside: PIECE }, { turnDeg });
      return [left, right];
    };
    expect(reach(90)).toEqual(reach(0));
    const [left = 0, right = 0] = reach(0);
    expect([left, right].every((column) => column >= 8 && column < 152)).toBe(true);
    // The ring is the smaller of the two: the gap between them lies left of the middle.
    const { rgba } = drawn({ beside: PIECE });
    const shadeOf = (picture: Uint8ClampedArray) => picture.reduce((sum, value) => sum + value, 0);
    const plain = drawn({ beside: { ...PIECE, relief: NO_RELIEF } });
    expect(shadeOf(plain.rgba)).not.toBe(shadeOf(rgba));
  });

  it('keeps room for what it was before, so that a film has one scale', () => {
    const alone = drawn({});
    const roomy = drawn({ room: { radiusMm: 20, heightMm: 4 } });
    expect(roomy.right - roomy.left).toBeLessThan(0.75 * (alone.right - alone.left));
  });
});

describe('letters round a rim', () => {
  it('close on themselves, the text as often as it fits', () => {
    const row = letterRow('I··', 60, 30);
    expect([row.widthPx, row.heightPx]).toEqual([1800, 30]);
    const column = (x: number) => Array.from({ length: 30 }, (_, y) => row.height[y * 1800 + x] ?? 0);
    const ink = (x: number) => column(x).reduce((sum, value) => sum + value, 0);
    const stems = Array.from({ length: 1800 }, (_, x) => x).filter((x) => ink(x) > 16);
    // I is the only stem as high as that: it comes back at even distances.
    const starts = stems.filter((x) => !stems.includes(x - 1));
    const gaps = starts.slice(1).map((x, i) => x - (starts[i] ?? 0));
    expect(starts.length).toBeGreaterThan(8);
    for (const gap of gaps) expect(Math.abs(gap - 1800 / starts.length)).toBeLessThan(2);
    expect(Math.max(...row.height)).toBe(1);
    expect(column(0)[0]).toBe(0);
  });

  it('stand on the flat of the edge only, and are drawn into the picture', () => {
    const { profile } = scene();
    const letters = rimLetters(profile.rimEdge, 'MARENZA · ');
    if (!letters) throw new Error('this rim has room for letters');
    expect(letters.flatFrom).toBe(profile.rimEdge.length / 2 - 1);
    expect(letterHeight(letters.row, 1, -0.1)).toBe(0);
    expect(letterHeight(letters.row, 1, 1.1)).toBe(0);
    const heights = Array.from({ length: 400 }, (_, i) =>
      letterHeight(letters.row, (i / 400) * 2 * Math.PI, 0.5),
    );
    expect(Math.max(...heights)).toBeGreaterThan(0.9);
    expect(letterHeight(letters.row, -1, 0.5)).toBeCloseTo(
      letterHeight(letters.row, 2 * Math.PI - 1, 0.5),
      9,
    );
    const plain = drawn({ rim: 'plain' });
    const lettered = drawn({ rim: 'lettered', rimText: 'MARENZA · ' });
    expect(lettered.count).toBe(plain.count);
    expect(lettered.rgba).not.toEqual(plain.rgba);
    expect(drawn({ rim: 'lettered', rimText: undefined }).rgba).toEqual(plain.rgba);
  });
});
