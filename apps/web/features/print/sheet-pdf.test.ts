import { centringSheet } from '@round-mint/core/template';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';
import { sheetPdf } from './sheet-pdf';

const SHEET = centringSheet({ coinName: 'Tårn ½ 硬', diameterMm: 34, holeMm: 12.7, paper: 'a4' });

/** The page's drawing orders as text. */
async function ordersOf(bytes: Uint8Array): Promise<string> {
  const file = await PDFDocument.load(bytes);
  const streams = file.context
    .enumerateIndirectObjects()
    .flatMap(([, object]) => (object instanceof PDFRawStream ? [object] : []));
  return streams.map((stream) => String.fromCharCode(...decodePDFRawStream(stream).decode())).join('\n');
}

/** Straight lines of the page, lengths in mm. */
function linesOf(orders: string): number[] {
  const moves = [...orders.matchAll(/([\d.]+) ([\d.]+) m\s+([\d.]+) ([\d.]+) l/g)];
  return moves.map(
    ([, x1, y1, x2, y2]) => (Math.hypot(Number(x2) - Number(x1), Number(y2) - Number(y1)) * 25.4) / 72,
  );
}

describe('sheetPdf', () => {
  it('is one A4 page whose check bar measures 50 mm', async () => {
    const bytes = await sheetPdf(SHEET);
    const file = await PDFDocument.load(bytes);
    expect(file.getPageCount()).toBe(1);
    const { width, height } = file.getPage(0).getSize();
    expect((width * 25.4) / 72).toBeCloseTo(210, 3);
    expect((height * 25.4) / 72).toBeCloseTo(297, 3);
    const lengths = linesOf(await ordersOf(bytes));
    expect(lengths.some((mm) => Math.abs(mm - 50) < 0.01)).toBe(true);
  });

  it('writes a name with letters that the font lacks without them', async () => {
    const file = await PDFDocument.load(await sheetPdf(SHEET));
    expect(file.getTitle()).toContain('Tårn ½');
  });
});
