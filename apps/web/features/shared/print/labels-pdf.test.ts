import { PDFDocument } from 'pdf-lib';
import { create } from 'qrcode';
import { labelsPdf, type Label } from './labels-pdf';
import { textIn } from '@/testing/pdf-text';
import { qrPath } from './qr-path';

const code = qrPath(create('http://bench.example/orders/shelf/1', { errorCorrectionLevel: 'M' }).modules);
const label = (n: number): Label => ({
  ...{
    name: `Quay ring number ${n}`,
    large: 'US 8½',
    lines: ['UK Q½', '9.1 mm wide'],
    price: '84.00 cr',
    code,
  },
});

describe('labels', () => {
  it('stand 24 to a sheet, each with all its words', async () => {
    const bytes = await labelsPdf(
      'Labels',
      Array.from({ length: 25 }, (_, i) => label(i + 1)),
    );
    expect((await PDFDocument.load(bytes)).getPageCount()).toBe(2);
    const text = await textIn(bytes);
    for (const words of ['Quay ring number', 'US 8½', '9.1 mm wide', '84.00 cr'])
      expect(text).toContain(words);
    expect(text.match(/84\.00 cr/g)).toHaveLength(25);
  });

  it('draw the code as its cells', async () => {
    const plain = await labelsPdf('Labels', [{ ...label(1), code: { size: 1, path: 'M0 0h1v1h-1z' } }]);
    const coded = await labelsPdf('Labels', [label(1)]);
    // A code of 33 cells draws hundreds of boxes, one cell draws one.
    expect(coded.length).toBeGreaterThan(plain.length + 500);
  });

  it('of nothing are no page', async () => {
    expect((await PDFDocument.load(await labelsPdf('Labels', []))).getPageCount()).toBeLessThanOrEqual(1);
  });
});
