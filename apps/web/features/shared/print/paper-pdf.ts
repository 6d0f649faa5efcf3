import { PAPERS } from '@round-mint/core/template';
import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFImage, type PDFPage } from 'pdf-lib';
import { POINTS_PER_MM, printable } from './pdf-text';
import type { Paper, PaperBlock } from './paper';

const MARGIN_MM = 22;
const MOST_PICTURE_MM = 62;
const GAP_MM = 4;

/** Size in points and the room a line takes, against it. */
const STYLES = {
  title: { size: 20, lead: 1.35, bold: true },
  heading: { size: 13, lead: 1.7, bold: true },
  text: { size: 11, lead: 1.4, bold: false },
  small: { size: 9, lead: 1.35, bold: false },
} as const;

interface Press {
  readonly file: PDFDocument;
  readonly plain: PDFFont;
  readonly bold: PDFFont;
  page: PDFPage;
  /** Where the next line goes, points from the lower edge. */
  y: number;
}

const mm = (length: number) => length * POINTS_PER_MM;
const WIDTH = mm(PAPERS.a4.widthMm);
const HEIGHT = mm(PAPERS.a4.heightMm);
const LEFT = mm(MARGIN_MM);
const COLUMN = WIDTH - 2 * LEFT;

function room(press: Press, height: number): void {
  if (press.y - height >= LEFT) return;
  press.page = press.file.addPage([WIDTH, HEIGHT]);
  press.y = HEIGHT - LEFT;
}

/** Words broken into lines that fit. */
export function wrapped(text: string, width: number, measure: (words: string) => number): readonly string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/).filter(Boolean)) {
    const last = lines.at(-1);
    const longer = last === undefined ? word : `${last} ${word}`;
    if (last !== undefined && measure(longer) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

function writeText(press: Press, text: string, style: keyof typeof STYLES): void {
  const { size, lead, bold } = STYLES[style];
  const font = bold ? press.bold : press.plain;
  const clean = printable(font, text);
  for (const line of wrapped(clean, COLUMN, (words) => font.widthOfTextAtSize(words, size))) {
    room(press, size * lead);
    press.y -= size * lead;
    press.page.drawText(line, { x: LEFT, y: press.y, size, font });
  }
}

function writeLine(
  press: Press,
  { label, value, strong = false }: Extract<PaperBlock, { kind: 'line' }>,
): void {
  const { size, lead } = STYLES.text;
  const font = strong ? press.bold : press.plain;
  const right = COLUMN * 0.62;
  const lines = wrapped(printable(font, value), right, (words) => font.widthOfTextAtSize(words, size));
  room(press, size * lead * Math.max(1, lines.length));
  lines.forEach((line, i) => {
    press.y -= size * lead;
    const x = LEFT + COLUMN - font.widthOfTextAtSize(line, size);
    if (i === 0) press.page.drawText(printable(font, label), { x: LEFT, y: press.y, size, font });
    press.page.drawText(line, { x, y: press.y, size, font });
  });
  press.page.drawLine({
    start: { x: LEFT, y: press.y - 3 },
    end: { x: LEFT + COLUMN, y: press.y - 3 },
    thickness: 0.4,
    color: rgb(0.7, 0.67, 0.6),
  });
  press.y -= 3;
}

/** Side of a box to tick. */
const BOX_MM = 4;

/** A box, what is to be done beside it, how long it takes at the end, and what to mind below; never across two pages. */
function writeTask(press: Press, { label, value, notes }: Extract<PaperBlock, { kind: 'task' }>): void {
  const { text, small } = STYLES;
  const indent = mm(BOX_MM + 3);
  const at = LEFT + indent;
  const broken = (words: string, font: PDFFont, size: number, width: number) =>
    wrapped(printable(font, words), width, (part) => font.widthOfTextAtSize(part, size));
  const valueWidth = press.plain.widthOfTextAtSize(printable(press.plain, value), small.size);
  const heads = broken(label, press.bold, text.size, COLUMN - indent - valueWidth - mm(2));
  const lines = notes.flatMap((note) => broken(note, press.plain, small.size, COLUMN - indent));
  room(press, heads.length * text.size * text.lead + lines.length * small.size * small.lead + mm(2));
  const top = press.y;
  for (const head of heads) {
    press.y -= text.size * text.lead;
    press.page.drawText(head, { x: at, y: press.y, size: text.size, font: press.bold });
  }
  const first = top - text.size * text.lead;
  press.page.drawRectangle({
    ...{ x: LEFT, y: first - 1, width: mm(BOX_MM), height: mm(BOX_MM) },
    ...{ borderWidth: 0.8, borderColor: rgb(0, 0, 0) },
  });
  press.page.drawText(printable(press.plain, value), {
    ...{ x: LEFT + COLUMN - valueWidth, y: first, size: small.size, font: press.plain },
  });
  for (const line of lines) {
    press.y -= small.size * small.lead;
    press.page.drawText(line, { x: at, y: press.y, size: small.size, font: press.plain });
  }
  press.y -= mm(2);
}

async function writePictures(
  press: Press,
  pictures: Extract<PaperBlock, { kind: 'pictures' }>['pictures'],
): Promise<void> {
  const column = COLUMN / pictures.length - mm(GAP_MM);
  const drawn: { image: PDFImage; size: { width: number; height: number }; caption: string }[] = [];
  for (const { jpeg, caption } of pictures) {
    const image = await press.file.embedJpg(jpeg);
    const scale = Math.min(mm(MOST_PICTURE_MM) / image.height, column / image.width);
    drawn.push({ image, size: image.scale(scale), caption });
  }
  const height = Math.max(...drawn.map(({ size }) => size.height));
  room(press, mm(GAP_MM) + height + STYLES.small.size * 2);
  let x = LEFT;
  const top = press.y - mm(GAP_MM);
  for (const { image, size, caption } of drawn) {
    press.page.drawImage(image, { x, y: top - size.height, ...size });
    press.page.drawText(printable(press.plain, caption), {
      x,
      y: top - height - STYLES.small.size,
      size: STYLES.small.size,
      font: press.plain,
    });
    x += COLUMN / pictures.length;
  }
  press.y = top - height - STYLES.small.size * 1.5;
}

async function write(press: Press, block: PaperBlock): Promise<void> {
  switch (block.kind) {
    case 'line':
      writeLine(press, block);
      return;
    case 'task':
      writeTask(press, block);
      return;
    case 'pictures':
      await writePictures(press, block.pictures);
      return;
    case 'gap':
      room(press, mm(block.keepMm ?? GAP_MM));
      press.y -= mm(GAP_MM);
      return;
    default:
      writeText(press, block.text, block.kind);
  }
}

/**
 * A paper as a PDF, on as many A4 pages as it takes. Brings half a megabyte along that only printing needs: import this
 * file when it is asked for.
 */
export async function paperPdf({ title, blocks }: Paper): Promise<Uint8Array> {
  const file = await PDFDocument.create();
  file.setTitle(title);
  const plain = await file.embedFont(StandardFonts.Helvetica);
  const bold = await file.embedFont(StandardFonts.HelveticaBold);
  const press: Press = { file, plain, bold, page: file.addPage([WIDTH, HEIGHT]), y: HEIGHT - LEFT };
  for (const block of blocks) await write(press, block);
  return file.save({ useObjectStreams: false });
}
