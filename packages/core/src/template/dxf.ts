import { PAPERS, type Sheet, type SheetMark, type SheetPoint } from './sheet';

type Pair = readonly [code: number, value: string | number];

function entity(type: string, ...pairs: readonly Pair[]): readonly Pair[] {
  return [[0, type], [8, '0'], ...pairs];
}

/**
 * The sheet's lines, circles and words as a DXF file of the oldest widely read kind (release 12, ASCII), in millimetres.
 * Its y counts upward from the sheet's lower edge, as such files do.
 */
export function sheetDxf({ paper, marks }: Sheet): string {
  const { heightMm } = PAPERS[paper];
  const line = (a: SheetPoint, b: SheetPoint) =>
    entity('LINE', [10, a.x], [20, heightMm - a.y], [11, b.x], [21, heightMm - b.y]);
  const entities = marks.flatMap((mark: SheetMark): readonly Pair[] => {
    switch (mark.kind) {
      case 'line':
        return line({ x: mark.x1, y: mark.y1 }, { x: mark.x2, y: mark.y2 });
      case 'circle':
        return entity('CIRCLE', [10, mark.x], [20, heightMm - mark.y], [40, mark.radiusMm]);
      case 'polyline': {
        const { points, closed } = mark;
        const ends = closed && points[0] ? [...points, points[0]] : points;
        return ends.slice(1).flatMap((point, i) => line(ends[i] ?? point, point));
      }
      case 'text':
        return entity('TEXT', [10, mark.x], [20, heightMm - mark.y], [40, mark.heightMm], [1, mark.text]);
    }
  });
  const header: readonly Pair[] = [
    [0, 'SECTION'],
    [2, 'HEADER'],
    [9, '$ACADVER'],
    [1, 'AC1009'],
    [9, '$INSUNITS'],
    [70, 4],
    [0, 'ENDSEC'],
    [0, 'SECTION'],
    [2, 'ENTITIES'],
  ];
  const end: readonly Pair[] = [
    [0, 'ENDSEC'],
    [0, 'EOF'],
  ];
  const number = (value: string | number) =>
    typeof value === 'number' ? String(Math.round(value * 1e4) / 1e4) : value;
  return [...header, ...entities, ...end].map(([code, value]) => `${code}\n${number(value)}\n`).join('');
}
