import type { PDFFont } from 'pdf-lib';

/** PDF measures in points of 1/72 inch. */
export const POINTS_PER_MM = 72 / 25.4;

/** What the reader's built-in font can write of a text: the rest is left out rather than failing the page. */
export function printable(font: PDFFont, text: string): string {
  return [...text].filter((letter) => font.getCharacterSet().includes(letter.codePointAt(0) ?? 0)).join('');
}
