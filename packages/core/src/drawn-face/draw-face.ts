import { radToDeg } from '../numeric';
import type { RgbaImage } from '../photo/grey-image';
import {
  circleOf,
  curveThrough,
  flatField,
  raiseLine,
  raiseRim,
  spoke,
  type FaceSpot,
  type HeightField,
} from './height-field';
import { LETTER_GAP, LETTER_HEIGHT, linesOf } from './letters';
import { lit, type Colour } from './lit';
import { raiseMotif, type Motif } from './motifs';

/** Words that run round a face, clockwise, their feet towards its middle. */
export interface Legend {
  readonly text: string;
  /** Where their middle is, clockwise from the top, degrees. */
  readonly middleDeg: number;
}

/** A line of words straight across a face. */
export interface StraightText {
  readonly text: string;
  /** Of its foot, up from the middle; 1 is the rim. */
  readonly y: number;
  readonly height: number;
}

/** How a face of a made-up piece looks. */
export interface FaceDesign {
  readonly border: 'beads' | 'teeth' | 'line';
  readonly legends: readonly Legend[];
  readonly lines: readonly StraightText[];
  readonly motif: Motif;
  /** Its middle, up from the face's, and its size against one that fills the face within the legend. */
  readonly motifAt: { readonly y: number; readonly scale: number };
}

const RIM_FROM = 0.955;
const LEGEND = { foot: 0.715, height: 0.135, width: 0.022 } as const;
const BEADS = { count: 96, far: 0.915, width: 0.022 } as const;

type Place = (x: number, y: number) => FaceSpot;

/** Puts a row of letters on a face. @param place where a spot of the row is, from its middle and its foot */
function raiseWords(field: HeightField, text: string, height: number, stroke: number, place: Place): void {
  const scale = height / LETTER_HEIGHT;
  const { lines, long } = linesOf(text);
  const from = (LETTER_GAP - long) / 2;
  for (const { spots, curved } of lines) {
    const put = spots.map(({ x, y }) => ({ x: (from + x) * scale, y: y * scale }));
    const smooth = curved ? curveThrough(put) : put;
    raiseLine(
      field,
      smooth.map(({ x, y }) => place(x, y)),
      { width: stroke, level: 1 },
    );
  }
}

function raiseLegend(field: HeightField, { text, middleDeg }: Legend): void {
  const { foot, height, width } = LEGEND;
  raiseWords(field, text, height, width, (x, y) => {
    return spoke(middleDeg + radToDeg(x / (foot + height / 2)), foot + y);
  });
}

function raiseBorder(field: HeightField, border: FaceDesign['border']): void {
  raiseRim(field, RIM_FROM);
  if (border === 'line') {
    raiseLine(field, circleOf(0, 0, 0.925, 180), { width: 0.012, level: 0.8 });
    return;
  }
  const { count, far, width } = BEADS;
  const long = border === 'teeth' ? 0.022 : 0;
  for (let i = 0; i < count; i++) {
    const deg = (360 * (i + 0.5)) / count;
    raiseLine(field, [spoke(deg, far - long), spoke(deg, far + long)], { width, level: 0.9 });
  }
}

/** A field seen in the middle of another, smaller and moved up. */
function withMotif(field: HeightField, { motif, motifAt }: FaceDesign): void {
  const drawn = flatField(Math.round(field.sidePx * motifAt.scale));
  raiseMotif(drawn, motif);
  const left = Math.round((field.sidePx - drawn.sidePx) / 2);
  const top = Math.round(left - (motifAt.y * field.sidePx) / 2);
  for (let row = 0; row < drawn.sidePx; row++) {
    const to = (row + top) * field.sidePx + left;
    field.height.set(drawn.height.subarray(row * drawn.sidePx, (row + 1) * drawn.sidePx), to);
  }
}

/** How high each place of a face stands, 0 to 1. */
export function faceHeights(design: FaceDesign, sidePx: number): HeightField {
  const field = flatField(sidePx);
  withMotif(field, design);
  raiseBorder(field, design.border);
  for (const legend of design.legends) raiseLegend(field, legend);
  for (const { text, y, height } of design.lines) {
    raiseWords(field, text, height, height * 0.17, (x, up) => ({ x, y: y + up }));
  }
  return field;
}

/** How much the light from aside changes for a rise of 1 over a hundredth of the radius. */
const ASIDE = 0.3;

/**
 * A face as it is photographed in soft light: raised places lighter than the field, slopes towards the light lighter than
 * those away from it; see-through beyond the rim.
 */
export function drawFace(design: FaceDesign, sidePx: number, metal: Colour): RgbaImage {
  const { height } = faceHeights(design, sidePx);
  const isOn = new Uint8Array(sidePx * sidePx);
  for (let row = 0; row < sidePx; row++) {
    const y = (2 * row + 1) / sidePx - 1;
    const reach = Math.sqrt(Math.max(0, 1 - y * y));
    const first = Math.ceil(((1 - reach) * sidePx - 1) / 2);
    isOn.fill(1, row * sidePx + first, (row + 1) * sidePx - first);
  }
  return lit({ widthPx: sidePx, heightPx: sidePx, height, isOn, slope: (ASIDE * sidePx) / 2 / 100 }, metal);
}
