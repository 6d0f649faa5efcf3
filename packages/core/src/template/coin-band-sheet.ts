import type { CoinBand } from '../strip';
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
import { COIN_BAND_WORDS } from './sheet-words';

const BOLD_MM = 0.3;
const FINE_MM = 0.15;
const ARC_PIECES = 24;

export interface CoinBandSheetInput {
  readonly name: string;
  readonly coinDiameterMm: number;
  readonly stripWidthMm: number;
  readonly parts: CoinBand;
  readonly paper: PaperId;
}

/** Both side pieces with their coped ends, and the three parts as they lie for soldering (craft §6). */
export function coinBandSheet({
  name,
  coinDiameterMm,
  stripWidthMm,
  parts,
  paper,
}: CoinBandSheetInput): Sheet {
  const middle = PAPERS[paper].widthMm / 2;
  const radius = coinDiameterMm / 2;
  const half = Math.asin(stripWidthMm / coinDiameterMm);
  const corner = Math.min(2, stripWidthMm / 4);
  /** A side piece whose coped end looks at a coin with its middle at x; `direction` tells which way the free end lies. */
  const sidePiece = (x: number, y: number, direction: 1 | -1): SheetMark => {
    const cope: readonly SheetPoint[] = Array.from({ length: ARC_PIECES + 1 }, (_, i) => {
      const angle = -half + (2 * half * i) / ARC_PIECES;
      return { x: x + direction * radius * Math.cos(angle), y: y + radius * Math.sin(angle) };
    });
    const free = x + direction * (radius + parts.sideCentreLengthMm);
    const back = free - direction * corner;
    const edge = stripWidthMm / 2;
    return {
      kind: 'polyline',
      closed: true,
      widthMm: BOLD_MM,
      points: [
        ...cope,
        { x: back, y: y + edge },
        { x: free, y: y + edge - corner },
        { x: free, y: y - edge + corner },
        { x: back, y: y - edge },
      ],
    };
  };
  const layoutY = BODY_Y_MM + 14 + radius;
  const cutY = layoutY + radius + 30;
  return sheetOf(paper, COIN_BAND_WORDS.title(name), [
    words(MARGIN_MM, BODY_Y_MM, COIN_BAND_WORDS.lies),
    { kind: 'circle', x: middle, y: layoutY, radiusMm: radius, widthMm: FINE_MM },
    sidePiece(middle, layoutY, 1),
    sidePiece(middle, layoutY, -1),
    words(
      MARGIN_MM,
      cutY - stripWidthMm / 2 - 8,
      COIN_BAND_WORDS.cut(parts.sideCutLengthMm, stripWidthMm, parts.sagittaMm),
    ),
    ...[0, 1].map((i): SheetMark => {
      const x = MARGIN_MM;
      const y = cutY + i * (stripWidthMm + 8);
      const edge = stripWidthMm / 2;
      return {
        kind: 'polyline',
        closed: true,
        widthMm: BOLD_MM,
        points: [
          { x, y: y - edge },
          { x: x + parts.sideCutLengthMm, y: y - edge },
          { x: x + parts.sideCutLengthMm, y: y + edge },
          { x, y: y + edge },
        ],
      };
    }),
  ]);
}
