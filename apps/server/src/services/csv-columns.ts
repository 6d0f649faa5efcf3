import { SIZE_SYSTEM_IDS } from '@round-mint/core/size';

/** How a cell is written and read: one way for each kind of value. */
type Cell = 'text' | 'number' | 'truth' | 'lengths' | 'stations' | 'stretches' | 'fingers' | 'json';

export interface Column {
  readonly name: string;
  readonly cell: Cell;
  /** Where the field may be nothing: an empty cell is null, not left out. */
  readonly nullable?: boolean;
  /** Written for the reader; what a file says of it is not taken in. */
  readonly readOnly?: boolean;
}

const text = (name: string): Column => ({ name, cell: 'text' });
const number = (name: string): Column => ({ name, cell: 'number' });
const truth = (name: string): Column => ({ name, cell: 'truth' });
const orNothing = (column: Column): Column => ({ ...column, nullable: true });
const forReading = (column: Column): Column => ({ ...column, readOnly: true });

export const STOCK_COLUMNS: readonly Column[] = [
  ...['id', 'kind', 'name', 'issuer'].map(text),
  { name: 'year', cell: 'number', nullable: true },
  text('metal'),
  ...['diameterMm', 'rimThicknessMm', 'massG'].map(number),
  ...['form', 'edge', 'outsideFace', 'section'].map(text),
  ...['thicknessMm', 'widthMm', 'lengthMm', 'insideDiameterMm'].map(number),
  text('profile'),
  ...['patterned', 'stones', 'soldered', 'plated', 'hollow', 'twoMetals', 'tension'].map(truth),
  { name: 'stations', cell: 'stations' },
  { name: 'enamel', cell: 'stretches' },
  ...['grade', 'origin'].map(text),
  { name: 'price', cell: 'number', nullable: true },
  ...['legalNote', 'notes'].map(text),
  number('quantity'),
];

export const KIT_COLUMNS: readonly Column[] = [
  ...['id', 'name', 'kind'].map(text),
  number('diameterMm'),
  truth('selfCentring'),
  ...['angleDeg', 'mouthMm', 'smallEndMm', 'largeEndMm'].map(number),
  { name: 'holesMm', cell: 'lengths' },
  { name: 'lidHolesMm', cell: 'lengths' },
  ...['smallestMm', 'largestMm', 'splines', 'taperDeg', 'mmPerUsSize', 'tonnes', 'openingMm'].map(number),
];

/** What is known of a finger; in a cell of its own in this order, with colons between. */
const FINGER_COLUMNS: readonly Column[] = [
  ...['hand', 'finger', 'sizeText'].map(text),
  number('insideDiameterMm'),
  text('measuredBy'),
  ...['gaugeWidthMm', 'knuckleInsideDiameterMm'].map(number).map(orNothing),
];

export const PEOPLE_COLUMNS: readonly Column[] = [
  ...['id', 'name', 'email', 'phone', 'address', 'notes'].map(text),
  { name: 'fingers', cell: 'fingers' },
];

export const ORDER_COLUMNS: readonly Column[] = [
  ...['id', 'name', 'personId', 'person'].map(text),
  forReading(text('state')),
  ...FINGER_COLUMNS,
  text('wishKind'),
  ...[number('wishYear'), text('wishMetal'), text('wishFace')].map(orNothing),
  ...['wishWidthMinMm', 'wishWidthMaxMm'].map(number).map(orNothing),
  text('wishWall'),
  orNothing(number('wishCurlDeg')),
  { name: 'wishCurl', cell: 'json' },
  ...['wishFinish', 'wishLining', 'wishDedication'].map(text),
  orNothing(text('wantedBy')),
  text('stockFrom'),
  ...['exchangePieces', 'exchangeValueEach'].map(number),
  truth('approvalWanted'),
  ...['stockId', 'sizerId', 'planId', 'ringId'].map(text).map(orNothing),
  { name: 'quote', cell: 'json', nullable: true },
  ...['way', 'shelfRingId', 'notes'].map(text),
];

export const SCRAP_COLUMNS: readonly Column[] = [
  ...['id', 'at', 'kind', 'metal'].map(text),
  number('massG'),
  orNothing(number('fineness')),
  text('source'),
  ...['ringId', 'meltedIntoId'].map(text).map(orNothing),
  text('note'),
];

export const SUPPLY_COLUMNS: readonly Column[] = [
  text('id'),
  ...['name', 'unit'].map(text).map(forReading),
  number('countedAmount'),
  text('countedAt'),
  ...['buyAtAmount', 'packAmount', 'packPrice'].map(number),
  ...['usedAmount', 'leftAmount'].map(number).map(forReading),
];

interface StationCell {
  readonly atMm: number;
  readonly thicknessMm: number;
  readonly widthMm?: number;
}
interface StretchCell {
  readonly fromMm: number;
  readonly toMm: number;
}

/** "0:2.6:19; 15:2.4" – place, thickness and, if known, width. */
function stationsText(stations: readonly StationCell[]): string {
  return stations
    .map(({ atMm, thicknessMm, widthMm }) =>
      [atMm, thicknessMm, ...(widthMm === undefined ? [] : [widthMm])].join(':'),
    )
    .join('; ');
}

function parts(cell: string): readonly string[] {
  return cell
    .split(';')
    .map((part) => part.trim())
    .filter(Boolean);
}

export function writeCell(value: unknown, cell: Cell): string {
  if (value === undefined || value === null) return '';
  switch (cell) {
    case 'truth':
      return value === true ? 'yes' : 'no';
    case 'lengths':
      return (value as readonly number[]).join(' ');
    case 'stations':
      return stationsText(value as readonly StationCell[]);
    case 'stretches':
      return (value as readonly StretchCell[]).map(({ fromMm, toMm }) => `${fromMm}-${toMm}`).join('; ');
    case 'fingers':
      return (value as readonly Readonly<Record<string, unknown>>[])
        .map((finger) =>
          FINGER_COLUMNS.map(({ name, cell: part }) => writeCell(finger[name], part)).join(':'),
        )
        .join('; ');
    case 'json':
      return JSON.stringify(value);
    default:
      return String(value);
  }
}

/** JSON, or the text as it stands, so that the schema can say what it would accept. */
function jsonOrText(cell: string): unknown {
  try {
    return JSON.parse(cell);
  } catch {
    return cell;
  }
}

/** A number, or the text as it stands, so that the schema can say what it would accept. */
function numberOrText(cell: string): number | string {
  const plain = cell.replace(',', '.');
  return plain !== '' && Number.isFinite(Number(plain)) ? Number(plain) : cell;
}

const TRUTHS: Readonly<Record<string, boolean>> = { yes: true, no: false, true: true, false: false };

/** What a cell says; undefined for an empty one, except where an empty list or text is a value of its own. */
export function readCell(raw: string, { name, cell, nullable }: Column): unknown {
  const trimmed = raw.trim();
  if (trimmed === '') return nullable ? null : undefined;
  switch (cell) {
    case 'number':
      return numberOrText(trimmed);
    case 'truth':
      return TRUTHS[trimmed.toLowerCase()] ?? trimmed;
    case 'lengths':
      return trimmed.split(/[\s;]+/).map(numberOrText);
    case 'stations':
      return parts(trimmed).map((part) => {
        const [atMm = '', thicknessMm = '', widthMm] = part.split(':').map((value) => value.trim());
        const width = widthMm === undefined ? {} : { widthMm: numberOrText(widthMm) };
        return { atMm: numberOrText(atMm), thicknessMm: numberOrText(thicknessMm), ...width };
      });
    case 'stretches':
      return parts(trimmed).map((part) => {
        const [fromMm = '', toMm = ''] = part.split('-').map((value) => value.trim());
        return { fromMm: numberOrText(fromMm), toMm: numberOrText(toMm) };
      });
    case 'fingers':
      return parts(trimmed).map((part) => {
        const values = part.split(':');
        return Object.fromEntries(
          FINGER_COLUMNS.map((column, i) => [column.name, readCell(values[i] ?? '', column)]),
        );
      });
    case 'json':
      return jsonOrText(trimmed);
    case 'text':
      // A cell that was quoted so that a spreadsheet does not take it for a formula.
      return name === 'id' ? trimmed : trimmed.replace(/^'(?=[=+\-@])/, '');
  }
}

/** Written only: a sale of the maker's books. */
export const BOOK_COLUMNS: readonly Column[] = [
  ...['day', 'orderId', 'ring', 'buyer', 'way'].map(text),
  ...['price', 'discount'].map(number),
  text('discountCode'),
  ...['fees', 'post', 'stock', 'supplies', 'minutes', 'labour', 'scrap', 'cost', 'margin'].map(number),
];

/** Written only: what the shelf holds, for whoever shows it elsewhere. */
export const SHELF_COLUMNS: readonly Column[] = [
  ...['id', 'name', 'state'].map(text),
  number('price'),
  ...SIZE_SYSTEM_IDS.map(text),
  ...['insideDiameterMm', 'widthMm', 'heightMm', 'thicknessMm', 'massG'].map(number),
  text('metal'),
  ...['fineness', 'year'].map(number),
  ...['stockName', 'issuer', 'kind', 'finish', 'story', 'short', 'long'].map(text),
];
