import { relief, FACE_RADIUS, scene } from '../testing/test-ring';
import { runToEnd } from '../uncertainty';
import { drawRing, metalColour, reedsOf, RING_SURFACES, type RingScene } from './index';

const VIEW = { widthPx: 120, heightPx: 90, turnDeg: 0, tiltDeg: 33, light: 'day' } as const;

describe('the picture of a ring', () => {
  /** How far the ring reaches in a picture: its opaque pixels. */
  const extent = (rgba: Uint8ClampedArray, widthPx: number) => {
    const opaque = Array.from({ length: rgba.length / 4 }, (_, i) => i).filter(
      (i) => rgba[4 * i + 3] === 255,
    );
    const columns = opaque.map((i) => i % widthPx);
    const rows = opaque.map((i) => Math.floor(i / widthPx));
    return {
      left: Math.min(...columns),
      right: Math.max(...columns),
      top: Math.min(...rows),
      bottom: Math.max(...rows),
      count: opaque.length,
    };
  };
  const mean = (rgba: Uint8ClampedArray, part: number) => {
    let [sum, count] = [0, 0];
    for (let i = 0; i < rgba.length; i += 4) {
      if (rgba[i + 3] !== 255) continue;
      sum += rgba[i + part] ?? 0;
      count += 1;
    }
    return sum / count;
  };

  it.each([4, 33, 84])('has all of it in the picture, seen from %s degrees above', (tiltDeg) => {
    const { rgba, widthPx, heightPx } = runToEnd(drawRing(scene(), { ...VIEW, tiltDeg }));
    const { left, right, top, bottom } = extent(rgba, widthPx);
    expect(Math.min(left, top, widthPx - 1 - right, heightPx - 1 - bottom)).toBeGreaterThanOrEqual(3);
    // It fills what there is, in one direction or the other.
    expect(Math.max((right - left) / widthPx, (bottom - top) / heightPx)).toBeGreaterThan(0.75);
  });

  it('shows the finger hole from above, and the ground through it', () => {
    const { rgba, widthPx, heightPx } = runToEnd(drawRing(scene(), { ...VIEW, tiltDeg: 84 }));
    const middle = 4 * ((heightPx / 2) * widthPx + widthPx / 2);
    expect(rgba[middle + 3]).toBeLessThan(20);
  });

  it('turns what is at the right of the face to the front', () => {
    const look = { metal: metalColour('silver-900'), surface: 'dark', goldInside: false } as const;
    /** Bright pixels of the wall below its middle, in the middle third of the picture. */
    const letterIn = (turnDeg: number) => {
      const { rgba, widthPx, heightPx } = runToEnd(
        drawRing(scene({ outside: relief, look }), { ...VIEW, tiltDeg: 10, turnDeg }),
      );
      let count = 0;
      for (let row = Math.round(heightPx * 0.45); row < heightPx * 0.75; row++) {
        for (let column = Math.round(widthPx * 0.4); column < widthPx * 0.6; column++) {
          if ((rgba[4 * (row * widthPx + column)] ?? 0) > 110) count += 1;
        }
      }
      return count;
    };
    expect(letterIn(90)).toBeGreaterThan(letterIn(270) + 5);
  });

  it.each(RING_SURFACES)('is of the metal’s own colour when it is %s, darker when it is dark', (surface) => {
    const look = { metal: metalColour('copper'), surface, goldInside: false } as const;
    const { rgba } = runToEnd(drawRing(scene({ look }), VIEW));
    if (surface !== 'rainbow') expect(mean(rgba, 0)).toBeGreaterThan(mean(rgba, 2));
    const bright = runToEnd(drawRing(scene({ look: { ...look, surface: 'polished' } }), VIEW));
    if (surface === 'dark' || surface === 'fire-scale')
      expect(mean(rgba, 0)).toBeLessThan(0.8 * mean(bright.rgba, 0));
  });

  it('has gold inside when it is lined, and nowhere else', () => {
    const gold = { ...scene().look, goldInside: true };
    const from = (tiltDeg: number, look = gold) => runToEnd(drawRing(scene({ look }), { ...VIEW, tiltDeg }));
    const yellow = ({ rgba }: { rgba: Uint8ClampedArray }) => mean(rgba, 0) - mean(rgba, 2);
    expect(yellow(from(40))).toBeGreaterThan(yellow(from(40, scene().look)) + 8);
    expect(yellow(from(4))).toBeLessThan(yellow(from(40)));
  });

  it('is dimmer and warmer by a torch', () => {
    const { rgba: day } = runToEnd(drawRing(scene(), VIEW));
    const { rgba: torch } = runToEnd(drawRing(scene(), { ...VIEW, light: 'torch' }));
    expect(mean(torch, 0)).toBeLessThan(0.8 * mean(day, 0));
    expect(mean(torch, 0) / mean(torch, 2)).toBeGreaterThan(1.8);
  });

  it('has reeds on its rim edge only where the piece is reeded', () => {
    expect(reedsOf('plain', FACE_RADIUS)).toBe(0);
    expect(reedsOf('reeded', FACE_RADIUS)).toBe(114);
    const spread = (rim: RingScene['rim']) => {
      const { rgba, widthPx, heightPx } = runToEnd(
        drawRing(scene({ rim }), { ...VIEW, tiltDeg: 80, fine: 1 }),
      );
      let sum = 0;
      for (let i = widthPx; i < widthPx * heightPx; i++) {
        if (rgba[4 * i + 3] === 255 && rgba[4 * i - 1] === 255)
          sum += Math.abs((rgba[4 * i] ?? 0) - (rgba[4 * i - 4] ?? 0));
      }
      return sum;
    };
    expect(spread('reeded')).toBeGreaterThan(1.5 * spread('plain'));
  });
});
