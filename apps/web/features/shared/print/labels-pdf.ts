import { PAPERS } from '@round-mint/core/template';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import { wrapped } from './paper-pdf';
import { POINTS_PER_MM, printable } from './pdf-text';
import type { QrShape } from './qr-path';

/** What stands on a label. */
export interface Label {
  readonly name: string;
  /** What is read from afar: "US 7½". */
  readonly large: string;
  readonly lines: readonly string[];
  readonly price: string;
  readonly code: QrShape;
}

/** A sheet of 24 labels, as they are sold everywhere; on plain paper the lines are cut along. */
const COLUMNS = 3;
const ROWS = 8;
const { widthMm: SHEET_WIDTH_MM, heightMm: SHEET_HEIGHT_MM } = PAPERS.a4;
const LABEL_WIDTH_MM = SHEET_WIDTH_MM / COLUMNS;
const LABEL_HEIGHT_MM = 37;
const TOP_MM = (SHEET_HEIGHT_MM - ROWS * LABEL_HEIGHT_MM) / 2;
const PADDING_MM = 4;
const CODE_MM = 24;
const NAME_LINES = 2;

const mm = (length: number) => length * POINTS_PER_MM;

interface Fonts {
  readonly plain: PDFFont;
  readonly bold: PDFFont;
}

/** @param x, y of its upper left corner, points from the page's lower left one */
function drawLabel(page: PDFPage, { plain, bold }: Fonts, label: Label, x: number, y: number): void {
  const ink = rgb(0, 0, 0);
  page.drawRectangle({
    ...{ x, y: y - mm(LABEL_HEIGHT_MM), width: mm(LABEL_WIDTH_MM), height: mm(LABEL_HEIGHT_MM) },
    ...{ borderWidth: 0.3, borderColor: rgb(0.75, 0.75, 0.75) },
  });
  const left = x + mm(PADDING_MM);
  const width = mm(LABEL_WIDTH_MM - CODE_MM - 3 * PADDING_MM);
  let line = y - mm(PADDING_MM);
  const write = (text: string, font: PDFFont, size: number) => {
    line -= size * 1.2;
    page.drawText(printable(font, text), { x: left, y: line, size, font, color: ink });
  };
  const measure = (words: string) => bold.widthOfTextAtSize(words, 9);
  wrapped(printable(bold, label.name), width, measure)
    .slice(0, NAME_LINES)
    .forEach((words) => write(words, bold, 9));
  write(label.large, bold, 14);
  for (const words of label.lines) write(words, plain, 7.5);
  const priceY = y - mm(LABEL_HEIGHT_MM - PADDING_MM);
  page.drawText(printable(bold, label.price), { x: left, y: priceY, size: 14, font: bold, color: ink });
  page.drawSvgPath(label.code.path, {
    x: x + mm(LABEL_WIDTH_MM - CODE_MM - PADDING_MM),
    y: y - mm((LABEL_HEIGHT_MM - CODE_MM) / 2),
    scale: mm(CODE_MM) / label.code.size,
    color: ink,
  });
}

/** Labels, 24 to a sheet. See paper-pdf.ts for when to import it. */
export async function labelsPdf(title: string, labels: readonly Label[]): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.setTitle(title);
  const fonts = {
    plain: await file.embedFont(StandardFonts.Helvetica),
    bold: await file.embedFont(StandardFonts.HelveticaBold),
  };
  let page: PDFPage | undefined;
  labels.forEach((label, i) => {
    const place = i % (COLUMNS * ROWS);
    if (place === 0 || !page) page = file.addPage([mm(SHEET_WIDTH_MM), mm(SHEET_HEIGHT_MM)]);
    const [row, column] = [Math.floor(place / COLUMNS), place % COLUMNS];
    const top = mm(SHEET_HEIGHT_MM - TOP_MM - row * LABEL_HEIGHT_MM);
    drawLabel(page, fonts, label, mm(column * LABEL_WIDTH_MM), top);
  });
  return file.save({ useObjectStreams: false });
}
