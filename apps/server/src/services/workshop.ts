import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { workshop } from '../db/schema';

const ONLY_ROW = 1;

/** What a workshop knows of itself. */
export type WorkshopRow = typeof workshop.$inferSelect;

/** The workshop's own row, made when it is asked for first. */
export async function readWorkshop(db: Database): Promise<WorkshopRow> {
  await db.insert(workshop).values({ id: ONLY_ROW }).onConflictDoNothing();
  const [row] = await db.select().from(workshop).where(eq(workshop.id, ONLY_ROW));
  if (!row) throw new Error('the workshop’s own row is missing');
  return row;
}

/** Changes what a workshop knows of itself. */
export async function changeWorkshop(
  db: Database,
  patch: Partial<Omit<WorkshopRow, 'id' | 'key'>>,
): Promise<WorkshopRow> {
  const before = await readWorkshop(db);
  if (Object.keys(patch).length === 0) return before;
  const [row] = await db.update(workshop).set(patch).where(eq(workshop.id, ONLY_ROW)).returning();
  if (!row) throw new Error('the workshop’s own row is missing');
  return row;
}
