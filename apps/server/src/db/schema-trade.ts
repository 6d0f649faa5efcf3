import type { DayPlan } from '@round-mint/contract/day-plan';
import type { DiscountInput } from '@round-mint/contract/discounts';
import type { OrderEventInput, OrderInput } from '@round-mint/contract/orders';
import { MESSAGE_KINDS } from '@round-mint/contract/outbox';
import type { PersonInput } from '@round-mint/contract/people';
import type { StoredShelfRing } from '@round-mint/contract/shelf';
import type { SizerInput } from '@round-mint/contract/sizers';
import {
  APPROVALS,
  CONSUMABLE_IDS,
  ORDER_STATES,
  SCRAP_KINDS,
  SCRAP_SOURCES,
  SHELF_STATES,
  type Approval,
  type OrderState,
  type ShelfState,
} from '@round-mint/core/trade';
import { sql } from 'drizzle-orm';
import {
  bigserial,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  primaryKey,
  text,
  timestamp,
  uniqueIndex,
  uuid,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';
import { bytes, lifecycle, oneOf, onlyRow, version } from './schema-columns';
import { photos, plans, rings, stock } from './schema-workshop';

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
  (table) => [
    index('people_by_name').on(table.archivedAt, table.name, table.id),
    index('people_by_version').on(table.version),
  ],
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
    index('sizers_by_version').on(table.version),
  ],
);

export const discounts = pgTable(
  'discounts',
  {
    id: uuid('id').primaryKey(),
    code: text('code').notNull(),
    details: jsonb('details').$type<Omit<DiscountInput, 'id' | 'code'>>().notNull(),
    ...lifecycle,
  },
  (table) => [
    // A code is one discount, however it is written.
    uniqueIndex('discounts_by_code')
      .on(sql`upper(${table.code})`)
      .where(sql`${table.archivedAt} is null`),
    index('discounts_by_version').on(table.version),
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
    index('orders_by_age').on(table.archivedAt, table.createdAt.desc().nullsFirst(), table.id),
    index('orders_by_date').on(table.wantedBy),
    index('orders_by_version').on(table.version),
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
  (table) => [
    index('order_events_by_order').on(table.orderId, table.seq),
    index('order_events_by_seq').on(table.seq),
  ],
);

/**
 * Where each order stands by its events: kept by the database whenever one comes, so that lists need not follow them
 * again. No backup holds it.
 */
export const orderStandings = pgTable(
  'order_standings',
  {
    orderId: uuid('order_id')
      .primaryKey()
      .references(() => orders.id, { onDelete: 'cascade' }),
    state: text('state').$type<OrderState>().notNull(),
    approval: text('approval').$type<Approval>().notNull(),
    /** When something happened last; null where nothing has. */
    lastAt: timestamp('last_at', { withTimezone: true, mode: 'string' }),
  },
  (table) => [
    oneOf('order_standings_state', table.state, ORDER_STATES),
    oneOf('order_standings_approval', table.approval, APPROVALS),
    index('order_standings_by_state').on(table.state),
  ],
);

/** Rings that nobody ordered: what happened to each on the shelf, and where that has brought it. */
export const shelf = pgTable(
  'shelf',
  {
    id: uuid('id').primaryKey(),
    ringId: uuid('ring_id')
      .notNull()
      .references(() => rings.id),
    /** Follows from the events, as the next two columns do: lists go by them. */
    state: text('state').$type<ShelfState>().notNull(),
    /** The order that it was sold by. */
    orderId: uuid('order_id').references(() => orders.id),
    goneAt: timestamp('gone_at', { withTimezone: true, mode: 'string' }),
    story: text('story').notNull(),
    texts: jsonb('texts').$type<StoredShelfRing['texts']>(),
    events: jsonb('events').$type<StoredShelfRing['events']>().notNull(),
    ...lifecycle,
  },
  (table) => [
    oneOf('shelf_state', table.state, SHELF_STATES),
    // A ring lies on it once.
    uniqueIndex('shelf_by_ring')
      .on(table.ringId)
      .where(sql`${table.archivedAt} is null`),
    index('shelf_by_order').on(table.orderId),
    index('shelf_by_state').on(table.archivedAt, table.state, table.createdAt),
    index('shelf_by_version').on(table.version),
  ],
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
    index('scrap_by_version').on(table.version),
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
    version: version(),
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
    version: version(),
  },
  (table) => [
    oneOf('messages_kind', table.kind, MESSAGE_KINDS),
    index('messages_by_time').on(table.at),
    index('messages_by_person').on(table.personId),
    index('messages_by_order').on(table.orderId),
    index('messages_by_version').on(table.version),
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
    version: version(),
  },
  (table) => [onlyRow('day_plan_only_row', table.id)],
);
