import type { LogEntry } from '@round-mint/contract/log';
import type { Learnt, Renewal } from '@round-mint/core/learn';
import { and, asc, count, eq, getTableColumns, gt, inArray, isNotNull, isNull, max, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit, learnt, ringEvents, ringOutcomes, rings } from '../db/schema';
import type { Taught, TeachTask } from './teach';

const ONLY_ROW = 1;
/** So many lessons are read at once: few enough that other calls hardly wait. */
const LESSONS_A_PAGE = 100;

/** A ring whose lesson is to be worked out, and the mark it had when it was read. */
export interface Untaught extends Omit<TeachTask, 'kit'> {
  readonly seen: number;
}

const isUntaught = sql`${ringOutcomes.workedOut} is distinct from ${ringOutcomes.seen}`;

/** How many finished rings are still to be learnt from. */
export async function countUntaught(db: Database): Promise<number> {
  const [row] = await db.select({ n: count() }).from(ringOutcomes).where(isUntaught);
  return row?.n ?? 0;
}

/** A ring's events as JSON, in the order of the makers' clocks. */
const eventsText = sql<string>`coalesce((
  select json_agg(json_build_object('id', e.id, 'at', e.at, 'body', e.body) order by e.at, e.id)
  from ${ringEvents} e where e.ring_id = ${rings.id}), '[]')::text`;

/** Some of the rings that are still to be learnt from. */
export async function someUntaught(db: Database, most: number): Promise<readonly Untaught[]> {
  const { frozenPlan, ...columns } = getTableColumns(rings);
  // Chosen before they are joined: so the index of what is to do is all that is read when there is nothing.
  const toDo = db
    .select({ ringId: ringOutcomes.ringId, seen: ringOutcomes.seen })
    .from(ringOutcomes)
    .where(isUntaught)
    .orderBy(asc(ringOutcomes.ringId))
    .limit(most)
    .as('to_do');
  return db
    .select({
      seen: toDo.seen,
      ring: columns,
      plan: sql<string>`${frozenPlan}::text`,
      events: eventsText,
    })
    .from(toDo)
    .innerJoin(rings, eq(rings.id, toDo.ringId))
    .orderBy(asc(toDo.ringId));
}

/** How far the width came out from its plan, as a share of it; null where it was not read. */
function widthErrorOf({ actualWidthMm, predictedWidthMm }: LogEntry): number | null {
  return actualWidthMm === null ? null : actualWidthMm / predictedWidthMm - 1;
}

/** Writes down what came of a ring; where it has changed meanwhile, it stays to be worked out. */
export async function keepOutcome(
  db: Database,
  { seen, ring }: Untaught,
  { lesson, summary }: Pick<Taught, 'lesson' | 'summary'>,
): Promise<void> {
  const sums = {
    workedMin: summary?.workedMin ?? null,
    spoiltBy: summary?.spoiltBy ?? null,
    sizeErrorUs: summary?.log.sizeErrorUs ?? null,
    widthError: summary ? widthErrorOf(summary.log) : null,
  };
  await db
    .update(ringOutcomes)
    .set({
      lesson,
      summary,
      ...sums,
      workedOut: seen,
      summarised: seen,
      written: sql`nextval('row_version')`,
    })
    .where(eq(ringOutcomes.ringId, ring.id));
}

/**
 * The latest rings that are over and whose lessons are written down: those that are learnt from. What is older counts for
 * hardly anything, and would be read at every start.
 */
export async function latestTaught(db: Database, most: number): Promise<readonly string[]> {
  const rows = await db
    .select({ ringId: ringOutcomes.ringId })
    .from(ringOutcomes)
    .innerJoin(rings, eq(rings.id, ringOutcomes.ringId))
    .where(isNotNull(ringOutcomes.written))
    .orderBy(sql`${rings.finishedAt} desc nulls last`, asc(rings.id))
    .limit(most);
  return rows.map(({ ringId }) => ringId);
}

/** Lessons of some rings that were written down after a mark, in that order, a page of them. */
export async function lessonsAfter(db: Database, mark: number, ringIds: readonly string[]) {
  return db
    .select({
      ringId: ringOutcomes.ringId,
      written: sql<number>`${ringOutcomes.written}`.mapWith(Number),
      text: sql<string | null>`${ringOutcomes.lesson}::text`,
    })
    .from(ringOutcomes)
    .where(and(gt(ringOutcomes.written, mark), inArray(ringOutcomes.ringId, [...ringIds])))
    .orderBy(asc(ringOutcomes.written))
    .limit(LESSONS_A_PAGE);
}

/** What lessons are worked out with: changes whenever all of them are to be worked out anew. */
export async function withWhatNow(db: Database, program: string): Promise<string> {
  const [tools] = await db
    .select({ last: max(kit.updatedAt), count: count() })
    .from(kit)
    .where(isNull(kit.archivedAt));
  return JSON.stringify([program, tools]);
}

/** What is learnt from: changes whenever a lesson comes, goes or changes, or the maker wants other defaults. */
export async function fromWhatNow(
  db: Database,
  withWhat: string,
  keptStandard: readonly string[],
  renewals: readonly Renewal[],
): Promise<string> {
  const [known] = await db.select({ last: max(ringOutcomes.seen), count: count() }).from(ringOutcomes);
  return JSON.stringify([withWhat, known, keptStandard, renewals]);
}

/** What lessons came to last; null before the first time. */
export async function readLast(db: Database): Promise<Learnt | null> {
  const [row] = await db.select({ last: learnt.learnt }).from(learnt).where(eq(learnt.id, ONLY_ROW));
  return row?.last ?? null;
}

/** What was learnt from last, and with what; undefined before the first time. */
export async function lastLearntFrom(db: Database) {
  const { lessonsWith, learntFrom } = learnt;
  const [row] = await db.select({ lessonsWith, learntFrom }).from(learnt).where(eq(learnt.id, ONLY_ROW));
  return row;
}

/** Has every lesson worked out anew, by another version or with other tools; what was learnt stays until then. */
export async function forgetLessons(db: Database, withWhat: string): Promise<void> {
  const row = { lessonsWith: withWhat, learntFrom: null };
  await db.transaction(async (tx) => {
    await tx.update(ringOutcomes).set({ workedOut: null });
    await tx
      .insert(learnt)
      .values({ id: ONLY_ROW, ...row })
      .onConflictDoUpdate({ target: learnt.id, set: row });
  });
}

/** Writes down what lessons came to. @param from what it was learnt from */
export async function keepLearnt(db: Database, from: string, what: Learnt): Promise<void> {
  await db.update(learnt).set({ learntFrom: from, learnt: what }).where(eq(learnt.id, ONLY_ROW));
}
