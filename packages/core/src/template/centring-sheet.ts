import {
  MARGIN_MM,
  PAPERS,
  sheetOf,
  words as wordsAt,
  type PaperId,
  type Sheet,
  type SheetMark,
} from './sheet';
import { CENTRING_WORDS } from './sheet-words';

/** A coin slips into its card with this much to spare all round, mm (default). */
const CARD_CLEARANCE_MM = 0.1;
const FINE_MM = 0.15;
const BOLD_MM = 0.3;
/** Lines reach this far past the coin, so that they can be lined up with the piece lying on the sheet, mm. */
const PAST_MM = 8;

export interface CentringSheetInput {
  readonly coinName: string;
  readonly diameterMm: number;
  readonly holeMm: number;
  readonly paper: PaperId;
}

function cross(x: number, y: number, reach: number): readonly SheetMark[] {
  const line = { kind: 'line', widthMm: FINE_MM } as const;
  const diagonal = reach * Math.SQRT1_2;
  return [
    { ...line, x1: x - reach, y1: y, x2: x + reach, y2: y },
    { ...line, x1: x, y1: y - reach, x2: x, y2: y + reach },
    { ...line, x1: x - diagonal, y1: y - diagonal, x2: x + diagonal, y2: y + diagonal, dashed: true },
    { ...line, x1: x - diagonal, y1: y + diagonal, x2: x + diagonal, y2: y - diagonal, dashed: true },
  ];
}

const HOURS = 12;

/** Marks of the clock face just outside the coin: where land readings are taken. */
function hours(x: number, y: number, radiusMm: number): readonly SheetMark[] {
  return Array.from({ length: HOURS }, (_, i) => {
    const angle = (i * 2 * Math.PI) / HOURS;
    const at = (radius: number) => ({ x: x + radius * Math.sin(angle), y: y - radius * Math.cos(angle) });
    const number = at(radiusMm + 5);
    return {
      kind: 'text',
      x: number.x,
      y: number.y + 1,
      heightMm: 2.5,
      text: String(i === 0 ? HOURS : i),
      anchor: 'middle',
    };
  });
}

/**
 * A page for centring: a target to lay or stick the coin on, and a card holder whose cut-out keeps small stock in place
 * under the punch (craft §3, centring), with a check bar.
 */
export function centringSheet({ coinName, diameterMm, holeMm, paper }: CentringSheetInput): Sheet {
  const { widthMm } = PAPERS[paper];
  const middle = widthMm / 2;
  const radius = diameterMm / 2;
  const targetY = 50 + radius + PAST_MM;
  const cardY = targetY + 2 * radius + 2 * PAST_MM + 22;
  const circle = (y: number, radiusMm: number, width: number, dashed = false): SheetMark => ({
    kind: 'circle',
    x: middle,
    y,
    radiusMm,
    widthMm: width,
    dashed,
  });
  const words = (y: number, text: string) => wordsAt(MARGIN_MM, y, text);
  const title = CENTRING_WORDS.title(coinName, diameterMm, holeMm);
  return sheetOf(paper, title, [
    words(44, CENTRING_WORDS.target),
    ...cross(middle, targetY, radius + PAST_MM),
    circle(targetY, radius, BOLD_MM),
    circle(targetY, holeMm / 2, FINE_MM, true),
    ...hours(middle, targetY, radius),
    words(cardY - radius - 11, CENTRING_WORDS.card),
    circle(cardY, radius + CARD_CLEARANCE_MM, BOLD_MM),
    circle(cardY, holeMm / 2, FINE_MM, true),
    ...cross(middle, cardY, radius + PAST_MM),
  ]);
}
