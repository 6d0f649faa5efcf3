import {
  CHECK_BAR_MM,
  centringSheet,
  checkBar,
  PAPERS,
  sheetSvg,
  type PaperId,
  type SheetMark,
} from './index';

const INPUT = { coinName: 'Skerrow <gannet> & co', diameterMm: 36, holeMm: 14.3 };

function ofKind<K extends SheetMark['kind']>(marks: readonly SheetMark[], kind: K) {
  return marks.filter((mark): mark is Extract<SheetMark, { kind: K }> => mark.kind === kind);
}

describe('checkBar', () => {
  it('is 50 mm long between its ticks', () => {
    const lines = ofKind(checkBar(20, 26), 'line');
    const [bar, left, right] = lines;
    expect((bar?.x2 ?? 0) - (bar?.x1 ?? 0)).toBe(CHECK_BAR_MM);
    expect((right?.x1 ?? 0) - (left?.x1 ?? 0)).toBe(50);
  });
});

describe('centringSheet', () => {
  it.each(['a4', 'letter'] as PaperId[])('fits on %s with the largest coin', (paper) => {
    const { marks } = centringSheet({ ...INPUT, diameterMm: 80, holeMm: 40, paper });
    const { widthMm, heightMm } = PAPERS[paper];
    for (const { x, y, radiusMm } of ofKind(marks, 'circle')) {
      expect(x - radiusMm).toBeGreaterThan(5);
      expect(x + radiusMm).toBeLessThan(widthMm - 5);
      expect(y + radiusMm).toBeLessThan(heightMm - 5);
      expect(y - radiusMm).toBeGreaterThan(5);
    }
  });

  it('draws the coin, a card with room for it, and the hole in the middle of both', () => {
    const circles = ofKind(centringSheet({ ...INPUT, paper: 'a4' }).marks, 'circle');
    expect(circles.map(({ radiusMm }) => radiusMm)).toEqual([18, 7.15, 18.1, 7.15]);
    expect(circles[0]?.y).toBe(circles[1]?.y);
    expect(circles[2]?.y).toBe(circles[3]?.y);
  });

  it('has a clock face to take readings by', () => {
    const texts = ofKind(centringSheet({ ...INPUT, paper: 'a4' }).marks, 'text').map(({ text }) => text);
    expect(texts).toEqual(expect.arrayContaining(['12', '3', '6', '9']));
  });
});

describe('sheetSvg', () => {
  it('is in millimetres, and escapes what a name may hold', () => {
    const svg = sheetSvg(centringSheet({ ...INPUT, paper: 'letter' }));
    expect(svg).toContain('width="215.9mm" height="279.4mm" viewBox="0 0 215.9 279.4"');
    expect(svg).toContain('Skerrow &lt;gannet&gt; &amp; co');
    expect(svg).toContain('<line x1="20" y1="26" x2="70" y2="26"');
    expect(svg.match(/<circle/g)).toHaveLength(4);
  });
});
