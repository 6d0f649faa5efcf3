import { dieChartSchema, type StoredDieChart } from '@round-mint/contract/die-charts';
import { storedToolSchema, type StoredTool } from '@round-mint/contract/kit';
import { archivedOrderSchema, type OrderInput, type StoredOrder } from '@round-mint/contract/orders';
import { personSchema, type Person, type PersonInput } from '@round-mint/contract/people';
import { planSchema, type Plan, type PlanInput } from '@round-mint/contract/plans';
import { recipeSchema, type StoredRecipe } from '@round-mint/contract/recipes';
import { scrapSchema, type StoredScrap } from '@round-mint/contract/scrap';
import { storedShelfRingSchema, type StoredShelfRing } from '@round-mint/contract/shelf';
import { discountSchema, type DiscountInput, type StoredDiscount } from '@round-mint/contract/discounts';
import { sizerSchema, type SizerInput, type StoredSizer } from '@round-mint/contract/sizers';
import { stockItemSchema, type StockInput, type StockItem } from '@round-mint/contract/stock';
import { toolStanding } from '@round-mint/core/kit';
import { shelfProgress } from '@round-mint/core/trade';
import { isoTime } from './resource';

type Row = Record<string, unknown>;

/** A row as the contract shows it: no bookkeeping column, ISO times, nulls left out where a field is optional. */
function shown(row: Row, optional: readonly string[] = []): Row {
  const { archivedAt: _deletedAt, createdAt, updatedAt, ...rest } = row;
  const kept = Object.entries(rest).filter(([key, value]) => value !== null || !optional.includes(key));
  return { ...Object.fromEntries(kept), createdAt: isoTime(createdAt), updatedAt: isoTime(updatedAt) };
}

/** What one column keeps of many fields. */
function fieldsOf(column: unknown): Row {
  return typeof column === 'object' && column !== null ? { ...column } : {};
}

/** Columns that only coins fill; the others keep their measures in `shape`. */
const COIN_COLUMNS = [
  ...['diameterMm', 'rimThicknessMm', 'massG', 'form', 'edge', 'outsideFace'],
  ...['faceTurn', 'mustStay', 'obverseFaceId', 'reverseFaceId'],
];

/** Columns that only handles fill. */
const HANDLE_COLUMNS = ['topFaceId', 'topOutline'];

/** Columns that mean nothing for a kind. */
function foreignTo(kind: unknown): readonly string[] {
  if (kind === 'coin') return HANDLE_COLUMNS;
  return kind === 'handle' ? COIN_COLUMNS : [...COIN_COLUMNS, ...HANDLE_COLUMNS];
}

export function stockItem(row: Row): StockItem {
  const { shape, ...rest } = row;
  const foreign = foreignTo(rest['kind']);
  const common = Object.entries(rest).filter(([key]) => !foreign.includes(key));
  if (rest['kind'] === 'coin') {
    return stockItemSchema.parse(shown(Object.fromEntries(common), ['massG', 'rimThicknessMm', 'evidence']));
  }
  return stockItemSchema.parse({
    ...shown(Object.fromEntries(common), ['evidence']),
    ...fieldsOf(shape),
  });
}

/** A piece as its row; what a coin has and this kind has not is filled with what means nothing. */
export function stockRow(input: StockInput): Row {
  const { evidence = null } = input;
  if (input.kind === 'coin') {
    const { massG = null, rimThicknessMm = null, form = 'round' } = input;
    return { ...input, massG, rimThicknessMm, form, evidence, shape: null };
  }
  const {
    id,
    kind,
    name,
    issuer,
    year,
    grade,
    origin,
    price,
    legalNote,
    notes,
    quantity,
    metal,
    ...measures
  } = input;
  const { evidence: _evidence, ...others } = measures;
  // A piece as a maker sends it brings no picture, and leaves that of its row as it is.
  const ofPicture = ([key]: readonly [string, unknown]) => HANDLE_COLUMNS.includes(key);
  const fields = Object.entries(others);
  return {
    ...{ id, kind, name, issuer, year, grade, origin, price, legalNote, notes, quantity, metal },
    ...{ diameterMm: null, massG: null, rimThicknessMm: null },
    ...{ form: 'round', edge: 'plain', outsideFace: 'either' },
    ...Object.fromEntries(fields.filter(ofPicture)),
    shape: Object.fromEntries(fields.filter((field) => !ofPicture(field))),
    evidence,
  };
}

export function storedTool({ renewedAt: _renewedAt, ...row }: Row): StoredTool {
  return storedToolSchema.parse(shown(row));
}

/** What follows from a tool's history beside it. */
export function toolHistoryRow(history: StoredTool['history']): Row {
  return { history, renewedAt: toolStanding(history).renewedAt ?? null };
}

export function toolRow({ history, ...tool }: StoredTool): Row {
  return { ...tool, ...toolHistoryRow(history) };
}

export function storedPlan(row: Row): Plan {
  const { choices, ...rest } = row;
  return planSchema.parse({ ...shown(rest), ...fieldsOf(choices) });
}

export function planRow(input: PlanInput): Row {
  const { id, name, stockId, targetInsideDiameterMm, finish, kind, ...choices } = input;
  return { id, name, stockId, targetInsideDiameterMm, finish, kind, choices };
}

export function storedDieChart(row: Row): StoredDieChart {
  return dieChartSchema.parse(shown(row));
}

export function storedRecipe(row: Row): StoredRecipe {
  return recipeSchema.parse(shown(row));
}

/** A row that keeps what nobody searches by in one column. */
function unfolded(row: Row): Row {
  const { details, ...rest } = row;
  return { ...shown(rest), ...fieldsOf(details) };
}

export function storedPerson(row: Row): Person {
  return personSchema.parse(unfolded(row));
}

export function personRow({ id, name, email, ...details }: PersonInput): Row {
  return { id, name, email, details };
}

export function storedOrder(row: Row): StoredOrder {
  return archivedOrderSchema.parse(unfolded(row));
}

export function orderRow(input: OrderInput): Row {
  const { id, personId, name, wantedBy, planId, ringId, stockId, sizerId, ...details } = input;
  return { id, personId, name, wantedBy, planId, ringId, stockId, sizerId, details };
}

export function storedSizer(row: Row): StoredSizer {
  return sizerSchema.parse(unfolded(row));
}

export function sizerRow({ id, personId, sentOn, ...details }: SizerInput): Row {
  return { id, personId, sentOn, details };
}

export function storedDiscount(row: Row): StoredDiscount {
  return discountSchema.parse(unfolded(row));
}

export function discountRow({ id, code, ...details }: DiscountInput): Row {
  return { id, code, details };
}

export function storedScrap(row: Row): StoredScrap {
  return scrapSchema.parse({ ...shown(row), at: isoTime(row['at']) });
}

export function storedShelfRing({
  state: _state,
  orderId: _orderId,
  goneAt: _goneAt,
  ...row
}: Row): StoredShelfRing {
  return storedShelfRingSchema.parse(shown(row));
}

/** As its row, with what follows from its events. */
export function shelfRow({
  id,
  ringId,
  story,
  texts,
  events,
}: Pick<StoredShelfRing, 'id' | 'ringId' | 'story' | 'texts' | 'events'>): Row {
  const { state, sale, goneAt = null } = shelfProgress(events);
  return { id, ringId, story, texts, events, state, goneAt, orderId: sale?.orderId ?? null };
}
