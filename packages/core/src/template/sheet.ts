import { CHECK_BAR_WORDS } from './sheet-words';

export interface SheetPoint {
  readonly x: number;
  readonly y: number;
}

/** A mark on a true-scale sheet. Lengths in mm from the sheet's upper left corner. */
export type SheetMark =
  | {
      readonly kind: 'line';
      readonly x1: number;
      readonly y1: number;
      readonly x2: number;
      readonly y2: number;
      readonly widthMm: number;
      readonly dashed?: boolean;
    }
  | {
      readonly kind: 'circle';
      readonly x: number;
      readonly y: number;
      readonly radiusMm: number;
      readonly widthMm: number;
      readonly dashed?: boolean;
    }
  | {
      readonly kind: 'polyline';
      readonly points: readonly SheetPoint[];
      readonly widthMm: number;
      readonly closed?: boolean;
    }
  | {
      readonly kind: 'text';
      readonly x: number;
      readonly y: number;
      readonly text: string;
      readonly heightMm: number;
      /** Where along the text the point lies; left out, its start. */
      readonly anchor?: 'start' | 'middle';
    };

export const PAPERS = {
  a4: { name: 'A4', widthMm: 210, heightMm: 297 },
  letter: { name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
} as const;
export type PaperId = keyof typeof PAPERS;

/** What is printed at true scale: one page. */
export interface Sheet {
  readonly paper: PaperId;
  readonly title: string;
  readonly marks: readonly SheetMark[];
}

export const CHECK_BAR_MM = 50;
const TICK_MM = 4;

/** A bar of exactly 50 mm with its words: measured with a calliper, it tells whether the printer kept the scale. */
export function checkBar(x: number, y: number): readonly SheetMark[] {
  const line = { kind: 'line', widthMm: 0.2 } as const;
  const end = x + CHECK_BAR_MM;
  return [
    { ...line, x1: x, y1: y, x2: end, y2: y },
    ...[x, end].map((at) => ({ ...line, x1: at, y1: y - TICK_MM / 2, x2: at, y2: y + TICK_MM / 2 })),
    {
      kind: 'text',
      x,
      y: y + 6,
      heightMm: 3,
      text: CHECK_BAR_WORDS,
    },
  ];
}

/** Sides of a bank card, by its standard (ISO 7810 ID-1), mm. */
export const CARD_MM = { width: 85.6, height: 53.98 } as const;

/** The outline of a bank card: laid on it, a card tells without a calliper whether the printer kept the scale. */
export function cardOutline(x: number, y: number): readonly SheetMark[] {
  const { width, height } = CARD_MM;
  const right = x + width;
  const bottom = y + height;
  return [
    {
      kind: 'polyline',
      closed: true,
      widthMm: 0.2,
      points: [
        { x, y },
        { x: right, y },
        { x: right, y: bottom },
        { x, y: bottom },
      ],
    },
    { kind: 'text', x: x + 4, y: y + 8, heightMm: 3, text: 'A bank card fits this outline exactly:' },
    { kind: 'text', x: x + 4, y: y + 13, heightMm: 3, text: '85.60 by 53.98 mm.' },
  ];
}

export const MARGIN_MM = 20;

export function words(x: number, y: number, text: string, heightMm = 3.5): SheetMark {
  return { kind: 'text', x, y, heightMm, text };
}

/** A page with its title and its check bar; what is drawn begins below {@link BODY_Y_MM}. */
export function sheetOf(paper: PaperId, title: string, marks: readonly SheetMark[]): Sheet {
  return { paper, title, marks: [words(MARGIN_MM, 18, title, 5), ...checkBar(MARGIN_MM, 26), ...marks] };
}
export const BODY_Y_MM = 42;
