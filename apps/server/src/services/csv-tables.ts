import { storedSupplySchema, type SupplyAnswer, type StoredSupply } from '@round-mint/contract/consumables';
import { toolInputSchema, type StoredTool, type ToolInput } from '@round-mint/contract/kit';
import { orderInputSchema, type OrderInList, type OrderInput } from '@round-mint/contract/orders';
import { personInputSchema, type Person, type PersonInput } from '@round-mint/contract/people';
import { scrapInputSchema, type ScrapInput, type StoredScrap } from '@round-mint/contract/scrap';
import { stockInputSchema, type StockInput, type StockItem } from '@round-mint/contract/stock';
import {
  KIT_COLUMNS,
  ORDER_COLUMNS,
  PEOPLE_COLUMNS,
  SCRAP_COLUMNS,
  STOCK_COLUMNS,
  SUPPLY_COLUMNS,
} from './csv-columns';
import type { Table } from './csv-table';

type Fields = Readonly<Record<string, unknown>>;

/** Fields for which an empty cell means empty text. */
function emptyTexts(...names: readonly string[]): Fields {
  return Object.fromEntries(names.map((name) => [name, '']));
}

const byName = {
  key: 'name',
  foundByKey: true,
  label: (cells: Readonly<Record<string, string>>) => cells['name']?.trim() ?? '',
} as const;

export const STOCK_TABLE: Table<StockInput, StockItem> = {
  ...byName,
  columns: STOCK_COLUMNS,
  flat: (item) => item,
  input: (fields, known) => ({
    ...emptyTexts('issuer', 'grade', 'origin', 'legalNote', 'notes'),
    ...(fields['kind'] === 'handle' ? { enamel: [] } : {}),
    // What a test found is not in the table: it stays.
    ...(known ? { evidence: known.evidence } : {}),
    ...fields,
  }),
  schema: stockInputSchema,
};

export const KIT_TABLE: Table<ToolInput, StoredTool> = {
  ...byName,
  columns: KIT_COLUMNS,
  flat: ({ id, name, spec }) => ({ id, name, ...spec }),
  input: ({ id, name, ...spec }) => ({ ...(id === undefined ? {} : { id }), name, spec }),
  schema: toolInputSchema,
};

export const PEOPLE_TABLE: Table<PersonInput, Person> = {
  ...byName,
  columns: PEOPLE_COLUMNS,
  flat: (person) => person,
  input: (fields) => ({
    ...emptyTexts('email', 'phone', 'address', 'notes'),
    fingers: [],
    ...fields,
  }),
  schema: personInputSchema,
};

/** A wish that leaves all open. */
const OPEN_WISH = { wall: 'straight', lining: 'none', dedication: '' } as const;

/** A column of a wish: "wishKind" for its kind. */
function wishFields(fields: Fields): Fields {
  return Object.fromEntries(
    Object.entries(fields).flatMap(([name, value]) =>
      /^wish[A-Z]/.test(name) ? [[name.charAt(4).toLowerCase() + name.slice(5), value]] : [],
    ),
  );
}

/** @param people by whose name a row without `personId` finds its person */
export function orderTable(people: readonly Person[]): Table<OrderInput, OrderInList> {
  const nameOf = (personId: string) => people.find(({ id }) => id === personId)?.name ?? '';
  const idOf = (name: unknown) => {
    const alike = people.filter((person) => person.name === name);
    return alike.length === 1 ? alike[0]?.id : undefined;
  };
  return {
    ...byName,
    columns: ORDER_COLUMNS,
    flat: ({ wish, exchange, ...order }) => ({
      ...order,
      person: nameOf(order.personId),
      exchangePieces: exchange?.pieces,
      exchangeValueEach: exchange?.valueEach,
      ...Object.fromEntries(
        Object.entries(wish).map(([name, value]) => [
          `wish${name.charAt(0).toUpperCase()}${name.slice(1)}`,
          value,
        ]),
      ),
    }),
    input: ({ person, exchangePieces, exchangeValueEach, ...fields }) => ({
      ...emptyTexts('notes'),
      ...Object.fromEntries(Object.entries(fields).filter(([name]) => !/^wish[A-Z]/.test(name))),
      personId: fields['personId'] ?? idOf(person),
      wish: { ...OPEN_WISH, ...wishFields(fields) },
      exchange:
        exchangePieces === undefined && exchangeValueEach === undefined
          ? null
          : { pieces: exchangePieces, valueEach: exchangeValueEach },
    }),
    schema: orderInputSchema,
  };
}

/** @param now for what lies there without a time */
export function scrapTable(now: string): Table<ScrapInput, StoredScrap> {
  return {
    key: 'kind',
    foundByKey: false,
    label: ({ kind = '', metal = '', note = '' }) =>
      [`${kind} ${metal}`.trim(), note].filter(Boolean).join(', '),
    columns: SCRAP_COLUMNS,
    flat: (thing) => thing,
    input: (fields) => ({ at: now, source: 'scale', ...emptyTexts('note'), ...fields }),
    schema: scrapInputSchema,
  };
}

/** @param now when a changed count was made, where the table does not say */
export function supplyTable(now: string): Table<StoredSupply, SupplyAnswer> {
  return {
    key: 'id',
    foundByKey: false,
    label: ({ id = '' }) => id,
    columns: SUPPLY_COLUMNS,
    flat: (supply) => supply,
    input: (fields, known) => {
      const counted = known !== undefined && fields['countedAmount'] !== known.countedAmount;
      const timeSays = known !== undefined && fields['countedAt'] !== known.countedAt;
      return { ...fields, ...(counted && !timeSays ? { countedAt: now } : {}) };
    },
    schema: storedSupplySchema,
  };
}
