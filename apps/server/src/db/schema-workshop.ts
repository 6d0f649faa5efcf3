import type { StoredDieChart } from '@round-mint/contract/die-charts';
import type { StoredTool } from '@round-mint/contract/kit';
import { PHOTO_PARTS } from '@round-mint/contract/photos';
import { PLAN_KINDS } from '@round-mint/contract/plans';
import type { StoredRecipe } from '@round-mint/contract/recipes';
import { RING_STATUSES, type FrozenPlan, type RingEventInput } from '@round-mint/contract/rings';
import type { Settings } from '@round-mint/contract/settings';
import type { HandleOutline, MustStay } from '@round-mint/contract/stock-faces';
import { COUNT_REASONS, EDGE_KINDS, OUTSIDE_FACES, type StockInput } from '@round-mint/contract/stock';
import { FACE_TURNS } from '@round-mint/core/faces';
import { COIN_FORMS } from '@round-mint/core/stock';
import { FINISHES } from '@round-mint/core/steps';
import { STOCK_KINDS } from '@round-mint/core/work';
import { sql } from 'drizzle-orm';
import {
  bigserial,
  check,
  doublePrecision,
  index,
  integer,
  jsonb,
  pgTable,
  text,
  timestamp,
  uuid,
  type AnyPgColumn,
} from 'drizzle-orm/pg-core';
import { bytes, drawnVersion, lifecycle, oneOf, onlyRow, version } from './schema-columns';

/**
 * Pictures of faces. One never changes: another picture is another row, and the piece says which of them is its own, so
 * that the one before can be taken back.
 */
export const faces = pgTable(
  'faces',
  {
    id: uuid('id').primaryKey(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    sidePx: integer('side_px').notNull(),
    jpeg: bytes('jpeg').notNull(),
    version: drawnVersion('version'),
  },
  (table) => [index('faces_by_version').on(table.version)],
);

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
    faceTurn: text('face_turn').notNull().default('medal'),
    mustStay: jsonb('must_stay').$type<readonly MustStay[]>().notNull().default([]),
    obverseFaceId: uuid('obverse_face_id').references(() => faces.id),
    reverseFaceId: uuid('reverse_face_id').references(() => faces.id),
    /** Of handles: their picture from above, and how far they reach beside their middle line. */
    topFaceId: uuid('top_face_id').references(() => faces.id),
    topOutline: jsonb('top_outline').$type<HandleOutline>(),
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
    oneOf('stock_face_turn', table.faceTurn, FACE_TURNS),
    check('stock_quantity', sql`${table.quantity} >= 0`),
    index('stock_by_name').on(table.archivedAt, table.name, table.id),
    index('stock_by_metal').on(table.metal),
    index('stock_by_year').on(table.year),
    index('stock_by_version').on(table.version),
  ],
);

/** How the count of a piece came to be what it is: what was bought, counted, taken to the bench and given back. */
export const stockCounts = pgTable(
  'stock_counts',
  {
    id: uuid('id').primaryKey(),
    stockId: uuid('stock_id')
      .notNull()
      .references(() => stock.id),
    /** Order of arrival. */
    seq: bigserial('seq', { mode: 'number' }).notNull(),
    at: timestamp('at', { withTimezone: true, mode: 'string' }).notNull(),
    change: integer('change').notNull(),
    why: text('why').notNull(),
    ringId: uuid('ring_id').references((): AnyPgColumn => rings.id),
  },
  (table) => [
    oneOf('stock_counts_why', table.why, COUNT_REASONS),
    index('stock_counts_by_stock').on(table.stockId, table.seq),
    index('stock_counts_by_ring').on(table.ringId),
    index('stock_counts_by_seq').on(table.seq),
  ],
);

export const kit = pgTable(
  'kit',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    spec: jsonb('spec').$type<StoredTool['spec']>().notNull(),
    /** All that happened to it. */
    history: jsonb('history').$type<StoredTool['history']>().notNull().default([]),
    /** Follows from that. */
    renewedAt: timestamp('renewed_at', { withTimezone: true, mode: 'string' }),
    ...lifecycle,
  },
  (table) => [
    index('kit_by_age').on(table.archivedAt, table.createdAt),
    index('kit_by_version').on(table.version),
  ],
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
    index('plans_by_version').on(table.version),
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
  (table) => [
    index('die_charts_by_pusher').on(table.archivedAt, table.pusherMm),
    index('die_charts_by_version').on(table.version),
  ],
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
    /** Of the plan, what lists show: they need not read the rest. */
    stockName: text('stock_name').generatedAlwaysAs(sql`frozen_plan ->> 'stockName'`),
    kind: text('kind').generatedAlwaysAs(sql`coalesce(frozen_plan ->> 'kind', 'coin')`),
    targetInsideDiameterMm: doublePrecision('target_inside_diameter_mm').generatedAlwaysAs(
      sql`(frozen_plan #>> '{prediction,targetInsideDiameterMm}')::double precision`,
    ),
    finishedAt: timestamp('finished_at', { withTimezone: true, mode: 'string' }),
    ...lifecycle,
  },
  (table) => [
    oneOf('rings_status', table.status, RING_STATUSES),
    index('rings_by_status').on(table.status, table.createdAt),
    index('rings_by_age').on(table.archivedAt, table.createdAt.desc().nullsFirst(), table.id),
    index('rings_by_finish').on(
      table.archivedAt,
      table.status,
      table.finishedAt.desc().nullsLast(),
      table.id,
    ),
    index('rings_by_plan').on(table.planId),
    index('rings_by_stock').on(table.stockId),
    index('rings_by_version').on(table.version),
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
    index('ring_events_by_seq').on(table.seq),
  ],
);

export const recipes = pgTable(
  'recipes',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    note: text('note').notNull(),
    steps: jsonb('steps').$type<StoredRecipe['steps']>().notNull(),
    ...lifecycle,
  },
  (table) => [
    index('recipes_by_name').on(table.archivedAt, table.name),
    index('recipes_by_version').on(table.version),
  ],
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
    index('photos_by_version').on(table.version),
  ],
);

export const settings = pgTable(
  'settings',
  {
    id: integer('id').primaryKey(),
    /** Settings that came later are missing from older rows. */
    data: jsonb('data').$type<Partial<Settings>>().notNull(),
    version: version(),
  },
  (table) => [onlyRow('settings_only_row', table.id)],
);
