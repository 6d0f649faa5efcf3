import { approvalStep } from '@round-mint/core/trade';
import { count, eq, inArray, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { ringEvents, rings } from '../db/schema';
import { eventsFor, ringOf, stateOf } from './ring-store';

/** What was found of a ring, and from which log: the version of its row, its last event and how many there were. */
interface Found {
  readonly log: string;
  readonly isReached: boolean;
}

/** More rings are never in work at once that wait for somebody's word; the oldest is let go of first. */
const MOST_KEPT = 200;

/** Of rings in work: to follow one event by event takes longer than all else that a list of orders needs. */
const found = new Map<string, Found>();

function keep(ringId: string, one: Found): void {
  found.delete(ringId);
  found.set(ringId, one);
  const [oldest] = found.keys();
  if (found.size > MOST_KEPT && oldest !== undefined) found.delete(oldest);
}

/** What each ring's log comes to, as far as it tells whether anything was added. */
async function logsOf(db: Database, ringIds: readonly string[]): Promise<ReadonlyMap<string, string>> {
  const last = sql<string | null>`(array_agg(${ringEvents.id} order by ${ringEvents.seq} desc))[1]`;
  const rows = await db
    .select({ id: rings.id, version: rings.version, last, events: count(ringEvents.id) })
    .from(rings)
    .leftJoin(ringEvents, eq(ringEvents.ringId, rings.id))
    .where(inArray(rings.id, [...ringIds]))
    .groupBy(rings.id, rings.version);
  return new Map(rows.map(({ id, version, last: lastId, events }) => [id, `${version}|${lastId}|${events}`]));
}

/** Of rings in work: whether each has come to where it waits for its owner's word. */
export async function holdsReached(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, boolean>> {
  if (ringIds.length === 0) return new Map();
  const logs = await logsOf(db, ringIds);
  const changed = [...logs].flatMap(([id, log]) => (found.get(id)?.log === log ? [] : [id]));
  if (changed.length > 0) {
    const rows = await db.select().from(rings).where(inArray(rings.id, changed));
    const events = await eventsFor(db, changed);
    for (const row of rows) {
      const { steps, step } = stateOf(ringOf(row), events.get(row.id) ?? []);
      keep(row.id, {
        log: logs.get(row.id) ?? '',
        isReached: step >= (approvalStep(steps) ?? steps.length),
      });
    }
  }
  return new Map(
    [...logs.keys()].flatMap((id) => {
      const one = found.get(id);
      return one ? [[id, one.isReached] as const] : [];
    }),
  );
}
