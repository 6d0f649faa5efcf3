import { and, eq, isNull, or, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit, ringOutcomes, rings } from '../db/schema';
import { isoTime } from './resource';
import { ringsInFull } from './ring-summaries';
import { toolPasses } from './steps-done';

/** How often each tool was used in rings that are over, by their summaries; only since it was replaced last. */
async function passesOver(db: Database): Promise<ReadonlyMap<string, number>> {
  // A function may be joined to what stands before it.
  const used = sql`jsonb_each_text(coalesce(${ringOutcomes.summary}->'toolPasses', '{}'::jsonb)) as used`;
  const isSince = sql`coalesce(${rings.finishedAt}, ${rings.createdAt}) > ${kit.renewedAt}`;
  const rows = await db
    .select({
      toolId: sql<string>`used.key`,
      passes: sql<number>`sum(used.value::int)`.mapWith(Number),
    })
    .from(ringOutcomes)
    .innerJoin(rings, and(eq(rings.id, ringOutcomes.ringId), isNull(rings.archivedAt)))
    .innerJoin(used, sql`true`)
    .leftJoin(kit, sql`${kit.id}::text = used.key`)
    .where(or(isNull(kit.renewedAt), isSince))
    .groupBy(sql`used.key`);
  return new Map(rows.map(({ toolId, passes }) => [toolId, passes]));
}

/** How often each tool was used since it was replaced last, in rings that are over and in those at the bench. */
export async function readToolPasses(db: Database) {
  const passes = new Map(await passesOver(db));
  const inWork = await db
    .select({ id: rings.id })
    .from(rings)
    .where(and(eq(rings.status, 'in-work'), isNull(rings.archivedAt)));
  const renewed = new Map(
    (await db.select({ id: kit.id, at: kit.renewedAt }).from(kit)).map(({ id, at }) => [
      id,
      at === null ? undefined : isoTime(at),
    ]),
  );
  const ids = inWork.map(({ id }) => id);
  for await (const ring of ringsInFull(db, ids)) {
    for (const [toolId, count] of Object.entries(toolPasses(ring, (id) => renewed.get(id)))) {
      passes.set(toolId, (passes.get(toolId) ?? 0) + count);
    }
  }
  return { items: [...passes].map(([toolId, count]) => ({ toolId, passes: count })) };
}
