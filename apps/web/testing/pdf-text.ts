import { PDFDocument, PDFRawStream, decodePDFRawStream } from 'pdf-lib';

/** Every text that the pages write, as it is read back. */
export async function textIn(bytes: Uint8Array): Promise<string> {
  const file = await PDFDocument.load(bytes);
  const streams = file.context
    .enumerateIndirectObjects()
    .flatMap(([, object]) => (object instanceof PDFRawStream ? [object] : []));
  const orders = streams
    .map((stream) => Buffer.from(decodePDFRawStream(stream).decode()).toString('latin1'))
    .join('\n');
  return [...orders.matchAll(/<([0-9A-F]+)> Tj/g)]
    .map(([, hex = '']) =>
      (hex.match(/../g) ?? []).map((pair) => String.fromCharCode(Number.parseInt(pair, 16))).join(''),
    )
    .join('\n');
}
