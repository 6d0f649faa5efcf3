import { coinBand } from '@round-mint/core/strip';
import {
  blankSheet,
  centringSheet,
  coinBandSheet,
  fingerStripSheet,
  lengthChartSheet,
  PAPERS,
  ringHolesSheet,
  type PaperId,
  type Sheet,
} from '@round-mint/core/template';
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

  const parts = coinBand({
    coin: { diameterMm: 20, thicknessMm: 1.5 },
    stripWidthMm: 8,
    stripThicknessMm: 1.5,
    insideDiameterMm: 18,
  });
  const stations = [
    { atMm: 0, thicknessMm: 2.4, widthMm: 18 },
    { atMm: 62, thicknessMm: 2, widthMm: 8 },
  ];
  const sheets: readonly (readonly [string, (paper: PaperId) => Sheet])[] = [
    [
      'cutting template',
      (paper) =>
        blankSheet({ name: 'Spoon', stations, lengthMm: 62, roughLengthMm: 68.2, ends: 'mitred', paper }),
    ],
    [
      'coin in band',
      (paper) => coinBandSheet({ name: 'Quill', coinDiameterMm: 20, stripWidthMm: 8, parts, paper }),
    ],
    ['finger strip', (paper) => fingerStripSheet(paper, 'us')],
    ['ring holes', (paper) => ringHolesSheet(paper, 'uk')],
    ['length chart', (paper) => lengthChartSheet(paper, 'eu', { seamMm: 0.3, textured: true })],
  ];

  it.each(
    sheets.flatMap(([name, sheet]) =>
      (['a4', 'letter'] as const).map((paper) => [name, paper, sheet] as const),
    ),
  )('prints the %s on %s at true scale: read back, the bar is 50 mm', async (name, paper, sheet) => {
    const bytes = await sheetPdf(sheet(paper));
    const file = await PDFDocument.load(bytes);
    const { width, height } = file.getPage(0).getSize();
    expect((width * 25.4) / 72).toBeCloseTo(PAPERS[paper].widthMm, 3);
    expect((height * 25.4) / 72).toBeCloseTo(PAPERS[paper].heightMm, 3);
    const lengths = linesOf(await ordersOf(bytes));
    const measured = [
      50,
      ...(name === 'finger strip' ? [85.6, 53.98] : []),
      ...(name === 'coin in band' ? [parts.sideCutLengthMm] : []),
    ];
    for (const expected of measured) {
      expect(lengths.some((mm) => Math.abs(mm - expected) < 0.01)).toBe(true);
    }
  });
});
