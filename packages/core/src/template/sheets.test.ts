import { SIZE_SYSTEMS } from '../size';
import {
  CARD_MM,
  fingerStripSheet,
  PAPER_THICKNESS_MM,
  PAPERS,
  ringHolesSheet,
  sheetDxf,
  sheetSvg,
  type Sheet,
} from './index';
import { BLANK, BAND, SHEETS } from './test-sheets';

function points({ marks }: Sheet) {
  return marks.flatMap((mark) => {
    if (mark.kind === 'polyline') return mark.points;
    if (mark.kind === 'line') {
      return [
        { x: mark.x1, y: mark.y1 },
        { x: mark.x2, y: mark.y2 },
      ];
    }
    if (mark.kind === 'circle') {
      return [
        { x: mark.x - mark.radiusMm, y: mark.y - mark.radiusMm },
        { x: mark.x + mark.radiusMm, y: mark.y + mark.radiusMm },
      ];
    }
    return [{ x: mark.x, y: mark.y }];
  });
}

describe.each(SHEETS)('the %s sheet', (_name, sheet) => {
  it('stays on its paper, and bears the 50 mm bar', () => {
    const { widthMm, heightMm } = PAPERS[sheet.paper];
    points(sheet).forEach(({ x, y }) => {
      expect(x).toBeGreaterThan(3);
      expect(x).toBeLessThan(widthMm - 3);
      expect(y).toBeGreaterThan(3);
      expect(y).toBeLessThan(heightMm - 3);
    });
    const bars = sheet.marks.filter(
      (mark) => mark.kind === 'line' && mark.x2 - mark.x1 === 50 && mark.y1 === mark.y2,
    );
    expect(bars).toHaveLength(1);
  });

  it('is written as SVG and DXF with all its lines', () => {
    const svg = sheetSvg(sheet);
    const dxf = sheetDxf(sheet);
    const { heightMm } = PAPERS[sheet.paper];
    expect(svg).toContain(`viewBox="0 0 ${PAPERS[sheet.paper].widthMm} ${heightMm}"`);
    const circles = sheet.marks.filter(({ kind }) => kind === 'circle').length;
    expect(dxf.split('\nCIRCLE\n').length - 1).toBe(circles);
    expect(dxf.endsWith('EOF\n')).toBe(true);
    // DXF counts upwards from below; figures have four decimals.
    const circle = sheet.marks.find(({ kind }) => kind === 'circle');
    if (circle?.kind === 'circle') {
      const y = Math.round((heightMm - circle.y) * 1e4) / 1e4;
      expect(dxf).toContain(`\n10\n${Math.round(circle.x * 1e4) / 1e4}\n20\n${y}\n40\n`);
    }
    expect(dxf.split('\n').length % 2).toBe(1);
  });
});

describe('true scale', () => {
  it('draws the blank as long as it is, ends and all', () => {
    const outline = BLANK.marks.find((mark) => mark.kind === 'polyline');
    const ys = outline?.kind === 'polyline' ? outline.points.map(({ y }) => y) : [];
    const span = Math.max(...ys) - Math.min(...ys);
    expect(span).toBeCloseTo(62, 6);
  });

  it('copes the sides to the coin', () => {
    const sides = BAND.marks.filter((mark) => mark.kind === 'polyline').slice(0, 2);
    const coin = BAND.marks.find((mark) => mark.kind === 'circle');
    if (coin?.kind !== 'circle') throw new Error('no coin is drawn');
    for (const side of sides) {
      const cope = side.kind === 'polyline' ? side.points.slice(0, 25) : [];
      cope.forEach(({ x, y }) => expect(Math.hypot(x - coin.x, y - coin.y)).toBeCloseTo(10, 6));
    }
  });

  it('puts the marks of the strip where paper runs', () => {
    const { marks } = fingerStripSheet('a4', 'us');
    const slit = 34;
    const label = marks.find((mark) => mark.kind === 'text' && mark.text === '8');
    const expected = slit + Math.PI * (SIZE_SYSTEMS.us.toDiameterMm(8) + PAPER_THICKNESS_MM);
    expect(label?.kind === 'text' && label.x).toBeCloseTo(expected, 6);
  });

  it('marks every size, names every other one under a longer tick, and slits inside the strip', () => {
    const { marks } = fingerStripSheet('a4', 'us');
    const lines = marks.flatMap((mark) => (mark.kind === 'line' ? [mark] : []));
    const outline = marks.find((mark) => mark.kind === 'polyline');
    const [top, bottom] =
      outline?.kind === 'polyline' ? [outline.points[0]!.y, outline.points[2]!.y] : [0, 0];
    // The strip is 13 mm wide; its slit, as wide less 1.2 mm at both ends, is where paper goes through.
    expect(bottom - top).toBe(13);
    const slit = lines.find(({ x1, x2 }) => x1 === 34 && x2 === 34);
    expect(slit).toMatchObject({ y1: top + 1.2, y2: bottom - 1.2 });
    const ticks = lines.filter(({ x1, x2, y1 }) => x1 === x2 && x1 > 34 && y1 === top);
    expect(ticks.slice(0, 4).map(({ y1, y2 }) => y2 - y1)).toEqual([5, 3, 5, 3]);
    const named = ticks.filter(({ x1 }) => marks.some((mark) => mark.kind === 'text' && mark.x === x1));
    expect(named.every(({ y1, y2 }) => y2 - y1 === 5)).toBe(true);
    expect(named.length).toBe(Math.ceil(ticks.length / 2));
  });

  it.each(['us', 'uk', 'eu', 'swiss', 'jp'] as const)(
    'has ring holes on the marks of %s, as many as fit',
    (system) => {
      const { marks } = ringHolesSheet('letter', system);
      const circles = marks.flatMap((mark) => (mark.kind === 'circle' ? [2 * mark.radiusMm] : []));
      expect(circles.length).toBeGreaterThan(15);
      expect(circles.length).toBeLessThanOrEqual(30);
      const { fromDiameterMm, step } = SIZE_SYSTEMS[system];
      circles.forEach((mm) => {
        const marksUp = fromDiameterMm(mm) / step;
        expect(marksUp).toBeCloseTo(Math.round(marksUp), 6);
      });
    },
  );

  it('outlines a bank card', () => {
    const card = fingerStripSheet('a4', 'us').marks.findLast((mark) => mark.kind === 'polyline');
    const [a, b, c] = card?.kind === 'polyline' ? card.points : [];
    expect(b!.x - a!.x).toBeCloseTo(CARD_MM.width, 9);
    expect(c!.y - b!.y).toBeCloseTo(CARD_MM.height, 9);
  });
});
