import { pictureTiles, tileMeans } from '../testing';
import {
  drawFace,
  drawHandle,
  faceHeights,
  HANDLE_PATTERNS,
  letterRow,
  MOTIFS,
  photographed,
  type FaceDesign,
} from './index';
import { flatField, type HeightField } from './height-field';
import { letterOf, linesOf } from './letters';
import { raiseMotif } from './motifs';

const heightTiles = ({ sidePx, height }: HeightField) =>
  tileMeans({ widthPx: sidePx, heightPx: sidePx, valueAt: (i) => height[i] ?? NaN });

const DESIGN: FaceDesign = {
  border: 'beads',
  legends: [
    { text: 'RIVER STATE', middleDeg: 10 },
    { text: '7', middleDeg: 200 },
  ],
  lines: [{ text: 'GO 2', y: -0.55, height: 0.12 }],
  motif: 'rose',
  motifAt: { y: 0.14, scale: 0.5 },
};

/** What made-up pieces look like, pinned in tiles: a line that moves, or a light that changes, is seen. */
describe('the record of drawn faces', () => {
  it.each(MOTIFS)('has a %s as high as it was drawn', (motif) => {
    const field = flatField(144);
    raiseMotif(field, motif);
    expect(heightTiles(field)).toMatchSnapshot();
  });

  it.each(['beads', 'teeth', 'line'] as const)(
    'has a border of %s, legends and a line of words',
    (border) => {
      expect(heightTiles(faceHeights({ ...DESIGN, border }, 200))).toMatchSnapshot();
    },
  );

  it('is lit from above left', () => {
    expect(pictureTiles(drawFace(DESIGN, 160, [200, 150, 100]))).toMatchSnapshot();
  });

  it.each(HANDLE_PATTERNS)('has %s on a handle', (pattern) => {
    const stations = [
      { atMm: 0, thicknessMm: 2.6, widthMm: 19 },
      { atMm: 40, thicknessMm: 2.1, widthMm: 12 },
      { atMm: 110, thicknessMm: 3.6, widthMm: 8 },
    ];
    const drawn = drawHandle({ pattern, stations }, 5, [200, 150, 100]);
    expect([drawn.widthPx, drawn.heightPx]).toEqual([550, 115]);
    expect(pictureTiles(drawn, { across: 14, down: 6 })).toMatchSnapshot();
  });

  it('is photographed somewhat from aside, in a light that falls off, with its shadow', () => {
    const { image, rim, topDeg } = photographed(drawFace(DESIGN, 160, [200, 150, 100]), 5, 200);
    expect(pictureTiles(image, { across: 10, down: 10 })).toMatchSnapshot();
    expect([...Object.values(rim), topDeg].map((value) => value.toFixed(4))).toMatchSnapshot();
  });

  it('has a row of letters round a rim, as often as it fits', () => {
    const { widthPx, heightPx, height } = letterRow('NO 8', 9, 40);
    expect([widthPx, heightPx]).toEqual([360, 40]);
    const tiles = tileMeans({ widthPx, heightPx, valueAt: (i) => height[i] ?? NaN }, { across: 20, down: 8 });
    expect(tiles).toMatchSnapshot();
    expect(letterRow('', 9, 40).height.every((level) => level === 0)).toBe(true);
  });

  it('has its letters cut as they are', () => {
    const cut = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789'].map((sign) => {
      const { width, lines } = letterOf(sign);
      return `${sign} ${width}: ${lines.map(({ spots, curved }) => `${curved ? '~' : ''}${spots.join(' ')}`).join(' | ')}`;
    });
    expect(cut).toMatchSnapshot();
    const { long, lines } = linesOf('A B');
    // A of 4.2, a blank of 2 and a B of 3.5, with 1.5 after each.
    expect(long).toBeCloseTo(4.2 + 2 + 3.5 + 3 * 1.5, 9);
    expect(lines.at(-1)?.spots[0]?.x).toBeCloseTo(4.2 + 2 + 2 * 1.5, 9);
  });
});
