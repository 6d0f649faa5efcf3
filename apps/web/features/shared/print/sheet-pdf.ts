import { PAPERS, type Sheet, type SheetMark } from '@round-mint/core/template';
import { PDFDocument, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { POINTS_PER_MM, printable } from './pdf-text';

const DASH_MM = [2, 1];

function points(mm: number): number {
  return mm * POINTS_PER_MM;
}

function draw(page: PDFPage, font: PDFFont, heightMm: number, mark: SheetMark): void {
  // PDF counts up from the lower edge.
  const y = (mm: number) => points(heightMm - mm);
  const dashes = DASH_MM.map(points);
  switch (mark.kind) {
    case 'line':
      page.drawLine({
        start: { x: points(mark.x1), y: y(mark.y1) },
        end: { x: points(mark.x2), y: y(mark.y2) },
        thickness: points(mark.widthMm),
        ...(mark.dashed ? { dashArray: dashes } : {}),
      });
      return;
    case 'circle':
      page.drawCircle({
        x: points(mark.x),
        y: y(mark.y),
        size: points(mark.radiusMm),
        borderWidth: points(mark.widthMm),
        ...(mark.dashed ? { borderDashArray: dashes } : {}),
      });
      return;
    case 'polyline': {
      const { points: corners, closed, widthMm } = mark;
      const ends = closed && corners[0] ? [...corners, corners[0]] : corners;
      ends.slice(1).forEach((to, i) => {
        const from = ends[i] ?? to;
        page.drawLine({
          start: { x: points(from.x), y: y(from.y) },
          end: { x: points(to.x), y: y(to.y) },
          thickness: points(widthMm),
        });
      });
      return;
    }
    case 'text': {
      const size = points(mark.heightMm);
      const text = printable(font, mark.text);
      const back = mark.anchor === 'middle' ? font.widthOfTextAtSize(text, size) / 2 : 0;
      page.drawText(text, { x: points(mark.x) - back, y: y(mark.y), size, font });
    }
  }
}

/**
 * The sheet as a PDF at true scale. Brings half a megabyte along that only printing needs: import this file when it is
 * asked for.
 * @returns the file's bytes
 */
export async function sheetPdf(sheet: Sheet): Promise<Uint8Array> {
  const { widthMm, heightMm } = PAPERS[sheet.paper];
  const file = await PDFDocument.create();
  file.setTitle(sheet.title);
  const font = await file.embedFont(StandardFonts.Helvetica);
  const page = file.addPage([points(widthMm), points(heightMm)]);
  for (const mark of sheet.marks) draw(page, font, heightMm, mark);
  return file.save({ useObjectStreams: false });
}
