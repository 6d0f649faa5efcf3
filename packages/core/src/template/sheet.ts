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
      text: 'This bar is 50 mm long. Print at 100 %, then measure it; if it is not, do not use the sheet.',
    },
  ];
}
