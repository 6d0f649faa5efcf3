import {
  bigserial,
  customType,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  uuid,
} from 'drizzle-orm/pg-core';

/** Every stored thing has these; archiving it only sets `archivedAt`, so that it can be brought back. */
const lifecycle = {
  createdAt: timestamp('created_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  archivedAt: timestamp('archived_at', { withTimezone: true, mode: 'string' }),
};

export const stock = pgTable('stock', {
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
  shape: jsonb('shape'),
  evidence: jsonb('evidence'),
  ...lifecycle,
});

export const kit = pgTable('kit', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  spec: jsonb('spec').notNull(),
  ...lifecycle,
});

export const plans = pgTable('plans', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  stockId: uuid('stock_id')
    .notNull()
    .references(() => stock.id),
  targetInsideDiameterMm: doublePrecision('target_inside_diameter_mm').notNull(),
  finish: text('finish').notNull(),
  kind: text('kind').notNull().default('coin'),
  /** What this kind of work leaves to choose, as the contract names it. */
  choices: jsonb('choices').notNull(),
  ...lifecycle,
});

export const dieCharts = pgTable('die_charts', {
  id: uuid('id').primaryKey(),
  metal: text('metal').notNull(),
  coinDiameterMm: doublePrecision('coin_diameter_mm').notNull(),
  die: text('die').notNull(),
  pusherMm: doublePrecision('pusher_mm').notNull(),
  observations: jsonb('observations').notNull(),
  ...lifecycle,
});

export const rings = pgTable('rings', {
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
  frozenPlan: jsonb('frozen_plan').notNull(),
  finishedAt: timestamp('finished_at', { withTimezone: true, mode: 'string' }),
  ...lifecycle,
});

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
    body: jsonb('body').notNull(),
  },
  (table) => [index('ring_events_by_ring').on(table.ringId, table.seq)],
);

/** A file as it is. */
const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });

export const recipes = pgTable('recipes', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  note: text('note').notNull(),
  steps: jsonb('steps').notNull(),
  ...lifecycle,
});

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
  (table) => [index('photos_by_ring').on(table.ringId, table.at)],
);

export const settings = pgTable('settings', {
  id: integer('id').primaryKey(),
  data: jsonb('data').notNull(),
});

export const people = pgTable('people', {
  id: uuid('id').primaryKey(),
  name: text('name').notNull(),
  email: text('email').notNull(),
  /** Everything else, as the contract names it. */
  details: jsonb('details').notNull(),
  ...lifecycle,
});

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
    details: jsonb('details').notNull(),
    ...lifecycle,
  },
  (table) => [index('orders_by_ring').on(table.ringId)],
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
    body: jsonb('body').notNull(),
  },
  (table) => [index('order_events_by_order').on(table.orderId, table.seq)],
);

export const sizers = pgTable('sizers', {
  id: uuid('id').primaryKey(),
  personId: uuid('person_id')
    .notNull()
    .references(() => people.id),
  sentOn: text('sent_on').notNull(),
  details: jsonb('details').notNull(),
  ...lifecycle,
});

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
    meltedIntoId: uuid('melted_into_id'),
    note: text('note').notNull(),
    ...lifecycle,
  },
  (table) => [index('scrap_by_ring').on(table.ringId)],
);

export const consumables = pgTable('consumables', {
  id: text('id').primaryKey(),
  countedAmount: doublePrecision('counted_amount').notNull(),
  countedAt: timestamp('counted_at', { withTimezone: true, mode: 'string' }).notNull(),
  buyAtAmount: doublePrecision('buy_at_amount').notNull(),
  packAmount: doublePrecision('pack_amount').notNull(),
  packPrice: doublePrecision('pack_price').notNull(),
});

export const messages = pgTable('messages', {
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
  photoIds: jsonb('photo_ids').notNull(),
  /** The mail file as it would be sent. */
  eml: bytes('eml').notNull(),
});

export const dayPlan = pgTable('day_plan', {
  id: integer('id').primaryKey(),
  data: jsonb('data').notNull(),
});
