import type { DayPlan } from '@round-mint/contract/day-plan';
import type { StoredDieChart } from '@round-mint/contract/die-charts';
import type { StoredTool } from '@round-mint/contract/kit';
import type { OrderEventInput, OrderInput } from '@round-mint/contract/orders';
import { MESSAGE_KINDS } from '@round-mint/contract/outbox';
import type { PersonInput } from '@round-mint/contract/people';
import { PHOTO_PARTS } from '@round-mint/contract/photos';
import { PLAN_KINDS } from '@round-mint/contract/plans';
import type { StoredRecipe } from '@round-mint/contract/recipes';
import { RING_STATUSES, type FrozenPlan, type RingEventInput } from '@round-mint/contract/rings';
import type { Settings } from '@round-mint/contract/settings';
import type { SizerInput } from '@round-mint/contract/sizers';
import { EDGE_KINDS, OUTSIDE_FACES, type StockInput } from '@round-mint/contract/stock';
import { COIN_FORMS } from '@round-mint/core/stock';
import { FINISHES } from '@round-mint/core/steps';
import { CONSUMABLE_IDS, SCRAP_KINDS, SCRAP_SOURCES } from '@round-mint/core/trade';
import { STOCK_KINDS } from '@round-mint/core/work';
import { sql } from 'drizzle-orm';
import {
  bigserial,
  check,
  customType,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uuid,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';

/** A row can only hold one of the words that the contract knows. */
function oneOf(name: string, column: AnyPgColumn, words: readonly string[]) {
  const list = words.map((word) => `'${word.replaceAll("'", "''")}'`).join(', ');
  return check(name, sql`${column} in (${sql.raw(list)})`);
}

/** A table of a single row. */
function onlyRow(name: string, column: AnyPgColumn) {
  return check(name, sql`${column} = 1`);
}

/** Every stored thing has these; archiving it only sets `archivedAt`, so that it can be brought back. */
const lifecycle = {
  createdAt: timestamp('created_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  archivedAt: timestamp('archived_at', { withTimezone: true, mode: 'string' }),
};

export const stock = pgTable(
  'stock',
  {
    id: uuid('id').primaryKey(),
    kind: text('kind').notNull().default('coin'),
    name: text('name').notNull(),
    issuer: text('issuer').notNull(),
    year: integer('year'),
    metal: text('metal').notNull(),
    /** Of coins and their like; other kinds keep their measures in `shape`. */
    diameterMm: doublePrecision('diameter_mm'),
    rimThicknessMm: doublePrecision('rim_thickness_mm'),
    massG: doublePrecision('mass_g'),
    form: text('form').notNull(),
    edge: text('edge').notNull(),
    outsideFace: text('outside_face').notNull(),
    grade: text('grade').notNull(),
    origin: text('origin').notNull(),
    price: doublePrecision('price'),
    legalNote: text('legal_note').notNull(),
    notes: text('notes').notNull(),
    quantity: integer('quantity').notNull(),
    /** Measures of a handle, a strip or a band, as the contract names them. */
    shape: jsonb('shape').$type<Readonly<Record<string, unknown>>>(),
    evidence: jsonb('evidence').$type<StockInput['evidence']>(),
    ...lifecycle,
  },
  (table) => [
    oneOf('stock_kind', table.kind, STOCK_KINDS),
    oneOf('stock_form', table.form, COIN_FORMS),
    oneOf('stock_edge', table.edge, EDGE_KINDS),
    oneOf('stock_outside_face', table.outsideFace, OUTSIDE_FACES),
    check('stock_quantity', sql`${table.quantity} >= 0`),
    index('stock_by_name').on(table.archivedAt, table.name),
    index('stock_by_metal').on(table.metal),
    index('stock_by_year').on(table.year),
  ],
);

export const kit = pgTable(
  'kit',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    spec: jsonb('spec').$type<StoredTool['spec']>().notNull(),
    ...lifecycle,
  },
  (table) => [index('kit_by_age').on(table.archivedAt, table.createdAt)],
);

export const plans = pgTable(
  'plans',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    stockId: uuid('stock_id')
      .notNull()
      .references(() => stock.id),
    targetInsideDiameterMm: doublePrecision('target_inside_diameter_mm').notNull(),
    finish: text('finish').notNull(),
    kind: text('kind').notNull().default('coin'),
    /** What this kind of work leaves to choose, as the contract names it. */
    choices: jsonb('choices').$type<Readonly<Record<string, unknown>>>().notNull(),
    ...lifecycle,
  },
  (table) => [
    oneOf('plans_kind', table.kind, PLAN_KINDS),
    oneOf('plans_finish', table.finish, FINISHES),
    index('plans_by_stock').on(table.stockId),
    index('plans_by_age').on(table.archivedAt, table.createdAt),
  ],
);

export const dieCharts = pgTable(
  'die_charts',
  {
    id: uuid('id').primaryKey(),
    metal: text('metal').notNull(),
    coinDiameterMm: doublePrecision('coin_diameter_mm').notNull(),
    die: text('die').notNull(),
    pusherMm: doublePrecision('pusher_mm').notNull(),
    observations: jsonb('observations').$type<StoredDieChart['observations']>().notNull(),
    ...lifecycle,
  },
  (table) => [index('die_charts_by_pusher').on(table.archivedAt, table.pusherMm)],
);

export const rings = pgTable(
  'rings',
  {
    id: uuid('id').primaryKey(),
    planId: uuid('plan_id')
      .notNull()
      .references(() => plans.id),
    stockId: uuid('stock_id')
      .notNull()
      .references(() => stock.id),
    name: text('name').notNull(),
    status: text('status').notNull(),
    /** The plan as it was on the day it was taken to the bench: a ring in work does not change under the maker. */
    frozenPlan: jsonb('frozen_plan').$type<FrozenPlan>().notNull(),
    finishedAt: timestamp('finished_at', { withTimezone: true, mode: 'string' }),
    ...lifecycle,
  },
  (table) => [
    oneOf('rings_status', table.status, RING_STATUSES),
    index('rings_by_status').on(table.status, table.createdAt),
    index('rings_by_finish').on(table.finishedAt),
    index('rings_by_plan').on(table.planId),
    index('rings_by_stock').on(table.stockId),
  ],
);

export const ringEvents = pgTable(
  'ring_events',
  {
    id: uuid('id').primaryKey(),
    ringId: uuid('ring_id')
      .notNull()
      .references(() => rings.id),
    /** Order of arrival, which is the maker's order: the app sends in order. */
    seq: bigserial('seq', { mode: 'number' }).notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    body: jsonb('body').$type<RingEventInput['body']>().notNull(),
  },
  (table) => [
    index('ring_events_by_ring').on(table.ringId, table.seq),
    index('ring_events_by_time').on(table.at),
  ],
);

/** A file as it is. */
const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

export const recipes = pgTable(
  'recipes',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    steps: jsonb('steps').$type<StoredRecipe['steps']>().notNull(),
    ...lifecycle,
  },
  (table) => [index('recipes_by_name').on(table.archivedAt, table.name)],
);

export const photos = pgTable(
  'photos',
  {
    id: uuid('id').primaryKey(),
    ringId: uuid('ring_id')
      .notNull()
      .references(() => rings.id),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    part: text('part').notNull(),
    widthPx: integer('width_px').notNull(),
    heightPx: integer('height_px').notNull(),
    jpeg: bytes('jpeg').notNull(),
    ...lifecycle,
  },
  (table) => [
    oneOf('photos_part', table.part, PHOTO_PARTS),
    index('photos_by_ring').on(table.ringId, table.at),
  ],
);

export const settings = pgTable(
  'settings',
  {
    id: integer('id').primaryKey(),
    /** Settings that came later are missing from older rows. */
    data: jsonb('data').$type<Partial<Settings>>().notNull(),
  },
  (table) => [onlyRow('settings_only_row', table.id)],
);

export const people = pgTable(
  'people',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    email: text('email').notNull(),
    /** Everything else, as the contract names it. */
    details: jsonb('details').$type<Omit<PersonInput, 'id' | 'name' | 'email'>>().notNull(),
    ...lifecycle,
  },
  (table) => [index('people_by_name').on(table.archivedAt, table.name)],
);

export const sizers = pgTable(
  'sizers',
  {
    id: uuid('id').primaryKey(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id),
    sentOn: text('sent_on').notNull(),
    details: jsonb('details').$type<Omit<SizerInput, 'id' | 'personId' | 'sentOn'>>().notNull(),
    ...lifecycle,
  },
  (table) => [
    index('sizers_by_person').on(table.personId),
    index('sizers_by_day').on(table.archivedAt, table.sentOn),
  ],
);

/** What an order keeps beside its columns. */
type OrderDetails = Omit<
  OrderInput,
  'id' | 'personId' | 'name' | 'wantedBy' | 'planId' | 'ringId' | 'stockId' | 'sizerId'
>;

export const orders = pgTable(
  'orders',
  {
    id: uuid('id').primaryKey(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id),
    name: text('name').notNull(),
    wantedBy: text('wanted_by'),
    planId: uuid('plan_id').references(() => plans.id),
    ringId: uuid('ring_id').references(() => rings.id),
    stockId: uuid('stock_id').references(() => stock.id),
    sizerId: uuid('sizer_id').references(() => sizers.id),
    details: jsonb('details').$type<OrderDetails>().notNull(),
    ...lifecycle,
  },
  (table) => [
    index('orders_by_ring').on(table.ringId),
    index('orders_by_person').on(table.personId),
    index('orders_by_plan').on(table.planId),
    index('orders_by_stock').on(table.stockId),
    index('orders_by_sizer').on(table.sizerId),
    index('orders_by_age').on(table.archivedAt, table.createdAt),
    index('orders_by_date').on(table.wantedBy),
  ],
);

export const orderEvents = pgTable(
  'order_events',
  {
    id: uuid('id').primaryKey(),
    orderId: uuid('order_id')
      .notNull()
      .references(() => orders.id),
    /** Order of arrival. */
    seq: bigserial('seq', { mode: 'number' }).notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    body: jsonb('body').$type<OrderEventInput['body']>().notNull(),
  },
  (table) => [index('order_events_by_order').on(table.orderId, table.seq)],
);

export const scrap = pgTable(
  'scrap',
  {
    id: uuid('id').primaryKey(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    kind: text('kind').notNull(),
    metal: text('metal').notNull(),
    massG: doublePrecision('mass_g').notNull(),
    fineness: doublePrecision('fineness'),
    source: text('source').notNull(),
    ringId: uuid('ring_id').references(() => rings.id),
    meltedIntoId: uuid('melted_into_id').references((): AnyPgColumn => scrap.id),
    note: text('note').notNull(),
    ...lifecycle,
  },
  (table) => [
    oneOf('scrap_kind', table.kind, SCRAP_KINDS),
    oneOf('scrap_source', table.source, SCRAP_SOURCES),
    index('scrap_by_ring').on(table.ringId),
    index('scrap_by_button').on(table.meltedIntoId),
    index('scrap_by_time').on(table.archivedAt, table.at),
  ],
);

export const consumables = pgTable(
  'consumables',
  {
    id: text('id').primaryKey(),
    countedAmount: doublePrecision('counted_amount').notNull(),
    countedAt: timestamp('counted_at', { withTimezone: true, mode: 'string' }).notNull(),
    buyAtAmount: doublePrecision('buy_at_amount').notNull(),
    packAmount: doublePrecision('pack_amount').notNull(),
    packPrice: doublePrecision('pack_price').notNull(),
  },
  (table) => [oneOf('consumables_id', table.id, CONSUMABLE_IDS)],
);

export const messages = pgTable(
  'messages',
  {
    id: uuid('id').primaryKey(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    kind: text('kind').notNull(),
    personId: uuid('person_id')
      .notNull()
      .references(() => people.id),
    orderId: uuid('order_id').references(() => orders.id),
    toName: text('to_name').notNull(),
    toAddress: text('to_address').notNull(),
    subject: text('subject').notNull(),
    text: text('text').notNull(),
    /** The mail file as it would be sent. */
    eml: bytes('eml').notNull(),
  },
  (table) => [
    oneOf('messages_kind', table.kind, MESSAGE_KINDS),
    index('messages_by_time').on(table.at),
    index('messages_by_person').on(table.personId),
    index('messages_by_order').on(table.orderId),
  ],
);

/** Pictures that went with a letter, in the order they were attached. */
export const messagePhotos = pgTable(
  'message_photos',
  {
    messageId: uuid('message_id')
      .notNull()
      .references(() => messages.id),
    photoId: uuid('photo_id')
      .notNull()
      .references(() => photos.id),
    position: integer('position').notNull(),
  },
  (table) => [
    primaryKey({ columns: [table.messageId, table.photoId] }),
    index('message_photos_by_photo').on(table.photoId),
  ],
);

export const dayPlan = pgTable(
  'day_plan',
  {
    id: integer('id').primaryKey(),
    data: jsonb('data').$type<NonNullable<DayPlan['plan']>>().notNull(),
  },
  (table) => [onlyRow('day_plan_only_row', table.id)],
);
