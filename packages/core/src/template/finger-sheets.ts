import { SIZE_SYSTEMS, type SizeSystemId } from '../size';
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
import { FINGER_WORDS } from './sheet-words';

const FINE_MM = 0.15;
const BOLD_MM = 0.3;
/** Ordinary paper, mm: it counts, since a strip runs on its own middle. */
export const PAPER_THICKNESS_MM = 0.1;
const STRIP_WIDTH_MM = 13;
/** Marks reach in from the strip’s edge; their names stand below them, inside what is cut out. */
const TICK_MM = { named: 5, other: 3 } as const;
const NAME_ROWS_MM = [8.2, 11.6] as const;
/** Fingers from a child’s to a large thumb, mm. */
const FINGERS_MM = { from: 12.3, to: 24 } as const;
/** As many sizes as a sheet has room for. */
const MOST = 30;

interface SheetSize {
  readonly diameterMm: number;
  readonly mark: string;
}

/** The sizes of a system that fingers have, every mark or every second, as many as there is room for. */
function sizesOf(system: SizeSystemId): readonly SheetSize[] {
  const { fromDiameterMm, toDiameterMm, step, write } = SIZE_SYSTEMS[system];
  const [low, high] = [fromDiameterMm(FINGERS_MM.from), fromDiameterMm(FINGERS_MM.to)];
  const every = step * Math.ceil((high - low) / step / MOST);
  const first = Math.ceil(low / every - 1e-9) * every;
  const count = Math.floor((high - first) / every + 1e-9) + 1;
  return Array.from({ length: count }, (_, i) => {
    const size = first + i * every;
    return { diameterMm: toDiameterMm(size), mark: write(size) };
  });
}

/**
 * A strip to cut out and wrap round the finger: at the mark under the slit stands the size. A mark stands at π(d + τ)
 * from the slit, τ the paper's own thickness (craft §1).
 */
export function fingerStripSheet(paper: PaperId, system: SizeSystemId): Sheet {
  const y = BODY_Y_MM + 20;
  const x0 = MARGIN_MM + 14;
  const sizes = sizesOf(system);
  const longest = sizes.at(-1)?.diameterMm ?? 0;
  const at = (diameterMm: number) => x0 + Math.PI * (diameterMm + PAPER_THICKNESS_MM);
  const right = at(longest) + 8;
  const { prefix } = SIZE_SYSTEMS[system];
  const marks = sizes.flatMap(({ diameterMm, mark }, i): SheetMark[] => {
    const x = at(diameterMm);
    const named = i % 2 === 0;
    const tick: SheetMark = {
      kind: 'line',
      x1: x,
      y1: y,
      x2: x,
      y2: y + (named ? TICK_MM.named : TICK_MM.other),
      widthMm: FINE_MM,
    };
    if (!named) return [tick];
    // Names stand closer than they are wide: every second one a line lower.
    const row = NAME_ROWS_MM[i % 4 === 0 ? 0 : 1];
    return [tick, { kind: 'text', x, y: y + row, heightMm: 2.2, text: mark, anchor: 'middle' }];
  });
  return sheetOf(paper, FINGER_WORDS.strip(prefix), [
    words(MARGIN_MM, BODY_Y_MM, FINGER_WORDS.use),
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
    words(MARGIN_MM + 1, y + 7, FINGER_WORDS.slit, 2.5),
    ...marks,
    words(MARGIN_MM, y + 24, FINGER_WORDS.measure),
    ...cardOutline(MARGIN_MM, y + 36),
  ]);
}

const COLUMNS = 5;
const CELL_MM = { width: 34, height: 33 } as const;

/** Circles to lay a ring on: the one that just fills it inside tells its size. */
export function ringHolesSheet(paper: PaperId, system: SizeSystemId): Sheet {
  const left = (PAPERS[paper].widthMm - COLUMNS * CELL_MM.width) / 2 + CELL_MM.width / 2;
  const marks = sizesOf(system).flatMap(({ diameterMm, mark }, i): SheetMark[] => {
    const x = left + (i % COLUMNS) * CELL_MM.width;
    const y = BODY_Y_MM + 22 + Math.floor(i / COLUMNS) * CELL_MM.height;
    const name = `${SIZE_SYSTEMS[system].prefix} ${mark}`;
    return [
      { kind: 'circle', x, y, radiusMm: diameterMm / 2, widthMm: FINE_MM },
      { kind: 'text', x, y, heightMm: 2.6, text: name, anchor: 'middle' },
      { kind: 'text', x, y: y + 3.4, heightMm: 1.9, text: `${diameterMm.toFixed(2)} mm`, anchor: 'middle' },
    ];
  });
  return sheetOf(paper, FINGER_WORDS.holes, [words(MARGIN_MM, BODY_Y_MM, FINGER_WORDS.fills), ...marks]);
}
