import type { RingWithEvents } from '@round-mint/contract/rings';
import { eq, and, inArray } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { ringOutcomes, rings } from '../db/schema';
import { inGroups } from './in-groups';
import { eventsFor, ringOf } from './ring-store';
import { ringSummarySchema, summaryOf, type RingSummary } from './ring-summary';

/** So many are read at once: few enough that other calls hardly wait. */
const SUMMARIES_AT_ONCE = 100;
const RINGS_AT_ONCE = 4;

/** Summaries of rings that are over, as far as they are worked out and still hold. */
export async function knownSummaries(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, RingSummary>> {
  const known = new Map<string, RingSummary>();
  for (const ids of inGroups(ringIds, SUMMARIES_AT_ONCE)) {
    const rows = await db
      .select({ id: ringOutcomes.ringId, summary: ringOutcomes.summary })
      .from(ringOutcomes)
      .where(and(inArray(ringOutcomes.ringId, [...ids]), eq(ringOutcomes.summarised, ringOutcomes.seen)));
    for (const { id, summary } of rows) {
      const parsed = ringSummarySchema.safeParse(summary);
      if (parsed.success) known.set(id, parsed.data);
    }
    await setImmediate();
  }
  return known;
}

/** Rings with all that they are, a few at a time. */
export async function* ringsInFull(db: Database, ringIds: readonly string[]): AsyncGenerator<RingWithEvents> {
  for (const ids of inGroups(ringIds, RINGS_AT_ONCE)) {
    const rows = await db
      .select()
      .from(rings)
      .where(inArray(rings.id, [...ids]));
    const events = await eventsFor(db, ids);
    for (const row of rows) yield { ...ringOf(row), events: events.get(row.id) ?? [] };
    await setImmediate();
  }
}

/** Summaries of rings, in the order asked for; those that are not worked out yet are made here. */
export async function summariesOf(db: Database, ringIds: readonly string[]): Promise<readonly RingSummary[]> {
  const known = new Map(await knownSummaries(db, ringIds));
  const missing = ringIds.filter((id) => !known.has(id));
  for await (const ring of ringsInFull(db, missing)) known.set(ring.id, summaryOf(ring));
  return ringIds.flatMap((id) => known.get(id) ?? []);
}
