import { z } from 'zod';
import { idSchema, timeSchema } from './common';
import { storedSupplySchema } from './consumables';
import { savedDayPlanSchema } from './day-plan';
import { dieChartSchema } from './die-charts';
import { discountSchema } from './discounts';
import { storedToolSchema } from './kit';
import { archivedOrderSchema, orderEventSchema } from './orders';
import { messageSchema } from './outbox';
import { personSchema } from './people';
import { photoSchema } from './photos';
import { planSchema } from './plans';
import { recipeSchema } from './recipes';
import { ringEventSchema, ringSchema } from './rings';
import { scrapSchema } from './scrap';
import { settingsSchema } from './settings';
import { storedShelfRingSchema } from './shelf';
import { sizerSchema } from './sizers';
import { countSchema, stockItemSchema } from './stock';
import { storedFaceSchema } from './stock-faces';

/** A row that there is one of. */
function only<T extends z.ZodType>(data: T) {
  return z.strictObject({ id: z.literal(1), data });
}

/**
 * The tables of an archive of format 2, each a file of lines; what a thing refers to stands in a table before its own
 * (docs/formats.md).
 */
export const ARCHIVE_ITEMS = {
  settings: only(settingsSchema.partial()),
  faces: storedFaceSchema,
  stock: stockItemSchema,
  kit: storedToolSchema,
  plans: planSchema,
  dieCharts: dieChartSchema,
  recipes: recipeSchema,
  rings: ringSchema,
  stockCounts: countSchema.extend({ stockId: idSchema }),
  events: ringEventSchema.extend({ ringId: idSchema }),
  photos: photoSchema,
  people: personSchema,
  sizers: sizerSchema,
  discounts: discountSchema,
  orders: archivedOrderSchema,
  orderEvents: orderEventSchema.extend({ orderId: idSchema }),
  shelf: storedShelfRingSchema,
  scrap: scrapSchema,
  consumables: storedSupplySchema,
  messages: messageSchema,
  dayPlan: only(savedDayPlanSchema),
} as const;

export type ArchivePart = keyof typeof ARCHIVE_ITEMS;
export const ARCHIVE_PARTS = Object.keys(ARCHIVE_ITEMS) as readonly ArchivePart[];
export const archivePartSchema = z.enum(ARCHIVE_PARTS as [ArchivePart, ...ArchivePart[]]);

/** One number for each table. */
export const partCountsSchema = z.partialRecord(archivePartSchema, z.number().int().min(0));

/** The last file of an archive of format 2: what it holds, and when all of that was so. */
export const archiveManifestSchema = z.object({
  format: z.literal('round-mint-archive'),
  version: z.literal(2),
  exportedAt: timeSchema,
  /** Of the program that wrote it. */
  program: z.string(),
  counts: partCountsSchema,
});
export type ArchiveManifest = z.infer<typeof archiveManifestSchema>;
export type PartCounts = z.infer<typeof partCountsSchema>;

const lineSchema = z.looseObject({ archivedAt: timeSchema.nullable().default(null) });

/**
 * A line of a table: the thing as its call answers it, and when it was archived.
 * @param json the line, read
 * @throws ZodError for what is not a thing of that table
 */
export function readArchiveLine(part: ArchivePart, json: unknown) {
  const { archivedAt, ...item } = lineSchema.parse(json);
  return { archivedAt, item: ARCHIVE_ITEMS[part].parse(item) };
}
