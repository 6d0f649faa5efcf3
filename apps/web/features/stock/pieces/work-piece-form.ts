import { stockInputSchema, type StockInput, type StockItem } from '@round-mint/contract/stock';
import { parseDecimal, parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import { parseSize, writeSize, type SizeSystemId } from '@round-mint/core/size';

export type WorkPieceKind = Exclude<StockItem['kind'], 'coin'>;

/** A measured place along a handle, as typed. */
export interface StationTexts {
  readonly atMm: string;
  readonly thicknessMm: string;
  readonly widthMm: string;
}

/** The form as typed: nothing is lost on the way to a number. */
export interface WorkPieceTexts {
  readonly values: Readonly<Record<string, string>>;
  readonly stations: readonly StationTexts[];
}

interface PieceField {
  readonly key: string;
  readonly label: string;
  readonly what: 'length' | 'size' | 'truth' | 'choice';
  readonly choices?: readonly { readonly value: string; readonly label: string }[];
}

const truth = (key: string, label: string): PieceField => ({ key, label, what: 'truth' });

/** What a kind of piece is measured by, but for a handle's stations. */
export const PIECE_FIELDS: Readonly<Record<WorkPieceKind, readonly PieceField[]>> = {
  handle: [
    { key: 'enamelFromMm', label: 'Enamel from', what: 'length' },
    { key: 'enamelToMm', label: 'Enamel to', what: 'length' },
  ],
  strip: [
    {
      key: 'section',
      label: 'Section',
      what: 'choice',
      choices: [
        { value: 'rect', label: 'strip' },
        { value: 'round', label: 'round wire' },
        { value: 'd', label: 'half round' },
        { value: 'court', label: 'rounded in and out' },
      ],
    },
    { key: 'thicknessMm', label: 'Thickness', what: 'length' },
    { key: 'widthMm', label: 'Width', what: 'length' },
    { key: 'lengthMm', label: 'Length left', what: 'length' },
  ],
  band: [
    { key: 'insideDiameterMm', label: 'Size now', what: 'size' },
    { key: 'thicknessMm', label: 'Thickness', what: 'length' },
    { key: 'widthMm', label: 'Width', what: 'length' },
    {
      key: 'profile',
      label: 'Profile',
      what: 'choice',
      choices: [
        { value: 'd', label: 'half round' },
        { value: 'flat', label: 'flat' },
        { value: 'court', label: 'rounded in and out' },
      ],
    },
    truth('patterned', 'Pattern'),
    truth('stones', 'Stones'),
    truth('soldered', 'Solder seam'),
    truth('plated', 'Plated'),
    truth('hollow', 'Hollow'),
    truth('twoMetals', 'Two metals'),
    truth('tension', 'Tension set'),
  ],
};

/** What every kind of piece is told by, whatever it is measured by. */
export const COMMON_KEYS = ['name', 'metal', 'quantity', 'price', 'origin', 'notes', 'legalNote'] as const;

/** Every box of a kind, empty: what was typed in one is read back by its name. */
function emptyValues(kind: WorkPieceKind): Readonly<Record<string, string>> {
  const keys = [...COMMON_KEYS, ...PIECE_FIELDS[kind].map(({ key }) => key)];
  const truths = PIECE_FIELDS[kind].filter(({ what }) => what === 'truth').map(({ key }) => [key, 'no']);
  return { ...Object.fromEntries(keys.map((key) => [key, ''])), ...Object.fromEntries(truths) };
}

const NO_STATION: StationTexts = { atMm: '', thicknessMm: '', widthMm: '' };

/** @param metal that a test of it found */
export function newPieceTexts(kind: WorkPieceKind, metal = 'silver-925'): WorkPieceTexts {
  const first = Object.fromEntries(
    PIECE_FIELDS[kind].flatMap(({ key, choices }) => (choices?.[0] ? [[key, choices[0].value]] : [])),
  );
  return {
    values: { ...emptyValues(kind), ...first, metal, quantity: '1' },
    stations: [{ ...NO_STATION, atMm: '0' }, NO_STATION, NO_STATION],
  };
}

export function withStation(texts: WorkPieceTexts): WorkPieceTexts {
  return { ...texts, stations: [...texts.stations, NO_STATION] };
}

/** A stored piece as texts to edit. */
export function workPieceTexts(
  piece: Exclude<StockItem, { kind: 'coin' }>,
  system: SizeSystemId,
): WorkPieceTexts {
  const plain = Object.entries(piece).flatMap(([key, value]) =>
    typeof value === 'string' || typeof value === 'number'
      ? [[key, String(value)] as const]
      : typeof value === 'boolean'
        ? [[key, value ? 'yes' : 'no'] as const]
        : [],
  );
  const enamel = piece.kind === 'handle' ? piece.enamel[0] : undefined;
  return {
    values: {
      ...emptyValues(piece.kind),
      ...Object.fromEntries(plain),
      ...(piece.kind === 'band' ? { insideDiameterMm: writeSize(piece.insideDiameterMm, system) } : {}),
      ...(enamel ? { enamelFromMm: String(enamel.fromMm), enamelToMm: String(enamel.toMm) } : {}),
    },
    stations:
      piece.kind === 'handle'
        ? piece.stations.map(({ atMm, thicknessMm, widthMm }) => ({
            atMm: String(atMm),
            thicknessMm: String(thicknessMm),
            widthMm: widthMm === undefined ? '' : String(widthMm),
          }))
        : [],
  };
}

export type ParsedPiece =
  | { readonly ok: true; readonly piece: StockInput }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Texts to a piece, checked by the contract's schema; problems by field. */
export function parseWorkPiece(
  kind: WorkPieceKind,
  { values, stations }: WorkPieceTexts,
  unit: LengthUnit,
  system: SizeSystemId,
): ParsedPiece {
  const text = (key: string) => (values[key] ?? '').trim();
  const length = (typed: string) => (typed.trim() === '' ? undefined : parseLengthMm(typed, unit));
  const number = (key: string) => (text(key) === '' ? undefined : parseDecimal(text(key)));
  const read = ({ key, what }: PieceField): unknown => {
    if (what === 'truth') return text(key) === 'yes';
    if (what === 'length') return length(text(key));
    if (what === 'choice') return text(key);
    const size = parseSize(text(key), system);
    return size.ok ? size.insideDiameterMm : undefined;
  };
  const measures = Object.fromEntries(PIECE_FIELDS[kind].map((field) => [field.key, read(field)]));
  const { enamelFromMm, enamelToMm, ...shape } = measures;
  const handle = {
    stations: stations
      .filter(({ atMm, thicknessMm }) => `${atMm}${thicknessMm}`.trim() !== '')
      .map((station) => ({
        atMm: length(station.atMm),
        thicknessMm: length(station.thicknessMm),
        ...(station.widthMm.trim() === '' ? {} : { widthMm: length(station.widthMm) }),
      })),
    enamel:
      enamelFromMm === undefined && enamelToMm === undefined
        ? []
        : [{ fromMm: enamelFromMm, toMm: enamelToMm }],
  };
  const round = kind === 'strip' && shape['section'] === 'round' ? { widthMm: shape['thicknessMm'] } : {};
  const result = stockInputSchema.safeParse({
    kind,
    name: text('name'),
    metal: text('metal'),
    issuer: text('issuer'),
    year: number('year') ?? null,
    grade: text('grade'),
    origin: text('origin'),
    price: number('price') ?? null,
    legalNote: text('legalNote'),
    notes: text('notes'),
    quantity: number('quantity'),
    ...shape,
    ...round,
    ...(kind === 'handle' ? handle : {}),
  });
  if (result.success) return { ok: true, piece: result.data };
  return {
    ok: false,
    problems: Object.fromEntries(
      result.error.issues.map(({ path, message }) => [
        path[0] === 'stations' ? 'stations' : String(path[0]),
        message,
      ]),
    ),
  };
}
