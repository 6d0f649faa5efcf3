import { ARCHIVE_PARTS, type ArchivePart } from '@round-mint/contract/archive-zip';
import type { Message } from '@round-mint/contract/outbox';
import type { Ring } from '@round-mint/contract/rings';
import {
  consumables,
  dayPlan,
  dieCharts,
  faces,
  kit,
  messages,
  orderEvents,
  orders,
  people,
  photos,
  plans,
  recipes,
  ringEvents,
  rings,
  scrap,
  settings,
  shelf,
  discounts,
  sizers,
  stock,
  stockCounts,
} from '../db/schema';
import { storedSupply } from '../services/consumables';
import { faceOf } from '../services/faces';
import { exactTime } from '../services/event-clock';
import { cleanJpeg } from '../services/jpeg';
import { orderEventOf } from '../services/orders';
import { attachPhotos, messageOf, SHOWN_OF_MESSAGE } from '../services/outbox';
import { photoOf } from '../services/photos';
import {
  orderRow,
  personRow,
  planRow,
  shelfRow,
  discountRow,
  sizerRow,
  stockItem,
  stockRow,
  storedDieChart,
  storedOrder,
  storedPerson,
  storedPlan,
  storedRecipe,
  storedScrap,
  storedShelfRing,
  storedDiscount,
  storedSizer,
  storedTool,
  toolRow,
} from '../services/stored-rows';
import { eventOf, ringOf } from '../services/ring-store';
import { countOf } from '../services/stock-counts';
import { archiveTable, withLife, type ArchiveTable, type Row } from './archive-table';

const asItIs = (item: object): Row => ({ ...item });

function ringRow({
  id,
  planId,
  stockId,
  name,
  status,
  createdAt,
  finishedAt,
  version: _version,
  ...frozenPlan
}: Ring): Row {
  return { id, planId, stockId, name, status, createdAt, finishedAt, frozenPlan };
}

/** A ring holds its whole route: fewer of them make a page. */
const RINGS_A_PAGE = 15;

const TABLES: Readonly<Record<ArchivePart, ArchiveTable>> = {
  settings: archiveTable({
    part: 'settings',
    table: settings,
    toItem: ({ id, data }: typeof settings.$inferSelect) => ({ id, data }),
    toRow: asItIs,
  }),
  faces: archiveTable({
    part: 'faces',
    table: faces,
    toItem: faceOf,
    toRow: asItIs,
    file: {
      column: faces.jpeg,
      folder: 'faces',
      ending: 'jpg',
      compress: false,
      toRow: (bytes) => ({ jpeg: cleanJpeg(bytes).jpeg }),
    },
  }),
  stock: archiveTable({ part: 'stock', table: stock, toItem: stockItem, toRow: withLife(stockRow) }),
  kit: archiveTable({ part: 'kit', table: kit, toItem: storedTool, toRow: withLife(toolRow) }),
  plans: archiveTable({ part: 'plans', table: plans, toItem: storedPlan, toRow: withLife(planRow) }),
  dieCharts: archiveTable({
    part: 'dieCharts',
    table: dieCharts,
    toItem: storedDieChart,
    toRow: withLife(asItIs),
  }),
  recipes: archiveTable({ part: 'recipes', table: recipes, toItem: storedRecipe, toRow: withLife(asItIs) }),
  rings: archiveTable({
    part: 'rings',
    table: rings,
    toItem: ringOf,
    toRow: ringRow,
    pageRows: RINGS_A_PAGE,
  }),
  stockCounts: archiveTable({
    part: 'stockCounts',
    table: stockCounts,
    position: stockCounts.seq,
    toItem: (row: typeof stockCounts.$inferSelect) => ({ stockId: row.stockId, ...countOf(row) }),
    toRow: asItIs,
    owner: { part: 'stock', field: 'stockId' },
  }),
  events: archiveTable({
    part: 'events',
    table: ringEvents,
    position: ringEvents.seq,
    toItem: (row: typeof ringEvents.$inferSelect) => ({
      ...{ ringId: row.ringId, ...eventOf(row) },
      at: exactTime(row.at),
    }),
    toRow: asItIs,
    owner: { part: 'rings', field: 'ringId' },
  }),
  photos: archiveTable({
    part: 'photos',
    table: photos,
    toItem: photoOf,
    toRow: asItIs,
    owner: { part: 'rings', field: 'ringId' },
    file: {
      column: photos.jpeg,
      folder: 'photos',
      ending: 'jpg',
      compress: false,
      toRow: (bytes) => ({ ...cleanJpeg(bytes) }),
    },
  }),
  people: archiveTable({ part: 'people', table: people, toItem: storedPerson, toRow: withLife(personRow) }),
  sizers: archiveTable({ part: 'sizers', table: sizers, toItem: storedSizer, toRow: withLife(sizerRow) }),
  discounts: archiveTable({
    part: 'discounts',
    table: discounts,
    toItem: storedDiscount,
    toRow: withLife(discountRow),
  }),
  orders: archiveTable({ part: 'orders', table: orders, toItem: storedOrder, toRow: withLife(orderRow) }),
  orderEvents: archiveTable({
    part: 'orderEvents',
    table: orderEvents,
    position: orderEvents.seq,
    toItem: (row: typeof orderEvents.$inferSelect) => ({
      ...{ orderId: row.orderId, ...orderEventOf(row) },
      at: exactTime(row.at),
    }),
    toRow: asItIs,
    owner: { part: 'orders', field: 'orderId' },
  }),
  shelf: archiveTable({ part: 'shelf', table: shelf, toItem: storedShelfRing, toRow: withLife(shelfRow) }),
  scrap: archiveTable({ part: 'scrap', table: scrap, toItem: storedScrap, toRow: withLife(asItIs) }),
  consumables: archiveTable({
    part: 'consumables',
    table: consumables,
    toItem: storedSupply,
    toRow: asItIs,
  }),
  messages: archiveTable({
    part: 'messages',
    table: messages,
    columns: { ...SHOWN_OF_MESSAGE, version: messages.version },
    toItem: messageOf,
    toRow: ({ photoIds: _photoIds, ...message }: Message) => message,
    file: {
      column: messages.eml,
      folder: 'messages',
      ending: 'eml',
      compress: true,
      toRow: (eml) => ({ eml }),
    },
    onTaken: (tx, { id, photoIds }: Message) => attachPhotos(tx, id, photoIds),
  }),
  dayPlan: archiveTable({
    part: 'dayPlan',
    table: dayPlan,
    toItem: ({ id, data }: typeof dayPlan.$inferSelect) => ({ id, data }),
    toRow: asItIs,
  }),
};

/** Every table that goes into an archive: what a thing refers to stands before it. */
export const ARCHIVE_TABLES: readonly ArchiveTable[] = ARCHIVE_PARTS.map((part) => TABLES[part]);
