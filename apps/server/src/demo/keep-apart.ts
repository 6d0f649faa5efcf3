import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit, rings, stock } from '../db/schema';
import { changeWorkshop, readWorkshop } from '../services/workshop';
import { DEMO_COINS } from './stock';

/** Whose workshop a database holds; an empty one is nobody's yet. */
async function holds(db: Database): Promise<'nothing' | 'made-up' | 'own'> {
  const { madeUp } = await readWorkshop(db);
  if (madeUp !== null) return madeUp ? 'made-up' : 'own';
  // A folder from before this was written down: invented pieces have ids of their own.
  const [first] = DEMO_COINS;
  const [invented] = first
    ? await db.select({ id: stock.id }).from(stock).where(eq(stock.id, first.id)).limit(1)
    : [];
  if (invented) return 'made-up';
  const found = await Promise.all(
    [stock, kit, rings].map((table) => db.select({ id: table.id }).from(table).limit(1)),
  );
  return found.some((rows) => rows.length > 0) ? 'own' : 'nothing';
}

/**
 * The made-up workshop and a maker's own are never mixed: each command opens its own kind of folder.
 * What it holds is written down at the first opening, so that whoever takes the made-up one's archive in keeps theirs.
 * @throws Error in words that tell which command opens this one
 */
export async function keepApart(db: Database, demo: boolean): Promise<void> {
  const held = await holds(db);
  if (demo && held === 'own') {
    throw new Error(
      'This folder holds a workshop of your own: “npm start” opens it. Set DATA_DIR to another for the made-up one.',
    );
  }
  if (!demo && held === 'made-up') {
    throw new Error(
      'This folder holds the made-up workshop: “npm run demo” opens it. Set DATA_DIR to another for your own.',
    );
  }
  await changeWorkshop(db, { madeUp: demo });
}
