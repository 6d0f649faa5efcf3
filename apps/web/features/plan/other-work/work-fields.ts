import type { LengthUnit } from '@round-mint/core/format';
import type { Work, WorkKind } from '@round-mint/core/work';

/** What was typed and chosen, as text: nothing is lost on the way to a number. */
export type WorkTexts = Readonly<Record<string, string>>;

interface FieldBase {
  readonly key: string;
  readonly label: string;
  readonly start: string;
  /** Shown only while this holds. */
  readonly when?: (texts: WorkTexts) => boolean;
  readonly hint?: string;
}

export type WorkField = FieldBase &
  (
    | { readonly what: 'length'; readonly optional?: boolean }
    | { readonly what: 'number' }
    | { readonly what: 'size'; readonly optional?: boolean }
    | { readonly what: 'metal' }
    /** A strip of the drawer, by its id; nothing where it is told beside it. */
    | { readonly what: 'strip' }
    | {
        readonly what: 'choice';
        readonly choices: readonly {
          readonly value: string;
          readonly label: string;
          readonly note?: string;
        }[];
      }
    | { readonly what: 'truth'; readonly yes: string; readonly no: string }
  );

const END_CHOICES = [
  { value: 'square', label: 'square' },
  { value: 'round', label: 'round' },
  { value: 'mitred', label: 'mitred' },
  { value: 'pattern', label: 'as the pattern' },
];

/** Until the maker chooses: the strip of the drawer that suits best. */
export const NEAREST_STRIP = 'nearest';

/** A part that is cut from a strip of the drawer is as thick as that, and of its metal. */
const notInDrawer = ({ otherStockId = '' }: WorkTexts): boolean => otherStockId === '';

/** What is left to choose of bands that are put together of several parts. */
const HOW_MADE: readonly WorkField[] = [
  {
    key: 'temper',
    label: 'Formed',
    what: 'choice',
    start: 'annealed',
    choices: [
      { value: 'annealed', label: 'annealed', note: 'springs least' },
      { value: 'hard', label: 'hard', note: 'keeps its shape' },
    ],
  },
  { key: 'borders', label: 'Borders', what: 'truth', start: 'no', yes: 'stamped', no: 'plain' },
  { key: 'hallmark', label: 'Marks inside', what: 'truth', start: 'no', yes: 'struck', no: 'none' },
];

export const WORK_FIELDS: Readonly<Record<WorkKind, readonly WorkField[]>> = {
  handle: [
    {
      key: 'style',
      label: 'Style',
      what: 'choice',
      start: 'straight',
      choices: [
        { value: 'straight', label: 'straight', note: 'ends meet' },
        { value: 'overlap', label: 'overlap', note: 'one end over' },
        { value: 'spiral', label: 'spiral', note: 'several turns' },
      ],
    },
    {
      key: 'overlapMm',
      label: 'Overlap',
      what: 'length',
      start: '8',
      when: ({ style }) => style === 'overlap',
    },
    {
      key: 'fit',
      label: 'Length of the spiral',
      what: 'choice',
      start: '',
      when: ({ style }) => style === 'spiral',
      choices: [
        { value: '', label: 'as told' },
        { value: 'turns', label: 'whole handle', note: 'by its turns' },
        { value: 'pitch', label: 'whole handle', note: 'by its pitch' },
      ],
    },
    {
      key: 'turns',
      label: 'Turns',
      what: 'number',
      start: '1.5',
      when: ({ style, fit }) => style === 'spiral' && fit !== 'turns',
    },
    {
      key: 'pitchMm',
      label: 'Pitch: climb of one turn',
      what: 'length',
      start: '10',
      when: ({ style, fit }) => style === 'spiral' && fit !== 'pitch',
      hint: 'At least the width and the gap you want to see.',
    },
    {
      key: 'keptEnd',
      label: 'End that shows',
      what: 'choice',
      start: 'tip',
      choices: [
        { value: 'tip', label: 'tip', note: 'with the pattern' },
        { value: 'neck', label: 'neck', note: 'towards the bowl' },
      ],
    },
    { key: 'startMm', label: 'Begin from that end', what: 'length', start: '0' },
    {
      key: 'ends',
      label: 'Shape of that end',
      what: 'choice',
      start: 'round',
      choices: END_CHOICES,
    },
    {
      key: 'otherEnd',
      label: 'Other end',
      what: 'choice',
      start: 'round',
      choices: END_CHOICES,
    },
  ],
  strip: [
    {
      key: 'widthMm',
      label: 'Band: width',
      what: 'length',
      optional: true,
      start: '',
      hint: 'Left empty, as wide as it comes.',
    },
    {
      key: 'rolledToMm',
      label: 'Band: thickness',
      what: 'length',
      optional: true,
      start: '',
      hint: 'Thicker stock is rolled to it. Left empty, as thick as it is.',
    },
    { key: 'textured', label: 'Surface', what: 'truth', start: 'no', yes: 'hammered', no: 'smooth' },
    { key: 'seamMm', label: 'For the seam', what: 'length', start: '0.3', hint: 'Saw kerf and filing.' },
  ],
  spinner: [
    { key: 'otherStockId', label: 'Outer band: cut from', what: 'strip', start: NEAREST_STRIP },
    { key: 'outerWidthMm', label: 'Outer band: width', what: 'length', start: '4' },
    {
      key: 'outerThicknessMm',
      label: 'Outer band: thickness',
      what: 'length',
      start: '1.2',
      when: notInDrawer,
    },
    { key: 'outerMetal', label: 'Outer band: metal', what: 'metal', start: 'silver-925', when: notInDrawer },
    { key: 'clearanceMm', label: 'Clearance', what: 'length', start: '0.3', hint: 'Of diameter, all round.' },
    ...HOW_MADE,
  ],
  'coin-band': [
    { key: 'otherStockId', label: 'Sides: cut from', what: 'strip', start: NEAREST_STRIP },
    { key: 'stripWidthMm', label: 'Sides: width', what: 'length', start: '6' },
    {
      key: 'stripThicknessMm',
      label: 'Sides: thickness',
      what: 'length',
      start: '1.5',
      when: notInDrawer,
    },
    { key: 'stripMetal', label: 'Sides: metal', what: 'metal', start: 'silver-925', when: notInDrawer },
    {
      key: 'knuckleMm',
      label: 'Knuckle, as a size',
      what: 'size',
      optional: true,
      start: '',
      hint: 'Left empty, it need not open.',
    },
    ...HOW_MADE,
  ],
  resize: [
    {
      key: 'cover',
      label: 'Between band and die',
      what: 'choice',
      start: 'cloth',
      choices: [
        { value: 'cloth', label: 'worn cloth' },
        { value: 'leather', label: 'thin leather' },
        { value: 'none', label: 'nothing' },
      ],
    },
  ],
};

export function startTexts(kind: WorkKind): WorkTexts {
  return Object.fromEntries(WORK_FIELDS[kind].map(({ key, start }) => [key, start]));
}

/** A chosen value as it would be typed. */
function typed(field: WorkField, value: unknown, unit: LengthUnit): string {
  if (field.what === 'truth') return value === true ? 'yes' : 'no';
  if (typeof value === 'number') {
    const number = String(Math.round(value * 100) / 100);
    return field.what === 'length' && unit !== 'mm' ? `${number} mm` : number;
  }
  return typeof value === 'string' ? value : '';
}

/** A work as its form would have it: what it leaves open is as the form begins, or empty where it may be. */
export function textsOf(work: Work, unit: LengthUnit): WorkTexts {
  const values = new Map<string, unknown>(Object.entries(work));
  return Object.fromEntries(
    WORK_FIELDS[work.kind].map((field) => [
      field.key,
      values.get(field.key) === undefined ? field.start : typed(field, values.get(field.key), unit),
    ]),
  );
}
