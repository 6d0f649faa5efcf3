import { nearestMark, SIZE_SYSTEMS, type SizeSystemId } from '../size';
import {
  BODY_Y_MM,
  cardOutline,
  MARGIN_MM,
  PAPERS,
  sheetOf,
  words,
  type PaperId,
  type Sheet,
  type SheetMark,
} from './sheet';

const FINE_MM = 0.15;
const BOLD_MM = 0.3;
/** Ordinary paper, mm: it counts, since a strip runs on its own middle. */
export const PAPER_THICKNESS_MM = 0.1;
const STRIP_WIDTH_MM = 8;
/** US sizes that the sheets tell. */
const SIZES = { from: 1, to: 15 } as const;

function usDiameters(step: number): readonly number[] {
  const count = Math.round((SIZES.to - SIZES.from) / step) + 1;
  return Array.from({ length: count }, (_, i) => SIZE_SYSTEMS.us.toDiameterMm(SIZES.from + i * step));
}

/**
 * A strip to cut out and wrap round the finger: at the mark under the slit stands the size. A mark stands at π(d + τ)
 * from the slit, τ the paper's own thickness (craft §1).
 */
export function fingerStripSheet(paper: PaperId, system: SizeSystemId): Sheet {
  const y = BODY_Y_MM + 20;
  const x0 = MARGIN_MM + 14;
  const longest = usDiameters(1).at(-1) ?? 0;
  const at = (diameterMm: number) => x0 + Math.PI * (diameterMm + PAPER_THICKNESS_MM);
  const right = at(longest) + 8;
  const { prefix } = SIZE_SYSTEMS[system];
  const marks = usDiameters(0.5).flatMap((diameterMm, i): SheetMark[] => {
    const x = at(diameterMm);
    const whole = i % 2 === 0;
    const tick: SheetMark = {
      kind: 'line',
      x1: x,
      y1: y,
      x2: x,
      y2: y + (whole ? STRIP_WIDTH_MM : STRIP_WIDTH_MM / 2),
      widthMm: FINE_MM,
    };
    if (!whole) return [tick];
    const { mark } = nearestMark(diameterMm, SIZE_SYSTEMS[system]);
    return [tick, { kind: 'text', x, y: y - 2, heightMm: 2.2, text: mark, anchor: 'middle' }];
  });
  return sheetOf(paper, `Finger strip, sizes in ${prefix}`, [
    words(
      MARGIN_MM,
      BODY_Y_MM,
      'Cut out, cut the slit, wrap it round the finger’s base and pull the long end through; read at the slit.',
    ),
    {
      kind: 'polyline',
      closed: true,
      widthMm: BOLD_MM,
      points: [
        { x: MARGIN_MM, y },
        { x: right, y },
        { x: right, y: y + STRIP_WIDTH_MM },
        { x: MARGIN_MM, y: y + STRIP_WIDTH_MM },
      ],
    },
    { kind: 'line', x1: x0, y1: y + 1.2, x2: x0, y2: y + STRIP_WIDTH_MM - 1.2, widthMm: BOLD_MM },
    words(MARGIN_MM + 1, y + 5, 'slit', 2.5),
    ...marks,
    words(
      MARGIN_MM,
      y + 18,
      'Measure in the evening, with a warm hand, three times. The knuckle has to pass: measure it too.',
    ),
    ...cardOutline(MARGIN_MM, y + 30),
  ]);
}

const COLUMNS = 5;
const CELL_MM = { width: 34, height: 33 } as const;

/** Circles to lay a ring on: the one that just fills it inside tells its size. */
export function ringHolesSheet(paper: PaperId, system: SizeSystemId): Sheet {
  const left = (PAPERS[paper].widthMm - COLUMNS * CELL_MM.width) / 2 + CELL_MM.width / 2;
  const marks = usDiameters(0.5).flatMap((diameterMm, i): SheetMark[] => {
    const x = left + (i % COLUMNS) * CELL_MM.width;
    const y = BODY_Y_MM + 22 + Math.floor(i / COLUMNS) * CELL_MM.height;
    const { mark } = nearestMark(diameterMm, SIZE_SYSTEMS[system]);
    return [
      { kind: 'circle', x, y, radiusMm: diameterMm / 2, widthMm: FINE_MM },
      {
        kind: 'text',
        x,
        y: y + 1,
        heightMm: 3.2,
        text: `${SIZE_SYSTEMS[system].prefix} ${mark}`,
        anchor: 'middle',
      },
      { kind: 'text', x, y: y + 5, heightMm: 2.2, text: `${diameterMm.toFixed(2)} mm`, anchor: 'middle' },
    ];
  });
  return sheetOf(paper, 'Ring holes: lay a ring on the circle that fills it', [
    words(MARGIN_MM, BODY_Y_MM, 'The line shows all round inside the ring, and nothing outside of it.'),
    ...marks,
  ]);
}
