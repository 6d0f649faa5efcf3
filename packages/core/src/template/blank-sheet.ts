import { endMark, type EndShape, type Station } from '../handle';
import {
  BODY_Y_MM,
  MARGIN_MM,
  PAPERS,
  sheetOf,
  words,
  type PaperId,
  type Sheet,
  type SheetMark,
  type SheetPoint,
} from './sheet';
import { BLANK_WORDS } from './sheet-words';

const FINE_MM = 0.15;
const BOLD_MM = 0.3;
const ARC_PIECES = 24;

export interface BlankSheetInput {
  readonly name: string;
  /** From the kept end of the blank on; each with its width. */
  readonly stations: readonly Station[];
  readonly lengthMm: number;
  readonly roughLengthMm: number;
  /** Of the kept end, and of the cut one where that is another. */
  readonly ends: EndShape;
  readonly otherEnd?: EndShape | undefined;
  readonly paper: PaperId;
}

/**
 * The line that closes an end of a width: its outermost point lies on the mark at `y`, so that the blank is as long as
 * it was computed. `inward` tells which way the blank lies.
 */
function endLine(
  x: number,
  y: number,
  widthMm: number,
  ends: EndShape,
  inward: 1 | -1,
): readonly SheetPoint[] {
  const { dividerMm: r, reachMm } = endMark(ends, widthMm);
  if (r === undefined) {
    // A mitre leans across the width: both ends the same way, so that they meet.
    const [left, right] = inward === 1 ? [0, reachMm] : [reachMm, 0];
    return [
      { x: x - widthMm / 2, y: y + inward * left },
      { x: x + widthMm / 2, y: y + inward * right },
    ];
  }
  const half = Math.asin(widthMm / 2 / r);
  return Array.from({ length: ARC_PIECES + 1 }, (_, i) => {
    const angle = -half + (2 * half * i) / ARC_PIECES;
    return { x: x + r * Math.sin(angle), y: y + inward * r * (1 - Math.cos(angle)) };
  });
}

/** The blank's outline at true scale, lengthwise down the page, with the exact and the rough mark (craft §6). */
export function blankSheet({
  name,
  stations,
  lengthMm,
  roughLengthMm,
  ends,
  otherEnd = ends,
  paper,
}: BlankSheetInput): Sheet {
  const middle = PAPERS[paper].widthMm / 2;
  const top = BODY_Y_MM + 22;
  const width = (station: Station | undefined) => station?.widthMm ?? 8;
  const reach = (shape: EndShape, station: Station | undefined) => endMark(shape, width(station)).reachMm;
  const inner = stations.filter(
    ({ atMm }) => atMm > reach(ends, stations[0]) && atMm < lengthMm - reach(otherEnd, stations.at(-1)),
  );
  const side = (sign: 1 | -1): readonly SheetPoint[] =>
    inner.map((station) => ({ x: middle + (sign * width(station)) / 2, y: top + station.atMm }));
  const bottom = top + lengthMm;
  const line = (y: number, text: string, dashed: boolean): readonly SheetMark[] => [
    { kind: 'line', x1: middle - 22, y1: y, x2: middle + 22, y2: y, widthMm: FINE_MM, dashed },
    words(middle + 24, y + 1, text, 3),
  ];
  const outline = [
    ...endLine(middle, top, width(stations[0]), ends, 1),
    ...side(1),
    ...[...endLine(middle, bottom, width(stations.at(-1)), otherEnd, -1)].reverse(),
    ...[...side(-1)].reverse(),
  ];
  return sheetOf(paper, BLANK_WORDS.title(name), [
    words(MARGIN_MM, BODY_Y_MM, BLANK_WORDS.use),
    { kind: 'polyline', points: outline, widthMm: BOLD_MM, closed: true },
    { kind: 'line', x1: middle, y1: top - 8, x2: middle, y2: bottom + 8, widthMm: FINE_MM, dashed: true },
    ...line(top, BLANK_WORDS.keptEnd, false),
    ...line(bottom, BLANK_WORDS.exact(lengthMm), false),
    ...line(top + roughLengthMm, BLANK_WORDS.rough(roughLengthMm), true),
  ]);
}
