import { SIZE_SYSTEMS, writeSize, type SizeSystemId } from '../size';
import { lengthChart, type StripSection } from '../strip';
import { BODY_Y_MM, MARGIN_MM, sheetOf, words, type PaperId, type Sheet, type SheetMark } from './sheet';
import { CHART_WORDS } from './sheet-words';

const THICKNESSES_MM = [1, 1.2, 1.5, 1.8, 2, 2.5, 3];
const ROW_MM = 6.6;
const COLUMN_MM = 20;
const FINE_MM = 0.15;

/** Blank lengths by size and thickness, to hang beside the saw; for hammered bands, which grow, a chart of its own. */
export function lengthChartSheet(
  paper: PaperId,
  system: SizeSystemId,
  {
    seamMm,
    textured,
    section = 'rect',
  }: { readonly seamMm: number; readonly textured: boolean; readonly section?: StripSection },
): Sheet {
  const diameters = Array.from({ length: 25 }, (_, i) => SIZE_SYSTEMS.us.toDiameterMm(2 + i / 2));
  const { rows } = lengthChart(diameters, THICKNESSES_MM, { seamMm, textured, section });
  const top = BODY_Y_MM + 10;
  const x = (column: number) => MARGIN_MM + 26 + column * COLUMN_MM;
  const cell = (at: number, y: number, text: string): SheetMark => words(at, y, text, 3.2);
  const right = x(THICKNESSES_MM.length);
  return sheetOf(paper, CHART_WORDS.title({ textured, isHalfRound: section === 'd', seamMm }), [
    cell(MARGIN_MM, top, CHART_WORDS.size),
    ...THICKNESSES_MM.map((mm, i) => cell(x(i), top, CHART_WORDS.thick(mm))),
    { kind: 'line', x1: MARGIN_MM, y1: top + 2, x2: right, y2: top + 2, widthMm: 0.3 },
    ...rows.flatMap(({ insideDiameterMm, lengthsMm }, row): SheetMark[] => {
      const y = top + ROW_MM * (row + 1);
      return [
        cell(MARGIN_MM, y, writeSize(insideDiameterMm, system)),
        ...lengthsMm.map((mm, i) => cell(x(i), y, mm.toFixed(1))),
        { kind: 'line', x1: MARGIN_MM, y1: y + 1.8, x2: right, y2: y + 1.8, widthMm: FINE_MM },
      ];
    }),
  ]);
}
